import type { MapPlace } from '@rustic/core';
import type { DemoJob, DemoSurface } from './demoJob.ts';

const MONTH_DAYS = 30.4;
const DAY_MIN = 1440;

interface Earlier {
  title: string;
  place: string;
  mapPlace: MapPlace;
  client: string;
  builtYear: number;
  /** How long ago the last coat was laid. */
  months: number;
  /** When it was last walked round, in days ago. */
  walkedDaysAgo?: number;
  where: { name: string; facing?: 'north' | 'east' | 'south' | 'west' };
  surface: Omit<DemoSurface, 'laid'>;
}

const outside = (facts: Omit<DemoSurface['facts'], 'exposure'>) => ({ ...facts, exposure: 'exterior-exposed' as const });

/** Small jobs of the years before, in the same invented town: what the firm looks after. */
const EARLIER: readonly Earlier[] = [
  {
    title: 'Withy Cottage',
    place: 'Withy Green, Pellworth Staithe',
    mapPlace: { x: 4.7, y: 5.2 },
    client: 'Dorrit Aske',
    builtYear: 1874,
    months: 11.5,
    where: { name: 'Garden side', facing: 'west' },
    surface: {
      name: 'New picket gate',
      facts: outside({ element: 'gate', substrate: 'softwood', areaM2: 2.4, isNew: true, conditions: ['end-grain'] }),
      wanted: { sheen: 'satin', colour: '#52635a' },
    },
  },
  {
    title: 'Sluice House',
    place: 'Sluice Road, Pellworth Staithe',
    mapPlace: { x: 8.3, y: 4.6 },
    client: 'Fenn Halloway',
    builtYear: 1921,
    months: 6,
    where: { name: 'Weir side', facing: 'south' },
    surface: {
      name: 'Weatherboards',
      facts: outside({ element: 'siding', substrate: 'softwood', areaM2: 34, conditions: ['weathered-wood'] }),
      wanted: { sheen: 'satin', colour: '#e3ded0' },
    },
  },
  {
    title: 'Upriver Farm',
    place: 'Upriver, Pellworth Staithe',
    mapPlace: { x: 8.05, y: 2.15 },
    client: 'Isolde Trask',
    builtYear: 1802,
    months: 14,
    walkedDaysAgo: 96,
    where: { name: 'Yard side', facing: 'east' },
    surface: {
      name: 'Byre doors',
      facts: outside({ element: 'door', substrate: 'softwood', areaM2: 11, conditions: ['weathered-wood'] }),
      wanted: { sheen: 'satin', colour: '#6b2f28' },
    },
  },
  {
    title: 'Marsh End Chapel',
    place: 'Marsh End, Pellworth Staithe',
    mapPlace: { x: 2.1, y: 1.45 },
    client: 'Corin Wetherlow',
    builtYear: 1868,
    months: 7,
    where: { name: 'North porch', facing: 'north' },
    surface: {
      name: 'Porch boards',
      facts: outside({ element: 'siding', substrate: 'softwood', areaM2: 16, conditions: ['weathered-wood'] }),
      wanted: { sheen: 'satin', colour: '#2f4a44' },
    },
  },
  {
    title: 'Boatyard Stores',
    place: 'Boatyard, Pellworth Staithe',
    mapPlace: { x: 2.0, y: 2.95 },
    client: 'Jory Finch-Arden',
    builtYear: 1938,
    months: 26,
    where: { name: 'Slip side', facing: 'south' },
    surface: {
      name: 'Loft hatch and frame',
      facts: outside({ element: 'door', substrate: 'softwood', areaM2: 5, conditions: ['weathered-wood'] }),
      wanted: { sheen: 'satin', colour: '#33466f' },
      faults: [{ fault: 'peels', note: 'a hand’s width at the foot, down to bare wood', sizeM2: 0.03, view: 'plain' }],
    },
  },
  {
    title: 'Market Row bakehouse',
    place: 'Market Row, Pellworth Staithe',
    mapPlace: { x: 4.2, y: 2.2 },
    client: 'Maud Sallow',
    builtYear: 1895,
    months: 3,
    where: { name: 'Wash room' },
    surface: {
      name: 'Walls and ceiling',
      facts: { element: 'wall', substrate: 'skim-plaster', exposure: 'interior-wet', areaM2: 28, conditions: ['mould'] },
      tests: [{ kind: 'spirit-rub', result: 'transfer', place: 'over the basin' }],
      wanted: { sheen: 'eggshell', colour: '#eef0ea' },
    },
  },
  {
    title: 'Samphire House',
    place: 'Samphire, Pellworth Staithe',
    mapPlace: { x: 3.3, y: 5.35 },
    client: 'Peverell Stote',
    builtYear: 1911,
    months: 19,
    walkedDaysAgo: 96,
    where: { name: 'Estuary side', facing: 'north' },
    surface: {
      name: 'Sash windows, six',
      facts: outside({ element: 'window', substrate: 'softwood', areaM2: 13, conditions: ['weathered-wood'] }),
      wanted: { sheen: 'satin', colour: '#f4f1e8' },
    },
  },
  {
    title: 'Hollow Farm',
    place: 'Hollow Farm Lane, Pellworth Staithe',
    mapPlace: { x: 6.55, y: 1.65 },
    client: 'Tamsin Oake',
    builtYear: 1840,
    months: 38,
    walkedDaysAgo: 96,
    where: { name: 'Lane side', facing: 'east' },
    surface: {
      name: 'Render, lane side',
      facts: { element: 'masonry', substrate: 'render', areaM2: 42, conditions: ['chalking'], currentColour: '#d8cfb8' },
      tests: [
        { kind: 'hand-wipe', result: 'heavy' },
        { kind: 'tap-test', result: 'firm' },
      ],
      wanted: { colour: '#e6dfcd' },
    },
  },
];

const asJob = ({ months, walkedDaysAgo, where, surface, title, place, mapPlace, client, builtYear }: Earlier): DemoJob => ({
  title,
  place,
  mapPlace,
  client,
  builtYear,
  status: 'aftercare',
  starts: -Math.round(months * MONTH_DAYS + 14),
  crew: ['TL', 'PV'],
  temperatureC: 16,
  relativeHumidityPct: 62,
  post: false,
  note: '',
  rooms: [
    {
      ...where,
      surfaces: [
        {
          ...surface,
          ...(walkedDaysAgo ? { walkedDaysAgo } : {}),
          laid: {
            coats: 'all',
            prepared: true,
            daysBetween: 6,
            lastEndedMinAgo: Math.round(months * MONTH_DAYS) * DAY_MIN,
            temperatureC: 17,
            relativeHumidityPct: 60,
          },
        },
      ],
    },
  ],
});

export const EARLIER_JOBS: readonly DemoJob[] = EARLIER.map(asJob);
