import { minorUnits, writeMoney } from '@rustic/core';

/** In minutes: from here on nobody asks for tenths of an hour. */
const THOUSAND_HOURS = 60_000;
/** Hours as a ledger writes them: 1.2; many, 12,816. */
export const sayHours = (minutes: number) =>
  minutes < THOUSAND_HOURS ? (minutes / 60).toFixed(1) : Math.round(minutes / 60).toLocaleString('en-GB');

/** In the place of a price for those who see none. */
export const NO_PRICE = '—';
/** A sum as an answer has it: not there for whoever does not see prices. */
export type Sum = number | null | undefined;
/** Whether somebody is told a sum. */
export const isTold = (minor: Sum): minor is number => minor != null && Number.isFinite(minor);

/** Money from minor units. */
export function sayMoney(minor: Sum, currency: string): string {
  if (!isTold(minor)) return NO_PRICE;
  return writeMoney(minor, currency, { whole: minor % minorUnits(currency) === 0 });
}

/** Whole pounds, for running totals. */
export function sayRoundMoney(minor: Sum, currency: string): string {
  if (!isTold(minor)) return NO_PRICE;
  return writeMoney(minor, currency, { whole: true });
}

/** ", worth about £31", or nothing for those who see no prices. */
export const sayWorth = (minor: Sum, currency: string) =>
  !isTold(minor) ? '' : `, worth about ${sayRoundMoney(minor, currency)}`;

/** 92 %, never 100 % of what is not certain. */
export const sayPercent = (p: number) =>
  `${p > 0.99 && p < 1 ? '99' : p < 0.01 && p > 0 ? '<1' : Math.round(p * 100)} %`;

/** "11 to 1 for it". Weights near one are said to be slight. */
export function sayWeight(ratio: number): string {
  if (ratio > 0.87 && ratio < 1.15) return 'hardly weighs';
  const n = ratio >= 1 ? ratio : 1 / ratio;
  const size = n >= 10 ? Math.round(n).toString() : n.toFixed(1).replace(/\.0$/, '');
  return `${size} to 1 ${ratio >= 1 ? 'for' : 'against'}`;
}

export const capital = (text: string) => (text ? text[0]!.toUpperCase() + text.slice(1) : text);
