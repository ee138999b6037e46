/**
 * What a typical figure of cost comes to in minor units of a currency, where it is 1 in pence. Roughly what the same
 * tin and the same hour cost where each is spent; only for beginning, until a firm has its own prices. Source: practice.
 */
export const PRICE_LEVELS: Readonly<Record<string, number>> = {
  GBP: 1,
  EUR: 1.15,
  USD: 1.4,
  CAD: 1.75,
  AUD: 1.9,
  NZD: 2,
  CHF: 1.4,
  SEK: 13,
  NOK: 14,
  DKK: 9,
  PLN: 5,
  CZK: 28,
  ZAR: 19,
  INR: 75,
  SGD: 1.7,
  // No minor unit: a yen is the smallest.
  JPY: 1.8,
};

/** The level of a currency; what is not in the table is priced as pence are, and has to be looked at first. */
export const priceLevel = (currency: string): number => PRICE_LEVELS[currency] ?? 1;
