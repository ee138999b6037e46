import { minorUnits, type PriceSettings } from '@rustic/core';
import type { Measure } from '../words/measures.ts';

/** One setting as it stands on the page: its words, how it is shown, and how what was typed becomes it. */
export interface SettingField {
  name: keyof PriceSettings;
  words: string;
  show: (value: never) => string;
  read: (typed: string) => number | string | null;
}

const figure = (typed: string): number | null => {
  const text = typed
    .trim()
    .replace(/[%£$€\s]/g, '')
    .replace(',', '.');
  const value = Number(text);
  return text !== '' && Number.isFinite(value) && value >= 0 ? value : null;
};
const scaled = (scale: number) => ({
  show: (value: number) => String(value / scale),
  read: (typed: string) => {
    const value = figure(typed);
    return value === null ? null : Math.round(value * scale);
  },
});
const field = (name: keyof PriceSettings, words: string, how: ReturnType<typeof scaled>) =>
  ({ name, words, ...how }) as SettingField;

/** In the order in which a price is built up; money in the firm's currency, volumes as whoever is here says them. */
export const settingFields = (currency: string, volume: Measure): readonly SettingField[] => [
  field('hourCost', 'A painter’s hour, money', scaled(minorUnits(currency))),
  field('visitMinutes', 'A visit beside the work, minutes', scaled(1)),
  field('dayMinutes', 'Hands on in a day, hours', scaled(60)),
  field('equipmentPerVisit', 'Equipment for a visit, money', scaled(minorUnits(currency))),
  field('overhead', 'Overhead, %', scaled(100)),
  field('margin', 'Margin, %', scaled(100)),
  { name: 'taxName', words: 'Tax is called', show: (v: string) => v, read: (t) => t.trim() || null } as SettingField,
  field('tax', 'Tax, %', scaled(100)),
  {
    name: 'reserveL',
    words: `Kept of each colour, ${volume.many}`,
    show: volume.say,
    read: (typed) => {
      const litres = volume.read(typed);
      return Number.isFinite(litres) && litres >= 0 ? litres : null;
    },
  } as SettingField,
  { ...field('sundriesLevel', 'Sundries, times the usual price', scaled(1)), read: figure },
  field('heldDays', 'A price is held, days', scaled(1)),
];

/** Reads every field, or says which one cannot be read. */
export function readSettings(
  said: Readonly<Record<string, string>>,
  fields: readonly SettingField[],
): { settings: Partial<PriceSettings> } | { fault: string } {
  const settings: Record<string, number | string> = {};
  for (const { name, words, read } of fields) {
    const value = read(said[name] ?? '');
    if (value === null) return { fault: `${words}: this cannot be read. Nothing was kept.` };
    settings[name] = value;
  }
  return { settings: settings as Partial<PriceSettings> };
}
