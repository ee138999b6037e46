import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  BLANK_SKETCH,
  type Coordinates,
  fromYard,
  offsetKm,
  onSketch,
  placeAt,
  readCoordinates,
  readPlaces,
  ROUNDABOUT,
  roadsBetween,
  sayCoordinates,
  sketchRound,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const lat = fc.double({ min: -70, max: 70, noNaN: true });
const lon = fc.double({ min: -180, max: 180, noNaN: true });
/** Great circles, written by the law of cosines for sides: another way than the one that is tested. */
function greatCircleKm(a: Coordinates, b: Coordinates): number {
  const r = (d: number) => (d * Math.PI) / 180;
  const cos =
    Math.sin(r(a.lat)) * Math.sin(r(b.lat)) + Math.cos(r(a.lat)) * Math.cos(r(b.lat)) * Math.cos(r(b.lon - a.lon));
  return 6371.0088 * Math.acos(Math.min(1, cos));
}

describe('coordinates as people write them', () => {
  test.each([
    ['52.204, -1.733', 52.204, -1.733],
    ['52.204,-1.733', 52.204, -1.733],
    ['  39.7392 -104.9903 ', 39.7392, -104.9903],
    ['52,204; -1,733', 52.204, -1.733],
    ['-41.2889, 174.7772', -41.2889, 174.7772],
    ['41.2889 S, 174.7772 E', -41.2889, 174.7772],
    ['S 41.2889 E 174.7772', -41.2889, 174.7772],
    ['174.7772 E 41.2889 S', -41.2889, 174.7772],
    [`52°12'14.4"N 1°43'58.8"W`, 52.204, -1.733],
    ['52° 12′ 14.4″ N, 1° 43′ 58.8″ W', 52.204, -1.733],
    [`39°44.352'N 104°59.418'W`, 39.7392, -104.9903],
    ['−33.8688, 151.2093', -33.8688, 151.2093],
    ['0, 0', 0, 0],
  ])('%s', (text, north, east) => {
    const read = readCoordinates(text)!;
    expect(read.lat).toBeCloseTo(north, 6);
    expect(read.lon).toBeCloseTo(east, 6);
  });
  test.each([
    '',
    'Denver',
    '52.204',
    '91, 0',
    '0, 181',
    '52.204 N, 1.733 N',
    '-52 S, 1 W',
    `52°61'N 1°W`,
    '1, 2, 3',
    '52; 1; 2x',
  ])('is refused: %s', (text) => expect(readCoordinates(text)).toBeNull());
  test('what is said is read back to a metre', () => {
    fc.assert(
      fc.property(lat, lon, (a, b) => {
        const read = readCoordinates(sayCoordinates({ lat: a, lon: b }))!;
        expect(read.lat).toBeCloseTo(a, 4);
        expect(read.lon).toBeCloseTo(b, 4);
      }),
    );
  });
});

describe('how far a house lies', () => {
  test('is what the great circle says, to a part in two hundred within a day’s drive', () => {
    const near = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(lat, lon, near, near, (a, b, up, across) => {
        const from = { lat: a, lon: b };
        const to = { lat: a + up, lon: b + across };
        const { east, north } = offsetKm(from, to);
        const exact = greatCircleKm(from, to);
        fc.pre(exact > 1);
        expect(Math.abs(Math.hypot(east, north) - exact) / exact).toBeLessThan(0.005);
        if (Math.abs(up) > 1e-9) expect(Math.sign(north)).toBe(Math.sign(up));
        const back = placeAt(from, { east, north });
        expect(greatCircleKm(back, to)).toBeLessThan(0.01);
      }),
    );
  });
  test('goes the short way over the date line', () => {
    const { east } = offsetKm({ lat: -17, lon: 179.9 }, { lat: -17, lon: -179.9 });
    expect(east).toBeCloseTo(greatCircleKm({ lat: -17, lon: 179.9 }, { lat: -17, lon: -179.9 }), 1);
  });
});

