import { Module } from '@nestjs/common';
import { LedgerController } from './ledger.controller.ts';

@Module({
  controllers: [LedgerController],
})
export class LedgerModule {}
