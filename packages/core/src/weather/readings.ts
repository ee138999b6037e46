import { DateTime } from 'luxon';
import Papa from 'papaparse';

/** Hourly readings as they came from a file, ready to plan with. */
export interface Readings {
  from: number;
  temperatureC: number[];
  relativeHumidityPct: number[];
  surfaceC: number[] | null;
  rainMm: number[] | null;
  windMs: number[] | null;
  /** Hours that no reading told of, filled in between its neighbours. Minutes since the epoch, and how many. */
  gaps: { from: number; hours: number }[];
}

export interface ReadingFault {
  line: number;
  message: string;
}

export type ReadingsRead = { readings: Readings } | { faults: ReadingFault[] };

/** A longer gap is no reading: what lay in between is not known. */
const LONGEST_GAP = 6;
const MOST_HOURS = 24 * 366;
const HOUR = 60;

type Column = 'temperatureC' | 'relativeHumidityPct' | 'surfaceC' | 'rainMm' | 'windMs';

/** What each column may be called, and what its figures may be. */
const COLUMNS: Record<Column, { names: RegExp; least: number; most: number; unit: string }> = {
  temperatureC: { names: /^(temp(erature)?(_?c)?|air_?c|°c)$/, least: -60, most: 80, unit: '°C' },
  relativeHumidityPct: {
    names: /^(r?h(_?pct)?|(relative_?)?humidity(_?pct)?|%|% rh)$/,
    least: 0,
    most: 100,
    unit: '%',
  },
  surfaceC: { names: /^surface(_?temperature)?(_?c)?$/, least: -60, most: 120, unit: '°C' },
  rainMm: { names: /^rain(fall)?(_?mm)?$/, least: 0, most: 1000, unit: 'mm' },
  windMs: { names: /^wind(_?speed)?(_?m?s)?$/, least: 0, most: 120, unit: 'm/s' },
};
const TIME = /^(time(stamp)?|date_?time|date|at|when)$/;
const plain = (name: string) =>
  name
    .trim()
    .toLowerCase()
    .replace(/[\s/()-]+/g, '_')
    .replace(/_+$/, '');

/**
 * Reads a CSV of readings: a column of times (ISO 8601; without an offset they are local to `zone`), one of air
 * temperature, one of humidity, and where there are any, of surface, rain and wind. Several readings of an hour are
 * averaged (rain is summed), the hour that an autumn change gives twice included. Gaps up to six hours are filled in
 * between and named; a longer one, or a figure out of range, refuses the file with every fault by its line.
 */
export function readReadings(text: string, zone: string): ReadingsRead {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: plain,
    delimitersToGuess: [',', ';', '\t'],
  });
  const fields = meta.fields ?? [];
  const time = fields.find((f) => TIME.test(f));
  const columns = (Object.keys(COLUMNS) as Column[]).flatMap((column) => {
    const field = fields.find((f) => COLUMNS[column].names.test(f));
    return field ? [{ column, field }] : [];
  });
  const has = (column: Column) => columns.some((c) => c.column === column);
  if (!time || !has('temperatureC') || !has('relativeHumidityPct'))
    return fault(1, 'The first line names the columns: time, temperature_c and humidity_pct are needed.');
  if (data.length === 0) return fault(1, 'There are no readings under the first line.');
  const faults: ReadingFault[] = [];
  const hours = new Map<number, Map<Column, number[]>>();
  data.forEach((row, i) => {
    const at = minuteOf(row[time] ?? '', zone);
    if (at === null) return void faults.push({ line: i + 2, message: `"${row[time]}" is no time.` });
    const hour = Math.floor(at / HOUR) * HOUR;
    const of = hours.get(hour) ?? new Map<Column, number[]>();
    hours.set(hour, of);
    for (const { column, field } of columns) {
      const said = (row[field] ?? '').trim().replace(',', '.');
      if (said === '') continue;
      const { least, most, unit } = COLUMNS[column];
      const value = Number(said);
      if (!Number.isFinite(value) || value < least || value > most)
        faults.push({ line: i + 2, message: `"${row[field]}" is no ${field}: ${least} to ${most} ${unit}.` });
      else of.set(column, [...(of.get(column) ?? []), value]);
    }
  });
  if (faults.length) return { faults };
  return laidOut(
    hours,
    columns.map((c) => c.column),
    zone,
  );
}

const fault = (line: number, message: string): ReadingsRead => ({ faults: [{ line, message }] });

function minuteOf(said: string, zone: string): number | null {
  const text = said.trim().replace(' ', 'T');
  const at = DateTime.fromISO(text, { zone });
  const known = at.isValid ? at : DateTime.fromFormat(said.trim(), 'd.M.yyyy H:mm', { zone });
  const ok = known.isValid && known.year >= 1970 && known.year < 2200;
  return ok ? Math.floor(known.toMillis() / 60_000) : null;
}

function laidOut(
  hours: ReadonlyMap<number, ReadonlyMap<Column, number[]>>,
  columns: readonly Column[],
  zone: string,
): ReadingsRead {
  const known = [...hours.keys()].sort((a, b) => a - b);
  const from = known[0]!;
  const count = (known.at(-1)! - from) / HOUR + 1;
  if (count > MOST_HOURS) return fault(2, 'The readings span more than a year: send them in parts.');
  const gaps: Readings['gaps'] = [];
  for (let i = 1; i < known.length; i++) {
    const missing = (known[i]! - known[i - 1]!) / HOUR - 1;
    if (missing > 0) gaps.push({ from: known[i - 1]! + HOUR, hours: missing });
  }
  const long = gaps.find((g) => g.hours > LONGEST_GAP);
  if (long) {
    const said = DateTime.fromMillis(long.from * 60_000, { zone }).toFormat('d MMM yyyy HH:mm');
    return fault(0, `${long.hours} hours are missing from ${said} on. Send the readings before and after it apart.`);
  }
  const list = (column: Column): number[] | null => {
    if (!columns.includes(column)) return null;
    const join = (values: number[]) =>
      column === 'rainMm' ? values.reduce((a, b) => a + b, 0) : values.reduce((a, b) => a + b, 0) / values.length;
    return between(
      Array.from({ length: count }, (_, i) => {
        const values = hours.get(from + i * HOUR)?.get(column);
        return values ? Math.round(join(values) * 100) / 100 : null;
      }),
      column === 'rainMm',
    );
  };
  const temperatureC = list('temperatureC');
  const relativeHumidityPct = list('relativeHumidityPct');
  if (!temperatureC || !relativeHumidityPct) return fault(2, 'Temperature or humidity has no figure at all.');
  const [surfaceC, rainMm, windMs] = [list('surfaceC'), list('rainMm'), list('windMs')];
  return { readings: { from, temperatureC, relativeHumidityPct, surfaceC, rainMm, windMs, gaps } };
}

/** Fills what is missing on a straight line between its neighbours; rain that nobody measured did not fall. Null where nothing is known. */
function between(values: readonly (number | null)[], nothingIsZero: boolean): number[] | null {
  if (values.every((v) => v === null)) return null;
  if (nothingIsZero) return values.map((v) => v ?? 0);
  const out = values.slice();
  let before = -1;
  for (let at = 0; at < out.length; at++) {
    if (values[at] === null) continue;
    for (let i = before + 1; i < at; i++) {
      const share = (i - before) / (at - before);
      out[i] =
        before < 0 ? values[at]! : Math.round((values[before]! + share * (values[at]! - values[before]!)) * 100) / 100;
    }
    before = at;
  }
  return out.map((v) => v ?? values[before]!);
}
