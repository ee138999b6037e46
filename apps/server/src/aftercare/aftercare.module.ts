import { Module } from '@nestjs/common';
import { Aftercare, AftercareController } from './aftercare.ts';
import { HeldController, HeldRecord } from './held.ts';
import { Letters, LettersController } from './letters.ts';
import { Visits, VisitsController } from './visits.ts';

@Module({
  controllers: [AftercareController, HeldController, LettersController, VisitsController],
  providers: [Aftercare, HeldRecord, Letters, Visits],
  exports: [Aftercare, Letters, Visits],
})
export class AftercareModule {}
