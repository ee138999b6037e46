/** Where each of these currencies is spent, for how a sum in it is written; any other is written as in Britain. */
const WRITTEN_AS: Record<string, string> = {
  USD: 'en-US',
  CAD: 'en-CA',
  AUD: 'en-AU',
  NZD: 'en-NZ',
  ZAR: 'en-ZA',
  INR: 'en-IN',
  SGD: 'en-SG',
  EUR: 'en-IE',
};
const localeOf = (currency: string) => WRITTEN_AS[currency] ?? 'en-GB';

/** Whether this is the ISO 4217 code of a currency. */
export const isCurrency = (code: string): boolean => Intl.supportedValuesOf('currency').includes(code);

const formats = new Map<string, Intl.NumberFormat>();
function formatOf(currency: string, decimals: number | undefined): Intl.NumberFormat {
  const key = `${currency}/${decimals}`;
  let format = formats.get(key);
  if (!format) {
    const digits = decimals === undefined ? {} : { minimumFractionDigits: decimals, maximumFractionDigits: decimals };
    formats.set(key, (format = new Intl.NumberFormat(localeOf(currency), { style: 'currency', currency, ...digits })));
  }
  return format;
}

/** How many minor units one of a currency has: 100 pence, 100 cents, 1 yen. */
export const minorUnits = (currency: string): number =>
  10 ** (formatOf(currency, undefined).resolvedOptions().maximumFractionDigits ?? 2);

/**
 * A sum of minor units as it is written where the currency is spent: £1,684.69, $1,684.69. `whole` leaves the minor
 * units out, and rounds.
 */
export function writeMoney(minor: number, currency: string, { whole = false } = {}): string {
  const sum = minor / minorUnits(currency);
  return whole ? formatOf(currency, 0).format(Math.round(sum)) : formatOf(currency, undefined).format(sum);
}
