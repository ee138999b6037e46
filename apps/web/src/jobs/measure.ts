import { measureFault, type Measure } from '@rustic/core';
import type { Units } from '../store/store.ts';
import { readTyped, sayMetres } from '../words/length.ts';

/** A measure while it is being typed. */
export interface MeasureSaid {
  width: string;
  height: string;
  count: string;
  bothSides: boolean;
  openings: { width: string; height: string; count: string }[];
}

export function saidOf(measure: Measure | null | undefined, units: Units): MeasureSaid {
  const say = (m: number) => sayMetres(m, units);
  return {
    width: measure ? say(measure.widthM) : '',
    height: measure ? say(measure.heightM) : '',
    count: String(measure?.count ?? 1),
    bothSides: measure?.bothSides ?? false,
    openings: (measure?.openings ?? []).map((o) => ({
      width: say(o.widthM),
      height: say(o.heightM),
      count: String(o.count),
    })),
  };
}

/** What was typed as a measure; null where nothing was, words where it cannot be read. */
export function measureOf(said: MeasureSaid, units: Units): Measure | null | { fault: string } {
  if (said.width.trim() === '' && said.height.trim() === '') return null;
  const read = (text: string) => readTyped(text, units);
  const unread = (words: string) => ({ fault: `${words} cannot be read. Write it as 2.4, 240 cm or 7' 10".` });
  const widthM = read(said.width);
  const heightM = read(said.height);
  if (widthM === null) return unread('The width');
  if (heightM === null) return unread('The height');
  const openings = said.openings
    .filter((o) => o.width.trim() !== '' || o.height.trim() !== '')
    .map((o) => ({ widthM: read(o.width), heightM: read(o.height), count: Math.max(1, Number(o.count) || 1) }));
  if (openings.some((o) => !o.widthM || !o.heightM)) return unread('An opening');
  const measure: Measure = {
    widthM,
    heightM,
    count: Math.max(1, Math.round(Number(said.count) || 1)),
    bothSides: said.bothSides,
    openings: openings as Measure['openings'],
  };
  const fault = measureFault(measure);
  return fault ? { fault } : measure;
}
