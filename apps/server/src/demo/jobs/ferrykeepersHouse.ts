import { rubbed } from '../rubbed.ts';
import type { DemoJob } from '../demoJob.ts';

export const FERRYKEEPERS_HOUSE: DemoJob = {
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
          damage: [
            { what: 'chimney', x: 2.75, y: 1.2 },
            { what: 'water-stain', x: 2.5, y: 2.2 },
            { what: 'water-stain', x: 2.8, y: 2.05 },
            { what: 'water-stain', x: 2.7, y: 1.8 },
            { what: 'water-stain', there: false, x: 3.3, y: 2.1 },
            { what: 'water-stain', there: false, x: 0.8, y: 2.2 },
          ],
          joints: [
            {
              side: 'basin',
              otherSide: 'wall',
              widthMm: 5,
              lengthM: 1.1,
              holds: 'unread',
              shine: 'shiny',
              state: 'mouldy',
              colour: 'white',
              line: {
                wall: 2,
                points: [
                  { x: 0.3, y: 0.9 },
                  { x: 1.15, y: 0.9 },
                ],
              },
            },
            {
              side: 'frame',
              otherSide: 'wall',
              widthMm: 3,
              lengthM: 4.8,
              holds: 'open',
              line: {
                wall: 2,
                points: [
                  { x: 1.2, y: 0.9 },
                  { x: 1.2, y: 2.1 },
                  { x: 2.4, y: 2.1 },
                  { x: 2.4, y: 0.9 },
                  { x: 1.2, y: 0.9 },
                ],
              },
            },
            {
              side: 'ceiling',
              otherSide: 'wall',
              widthMm: 2,
              lengthM: 3.6,
              holds: 'unread',
              shine: 'dull',
              oldPaint: 'holds',
              state: 'split',
              line: {
                wall: 0,
                points: [
                  { x: 0, y: 2.5 },
                  { x: 3.6, y: 2.5 },
                ],
              },
            },
          ],
        },
      ],
    },
  ],
};
