import { measureFault, type Measure, type Shape } from '@rustic/core';
import type { Units } from '../store/store.ts';
import { readTyped, sayMetres } from '../words/length.ts';
import { readFigure } from '../words/readFigure.ts';
import { CUT, SHAPE_FIELDS, type Field } from './measureFields.ts';

/** A measure while it is being typed: every field as it stands on the page. */
export interface MeasureSaid {
  shape: Shape;
  text: Record<string, string>;
  ticks: Record<string, boolean>;
  openings: { width: string; height: string; count: string }[];
}

/** A shape as it is first shown: usual sizes are offered, the rest is empty. */
export function blankMeasure(shape: Shape, units: Units): MeasureSaid {
  const text: Record<string, string> = {};
  for (const f of SHAPE_FIELDS[shape]) {
    if (f.kind === 'length') text[f.name] = f.usualM ? sayMetres(f.usualM, units) : '';
    else if (f.kind === 'count') text[f.name] = String(f.usual);
    else if (f.kind === 'pick') text[f.name] = Object.keys(f.options)[0]!;
  }
  return { shape, text, ticks: {}, openings: [] };
}

export function saidOf(measure: Measure | null | undefined, units: Units): MeasureSaid {
  const said = blankMeasure(measure?.shape ?? 'face', units);
  if (!measure) return said;
  const held = measure as unknown as Record<string, unknown>;
  for (const f of SHAPE_FIELDS[said.shape]) {
    const value = held[f.name];
    if (f.kind === 'tick') said.ticks[f.name] = value === true;
    else
      said.text[f.name] =
        value === undefined
          ? ''
          : typeof value === 'number' && f.kind === 'length'
            ? sayMetres(value, units)
            : String(value);
  }
  const openings = 'openings' in measure ? measure.openings : [];
  said.openings = openings.map((o) => ({
    width: sayMetres(o.widthM, units),
    height: sayMetres(o.heightM, units),
    count: String(o.count),
  }));
  return said;
}

/** How many: one where nothing is said, nothing that can be read where it is no number. */
function counted(text: string | undefined): number | null {
  if (isEmpty(text)) return 1;
  const read = readFigure(text!);
  return Number.isNaN(read) ? null : Math.max(1, Math.round(read));
}
const unread = (words: string) => ({ fault: `${words} cannot be read. Write it as 2.4, 240 cm or 7' 10".` });
const isEmpty = (text: string | undefined) => (text ?? '').trim() === '';

/** Nothing was measured while every size that has no usual one is empty. */
const untouched = (said: MeasureSaid) =>
  SHAPE_FIELDS[said.shape]
    .filter((f) => f.kind === 'length' && !f.optional && f.usualM === undefined)
    .every((f) => isEmpty(said.text[f.name])) &&
  said.shape !== 'spindles' &&
  said.shape !== 'doors';

function fieldOf(f: Field, said: MeasureSaid, units: Units): unknown {
  if (f.kind === 'tick') return said.ticks[f.name] === true;
  if (f.kind === 'count') return counted(said.text[f.name]);
  if (f.kind === 'pick') return said.text[f.name];
  if (f.optional && isEmpty(said.text[f.name])) return undefined;
  return readTyped(said.text[f.name] ?? '', units);
}

/** What was typed as a measure; null where nothing was, words where it cannot be read. */
export function measureOf(said: MeasureSaid, units: Units): Measure | null | { fault: string } {
  if (untouched(said)) return null;
  const measure: Record<string, unknown> = said.shape === 'face' ? {} : { shape: said.shape };
  for (const f of SHAPE_FIELDS[said.shape]) {
    const value = fieldOf(f, said, units);
    if (value === null) return unread(f.words);
    if (value !== undefined) measure[f.name] = value;
  }
  if (CUT.includes(said.shape)) {
    const openings = said.openings
      .filter((o) => !isEmpty(o.width) || !isEmpty(o.height))
      .map((o) => ({
        widthM: readTyped(o.width, units),
        heightM: readTyped(o.height, units),
        count: counted(o.count),
      }));
    if (openings.some((o) => !o.widthM || !o.heightM || !o.count)) return unread('An opening');
    measure['openings'] = openings;
  }
  const read = measure as unknown as Measure;
  const fault = measureFault(read);
  return fault ? { fault } : read;
}
