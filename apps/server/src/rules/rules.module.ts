import { Module } from '@nestjs/common';
import { LogoController } from './logo.ts';
import { Rules, RulesController } from './rules.ts';

@Module({
  controllers: [LogoController, RulesController],
  providers: [Rules],
})
export class RulesModule {}
