import { Module } from '@nestjs/common';
import { ColourCards, ColourCardsController } from './colourCards.ts';
import { DocumentsModule } from '../documents/documents.module.ts';
import { JobColours, JobColoursController } from './jobColours.ts';
import { Parts, PartsController } from './parts.ts';

@Module({
  imports: [DocumentsModule],
  controllers: [JobColoursController, ColourCardsController, PartsController],
  providers: [JobColours, ColourCards, Parts],
  exports: [JobColours, ColourCards, Parts],
})
export class ColoursModule {}
