import { describe, expect, test } from '@jest/globals';
import {
  asProduct,
  assessSchema,
  caseOf,
  coatsOfPart,
  drawParts,
  estimateSystem,
  isOfParts,
  priceJob,
  readBy,
  templateOf,
  USUAL_SETTINGS,
  withParts,
  workOf,
  type ColourPart,
  type PartShape,
  type TemplateSheet,
} from '../src/index.ts';

const GROUND = '#efe9dc';
const WALL = {
  element: 'wall',
  substrate: 'skim-plaster',
  currentFinish: 'waterborne-acrylic',
  areaM2: 24,
  currentColour: GROUND,
};
const SKETCH = { walls: [{ name: 'first wall', widthM: 10, heightM: 2.4, openings: [] }] };
const part = (id: string, name: string, colour: string, shape: PartShape): ColourPart => ({
  id,
  name,
  colour,
  sheen: null,
  shape,
  note: '',
});
const band = (fromM: number, toM: number): PartShape => ({ kind: 'band', walls: [0], fromM, toM });
const RAIL = part('a', 'the rail', '#22384d', band(1, 1.2));

function painted(parts: ColourPart[], surface: object = WALL, wanted: object = { colour: GROUND }) {
  const { c, made } = caseOf(readBy(assessSchema, { surface, wanted }));
  const drawn = drawParts({ face: { kind: 'walls' }, parts }, SKETCH, c.d.surface.areaM2);
  return { c, steps: made.steps, drawn, all: withParts(made.steps, c, drawn) };
}

