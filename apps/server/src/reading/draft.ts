import { breath } from './breath.ts';
import {
  CAUTION_FOR_CLIENTS,
  cautionsFor,
  guaranteeOf,
  priceJob,
  quoteTotals,
  sameColour,
  stepWords,
  workInBrief,
  type PricedSurface,
  type Quote,
  type QuoteLeftOut,
  type QuoteLine,
  withParts,
  type QuoteOption,
  type QuoteSketch,
  type Step,
} from '@rustic/core';
import { DateTime } from 'luxon';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { caseIn, partsOf, systemOf } from './houseReading.ts';
import { letterheadLines, logoOf, termsLines } from './letterhead.ts';
import type { JobRecords } from './jobRecords.ts';
import { sumsHere } from './ownSums.ts';
import { photosForClient } from './clientPhotos.ts';
import { isLeftOut } from './leftOut.ts';
import { departedOn, systemByKey, systemKey } from './surfaceView.ts';
import { pricedSurface, saidBy, type PricedJob } from './pricedJob.ts';
import { unitsOf } from './firmUnits.ts';

const roomName = (records: JobRecords, surface: SurfaceEntity) =>
  records.rooms.find((r) => r.id === surface.roomId)?.name ?? '';

/** What the net price would be with other surfaces in it: what an option or an exclusion is worth. */
const worth = (priced: PricedJob, surfaces: PricedSurface[]) =>
  priceJob(surfaces, priced.settings, priced.van, priced.planned).net - priced.price.net;

function lineOf(records: JobRecords, surface: SurfaceEntity, { c, steps }: PricedSurface, price: number): QuoteLine {
  const said = saidBy(records);
  // What is stood behind is the system; parts in colours of their own lie over it.
  const system = steps.filter((s) => !s.parts);
  const { months, toClient } = guaranteeOf(c, system, departedOn(systemOf(records, surface).choice));
  const parts = surface.colourParts?.parts.map(({ name, colour }) => ({ name, colour })) ?? [];
  return {
    surfaceId: surface.id,
    room: roomName(records, surface),
    name: surface.name,
    work: said(workInBrief(steps)),
    steps: steps.map((s) => said(stepWords(s))),
    colour: surface.wanted.colour ?? null,
    ...(parts.length ? { parts } : {}),
    areaM2: c.d.surface.areaM2,
    months,
    withheld: toClient.map(said),
    price,
    key: systemKey(steps),
  };
}

/** Left out whole and undecided: the client may take it. */
const isUndecided = (surface: SurfaceEntity) => surface.exclusions.some((e) => e.whole && e.reason === 'undecided');

async function optionsOf(records: JobRecords, priced: PricedJob): Promise<QuoteOption[]> {
  const said = saidBy(records);
  const options: QuoteOption[] = [];
  const add = (
    surface: SurfaceEntity,
    kind: QuoteOption['kind'],
    id: string,
    system: Step[],
    words: string,
    price: number,
  ) =>
    options.push({
      id,
      kind,
      surfaceId: surface.id,
      room: roomName(records, surface),
      name: surface.name,
      words: said(words),
      price,
      key: systemKey(system),
      system,
    });
  for (const surface of records.surfaces.filter(isUndecided)) {
    const with_ = pricedSurface(records, surface);
    const words = workInBrief(with_.steps);
    add(surface, 'extra', surface.id, [...with_.steps], words, worth(priced, [...priced.surfaces, with_]));
    await breath();
  }
  for (const offer of records.job.offers) {
    const surface = records.surfaces.find((s) => s.id === offer.surfaceId);
    const other = surface && !isLeftOut(surface) && systemByKey(records, surface, offer.key);
    // What was taken up already is no option any more.
    if (!surface || !other || systemKey(systemOf(records, surface).steps) === offer.key) continue;
    const swapped = priced.surfaces.map((s) =>
      s.surfaceId === surface.id ? { ...s, steps: withParts(other.steps, s.c, partsOf(records, surface)) } : s,
    );
    add(
      surface,
      'instead',
      offer.id,
      other.steps,
      `${other.differs} ${workInBrief(other.steps)}`,
      worth(priced, swapped),
    );
    await breath();
  }
  return options;
}

