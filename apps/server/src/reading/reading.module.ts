import { Global, Module } from '@nestjs/common';
import { Derived } from './derived.ts';
import { FirmAnswers } from './firmAnswers.ts';

/** What is derived from records, under every capability that shows it. */
@Global()
@Module({ providers: [Derived, FirmAnswers], exports: [Derived, FirmAnswers] })
export class ReadingModule {}
