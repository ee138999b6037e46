import { DateTime } from 'luxon';
import type { Air } from '../drying/air.ts';
import { reaches } from '../drying/dose.ts';
import type { Product } from '../model/product.ts';
import type { Case } from '../systems/case.ts';
import type { Exposure } from '../vocabulary/index.ts';
import { USES } from './knowledge/use.ts';
import { dayOf, isoDay, plusMonths, type Day } from './days.ts';
import { repaintForecast, type FilmLife, type RepaintForecast } from './repaintForecast.ts';
import type { SeasonPlace } from './seasons.ts';
import { visitsOf, type Inspection } from './visitsOf.ts';

/** The last coat as it was logged. */
export interface LastCoat {
  /** ISO 8601. */
  end: string;
  product: Product;
  /** Wet film over that of the label; 1 where it was not measured. */
  thickness: number;
}

/** One line of aftercare: from when, in what words, and why. A use has a moment (ISO 8601), the rest a date of the place. */
export interface AftercareItem {
  kind: 'use' | 'visit' | 'repaint';
  code: string;
  at: string;
  /** By when a visit should be made, YYYY-MM-DD, and how long it takes on the spot in minutes; null for what is no visit. */
  by: string | null;
  minutes: number | null;
  words: string;
  why: string;
  /** Of a repaint: from when it is looked at, before it fails. YYYY-MM-DD. */
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
  looked: readonly Inspection[] = [],
): AftercareItem[] {
  const end = dayOf(DateTime.fromISO(last.end, { zone: timeZone }));
  return [
    ...cureDates(last, air, timeZone),
    ...visitsOf(c, end, timeZone, place, looked),
    repaintOf(c.d.surface.exposure, end, lives),
  ];
}

const DAYS_A_YEAR = 365.25;
const DAY_MS = 86_400_000;
const sayYears = (years: number) => years.toFixed(years < 10 ? 1 : 0);

/** Forecasts by the firm's own films and exposure: every surface of an exposure has the same one. */
const forecasts = new WeakMap<readonly FilmLife[], Map<Exposure, RepaintForecast>>();

function forecastFor(exposure: Exposure, lives: readonly FilmLife[]): RepaintForecast {
  let known = forecasts.get(lives);
  if (!known) forecasts.set(lives, (known = new Map<Exposure, RepaintForecast>()));
  let forecast = known.get(exposure);
  if (!forecast) known.set(exposure, (forecast = repaintForecast(exposure, lives)));
  return forecast;
}

/** When it is due for painting again, with how sure that is, and when to look before it fails: dates of the place, YYYY-MM-DD. */
export function repaintOf(exposure: Exposure, end: Day, lives: readonly FilmLife[]): AftercareItem {
  const { medianYears, fromYears, toYears, lookYears, films, failures } = forecastFor(exposure, lives);
  const after = (years: number) => isoDay(end + Math.round(years * DAYS_A_YEAR));
  const rests = films
    ? `Typical for this exposure, moved by ${films} of the firm's own, ${failures} of which failed.`
    : "Typical for this exposure; the firm's own record takes over as it gathers.";
  return {
    kind: 'repaint',
    code: 'repaint',
    at: after(medianYears),
    by: null,
    minutes: null,
    lookAt: after(lookYears),
    words: 'Due for painting again',
    why: `About ${sayYears(medianYears)} years, likely ${sayYears(fromYears)} to ${sayYears(toYears)}. It is looked at before that, while few have failed. ${rests}`,
  };
}

/** How long looking at an ageing film takes on the spot, in minutes. */
const LOOK_MIN = 20;

/**
 * The visit that a forecast proposes before its film fails: from the day it is to be looked at, until it is due; looked
 * at (`lookedAt`, YYYY-MM-DD, null: not yet), it is looked at again a year on.
 */
export function repaintLook(
  repaint: AftercareItem,
  lookedAt: string | null,
): AftercareItem & { by: string; minutes: number } {
  const { at: due, lookAt, why } = repaint;
  const again = lookedAt === null ? null : isoDay(plusMonths(Date.parse(lookedAt) / DAY_MS, 12));
  const from = again !== null && again > lookAt! ? again : lookAt!;
  return {
    kind: 'visit',
    code: 'repaint',
    at: from,
    by: from > due ? from : due,
    minutes: LOOK_MIN,
    words: 'Look at it before it wants painting again',
    why,
  };
}
