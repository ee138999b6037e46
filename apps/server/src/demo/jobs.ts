import type { Access, Facing, Family, Fault, MapPlace, SketchPlace, SurfaceFacts, TestRecord, View, Wanted, AirSource, Exclusion, JobStatus } from '@rustic/core';

export interface DemoSurface {
  name: string;
  campaign?: string;
  facts: Partial<SurfaceFacts> & Pick<SurfaceFacts, 'element' | 'substrate'>;
  wanted?: Partial<Wanted>;
  tests?: TestRecord[];
  /** What the client keeps out. */
  leftOut?: Omit<Exclusion, 'id'>[];
  access?: Access;
  /** Coats already logged: how many of the surface's coats, and how many minutes ago the last ended; with the steps before them, where it was `prepared`. */
  laid?: { coats: number | 'all'; lastEndedMinAgo: number; daysBetween?: number; prepared?: true; temperatureC: number; relativeHumidityPct: number };
  /** When it was last walked round after hand-over, in days ago. */
  walkedDaysAgo?: number;
  /** Faults found on it today, after the work. */
  faults?: { fault: Fault; note: string; sizeM2: number; view: View; mark?: SketchPlace }[];
}

export interface DemoJob {
  title: string;
  place: string;
  /** On the sketch map of the town, in kilometres. */
  mapPlace?: MapPlace;
  client: string;
  builtYear: number | null;
  status: JobStatus;
  note: string;
  /** Days from today that it starts; 'next-monday' for the next one. */
  starts: number | 'next-monday';
  /** Initials of those on it. */
  crew: string[];
  temperatureC: number;
  relativeHumidityPct: number;
  post: boolean;
  rooms: DemoRoom[];
  trial?: DemoTrial;
}

export interface DemoRoom {
  name: string;
  backBy?: string;
  /** Where its air is known from: elevations by the station, rooms by hand where not said. */
  airFrom?: AirSource;
  /** Size and openings, from which the walls are unfolded; in metres. */
  size?: { lengthM: number; widthM: number; heightM: number; windows: number; doors: number };
  /** Which way an elevation looks; rooms have none. */
  facing?: Facing;
  surfaces: DemoSurface[];
}

/** A trial board that is under way: laid some days ago, and looked at once. */
export interface DemoTrial {
  title: string;
  place: string;
  surface: string;
  preparations: string[];
  primers: Family[];
  topcoats: Family[];
  laidDaysAgo: number;
  /** How a cell of each primer looked at the first look, by thumbnail. */
  looked: Partial<Record<Family, string>>;
  untreated: string;
}

const rubbed = (result: string, place: string): TestRecord => ({ kind: 'spirit-rub', result, place });
const YEAR_MIN = 366 * 1440;
const DAY = 1440;

