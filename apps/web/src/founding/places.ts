/** Every time zone and currency there is, by the browser's own lists. */
export const ZONES: readonly string[] = Intl.supportedValuesOf('timeZone');
export const CURRENCIES: readonly string[] = Intl.supportedValuesOf('currency');

/** The zone of this device. */
export const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone;

export const sayZone = (zone: string): string => zone.replaceAll('_', ' ').replaceAll('/', ' / ');

const names = new Intl.DisplayNames('en', { type: 'currency' });
export const sayCurrency = (code: string): string => `${code}, ${names.of(code) ?? code}`;
