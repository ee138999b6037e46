import type { DemoJob } from '../demoJob.ts';

export const NUMBER_FOUR_ROPEWALK: DemoJob = {
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
    preparations: [['degreaser'], ['degreaser', 'sanded-220']],
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
};
