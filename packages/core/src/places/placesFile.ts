import { XMLParser, XMLValidator } from 'fast-xml-parser';
import Papa from 'papaparse';
import { coordinatesSchema, readCoordinates, type Coordinates } from '../units/coordinates.ts';

/** A place that a file names. */
export interface NamedPlace {
  name: string;
  address: string;
  at: Coordinates;
}

/** What a file of places holds: what could be read, and what could not, in words. */
export interface PlacesRead {
  places: NamedPlace[];
  faults: string[];
}

const MOST = 2000;

/**
 * Reads places from a file by what is in it: GeoJSON points, waypoints of a GPX file, or a table with a name and
 * coordinates, with any of the usual separators. What cannot be read is said; the rest stands.
 */
export function readPlaces(text: string): PlacesRead {
  const body = text.replace(/^\uFEFF/, '').trim();
  if (body === '') return { places: [], faults: ['The file is empty.'] };
  const read =
    body.startsWith('{') || body.startsWith('[')
      ? fromGeoJson(body)
      : body.startsWith('<')
        ? fromGpx(body)
        : fromTable(body);
  if (read.places.length <= MOST) return read;
  return { places: read.places.slice(0, MOST), faults: [...read.faults, `Only the first ${MOST} places were read.`] };
}

const textOf = (value: unknown) =>
  typeof value === 'string' || typeof value === 'number' ? String(value).trim().slice(0, 200) : '';

/** Collects what stands at coordinates; what does not is said by `where`. */
function collected(
  rows: readonly { where: string; name: unknown; address: unknown; at: Coordinates | null }[],
): PlacesRead {
  const places = rows.flatMap(({ name, address, at }) =>
    at && textOf(name) ? [{ name: textOf(name), address: textOf(address), at }] : [],
  );
  const faults = rows.flatMap(({ where, name, at }) =>
    at ? (textOf(name) ? [] : [`${where} has no name.`]) : [`${where} has no coordinates that can be read.`],
  );
  return { places, faults };
}

const pointOf = (lat: unknown, lon: unknown): Coordinates | null => {
  const read = coordinatesSchema.safeParse({ lat: Number(lat), lon: Number(lon) });
  return lat !== undefined && lon !== undefined && lat !== '' && lon !== '' && read.success ? read.data : null;
};

interface Feature {
  geometry?: { type?: unknown; coordinates?: unknown[] } | null;
  properties?: Record<string, unknown> | null;
}

function fromGeoJson(body: string): PlacesRead {
  let json: unknown;
  try {
    json = JSON.parse(body);
  } catch {
    return { places: [], faults: ['This is no JSON that can be read.'] };
  }
  const { features, type } = json as { features?: unknown; type?: unknown };
  const all = type === 'FeatureCollection' && Array.isArray(features) ? features : type === 'Feature' ? [json] : null;
  if (!all) return { places: [], faults: ['This is no GeoJSON: it has no features.'] };
  return collected(
    (all as (Feature | null)[]).map((feature, i) => {
      const { geometry, properties } = feature ?? {};
      const said = properties ?? {};
      return {
        where: `Feature ${i + 1}`,
        name: said['name'] ?? said['title'] ?? said['Name'],
        address: said['address'] ?? said['description'],
        at: geometry?.type === 'Point' ? pointOf(geometry.coordinates?.[1], geometry.coordinates?.[0]) : null,
      };
    }),
  );
}

function fromGpx(body: string): PlacesRead {
  if (XMLValidator.validate(body) !== true) return { places: [], faults: ['This is no GPX that can be read.'] };
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '@',
    parseTagValue: false,
    processEntities: true,
    isArray: (name) => name === 'wpt',
  });
  const { gpx } = parser.parse(body) as { gpx?: { wpt?: Record<string, unknown>[] } };
  if (!gpx) return { places: [], faults: ['This is no GPX file.'] };
  return collected(
    (gpx.wpt ?? []).map((point, i) => ({
      where: `Waypoint ${i + 1}`,
      name: point['name'],
      address: point['desc'] ?? point['cmt'],
      at: pointOf(point['@lat'], point['@lon']),
    })),
  );
}

/** How the columns of a table may be called. */
const COLUMNS: Readonly<Record<'name' | 'address' | 'lat' | 'lon' | 'both', readonly string[]>> = {
  name: ['name', 'job', 'title', 'house', 'place', 'customer', 'client'],
  address: ['address', 'street', 'where', 'description'],
  lat: ['lat', 'latitude', 'north', 'northing', 'y'],
  lon: ['lon', 'lng', 'long', 'longitude', 'east', 'easting', 'x'],
  both: ['coordinates', 'position', 'location', 'latlon', 'lat lon', 'lat/lon', 'gps'],
};

function fromTable(body: string): PlacesRead {
  const { data } = Papa.parse<string[]>(body, { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const titles = head.map((title) => title.trim().toLowerCase());
  const column = (which: keyof typeof COLUMNS) => titles.findIndex((title) => COLUMNS[which].includes(title));
  const [name, address, lat, lon, both] = (['name', 'address', 'lat', 'lon', 'both'] as const).map(column) as [
    number,
    number,
    number,
    number,
    number,
  ];
  if (name < 0 || (both < 0 && (lat < 0 || lon < 0)))
    return {
      places: [],
      faults: ['The table needs a column “name”, and “latitude” and “longitude” or “coordinates”.'],
    };
  return collected(
    rows.map((row, i) => ({
      where: `Row ${i + 2}`,
      name: row[name],
      address: row[address],
      at: readCoordinates(both >= 0 ? (row[both] ?? '') : `${row[lat] ?? ''}; ${row[lon] ?? ''}`),
    })),
  );
}
