import { capital } from './figures.ts';

/** Fields whose name says their unit, or is no word of the trade. */
const CALLED: Readonly<Record<string, string>> = {
  $: 'this file',
  areaM2: 'the size',
  temperatureC: 'the temperature',
  surfaceC: 'the temperature of the surface',
  relativeHumidityPct: 'the humidity',
  wetFilmUm: 'the wet film',
  handsOnMin: 'hands on',
  builtYear: 'the year built',
  startsAt: 'the day on which work may begin',
  startedAt: 'the beginning',
  endedAt: 'the end',
  taxPct: 'the rate of the tax',
  spreadM2PerL: 'the spread',
  facts: 'what the surface is',
  wanted: 'what is wanted',
};

const IS_INDEX = /^\d+$/;

/** `wetFilm` → wet film, `productId` → product. */
const plain = (name: string) =>
  name
    .replace(/Id$/, '')
    .replace(/(M2|Min|Pct|Um|C|L)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();

/** What a field of a request is called on a page: the last name of its path, with the line that it stands in. */
export function fieldWords(path: string): string {
  const parts = path.split(/[./]/).filter(Boolean);
  const name = parts.findLast((part) => !IS_INDEX.test(part)) ?? '';
  const line = parts.find((part) => IS_INDEX.test(part));
  const words = CALLED[name] ?? plain(name);
  return line === undefined ? words : `${words}, number ${Number(line) + 1}`;
}

/** A fault as a sentence: "Product is needed." */
export const faultSentence = ({ path, message }: { path: string; message: string }): string =>
  `${capital([fieldWords(path), message].filter(Boolean).join(' ')).replace(/\.$/, '')}.`;
