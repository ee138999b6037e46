import { describe, expect, test } from '@jest/globals';
import { BLANK_SKETCH, offsetKm, STAITHE } from '@rustic/core';
import { houseSketch } from '../src/aftercare/houseSketch.ts';
import { matchPlaces } from '../src/aftercare/matchPlaces.ts';

const YARD = { lat: -41.29, lon: 174.78 };
const house = (id: string, more: object = {}) => ({
  id,
  title: `House ${id}`,
  place: `${id} Bay Road`,
  client: '',
  version: 1,
  mapPlace: null,
  at: null,
  ...more,
});

describe('where houses stand on the sketch', () => {
  test('the demo has its town; a firm of its own a sketch that fits its houses', () => {
    const placed = { mapPlace: { x: 3, y: 2 } };
    const demo = houseSketch({ shelfFrom: 'demo', yard: null }, [house('a', placed)]);
    expect(demo.map).toBe(STAITHE);
    expect(demo.placed.get('a')).toEqual({ x: 3, y: 2 });
    const own = houseSketch({ shelfFrom: 'typical', yard: YARD }, [
      house('a', { at: { lat: -41.2, lon: 174.9 } }),
      house('b', { mapPlace: { x: 32, y: 19 } }),
      house('c'),
    ]);
    const { map } = own;
    const { east, north } = offsetKm(YARD, { lat: -41.2, lon: 174.9 });
    expect(own.placed.get('a')).toEqual({ x: map.yard.x + east, y: map.yard.y - north });
    expect(own.placed.get('b')).toEqual({ x: map.yard.x + 2, y: map.yard.y - 1 });
    expect(own.placed.has('c')).toBe(false);
  });

  test('a tap says coordinates where the yard is known, and a place on the sketch where it is not', () => {
    const known = houseSketch({ shelfFrom: 'typical', yard: YARD }, []);
    const there = known.said({ x: known.wider.yard.x + 5, y: known.wider.yard.y - 3 }) as { at: typeof YARD };
    const { east, north } = offsetKm(YARD, there.at);
    expect([east, north]).toEqual([expect.closeTo(5, 2), expect.closeTo(3, 2)]);
    const unknown = houseSketch({ shelfFrom: 'typical', yard: null }, []);
    expect(unknown.said({ x: 12, y: 7 })).toEqual({ mapPlace: { x: 12, y: 7 } });
    // Put there, it stands where it was tapped: on a sketch that has since closed in on it.
    const after = houseSketch({ shelfFrom: 'typical', yard: null }, [house('a', { mapPlace: { x: 12, y: 7 } })]);
    const { x, y } = after.placed.get('a')!;
    expect([x - after.map.yard.x, y - after.map.yard.y]).toEqual([
      expect.closeTo(12 - BLANK_SKETCH.yard.x, 9),
      expect.closeTo(7 - BLANK_SKETCH.yard.y, 9),
    ]);
  });
});

describe('what the places of a file are taken for', () => {
  const at = { lat: 1, lon: 2 };
  test('the yard, a job by its name or its address, and none twice', () => {
    const jobs = [house('a'), house('b', { title: 'The Bach' }), house('c', { title: 'Kōwhai Lodge' })];
    const places = [
      { name: 'Yard', address: '', at },
      { name: 'the bach', address: '', at },
      { name: 'Smith', address: 'A, Bay Road', at },
      { name: 'Kowhai lodge', address: '', at },
      { name: 'The Bach', address: '', at },
      { name: 'Elsewhere', address: '', at },
    ];
    const { yard, houses, others } = matchPlaces(places, jobs, 'Tui & Bay');
    expect(yard).toBe(places[0]);
    expect(houses.map(({ job, place }) => [job.id, place.name])).toEqual([
      ['b', 'the bach'],
      ['a', 'Smith'],
    ]);
    expect(others.map((p) => p.name)).toEqual(['Kowhai lodge', 'The Bach', 'Elsewhere']);
  });
});
