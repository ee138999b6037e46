import { Module } from '@nestjs/common';
import { PracticeCases, PracticeCasesController } from './cases.ts';
import { Practice, PracticeController } from './practice.ts';

@Module({ controllers: [PracticeController, PracticeCasesController], providers: [Practice, PracticeCases] })
export class PracticeModule {}