describe('the work of parts', () => {
  test('they follow the coats of the ground, tape before paint; the system itself is untouched', () => {
    const { steps, all } = painted([RAIL]);
    expect(all.filter((s) => !s.parts)).toEqual(steps);
    const at = all.findIndex((s) => s.parts);
    expect(all[at - 1]!.kind).toBe('finish-coat');
    expect(all.slice(at, at + 2).map((s) => [s.kind, s.scope])).toEqual([
      ['mask', 'the rail'],
      ['finish-coat', 'the rail'],
    ]);
    // A deep blue over nearly white takes more than one coat; both edges of the rail are taped.
    expect(all[at + 1]!.coats).toBeGreaterThan(1);
    expect(all[at]!.parts).toEqual({ round: 1, tapeM: 20, curvedM: 0, colours: [] });
    expect(all[at + 1]!.areaM2).toBeCloseTo(2, 9);
  });

  test('the hours and litres are those of its own area, and the names of other steps stay as they were', () => {
    const { c, steps, all } = painted([RAIL]);
    const plain = workOf(steps, c.d.surface, c.shelf).map((w) => w.plan.id);
    const work = workOf(all, c.d.surface, c.shelf);
    expect(work.map((w) => w.plan.id).filter((id) => !isOfParts(id))).toEqual(plain);
    const own = work.filter((w) => isOfParts(w.plan.id));
    expect(own[0]!.plan.id).toBe('r1m');
    expect(new Set(own.map((w) => w.plan.id)).size).toBe(own.length);
    const estimates = estimateSystem(all, c.d.surface, c.shelf, c.by);
    const coat = all.findIndex((s) => s.parts && s.kind === 'finish-coat');
    const ground = all.findIndex((s) => s.kind === 'finish-coat');
    const perCoat = (i: number) => estimates[i]!.litres / (all[i]!.coats ?? 1);
    expect(perCoat(coat) / perCoat(ground)).toBeCloseTo(2 / 24, 1);
  });

  test('nothing is taped before the paint under it can take tape: a night for waterborne', () => {
    const { c, all } = painted([RAIL, part('b', 'over it', '#7a2f2f', band(1.1, 1.5))]);
    const work = workOf(all, c.d.surface, c.shelf);
    const masks = work.flatMap((w, i) => (/^r\dm$/.test(w.plan.id) ? [i] : []));
    expect(masks).toHaveLength(2);
    for (const at of masks) expect(work[at - 1]!.plan.waitMin).toBe(24 * 60);
    // No other coat waits for tape.
    expect(work.filter((w) => w.plan.drying && w.plan.waitMin).length).toBe(2);
  });

  test('every colour is bought, and together they are what the steps take', () => {
    const { c, all } = painted([RAIL, part('b', 'the plinth', '#7a2f2f', band(0, 0.2))]);
    const { products, sundries } = priceJob([{ surfaceId: 'w', c, steps: all }], USUAL_SETTINGS);
    const film = products.filter((p) => p.seen);
    expect(film.map((p) => p.colour).sort()).toEqual(['#22384d', '#7a2f2f', GROUND].sort());
    const needed = film.reduce((sum, p) => sum + p.plan.needL, 0);
    const estimates = estimateSystem(all, c.d.surface, c.shelf, c.by);
    const laid = all.reduce((sum, s, i) => sum + (s.kind === 'finish-coat' ? estimates[i]!.litres : 0), 0);
    expect(needed).toBeCloseTo(laid, 2);
    expect(sundries.find((s) => s.key.startsWith('line-tape'))!.count).toBe(1);
  });

  test('a large part is not painted twice: the ground stops a little past its line', () => {
    const { c, all, drawn } = painted([part('a', 'below', '#22384d', band(0, 1.2))]);
    expect(drawn.parts[0]!.overGround).toBe(false);
    const ground = all.find((s) => s.kind === 'finish-coat')!;
    // Half of 24 m², and 5 cm along a line of 10 m.
    expect(ground.areaM2).toBeCloseTo(12 + 0.5, 6);
    const one = priceJob([{ surfaceId: 'w', c, steps: all }], USUAL_SETTINGS);
    expect(one.products.some((p) => p.colour === '#22384d')).toBe(true);
  });

  test('coats by both colours: one near the ground needs fewer than one far from it; a fixed rule is kept', () => {
    const near = painted([part('a', 'near', '#ece5d6', band(1, 1.2))]);
    const far = painted([RAIL]);
    expect(coatsOfPart(near.drawn.parts[0]!, near.c, near.steps)).toBe(1);
    expect(coatsOfPart(far.drawn.parts[0]!, far.c, far.steps)).toBeGreaterThan(1);
    const { c, made } = caseOf(
      readBy(assessSchema, { surface: WALL, wanted: { colour: GROUND }, houseRules: { finishCoats: 'fixed-two' } }),
    );
    expect(coatsOfPart(near.drawn.parts[0]!, c, made.steps)).toBe(2);
  });

  test('where no coat of colour goes over the whole face, no part can be in one', () => {
    const { all, steps } = painted([RAIL], { ...WALL, substrate: 'softwood' }, { leaveBare: true });
    expect(all).toEqual(steps);
  });

  test('a curve takes longer to tape than a straight line of its length', () => {
    const wave: PartShape = {
      kind: 'wave',
      walls: [0],
      side: 'below',
      heightM: 1,
      swingM: 0.001,
      lengthM: 1,
      startM: 0,
    };
    const minutes = (shape: PartShape) => {
      const { c, all } = painted([part('a', 'low', '#22384d', shape)]);
      return estimateSystem(all, c.d.surface, c.shelf)[all.findIndex((s) => s.kind === 'mask' && s.parts)]!.minutes;
    };
    expect(minutes(wave)).toBeGreaterThan(2 * minutes(band(0, 1)));
  });

  test('a product that comes in white only is not bought in a colour', () => {
    const white = { ...asProduct({ family: 'acrylic-wall' }), id: 'w', name: 'White', tints: 'white' as const };
    const { c, all } = painted([RAIL]);
    const { products } = priceJob([{ surfaceId: 'w', c: { ...c, shelf: [white] }, steps: all }], USUAL_SETTINGS);
    expect(products.filter((p) => p.product.id === 'w').map((p) => p.colour)).toEqual([null]);
  });
});

