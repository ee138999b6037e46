import { Module } from '@nestjs/common';
import { ColourCards, ColourCardsController } from './colourCards.ts';
import { JobColours, JobColoursController } from './jobColours.ts';

@Module({
  controllers: [JobColoursController, ColourCardsController],
  providers: [JobColours, ColourCards],
  exports: [JobColours, ColourCards],
})
export class ColoursModule {}
