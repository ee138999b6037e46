import { Global, Module } from '@nestjs/common';
import { Ledger } from '../ledger/ledger.service.ts';
import { Writes } from './writes.service.ts';

@Global()
@Module({ providers: [Writes, Ledger], exports: [Writes, Ledger] })
export class WritesModule {}