describe('a template', () => {
  const WAVE: PartShape = {
    kind: 'wave',
    walls: [0],
    side: 'below',
    heightM: 1.2,
    swingM: 0.15,
    lengthM: 1.4,
    startM: 0.2,
  };
  const template = (shape: PartShape, paper: 'a4' | 'letter' = 'a4') =>
    templateOf(part('a', 'wave', '#22384d', shape), paper)!;
  /** Where a sheet's left and foot are on the drawing, from its place in the row and what sheets lie over each other. */
  const at = (sheet: TemplateSheet, t: { widthMm: number; heightMm: number }) => ({
    x: sheet.column * (t.widthMm - 2 * 13 - 12),
    y: sheet.row * (t.heightMm - 2 * 13 - 12 - 12),
  });

  test('put together by their places, the sheets show the whole line once, at full size', () => {
    const t = template(WAVE);
    const points = t.sheets.flatMap((s) =>
      s.lines.flat().map(({ x, y }) => ({ x: x + at(s, t).x, y: y + at(s, t).y })),
    );
    const xs = points.map((p) => p.x);
    const ys = points.map((p) => p.y);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(1400, 6);
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(300, 1);
    const [left, middle] = [Math.min(...xs), (Math.max(...ys) + Math.min(...ys)) / 2];
    for (const p of points) expect(p.y - middle).toBeCloseTo(150 * Math.sin((2 * Math.PI * (p.x - left)) / 1400), 0);
  });

  test('neighbours have two crosses in common, at the same place of the drawing', () => {
    const t = template(WAVE);
    for (const sheet of t.sheets) {
      for (const { label } of sheet.joins) {
        const other = t.sheets.find((s) => s.label === label)!;
        const on = (s: TemplateSheet) =>
          s.crosses.map(({ x, y }) => `${(x + at(s, t).x).toFixed(3)}/${(y + at(s, t).y).toFixed(3)}`);
        expect(on(sheet).filter((c) => on(other).includes(c))).toHaveLength(2);
      }
    }
    expect(t.sheets.some((s) => s.joins.length > 0)).toBe(true);
  });

  test('no line runs off what a printer can print, on either paper', () => {
    for (const paper of ['a4', 'letter'] as const) {
      const t = template(WAVE, paper);
      for (const { lines } of t.sheets)
        for (const { x, y } of lines.flat()) {
          expect(x).toBeGreaterThanOrEqual(13 - 1e-6);
          expect(x).toBeLessThanOrEqual(t.widthMm - 13 + 1e-6);
          expect(y).toBeGreaterThanOrEqual(25 - 1e-6);
          expect(y).toBeLessThanOrEqual(t.heightMm - 13 + 1e-6);
        }
    }
    expect(template(WAVE, 'letter').heightMm + template(WAVE, 'letter').widthMm).toBeCloseTo(215.9 + 279.4, 9);
  });

  test('an outline is drawn whole and closed; sheets that it does not cross are left out', () => {
    const round = {
      kind: 'outline' as const,
      wall: 0,
      round: true,
      points: [
        { x: 1, y: 0.4 },
        { x: 2.5, y: 0.5 },
        { x: 2.4, y: 1.9 },
        { x: 1, y: 1.8 },
      ],
    };
    const t = template(round);
    expect(t.repeatM).toBeNull();
    expect(t.sheets.length).toBeLessThan(t.rows * t.columns);
    const length = t.sheets
      .flatMap((s) => s.lines)
      .reduce(
        (sum, line) =>
          sum + line.slice(1).reduce((all, p, i) => all + Math.hypot(p.x - line[i]!.x, p.y - line[i]!.y), 0),
        0,
      );
    // Laps show the line twice, nothing is missed.
    expect(length).toBeGreaterThan(2 * (t.lineWidthMm + t.lineHeightMm) * 0.8);
  });

  test('a straight edge has none', () => {
    expect(templateOf(RAIL, 'a4')).toBeNull();
  });
});
