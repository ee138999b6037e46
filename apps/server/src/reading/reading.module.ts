import { Global, Module } from '@nestjs/common';
import { Derived } from './derived.ts';

/** What is derived from records, under every capability that shows it. */
@Global()
@Module({ providers: [Derived], exports: [Derived] })
export class ReadingModule {}
