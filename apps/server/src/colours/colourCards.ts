import { Body, ConflictException, Controller, Get, Injectable, Param, Put, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { chipsNear, holdsWords } from '@rustic/core';
import { ColourCardEntity } from '../record/colourEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { cardAnswer, cardKept, cardsPage, chipsAnswer, nearChips } from '../answers/colours.ts';
import { Sender } from '../people/session.ts';
import { ColourCardBody, ColoursAsked, NearAsked } from './colours.dto.ts';

/** No more chips than this are looked through by eye. */
const MOST_CHIPS = 24;

/** The cards that a firm keeps, by their names. */
export const cardsKept = (scope: FirmScope): Promise<ColourCardEntity[]> =>
  scope.find(ColourCardEntity, { kept: true }, { name: 'ASC', id: 'ASC' });

/** The colour cards that a firm keeps, and the chips on them. */
@Injectable()
export class ColourCards {
  constructor(private readonly writes: Writes) {}

  async all(who: Who) {
    const cards = await cardsKept(this.writes.reading(who));
    return { cards: cards.map(({ colours, ...card }) => ({ ...card, count: colours.length })) };
  }

  one(who: Who, cardId: string) {
    return this.writes.reading(who).one(ColourCardEntity, cardId, 'colour card');
  }

  /** Chips whose name, code, maker or card holds every word. */
  async chips(who: Who, words: string) {
    const found = (await this.chipsKept(who)).filter(({ name, code, maker, card }) =>
      holdsWords(`${name} ${code} ${maker} ${card}`, words),
    );
    return { chips: found.slice(0, MOST_CHIPS), more: Math.max(0, found.length - MOST_CHIPS) };
  }

  /** Chips that lie nearest to a colour, on all cards. */
  async near(who: Who, colour: string) {
    return { chips: chipsNear(await this.chipsKept(who), colour).slice(0, MOST_CHIPS) };
  }

  /** Every chip on the cards that are kept, with whose card it is. */
  private async chipsKept(who: Who) {
    const cards = await cardsKept(this.writes.reading(who));
    return cards.flatMap((card) => card.colours.map((chip) => ({ ...chip, maker: card.maker, card: card.name })));
  }

  /** Keeps a new card, a changed one, or puts one away. */
  async keep(who: Who, cardId: string, { version, name, maker, colours, kept }: ColourCardBody) {
    return this.writes.run(who, async (scope) => {
      const card = { name: name.trim(), maker: maker.trim(), kept, colours };
      const [standing] = await scope.find(ColourCardEntity, { id: cardId });
      if (!standing) {
        await scope.add(ColourCardEntity, { id: cardId, ...card });
        return { id: cardId, version: 1 };
      }
      if (!version)
        throw new ConflictException({
          code: 'there-already',
          message: `${standing.name} is kept already. Nothing was changed.`,
          yours: card,
          theirs: standing,
        });
      const saved = await scope.change(ColourCardEntity, standing, { ...card, version }, card);
      return { id: cardId, version: saved.version };
    });
  }
}

@ApiTags('colours')
@Controller('api/colour-cards')
export class ColourCardsController {
  constructor(private readonly cards: ColourCards) {}

  @Answers('colourCards', cardsPage) @Get() all(@Sender() who: Who) {
    return this.cards.all(who);
  }
  @Answers('chips', chipsAnswer) @Get('chips') chips(@Sender() who: Who, @Query() { words = '' }: ColoursAsked) {
    return this.cards.chips(who, words);
  }
  @Answers('chipsNear', nearChips) @Get('near') near(@Sender() who: Who, @Query() { colour }: NearAsked) {
    return this.cards.near(who, colour);
  }
  @Answers('colourCard', cardAnswer) @Get(':cardId') one(@Sender() who: Who, @Param('cardId') id: string) {
    return this.cards.one(who, id);
  }
  @Answers('keepColourCard', cardKept) @Put(':cardId') keep(
    @Sender() who: Who,
    @Param('cardId') id: string,
    @Body() body: ColourCardBody,
  ) {
    return this.cards.keep(who, id, body);
  }
}
