import { Module } from '@nestjs/common';
import { Shopping, ShoppingController } from './shopping.ts';

@Module({
  controllers: [ShoppingController],
  providers: [Shopping],
})
export class ShoppingModule {}
