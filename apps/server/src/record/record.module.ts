import { Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { CarryForward } from './carryForward.ts';
import { databaseOptions } from './options.ts';
import { PhotoStore } from './photos/photoStore.ts';
import { StartTurn } from './startTurn.ts';
import { Ledger } from './ledger.service.ts';
import { Writes } from './writes.service.ts';

const PARTS = [Writes, Ledger, CarryForward, StartTurn, PhotoStore];

/** The database, and reading and writing its rows, under every capability. */
@Global()
@Module({
  imports: [
    TypeOrmModule.forRootAsync({ useFactory: () => ({ ...databaseOptions(), retryAttempts: 5, retryDelay: 500 }) }),
  ],
  providers: PARTS,
  exports: PARTS,
})
export class RecordModule {}
