import {
  cautionsFor,
  CAUTION_SHORT,
  estimateSystem,
  jobPackPaper,
  colourWords,
  labelsOf,
  labelsPaper,
  quotePaper,
  runSheetPaper,
  sayArea,
  sayVolume,
  shoppingList,
  shoppingPaper,
  stepWords,
  toolsFor,
  WEAR_LABELS,
  type PackSurface,
  type Paper,
  type Quote,
  type RunSheetLine,
} from '@rustic/core';
import { DateTime } from 'luxon';
import type { AgreementEntity, DocumentEntity } from '../record/documentEntities.ts';
import type { PersonEntity } from '../record/firmEntities.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { allStepsOf, caseIn, workOn } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { buyingOf, paperHead } from '../reading/letterhead.ts';
import { pricedSteps, saidBy, type PricedJob } from '../reading/pricedJob.ts';
import { visitLetter } from '../aftercare/visitLetter.ts';
import { codeSquares } from './codeSquares.ts';
import type { PaperKind } from './documents.dto.ts';
import { documentMark } from './quotes.ts';
import { unitsOf } from '../reading/firmUnits.ts';

const dayOf = (at: Date, zone: string) => DateTime.fromJSDate(at, { zone }).setLocale('en-GB');

/** What the papers of a job are made from. */
export interface PaperSource {
  records: JobRecords;
  priced: PricedJob;
  draft: Quote;
  people: readonly PersonEntity[];
  now: Date;
}

const nameOf = (records: JobRecords, surfaceId: string) => {
  const surface = records.surfaces.find((s) => s.id === surfaceId);
  const room = records.rooms.find((r) => r.id === surface?.roomId);
  return [room?.name, surface?.name].filter(Boolean).join(', ');
};

/** The posted plan as lines of a sheet: by day and hour, who, where and what. */
function runSheetLines({ records, priced: { posted }, people }: PaperSource): RunSheetLine[] {
  if (!posted) return [];
  const zone = records.firm.timeZone;
  const said = saidBy(records);
  const words = new Map<string, string>();
  for (const surface of records.surfaces) {
    const steps = allStepsOf(records, surface);
    for (const w of workOn(records, surface).work) {
      const line = steps[w.step]!;
      const coats = line.coats && line.coats > 1 ? `, coat ${w.coat} of ${line.coats}` : '';
      words.set(
        `${surface.id}/${w.plan.id}`,
        `${said(stepWords({ ...line, coats: undefined as never }))}${coats}${w.product ? ` (${w.product.name})` : ''}`,
      );
    }
  }
  return [...posted.plan.steps]
    .sort((a, b) => a.start.localeCompare(b.start))
    .map((step) => {
      const [from, to] = [step.start, step.end].map((t) => DateTime.fromISO(t, { zone }).setLocale('en-GB'));
      return {
        day: from!.toFormat('cccc d LLLL'),
        from: from!.toFormat('HH:mm'),
        to: to!.toFormat('HH:mm'),
        who: step.crew.map((id) => people.find((p) => p.id === id)?.initials ?? '').join(' '),
        where: nameOf(records, step.surface),
        what: words.get(`${step.surface}/${step.id}`) ?? step.id,
      };
    });
}

function packOf(records: JobRecords, surface: SurfaceEntity): PackSurface {
  const said = saidBy(records);
  const units = unitsOf(records.firm);
  const { c, steps } = pricedSteps(records, surface);
  const estimates = estimateSystem(steps, c.d.surface, c.shelf, c.by);
  const wear = new Set(steps.flatMap((s) => s.wear ?? []));
  return {
    room: records.rooms.find((r) => r.id === surface.roomId)?.name ?? '',
    name: surface.name,
    about: [
      c.d.surface.areaM2 ? sayArea(c.d.surface.areaM2, units) : '',
      surface.wanted.colour ? colourWords(surface.wanted.colour, records.job.colours) : '',
      surface.wanted.sheen ?? '',
    ]
      .filter(Boolean)
      .join(', '),
    steps: steps.map((step, i) => {
      const { product, litres, minutes, thinnerL, parts, pots } = estimates[i]!;
      const thinned = thinnerL ? `, thinned with ${sayVolume(thinnerL, units)} of water` : '';
      const mixed = parts
        ? `, ${sayVolume(parts.baseL, units)} and ${sayVolume(parts.hardenerL, units)} in ${pots} ${pots === 1 ? 'pot' : 'pots'}`
        : '';
      return {
        words: said(stepWords(step)),
        product: product ? `${product.name}${thinned}${mixed}` : '',
        litres: litres ? sayVolume(litres, units) : '',
        minutes,
        why: said(step.why[0] ?? ''),
        tools: said(toolsFor(step, c).words.join(', ')),
      };
    }),
    cautions: [...new Set(cautionsFor(c, caseIn(records, surface).made).map((x) => x.code))].map((code) =>
      said(CAUTION_SHORT[code]),
    ),
    wear: [...wear].map((w) => WEAR_LABELS[w]),
  };
}

/** A paper of a job as it stands now: a draft until it is sent. */
export function paperOf(kind: Exclude<PaperKind, 'care-sheet'>, source: PaperSource): Paper {
  const { records, priced, draft, now } = source;
  const head = paperHead(records, now);
  const shopping = () => shoppingList(priced.price.products, priced.price.sundries, buyingOf(records));
  const inIt = new Set(priced.surfaces.map((s) => s.surfaceId));
  switch (kind) {
    case 'quote':
      return quotePaper(draft, { marked: `Draft, ${head.marked}`, heldUntil: heldWords(draft) });
    case 'shopping':
      return shoppingPaper(shopping(), draft.currency, head, records.firm.suppliers);
    case 'run-sheet':
      return runSheetPaper(runSheetLines(source), draft, head);
    case 'labels':
      return labelsPaper(
        labelsOf({ ...records.job, units: draft.units }, priced.price.products, (id) => nameOf(records, id)).map(
          (label) => ({
            ...label,
            squares: codeSquares(label.code),
          }),
        ),
        head,
      );
    case 'visit-letter':
      return visitLetter(records, records.visits, now);
    case 'job-pack':
      return jobPackPaper(
        {
          surfaces: records.surfaces.filter((s) => inIt.has(s.id)).map((s) => packOf(records, s)),
          quote: draft,
          run: runSheetLines(source),
          shopping: shopping(),
        },
        head,
      );
  }
}

/** Until when a price is held, in words. */
export const heldWords = (quote: Quote) => DateTime.fromISO(quote.heldUntil).setLocale('en-GB').toFormat('d LLLL yyyy');

/** A version that was sent, as it was sent, with who agreed to it. */
export function sentPaper(document: DocumentEntity, agreement: AgreementEntity | null, zone: string): Paper {
  return quotePaper(document.quote, {
    marked: `${documentMark(document)}, ${dayOf(document.sentAt, zone).toFormat('d LLLL yyyy')}`,
    changes: document.changes,
    heldUntil: heldWords(document.quote),
    taken: agreement?.options ?? [],
    agreed: agreement
      ? `Agreed by ${agreement.name} on ${dayOf(agreement.at, zone).toFormat("d LLLL yyyy 'at' HH:mm")}.`
      : null,
  });
}
