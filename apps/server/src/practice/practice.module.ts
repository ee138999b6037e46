import { Module } from '@nestjs/common';
import { Practice, PracticeController } from './practice.ts';

@Module({ controllers: [PracticeController], providers: [Practice] })
export class PracticeModule {}