async function leftOutOf(records: JobRecords, priced: PricedJob): Promise<QuoteLeftOut[]> {
  const all: QuoteLeftOut[] = [];
  for (const surface of records.surfaces) {
    for (const { words, reason, whole } of surface.exclusions) {
      // An undecided surface stands among the options, with its price.
      if (whole && reason === 'undecided') continue;
      const price = whole ? worth(priced, [...priced.surfaces, pricedSurface(records, surface)]) : null;
      all.push({
        surfaceId: surface.id,
        room: roomName(records, surface),
        name: surface.name,
        words,
        reason,
        whole,
        price,
      });
      if (whole) await breath();
    }
  }
  return all;
}

/** Rooms of which a part is left out, drawn with its boundary. */
function sketchesOf(records: JobRecords): QuoteSketch[] {
  return records.rooms.flatMap((room): QuoteSketch[] => {
    const excluded = records.surfaces
      .filter((s) => s.roomId === room.id)
      .flatMap((s) => s.exclusions.flatMap((e) => (e.box ? [{ ...e.box, words: `${s.name}: ${e.words}` }] : [])));
    return room.sketch && excluded.length ? [{ room: room.name, sketch: room.sketch, excluded }] : [];
  });
}

function cautionsOf(records: JobRecords): string[] {
  const codes = records.surfaces
    .filter((s) => !isLeftOut(s))
    .flatMap((s) => {
      const { c, made } = caseIn(records, s);
      return cautionsFor(c, made).map((caution) => caution.code);
    });
  return [...new Set(codes)].flatMap((code) => CAUTION_FOR_CLIENTS[code] ?? []).map(saidBy(records));
}

/** What the colours of the lines are called, of those that have a name. */
function coloursOf({ job }: JobRecords, lines: readonly QuoteLine[]): Pick<Quote, 'colours'> {
  const used = lines.flatMap((l) => [l.colour ?? [], (l.parts ?? []).map((p) => p.colour)].flat());
  const colours = (job.colours ?? []).filter((one) => used.some((colour) => sameColour(colour, one.colour)));
  return colours.length ? { colours } : {};
}

/** The quote as it would be sent now: everything it says is computed from the record. */
export async function draftOf(records: JobRecords, priced: PricedJob, now: Date): Promise<Quote> {
  const { settings, price, surfaces } = priced;
  const lines: QuoteLine[] = [];
  for (const [i, one] of surfaces.entries()) {
    const surface = records.surfaces.find((s) => s.id === one.surfaceId)!;
    lines.push(lineOf(records, surface, one, price.lines[i]!.price));
    await breath();
  }
  const byHand = sumsHere(records.job, records.firm.currency);
  for (const line of lines) {
    const set = byHand.find((sum) => sum.surfaceId === line.surfaceId);
    if (set) Object.assign(line, { price: set.amount, byHand: true });
  }
  const own = byHand
    .filter((sum) => sum.surfaceId === null)
    .map(({ id, words, amount }) => ({ id, words, price: amount }));
  const options = await optionsOf(records, priced);
  const { net, tax, total } = quoteTotals({ lines, own, options, taxShare: settings.tax });
  return {
    firm: records.firm.name,
    letterhead: letterheadLines(records.firm),
    ...logoOf(records),
    terms: termsLines(records.firm),
    currency: records.firm.currency,
    job: records.job.title,
    place: records.job.place,
    client: records.job.client,
    units: unitsOf(records.firm),
    lines,
    ...coloursOf(records, lines),
    ...(own.length ? { own } : {}),
    options,
    leftOut: await leftOutOf(records, priced),
    sketches: sketchesOf(records),
    photos: photosForClient(records).map(({ before, words }) => ({ id: before, words })),
    cautions: cautionsOf(records),
    net,
    taxName: settings.taxName,
    taxShare: settings.tax,
    ...(settings.taxIncluded ? { taxIncluded: true } : {}),
    tax,
    total,
    heldUntil: DateTime.fromJSDate(now, { zone: records.firm.timeZone }).plus({ days: settings.heldDays }).toISODate()!,
  };
}
