import { Global, Module } from '@nestjs/common';
import { CarryForward } from './carryForward.ts';
import { PhotoStore } from './photos/photoStore.ts';
import { StartTurn } from './startTurn.ts';
import { Ledger } from './ledger.service.ts';
import { Writes } from './writes.service.ts';

const PARTS = [Writes, Ledger, CarryForward, StartTurn, PhotoStore];

/** Reading and writing rows, under every capability. */
@Global()
@Module({ providers: PARTS, exports: PARTS })
export class RecordModule {}
