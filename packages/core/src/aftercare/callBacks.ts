import { CALL_BACK_A_YEAR } from '../failure/knowledge/wear.ts';
import type { Preparation } from '../systems/knowledge/preparations.ts';
import type { Exposure, Family } from '../vocabulary/index.ts';
import { EIGHT_IN_TEN, gammaQuantile } from '../distributions/gamma.ts';

/** A film of the firm's as it was really laid, and how it has held. */
export interface LaidFilm {
  primer: Family | null;
  finish: Family;
  preparation: Preparation;
  exposure: Exposure;
  /** A coat of it was laid outside its limits: too cold, too damp, too thick. */
  outsideLimits: boolean;
  /** To its first fault of the film itself, or until now. */
  years: number;
  failed: boolean;
}

/** How often films of one kind came back. Rates a year; `factor` against the typical rate of their exposures. */
export interface CallBackRate<Kind> {
  kind: Kind;
  films: number;
  years: number;
  failed: number;
  /** Failures that would be typical in these years. */
  typical: number;
  factor: number;
  /** Where the factor lies, eight in ten. */
  from: number;
  to: number;
  /** The same as a share of films a year. */
  aYear: number;
  aYearFrom: number;
  aYearTo: number;
  /** Whether the interval lies whole on one side of the typical. */
  says: 'more' | 'less' | 'nothing-yet';
}

/** The typical rate counts for as much as so many failures that were expected and seen. */
const TYPICAL_WEIGHT = 4;

/**
 * Call-backs of films grouped by `kindOf`, shrunk to the typical rate of their exposures while they are few. Failures
 * are counted against the years that the films stood, so that a young film is not counted as one that held. A Poisson
 * count with a gamma prior on its factor: closed forms. Most films first.
 */
export function callBackRates<Kind>(
  films: readonly LaidFilm[],
  kindOf: (film: LaidFilm) => Kind,
  keyOf: (kind: Kind) => string = String,
): CallBackRate<Kind>[] {
  const groups = new Map<string, { kind: Kind; own: LaidFilm[] }>();
  for (const film of films) {
    if (film.years <= 0) continue;
    const kind = kindOf(film);
    const key = keyOf(kind);
    const group = groups.get(key);
    if (group) group.own.push(film);
    else groups.set(key, { kind, own: [film] });
  }
  return [...groups.values()]
    .map(({ kind, own }) => rateOf(kind, own))
    .sort((a, b) => b.films - a.films || keyOf(a.kind).localeCompare(keyOf(b.kind)));
}

function rateOf<Kind>(kind: Kind, films: readonly LaidFilm[]): CallBackRate<Kind> {
  const years = films.reduce((sum, f) => sum + f.years, 0);
  const typical = films.reduce((sum, f) => sum + f.years * CALL_BACK_A_YEAR[f.exposure], 0);
  const failed = films.filter((f) => f.failed).length;
  const shape = TYPICAL_WEIGHT + failed;
  const rate = TYPICAL_WEIGHT + typical;
  const [from, to] = EIGHT_IN_TEN.map((p) => gammaQuantile(shape, rate, p)) as [number, number];
  const factor = shape / rate;
  const usual = typical / years;
  return {
    kind,
    films: films.length,
    years,
    failed,
    typical,
    factor,
    from,
    to,
    aYear: factor * usual,
    aYearFrom: from * usual,
    aYearTo: to * usual,
    says: from > 1 ? 'more' : to < 1 ? 'less' : 'nothing-yet',
  };
}
