import {
  Body,
  Controller,
  Get,
  HttpCode,
  Injectable,
  NotFoundException,
  Param,
  Post,
  Put,
  Query,
  Res,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  colourWords,
  MOST_SHEETS,
  sayLengthM,
  templateOf,
  wallsOf,
  type ColourPart,
  type Template,
  type TemplatePaper,
} from '@rustic/core';
import type { Response } from 'express';
import { SurfaceEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers, Sends, nothing } from '../answers/answer.ts';
import { partsAnswer, partsKept, partsReckonedAnswer } from '../answers/colours.ts';
import { fileName } from '../documents/fileName.ts';
import type { TemplatePages } from '../documents/pdf/drawTemplate.ts';
import { Printer } from '../documents/printer.ts';
import { refusedWith } from '../http/refused.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { unitsOf } from '../reading/firmUnits.ts';
import { PartsBody, PartsTriedBody, TemplateAsked } from './parts.dto.ts';
import { partsPage, partsReckoned } from './partsReckoned.ts';

/** Parts of a surface in colours of their own. */
@Injectable()
export class Parts {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly printer: Printer,
  ) {}

  async page(who: Who, surfaceId: string) {
    const { records, surface } = await this.read(who, surfaceId);
    return partsPage(records, surface);
  }

  /** What parts would come to; nothing is written. */
  async tried(who: Who, surfaceId: string, { colourParts }: PartsTriedBody) {
    const { records, surface } = await this.read(who, surfaceId);
    return partsReckoned(records, surface, colourParts);
  }

  async keep(who: Who, surfaceId: string, { colourParts, ...yours }: PartsBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      const { jobId } = surface;
      await this.ledger.hold(scope, jobId);
      const kept = colourParts?.parts.length ? colourParts : null;
      const saved = await scope.change(SurfaceEntity, surface, yours, { colourParts: kept });
      const names = kept?.parts.map(({ name }) => ({ name })) ?? [];
      await this.ledger.append(scope, {
        jobId,
        kind: 'parts-coloured',
        subject: surfaceId,
        at: who.now,
        payload: { parts: names },
      });
      return { jobId, version: saved.version };
    });
  }

  /** The line of a part at full size, to be taped together. */
  async template(
    who: Who,
    surfaceId: string,
    partId: string,
    paper: TemplatePaper,
  ): Promise<{ name: string; pdf: Buffer }> {
    const { records, surface } = await this.read(who, surfaceId);
    const part = surface.colourParts?.parts.find((p) => p.id === partId);
    if (!part)
      throw new NotFoundException({ code: 'not-found', message: 'There is no such part. Nothing was printed.' });
    const template = templateOf(part, paper);
    if (!template)
      throw new NotFoundException({
        code: 'straight',
        message:
          'Its edges are straight: a level and a line do for them. Only a wave or a drawn outline has a template.',
      });
    if (template.sheets.length > MOST_SHEETS)
      throw refusedWith([
        {
          path: 'paper',
          message: `would take ${template.sheets.length} sheets; ${MOST_SHEETS} are the most. Draw it in parts`,
        },
      ]);
    const pages = pagesOf(records, surface, part, template);
    return { name: fileName(pages), pdf: await this.printer.template(pages) };
  }

  private async read(who: Who, surfaceId: string): Promise<{ records: JobRecords; surface: SurfaceEntity }> {
    const scope = this.writes.reading(who);
    const { jobId } = await standingSurface(scope, surfaceId);
    const records = await readJob(scope, jobId);
    return { records, surface: records.surfaces.find((s) => s.id === surfaceId)! };
  }
}

/** What is written with a template: which paper, how it goes together, where it goes, which side is painted. */
function pagesOf(records: JobRecords, surface: SurfaceEntity, part: ColourPart, template: Template): TemplatePages {
  const units = unitsOf(records.firm);
  // What is set out by a tape is said to the millimetre.
  const say = (m: number) => (units === 'us' ? sayLengthM(m, units) : `${Math.round(m * 1000)} mm`);
  const room = records.rooms.find((r) => r.id === surface.roomId);
  const { shape } = part;
  const walls = surface.colourParts ? wallsOf(surface.colourParts.face, room?.sketch ?? null) : [];
  const wall = walls[shape.kind === 'wave' ? shape.walls[0]! : shape.kind === 'outline' ? shape.wall : 0];
  const painted = shape.kind === 'wave' ? `${shape.side} the line` : 'inside the line';
  return {
    template,
    title: `Template: ${part.name}`,
    about: [records.job.title, room?.name, surface.name].filter(Boolean).join(', '),
    firm: records.firm.name,
    level: `${say(template.levelM)} above the floor`,
    words: [
      `Print at full size: no scaling, no fit to page. On the first sheet measure the 100 mm line before you print the rest.`,
      `${template.sheets.length} ${template.sheets.length === 1 ? 'sheet' : 'sheets'}, ${say(template.lineWidthMm / 1000)} wide and ${say(template.lineHeightMm / 1000)} high together. Letters run up from the foot, figures from the left.`,
      'Lay neighbours over each other until their red crosses lie one on the other, and tape them. Each sheet says at its edge which one comes there.',
      `Snap a level line ${say(template.levelM)} above the floor; the broken line of the template lies on it.`,
      template.repeatM
        ? `The first rise begins ${say(template.startM)} from the left of the ${wall?.name ?? 'wall'}. It repeats every ${say(template.repeatM)}: move it along by that much, round corners too.`
        : `Its left end is ${say(template.startM)} from the left of the ${wall?.name ?? 'face'}.`,
      `Cut along the line or prick it through, mark it, tape it in short lengths. Painted ${painted}: ${colourWords(part.colour, records.job.colours)}.`,
    ],
  };
}

@ApiTags('colours')
@Controller('api/surfaces/:surfaceId/parts')
export class PartsController {
  constructor(private readonly parts: Parts) {}

  @Answers('colourParts', partsAnswer) @Get() page(@Sender() who: Who, @Param('surfaceId') id: string) {
    return this.parts.page(who, id);
  }

  @ForHands()
  @Answers('tryParts', partsReckonedAnswer)
  @Post('tried')
  @HttpCode(200)
  tried(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: PartsTriedBody) {
    return this.parts.tried(who, id, body);
  }

  @Answers('keepParts', partsKept) @Put() keep(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: PartsBody,
  ) {
    return this.parts.keep(who, id, body);
  }

  @Sends('partTemplate', nothing)
  @Get(':partId/template')
  async template(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Param('partId') partId: string,
    @Query() { paper = 'a4' }: TemplateAsked,
    @Res() response: Response,
  ): Promise<void> {
    const { name, pdf } = await this.parts.template(who, id, partId, paper);
    response.setHeader('Content-Type', 'application/pdf');
    response.setHeader('Content-Disposition', `attachment; filename="${name}.pdf"`);
    response.setHeader('Cache-Control', 'private, no-store');
    response.end(pdf);
  }
}