/** The four jobs of the demo. Every place, person and product is invented; times are relative to the day it is loaded. */
export const DEMO_JOBS: readonly DemoJob[] = [
  {
    title: "Ferrykeeper's House",
    place: 'Slip Lane, Pellworth Staithe',
    mapPlace: { x: 2.75, y: 3.15 },
    client: 'Hesper Anstey-Quill',
    builtYear: 1908,
    status: 'active',
    starts: -4,
    crew: ['AT', 'TL', 'MO'],
    temperatureC: 17,
    relativeHumidityPct: 58,
    post: true,
    note: 'Lived in. The client keeps the brass on the parlour door as it is.',
    rooms: [
      {
        name: 'Stair hall',
        size: { lengthM: 5.4, widthM: 2.6, heightM: 2.9, windows: 1, doors: 3 },
        surfaces: [
          {
            name: 'Panelling below the rail',
            campaign: 'stair gloss',
            facts: {
              element: 'trim',
              substrate: 'softwood',
              areaM2: 18.4,
              conditions: ['glossy', 'nail-holes', 'gaps'],
              currentColour: '#e3d9b0',
            },
            wanted: { chemistry: 'waterborne', sheen: 'satin', colour: '#22384d' },
            tests: [
              rubbed('no-transfer', 'left of the newel'),
              { kind: 'sheen-look', result: 'gloss', yellowed: true },
              { kind: 'cross-cut', grade: 1, place: 'behind the meter door' },
            ],
            laid: { coats: 1, lastEndedMinAgo: 130, temperatureC: 17, relativeHumidityPct: 58 },
          },
          {
            name: 'Spindles, 42',
            campaign: 'stair gloss',
            facts: {
              element: 'stair',
              substrate: 'softwood',
              areaM2: 9.5,
              conditions: ['glossy', 'old-runs'],
              currentColour: '#e3d9b0',
            },
            wanted: { chemistry: 'waterborne', sheen: 'satin', colour: '#efe9d8' },
            laid: { coats: 2, lastEndedMinAgo: 75, temperatureC: 17, relativeHumidityPct: 58 },
          },
          {
            name: 'Sash box, landing',
            campaign: 'stair gloss',
            facts: {
              element: 'window',
              substrate: 'softwood',
              areaM2: 3.2,
              conditions: ['painted-shut', 'glossy'],
              currentColour: '#efe9d8',
            },
            wanted: { chemistry: 'waterborne', sheen: 'satin', colour: '#efe9d8' },
            tests: [{ kind: 'ease-test', result: 'stuck' }],
          },
          {
            name: 'Walls above the rail',
            access: 'stairwell',
            leftOut: [
              {
                words: 'behind the long-case clock',
                reason: 'stays-as-it-is',
                whole: false,
                box: { wall: 0, x: 3.6, y: 0.9, widthM: 0.8, heightM: 1.5 },
              },
            ],
            facts: {
              element: 'wall',
              substrate: 'lime-plaster',
              areaM2: 31,
              conditions: ['substrate-crack'],
              currentColour: '#d9cfae',
            },
            wanted: { sheen: 'matt', colour: '#e8e0cc' },
            tests: [rubbed('transfer', 'by the window')],
          },
        ],
      },
      {
        name: 'Parlour',
        airFrom: 'sensor',
        size: { lengthM: 4.9, widthM: 4, heightM: 2.8, windows: 2, doors: 1 },
        surfaces: [
          {
            name: 'Boarded ceiling, knots',
            facts: {
              element: 'ceiling',
              substrate: 'softwood',
              areaM2: 19.6,
              conditions: ['knots', 'gaps'],
              currentColour: '#e9e4d4',
            },
            wanted: { sheen: 'flat', colour: '#f4f1e8' },
            tests: [rubbed('transfer', 'over the hearth'), { kind: 'sheen-look', result: 'flat', yellowed: false }],
            laid: { coats: 1, lastEndedMinAgo: 200, temperatureC: 19, relativeHumidityPct: 51 },
          },
        ],
      },
      {
        name: 'Pantry',
        surfaces: [
          {
            name: 'Cupboards, varnished',
            facts: {
              element: 'cabinet',
              substrate: 'softwood',
              exposure: 'interior-grease',
              areaM2: 7.8,
              conditions: ['greasy', 'glossy'],
              currentColour: '#b07a3c',
            },
            wanted: { sheen: 'eggshell', colour: '#5d6f5b', handling: 'heavy' },
            tests: [rubbed('no-transfer', 'inside of a door'), { kind: 'sheen-look', result: 'semi-gloss', yellowed: true }],
          },
        ],
      },
      {
        name: 'Passage',
        surfaces: [
          {
            name: 'Dado, embossed paper',
            facts: {
              element: 'wall',
              substrate: 'wallpaper-embossed',
              areaM2: 11,
              texture: 'hand-textured',
              conditions: ['loose-paper'],
              currentColour: '#7a4a35',
            },
            wanted: { sheen: 'eggshell', colour: '#7a3f33' },
          },
        ],
      },
      {
        name: 'Scullery',
        size: { lengthM: 3.6, widthM: 3.1, heightM: 2.5, windows: 1, doors: 2 },
        surfaces: [
          {
            name: 'Chimney breast, stain',
            facts: {
              element: 'wall',
              substrate: 'lime-plaster',
              areaM2: 6.4,
              conditions: ['water-stain'],
              currentColour: '#efe9d8',
              extents: { 'water-stain': { areaM2: 0.6 } },
            },
            wanted: { sheen: 'matt', colour: '#efe9d8' },
            tests: [{ kind: 'moisture-meter', value: 10, place: 'under the flashing' }, rubbed('transfer', 'beside the range')],
          },
        ],
      },
    ],
  },
  {
    title: 'Corncrake Granary',
    place: 'Upper Wharf Road',
    mapPlace: { x: 4.5, y: 0.95 },
    client: 'The Granary’s owners, for Wren Tolliver',
    builtYear: 2026,
    status: 'planned',
    starts: 'next-monday',
    crew: ['TL', 'MO', 'PV'],
    temperatureC: 16,
    relativeHumidityPct: 62,
    post: true,
    note: 'New conversion. Joinery is on site, doors off their hinges.',
    rooms: [
      {
        name: 'Loft room',
        surfaces: [
          {
            name: 'Raked ceilings, new board',
            facts: { element: 'ceiling', substrate: 'drywall', isNew: true, areaM2: 46 },
            wanted: { sheen: 'flat', colour: '#f6f4ee' },
          },
          {
            name: 'Curved wall, fresh skim',
            facts: { element: 'wall', substrate: 'skim-plaster', isNew: true, substrateAgeMonths: 2, areaM2: 22 },
            wanted: { sheen: 'matt', colour: '#c8cfc2' },
            tests: [{ kind: 'moisture-meter', value: 11 }],
          },
        ],
      },
      {
        name: 'Joinery',
        surfaces: [
          {
            name: 'Ledged doors, six',
            facts: { element: 'door', substrate: 'softwood', isNew: true, areaM2: 21, conditions: ['knots'] },
            wanted: { sheen: 'satin', colour: '#3f5a52' },
          },
          {
            name: 'Window boards, oak',
            facts: { element: 'sill', substrate: 'tannin-wood', isNew: true, areaM2: 4.2 },
            wanted: { family: 'waterborne-clear', sheen: 'satin' },
          },
        ],
      },
    ],
  },
  {
    title: 'Number 4 Ropewalk',
    place: 'Ropewalk, Pellworth Staithe',
    mapPlace: { x: 3.75, y: 2.75 },
    client: 'Ottoline Marsh',
    builtYear: 1987,
    status: 'quoted',
    starts: 12,
    crew: ['AT', 'PV'],
    temperatureC: 19,
    relativeHumidityPct: 55,
    post: false,
    note: 'A primer trial is on the back of the left wardrobe door.',
    trial: {
      title: 'Which primer holds on the foil',
      place: 'back of the left wardrobe door',
      surface: 'Wardrobe fronts, foil',
      preparations: ['washed', 'washed and scuffed'],
      primers: ['shellac-primer', 'bonding-acrylic-primer', 'multi-purpose-acrylic-primer'],
      topcoats: ['waterborne-alkyd'],
      laidDaysAgo: 4,
      looked: { 'shellac-primer': 'holds', 'bonding-acrylic-primer': 'marks', 'multi-purpose-acrylic-primer': 'scratches-off' },
      untreated: 'peels-in-sheet',
    },
    rooms: [
      {
        name: 'Front bedroom',
        surfaces: [
          {
            name: 'Wardrobe fronts, foil',
            facts: { element: 'cabinet', substrate: 'thermofoil', areaM2: 8.6 },
            wanted: { sheen: 'satin', colour: '#d8d2c2', handling: 'heavy' },
            tests: [
              {
                kind: 'test-patch',
                result: 'covers',
                family: 'shellac-primer',
                coats: 1,
                minutes: 1440,
                place: 'back of the left door',
              },
            ],
          },
          {
            name: 'Wardrobe sides, melamine',
            facts: { element: 'furniture', substrate: 'melamine', areaM2: 5.4, currentColour: '#f2efe6' },
            wanted: { sheen: 'eggshell', colour: '#8f9a86' },
          },
          {
            name: 'Radiator',
            leftOut: [{ words: 'the radiator', reason: 'undecided', whole: true, box: null }],
            facts: {
              element: 'radiator',
              substrate: 'ferrous-metal',
              exposure: 'interior-hot',
              areaM2: 2.4,
              conditions: ['rust-stain'],
            },
            wanted: { sheen: 'satin', colour: '#f2efe6' },
          },
        ],
      },
      {
        name: 'Shower room',
        surfaces: [
          {
            name: 'Ceiling, mould',
            facts: {
              element: 'ceiling',
              substrate: 'drywall',
              exposure: 'interior-wet',
              areaM2: 4.1,
              conditions: ['mould'],
            },
            wanted: { colour: '#f4f2ec' },
            tests: [{ kind: 'bleach-drop', result: 'lightens', place: 'corner over the tray' }],
          },
        ],
      },
    ],
  },
  {
    title: 'The Net Loft',
    place: 'Strand, Pellworth Staithe',
    mapPlace: { x: 4.4, y: 3.1 },
    client: 'Barnaby Fisk',
    builtYear: 1896,
    status: 'active',
    starts: -380,
    crew: ['TL', 'PV'],
    temperatureC: 17,
    relativeHumidityPct: 62,
    post: false,
    note: 'Handed over a year ago. The walk-round is due.',
    rooms: [
      {
        name: 'South elevation',
        facing: 'south',
        size: { lengthM: 9.5, widthM: 9.5, heightM: 4.6, windows: 3, doors: 1 },
        surfaces: [
          {
            name: 'Larch doors',
            facts: {
              element: 'door',
              substrate: 'softwood',
              exposure: 'exterior-exposed',
              areaM2: 7.6,
              conditions: ['weathered-wood'],
              currentColour: '#7d7a72',
            },
            wanted: { sheen: 'satin', colour: '#2f4a44' },
            tests: [{ kind: 'moisture-meter', value: 13 }],
            laid: { coats: 'all', daysBetween: 6, lastEndedMinAgo: YEAR_MIN, temperatureC: 17, relativeHumidityPct: 62 },
            faults: [
              { fault: 'knock', note: 'a trolley, at the foot of the left leaf', sizeM2: 0.002, view: 'plain', mark: { wall: 0, x: 4.2, y: 0.6 } },
              { fault: 'sticks-shut', note: 'binds at the head since the rains', sizeM2: 0.01, view: 'aside', mark: { wall: 0, x: 4.9, y: 2 } },
            ],
          },
          {
            name: 'Gable, chalking',
            access: 'tower',
            facts: {
              element: 'masonry',
              substrate: 'render',
              areaM2: 38,
              conditions: ['chalking'],
              currentColour: '#d8cfb8',
            },
            wanted: { colour: '#e6dfcd' },
            tests: [
              { kind: 'hand-wipe', result: 'heavy' },
              { kind: 'tap-test', result: 'firm' },
            ],
            laid: { coats: 'all', daysBetween: 6, lastEndedMinAgo: YEAR_MIN - 2 * DAY, temperatureC: 17, relativeHumidityPct: 62 },
            faults: [{ fault: 'flashes', note: 'a lap by the scaffold tie', sizeM2: 0.5, view: 'raking', mark: { wall: 0, x: 8.1, y: 3.4 } }],
          },
        ],
      },
      {
        name: 'Quay side',
        facing: 'west',
        surfaces: [
          {
            name: 'New softwood rail',
            facts: {
              element: 'railing',
              substrate: 'softwood',
              exposure: 'exterior-exposed',
              isNew: true,
              areaM2: 6.2,
              conditions: ['end-grain'],
            },
            wanted: { sheen: 'satin', colour: '#f1eee4' },
            tests: [{ kind: 'moisture-meter', value: 14 }],
            laid: { coats: 'all', daysBetween: 6, lastEndedMinAgo: YEAR_MIN - DAY, temperatureC: 17, relativeHumidityPct: 62 },
            faults: [{ fault: 'cracks', note: 'two joints on the sea side', sizeM2: 0.01, view: 'plain' }],
          },
          {
            name: 'Block wall, salts',
            facts: { element: 'masonry', substrate: 'concrete', areaM2: 17, conditions: ['efflorescence'] },
            wanted: { colour: '#ece6d6' },
            tests: [{ kind: 'moisture-meter', value: 9 }],
            laid: { coats: 'all', daysBetween: 6, lastEndedMinAgo: YEAR_MIN - 3 * DAY, temperatureC: 17, relativeHumidityPct: 62 },
          },
        ],
      },
    ],
  },
];
