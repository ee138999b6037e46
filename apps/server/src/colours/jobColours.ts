import { Body, Controller, Get, Injectable, Param, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  chipLike,
  coatsOfPart,
  colourSchedule,
  sameColour,
  tintSaving,
  type ColouredSurface,
  type ColourParts,
} from '@rustic/core';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { coloursPage, jobColoursAnswer } from '../answers/colours.ts';
import { partsOf, systemOf } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { Sender } from '../people/session.ts';
import { refusedWith } from '../http/refused.ts';
import { cardsKept } from './colourCards.ts';
import { JobColoursBody } from './colours.dto.ts';

/** The colour schedule of a job: what each colour is called, where it goes, and how it is coated there. */
@Injectable()
export class JobColours {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async page(who: Who, jobId: string) {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const cards = await cardsKept(scope);
    const { job, firm } = records;
    const inWork = records.surfaces.filter((s) => !isLeftOut(s));
    const lines = colourSchedule(
      inWork.flatMap((s) => placesOf(records, s)),
      job.colours,
    );
    return {
      job: { id: job.id, title: job.title, version: job.version },
      currency: firm.currency,
      lines: lines.map((line) => ({
        ...line,
        onCard: line.named ? null : chipLike(cards, line.colour),
        places: line.places.map((place) => ({ ...place, ...coatedAs(records, place.surfaceId, place.partId) })),
      })),
    };
  }

  /** Names all colours of a job; where a swatch was changed for another, every surface that was to have it follows. */
  async name(who: Who, jobId: string, { colours, changed, ...yours }: JobColoursBody) {
    const stray = changed.flatMap(({ to }, i) =>
      colours.some((one) => sameColour(one.colour, to))
        ? []
        : [{ path: `changed[${i}].to`, message: 'has no name here' }],
    );
    if (stray.length) throw refusedWith(stray);
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const job = await scope.one(JobEntity, jobId, 'job');
      const told = colours.map((one) => ({ ...one, colour: one.colour.toLowerCase() }));
      const saved = await scope.change(JobEntity, job, yours, { colours: told });
      for (const { from, to } of changed) await this.repaint(scope, jobId, from, to.toLowerCase());
      await this.ledger.append(scope, {
        jobId,
        kind: 'colours-named',
        subject: null,
        at: who.now,
        payload: { colours: told, changed },
      });
      return { version: saved.version, colours: told };
    });
  }

  private async repaint(scope: FirmScope, jobId: string, from: string, to: string): Promise<void> {
    for (const surface of await scope.find(SurfaceEntity, { jobId })) {
      const { wanted, colourParts } = surface;
      const isAll = wanted.colour && sameColour(wanted.colour, from);
      const isPart = colourParts?.parts.some((p) => sameColour(p.colour, from));
      if (!isAll && !isPart) continue;
      await scope.change(SurfaceEntity, surface, surface, {
        ...(isAll ? { wanted: { ...wanted, colour: to } } : {}),
        ...(isPart ? { colourParts: repainted(colourParts!, from, to) } : {}),
      });
    }
  }
}

/** Parts with one colour changed for another. */
const repainted = (given: ColourParts, from: string, to: string): ColourParts => ({
  ...given,
  parts: given.parts.map((p) => (sameColour(p.colour, from) ? { ...p, colour: to } : p)),
});

/** A surface as it is coloured: its ground, and each of its parts. */
function placesOf(records: JobRecords, { id, roomId, name, wanted, colourParts }: SurfaceEntity): ColouredSurface[] {
  const place = {
    surfaceId: id,
    partId: null,
    room: records.rooms.find((r) => r.id === roomId)?.name ?? '',
    name,
    sheen: wanted.sheen ?? null,
    colour: wanted.colour ?? null,
  };
  const parts = colourParts?.parts ?? [];
  return [
    place,
    ...parts.map((p) => ({
      ...place,
      partId: p.id,
      name: `${name}: ${p.name}`,
      sheen: p.sheen ?? place.sheen,
      colour: p.colour,
    })),
  ];
}

/** How a place is coated: its coats of finish, and what the tint of its primer is worth. A part has none of its own. */
function coatedAs(records: JobRecords, surfaceId: string, partId: string | null) {
  const surface = records.surfaces.find((s) => s.id === surfaceId)!;
  const { c, steps } = systemOf(records, surface);
  if (partId) {
    const part = partsOf(records, surface)?.parts.find((p) => p.part.id === partId);
    return { coats: part?.round ? coatsOfPart(part, c, steps) : 0, tint: null };
  }
  const coats = steps.reduce((sum, s) => sum + (s.kind === 'finish-coat' ? (s.coats ?? 1) : 0), 0);
  return { coats, tint: tintSaving(c, steps) };
}

@ApiTags('colours')
@Controller('api/jobs/:jobId/colours')
export class JobColoursController {
  constructor(private readonly colours: JobColours) {}

  @Answers('jobColours', coloursPage) @Get() page(@Sender() who: Who, @Param('jobId') id: string) {
    return this.colours.page(who, id);
  }
  @Answers('nameColours', jobColoursAnswer) @Put() name(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: JobColoursBody,
  ) {
    return this.colours.name(who, id, body);
  }
}
