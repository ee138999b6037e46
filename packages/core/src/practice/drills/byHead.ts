import { coverage, dryFilm, evenSpacing, mixFor } from '../../reckon/index.ts';
import { drawnBy } from '../byLot.ts';
import type { DrawnDrill, DrillQuestion, DrillTruth } from './drill.ts';

/** Reckoned by head, this near is near enough. */
const NEAR = 0.1;
/** A mark on a wall is set by the tape: this near, of the gap. */
const NEAR_ON_THE_WALL = 0.04;

interface Asked {
  question: DrillQuestion;
  truth: DrillTruth;
}

const figure = (id: string, asks: string, unit: string, answer: number, formula: string, near: number): Asked => ({
  question: { id, asks, options: null, unit },
  truth: {
    truth: answer,
    fits: (says) => typeof says === 'number' && Math.abs(says - answer) <= near * answer,
    words: `${Number(answer.toPrecision(3))} ${unit}`,
    because: `${formula}.`,
  },
});

/** Units of a firm: areas, volumes, spread, lengths and films, with the figures that are usual in them. */
const UNITS = {
  metric: {
    area: 'm²',
    volume: 'litres',
    spread: 'm² per litre',
    length: 'cm',
    areas: [12, 96],
    spreads: [8, 14],
    lengths: [180, 460],
    film: 'µm',
    films: [80, 200],
    filmStep: 10,
  },
  us: {
    area: 'sq ft',
    volume: 'gallons',
    spread: 'sq ft per gallon',
    length: 'in',
    areas: [130, 990],
    spreads: [300, 450],
    lengths: [70, 180],
    film: 'mils',
    films: [3, 9],
    filmStep: 0.5,
  },
} as const;
const MIXES = [
  [2, 1],
  [3, 1],
  [4, 1],
  [1, 1],
] as const;

/** Paint for a wall, a two-part mix, a film, and what is set out along a wall: reckoned by head, as one stands there. */
export function byHeadDrill(seed: number, units: keyof typeof UNITS): DrawnDrill {
  const u = UNITS[units];
  const between = (what: string, [from, to]: readonly [number, number], step = 1) =>
    Math.round((from + drawnBy('by-head', units, seed, what) * (to - from)) / step) * step;
  const area = between('area', u.areas, units === 'us' ? 10 : 2);
  const spread = between('spread', u.spreads, units === 'us' ? 25 : 1);
  const coats = between('coats', [1, 3]);
  const paint = coverage(area, coats, spread);
  const [base, hardener] = MIXES[Math.floor(drawnBy('mix', units, seed) * MIXES.length)]!;
  const pot = between('pot', [6, 25]) / 5;
  const mix = mixFor(pot, base, hardener);
  const wet = between('wet', u.films, u.filmStep);
  const solids = between('solids', [30, 60], 5);
  const film = dryFilm(wet, solids);
  const length = between('length', u.lengths, 5);
  const count = between('count', [3, 8]);
  const width = between('width', units === 'us' ? [2, 5] : [4, 12]);
  const spacing = evenSpacing({ lengthM: length, count, widthM: width, ends: 'as-gaps' }, (x) =>
    String(Math.round(x * 10) / 10),
  );
  const asked = [
    figure(
      'paint',
      `${area} ${u.area}, ${coats} ${coats === 1 ? 'coat' : 'coats'}, ${spread} ${u.spread}, and a tenth for waste: how much paint?`,
      u.volume,
      paint.answer,
      `${area} × ${coats} ÷ ${spread}, and a tenth`,
      NEAR,
    ),
    figure(
      'hardener',
      `A pot of ${pot} ${units === 'us' ? 'quarts' : 'litres'}, ${base} to ${hardener} by volume: how much of it is hardener?`,
      units === 'us' ? 'quarts' : 'litres',
      mix.answer.hardenerL,
      `${pot} × ${hardener} ÷ ${base + hardener}`,
      NEAR,
    ),
    figure(
      'film',
      `Laid ${wet} ${u.film} wet, ${solids} % solids by volume: how thick is it dry?`,
      u.film,
      film.answer,
      `${wet} × ${solids} ÷ 100`,
      NEAR,
    ),
    figure(
      'gap',
      `${count} battens, each ${width} ${u.length} wide, on a wall of ${length} ${u.length}, ends as wide as the gaps: how wide is a gap?`,
      u.length,
      spacing.gapM,
      `(${length} − ${count} × ${width}) ÷ ${count + 1}`,
      NEAR_ON_THE_WALL,
    ),
  ];
  return {
    drill: {
      code: units === 'us' ? 'by-head-us' : 'by-head',
      seed,
      name: 'By head',
      story: 'No paper and no phone. A tenth off is near enough for paint; on the wall it has to fit.',
      sheet: [],
      questions: asked.map((a) => a.question),
    },
    truths: Object.fromEntries(asked.map((a) => [a.question.id, a.truth])),
  };
}
