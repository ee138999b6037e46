import { Module } from '@nestjs/common';
import { Rules, RulesController } from './rules.ts';

@Module({
  controllers: [RulesController],
  providers: [Rules],
})
export class RulesModule {}
