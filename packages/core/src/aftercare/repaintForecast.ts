import type { Exposure } from '../vocabulary/index.ts';
import { EIGHT_IN_TEN, gammaQuantile } from '../distributions/gamma.ts';
import { LOOK_AT, REPAINT_YEARS, TYPICAL_WEIGHT, WEAR_SHAPE } from './knowledge/repaint.ts';

/** How long a film of the firm's has lasted: to its failure, or until now without one. */
export interface FilmLife {
  exposure: Exposure;
  years: number;
  failed: boolean;
}

/** When films of an exposure want painting again, in years from the last coat. */
export interface RepaintForecast {
  /** Half of them by then. */
  medianYears: number;
  /** Where that median lies, eight in ten. */
  fromYears: number;
  toYears: number;
  /** When to look, before it fails. */
  lookYears: number;
  /** Films of the firm's own that speak in it, and how many of them failed. */
  films: number;
  failures: number;
}

/**
 * The forecast for an exposure from the lives of the firm's own films, failed or still standing (censored), shrunk to
 * the typical value while they are few. A Weibull life of known shape with a gamma prior on its rate: closed forms.
 * Lives of no years are left out.
 */
export function repaintForecast(exposure: Exposure, lives: readonly FilmLife[]): RepaintForecast {
  const own = lives.filter((life) => life.exposure === exposure && life.years > 0);
  const failures = own.filter((life) => life.failed).length;
  const worn = own.reduce((sum, life) => sum + life.years ** WEAR_SHAPE, 0);
  const shape = TYPICAL_WEIGHT + failures;
  const rate = (TYPICAL_WEIGHT * REPAINT_YEARS[exposure] ** WEAR_SHAPE) / Math.LN2 + worn;
  const [least, most] = EIGHT_IN_TEN.map((p) => gammaQuantile(shape, rate, p)) as [number, number];
  const medianAt = (hazard: number) => (Math.LN2 / hazard) ** (1 / WEAR_SHAPE);
  return {
    medianYears: medianAt(shape / rate),
    fromYears: medianAt(most),
    toYears: medianAt(least),
    lookYears: (rate * ((1 - LOOK_AT) ** (-1 / shape) - 1)) ** (1 / WEAR_SHAPE),
    films: own.length,
    failures,
  };
}
