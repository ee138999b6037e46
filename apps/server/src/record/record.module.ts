import { Global, Module } from '@nestjs/common';
import { CarryForward } from './carryForward.ts';
import { Ledger } from './ledger.service.ts';
import { Writes } from './writes.service.ts';

/** Reading and writing rows, under every capability. */
@Global()
@Module({ providers: [Writes, Ledger, CarryForward], exports: [Writes, Ledger, CarryForward] })
export class RecordModule {}
