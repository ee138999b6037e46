import { DateTime } from 'luxon';
import type { Air } from '../drying/air.ts';
import { reaches } from '../drying/dose.ts';
import type { Product } from '../shelf/product.ts';
import type { Case } from '../systems/case.ts';
import { FOLLOW_UPS } from './knowledge/followUps.ts';
import { USES } from './knowledge/use.ts';
import { repaintForecast, type FilmLife } from './repaintForecast.ts';

/** The last coat as it was logged. */
export interface LastCoat {
  /** ISO 8601. */
  end: string;
  product: Product;
  /** Wet film over that of the label; 1 where it was not measured. */
  thickness: number;
}

/** One line of aftercare: from when (ISO 8601), in what words, and why. */
export interface AftercareItem {
  kind: 'use' | 'visit' | 'repaint';
  code: string;
  at: string;
  words: string;
  why: string;
}

const DRY_MONTHS = { northern: [5, 6, 7, 8, 9], southern: [11, 12, 1, 2, 3] } as const;

/** The first of the dry months on or after a date: paint outside wants a season in which it can dry. */
export function nextDrySeason(date: DateTime, hemisphere: 'northern' | 'southern'): DateTime {
  const dry: readonly number[] = DRY_MONTHS[hemisphere];
  let at = date;
  while (!dry.includes(at.month)) at = at.plus({ months: 1 }).startOf('month');
  return at;
}

/** Dates a cure from a coat's end: the same dose model run on, so that cold and damp air make it later. */
export function cureDates(last: LastCoat, air: Air, timeZone: string): AftercareItem[] {
  const { chemistry, minTempC } = { minTempC: null, ...last.product.drying };
  const from = Math.ceil(Date.parse(last.end) / 60_000);
  const film = { chemistry, minTempC, thickness: last.thickness };
  const slow = last.thickness > 1.15 ? ' The film was laid thick, so it takes longer.' : '';
  let hours = 0;
  return USES.flatMap((row): AftercareItem[] => {
    // What asks more of the film is never allowed before what asks less: a short cure would put loading before handling.
    const said = row.use === 'close' ? last.product.drying.handleMin : null;
    hours = Math.max(
      hours,
      said != null ? said / 60 : Math.max(row.share * last.product.cureHours, row.leastHours[chemistry] ?? 0),
    );
    const at = reaches(film, air, from, hours * 60);
    if (at === null) return [];
    const iso = DateTime.fromMillis(at * 60_000, { zone: timeZone }).toISO({ suppressMilliseconds: true })!;
    const late = at - from > hours * 60 * 1.1 ? ` The air makes it later than the label's ${Math.round(hours)} h.` : '';
    return [
      {
        kind: 'use',
        code: row.use,
        at: iso,
        words: row.words,
        why: `${last.product.name}: ${Math.round(hours)} h by its label, counted in this air.${late}${slow}`,
      },
    ];
  });
}

/**
 * What follows from a finished surface: when it may be used, what to look at again, when it is due. `lives` are the
 * firm's own films, failed and standing.
 */
export function aftercareOf(
  c: Case,
  last: LastCoat,
  air: Air,
  timeZone: string,
  hemisphere: 'northern' | 'southern',
  lives: readonly FilmLife[] = [],
): AftercareItem[] {
  const end = DateTime.fromISO(last.end, { zone: timeZone });
  const iso = (date: DateTime) => date.toISO({ suppressMilliseconds: true })!;
  const visits = FOLLOW_UPS.filter((row) => row.when(c)).map((row): AftercareItem => {
    const due = end.plus({ months: row.months });
    return {
      kind: 'visit',
      code: row.id,
      at: iso(row.drySeason ? nextDrySeason(due, hemisphere) : due),
      words: row.words,
      why: row.why,
    };
  });
  const repaint = repaintItem(c, end, lives);
  return [...cureDates(last, air, timeZone), ...visits, repaint];
}

const DAYS_A_YEAR = 365.25;
const sayYears = (years: number) => years.toFixed(years < 10 ? 1 : 0);

/** When it is due for painting again, with how sure that is, and when to look before it fails. */
function repaintItem(c: Case, end: DateTime, lives: readonly FilmLife[]): AftercareItem {
  const { medianYears, fromYears, toYears, lookYears, films, failures } = repaintForecast(c.d.surface.exposure, lives);
  const after = (years: number) => end.plus({ days: Math.round(years * DAYS_A_YEAR) });
  const rests = films
    ? `Typical for this exposure, moved by ${films} of the firm's own, ${failures} of which failed.`
    : "Typical for this exposure; the firm's own record takes over as it gathers.";
  return {
    kind: 'repaint',
    code: 'repaint',
    at: after(medianYears).toISO({ suppressMilliseconds: true })!,
    words: 'Due for painting again',
    why: `About ${sayYears(medianYears)} years, likely ${sayYears(fromYears)} to ${sayYears(toYears)}. Look at it from ${after(lookYears).toFormat('LLLL yyyy')}, before it fails. ${rests}`,
  };
}
