import type { Hemisphere } from '@rustic/core';

/** The zone of this device. */
export const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone;

const zones = Intl.supportedValuesOf('timeZone');
/** Every time zone and currency there is, by the browser's own lists; the device's own zone also where they lack it. */
export const ZONES: readonly string[] = zones.includes(HERE) ? zones : [HERE, ...zones];
export const CURRENCIES: readonly string[] = Intl.supportedValuesOf('currency');

export const sayZone = (zone: string): string => zone.replaceAll('_', ' ').replaceAll('/', ' / ');

/** Which half of the earth, as it is felt. */
export const HEMISPHERE_WORDS: Record<Hemisphere, string> = {
  northern: 'Northern: summer in July',
  southern: 'Southern: summer in January',
};

const names = new Intl.DisplayNames('en', { type: 'currency' });
export const sayCurrency = (code: string): string => `${code}, ${names.of(code) ?? code}`;
