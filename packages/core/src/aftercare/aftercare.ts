import { DateTime } from 'luxon';
import type { Air } from '../drying/air.ts';
import { reaches } from '../drying/dose.ts';
import type { Product } from '../shelf/product.ts';
import type { Case } from '../systems/case.ts';
import type { Exposure } from '../vocabulary/index.ts';
import { USES } from './knowledge/use.ts';
import { repaintForecast, type FilmLife } from './repaintForecast.ts';
import type { SeasonPlace } from './seasons.ts';
import { visitsOf, type Looked } from './visitsOf.ts';

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
  /** By when a visit should be made, ISO 8601, and how long it takes on the spot in minutes; null for what is no visit. */
  by: string | null;
  minutes: number | null;
  words: string;
  why: string;
  /** Of a repaint: from when it is looked at, before it fails. ISO 8601. */
  lookAt?: string;
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
        by: null,
        minutes: null,
        words: row.words,
        why: `${last.product.name}: ${Math.round(hours)} h by its label, counted in this air.${late}${slow}`,
      },
    ];
  });
}

/**
 * What follows from a finished surface: when it may be used, what to look at again, when it is due. `lives` are the
 * firm's own films, failed and standing; `looked` is what was looked at on this surface since.
 */
export function aftercareOf(
  c: Case,
  last: LastCoat,
  air: Air,
  timeZone: string,
  place: SeasonPlace,
  lives: readonly FilmLife[] = [],
  looked: readonly Looked[] = [],
): AftercareItem[] {
  const end = DateTime.fromISO(last.end, { zone: timeZone });
  return [
    ...cureDates(last, air, timeZone),
    ...visitsOf(c, end, place, looked),
    repaintOf(c.d.surface.exposure, end, lives),
  ];
}

const DAYS_A_YEAR = 365.25;
const sayYears = (years: number) => years.toFixed(years < 10 ? 1 : 0);

/** When it is due for painting again, with how sure that is, and when to look before it fails. */
export function repaintOf(exposure: Exposure, end: DateTime, lives: readonly FilmLife[]): AftercareItem {
  const { medianYears, fromYears, toYears, lookYears, films, failures } = repaintForecast(exposure, lives);
  const after = (years: number) => end.plus({ days: Math.round(years * DAYS_A_YEAR) });
  const rests = films
    ? `Typical for this exposure, moved by ${films} of the firm's own, ${failures} of which failed.`
    : "Typical for this exposure; the firm's own record takes over as it gathers.";
  return {
    kind: 'repaint',
    code: 'repaint',
    at: after(medianYears).toISO({ suppressMilliseconds: true })!,
    by: null,
    minutes: null,
    lookAt: after(lookYears).toISO({ suppressMilliseconds: true })!,
    words: 'Due for painting again',
    why: `About ${sayYears(medianYears)} years, likely ${sayYears(fromYears)} to ${sayYears(toYears)}. It is looked at before that, while few have failed. ${rests}`,
  };
}
