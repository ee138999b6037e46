import type { DemoJob } from '../demoJob.ts';

export const CORNCRAKE_GRANARY: DemoJob = {
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
          colourParts: {
            face: { kind: 'own', widthM: 9.2, heightM: 2.4, count: 1 },
            parts: [
              {
                id: 'p1',
                name: 'below the wave',
                colour: '#3f5a52',
                sheen: null,
                note: '',
                shape: {
                  kind: 'wave',
                  walls: [0],
                  side: 'below',
                  heightM: 1.1,
                  swingM: 0.16,
                  lengthM: 2.3,
                  startM: 0.4,
                },
              },
              {
                id: 'p2',
                name: 'the sun over it',
                colour: '#c9a24e',
                sheen: null,
                note: '',
                shape: {
                  kind: 'outline',
                  wall: 0,
                  round: true,
                  points: [
                    { x: 7.1, y: 1.7 },
                    { x: 6.95, y: 2.05 },
                    { x: 6.6, y: 2.2 },
                    { x: 6.25, y: 2.05 },
                    { x: 6.1, y: 1.7 },
                    { x: 6.25, y: 1.35 },
                    { x: 6.6, y: 1.2 },
                    { x: 6.95, y: 1.35 },
                  ],
                },
              },
            ],
          },
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
};