describe('a sketch round the yard', () => {
  test('shows every house, the yard in its middle, and the way as a straight line times the factor', () => {
    const km = fc.double({ min: -400, max: 400, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.record({ east: km, north: km }), { minLength: 1, maxLength: 20 }), (houses) => {
        const map = sketchRound(houses);
        for (const house of houses) {
          const place = onSketch(map, house);
          expect(place.x).toBeGreaterThanOrEqual(0);
          expect(place.x).toBeLessThanOrEqual(map.widthKm);
          expect(place.y).toBeGreaterThanOrEqual(0);
          expect(place.y).toBeLessThanOrEqual(map.heightKm);
          const back = fromYard(map, place);
          expect(back.east).toBeCloseTo(house.east, 9);
          expect(back.north).toBeCloseTo(house.north, 9);
          const { km: ways } = roadsBetween(map, [map.yard, place]);
          expect(ways[0]![1]).toBeCloseTo(Math.hypot(house.east, house.north) * ROUNDABOUT, 6);
        }
        expect(map.yard).toEqual({ x: map.widthKm / 2, y: map.heightKm / 2 });
      }),
    );
    expect(sketchRound([])).toBe(BLANK_SKETCH);
    expect(sketchRound([{ east: 0.1, north: 0 }]).widthKm).toBe(4);
  });
});

describe('places from a file', () => {
  const sail = { name: 'Sail Loft', address: '12 Alder Street', at: { lat: 39.7392, lon: -104.9903 } };
  test('a table, with any of the usual separators and names of columns', () => {
    for (const text of [
      'name,address,latitude,longitude\nSail Loft,12 Alder Street,39.7392,-104.9903\n',
      '\uFEFFTitle;Street;Lat;Lng\r\nSail Loft;12 Alder Street;39,7392;-104,9903\r\n',
      'Job\tAddress\tCoordinates\nSail Loft\t12 Alder Street\t39.7392, -104.9903',
    ])
      expect(readPlaces(text)).toEqual({ places: [sail], faults: [] });
  });
  test('waypoints of a GPX file', () => {
    const gpx = `<?xml version="1.0"?><gpx version="1.1"><wpt lat="39.7392" lon="-104.9903"><name>Sail Loft</name><desc>12 Alder Street</desc></wpt><wpt lat="x" lon="1"><name>Lost &amp; gone</name></wpt></gpx>`;
    expect(readPlaces(gpx)).toEqual({
      places: [sail],
      faults: ['Waypoint 2 has no coordinates that can be read.'],
    });
  });
  test('points of a GeoJSON file: east stands before north there', () => {
    const feature = (geometry: object | null, properties: object | null) => ({ type: 'Feature', geometry, properties });
    const file = {
      type: 'FeatureCollection',
      features: [
        feature(
          { type: 'Point', coordinates: [-104.9903, 39.7392] },
          { name: 'Sail Loft', address: '12 Alder Street' },
        ),
        feature({ type: 'LineString', coordinates: [] }, { name: 'A way' }),
        feature({ type: 'Point', coordinates: [0, 0] }, null),
      ],
    };
    expect(readPlaces(JSON.stringify(file))).toEqual({
      places: [sail],
      faults: ['Feature 2 has no coordinates that can be read.', 'Feature 3 has no name.'],
    });
  });
  test.each([
    ['', 'The file is empty.'],
    ['{"a":', 'This is no JSON that can be read.'],
    ['{"type":"Polygon"}', 'This is no GeoJSON: it has no features.'],
    ['<gpx><wpt></gpx>', 'This is no GPX that can be read.'],
    ['<kml></kml>', 'This is no GPX file.'],
    ['a,b\n1,2', 'The table needs a column “name”, and “latitude” and “longitude” or “coordinates”.'],
  ])('what is none is said: %s', (text, fault) => expect(readPlaces(text)).toEqual({ places: [], faults: [fault] }));
  test('a row that cannot be read is named, and the rest stands', () => {
    const { places, faults } = readPlaces('name,lat,lon\nA,1,2\nB,,\n,3,4\nC,95,1\nD,5,6');
    expect(places.map((p) => p.name)).toEqual(['A', 'D']);
    expect(faults).toEqual([
      'Row 3 has no coordinates that can be read.',
      'Row 4 has no name.',
      'Row 5 has no coordinates that can be read.',
    ]);
  });
});
