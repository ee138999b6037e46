import type { DemoJob } from '../demoJob.ts';

const YEAR_MIN = 366 * 1440;
const DAY = 1440;

export const NET_LOFT: DemoJob = {
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
};
