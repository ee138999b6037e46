import type { SurfaceFacts } from '../../model/surface.ts';

/** A surface of a room to practise in: what is known of it before anything is tested. */
export interface PlanSurface {
  id: string;
  name: string;
  facts: Pick<SurfaceFacts, 'element' | 'substrate'> & Partial<SurfaceFacts>;
  /** Painted with those of the same brush, as far as anybody knows. */
  brush: string;
}

/** A room to practise in. What lies on it is drawn by the house's odds: the story gives nothing away. */
export interface RoomPlan {
  code: string;
  name: string;
  /** What is told at the door; `{year}` is when it was built. */
  story: string;
  /** Built between these years. */
  built: readonly [from: number, to: number];
  surfaces: readonly PlanSurface[];
}

const joinery = (id: string, name: string, element: 'door' | 'trim' | 'window' | 'stair', areaM2: number): PlanSurface => ({
  id,
  name,
  facts: { element, substrate: 'softwood', areaM2 },
  brush: 'woodwork',
});

/** Rooms as painters meet them. Source: practice. */
export const ROOM_PLANS: readonly RoomPlan[] = [
  {
    code: 'old-hall',
    name: 'A hall',
    story: 'A hall in a terrace of {year}. The woodwork was all done by one hand, years ago, but somebody has been at the door since.',
    built: [1890, 1935],
    surfaces: [
      joinery('skirting', 'Skirting', 'trim', 7),
      joinery('door', 'Door', 'door', 4),
      joinery('string', 'Stair string', 'stair', 5),
      { id: 'ceiling', name: 'Ceiling', facts: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 9 }, brush: 'ceilings' },
    ],
  },
  {
    code: 'bedroom-1995',
    name: 'A bedroom',
    story: 'A back bedroom of {year}, white all over. The owner bought the paint herself and kept no tin.',
    built: [1988, 2004],
    surfaces: [
      joinery('skirting', 'Skirting', 'trim', 5),
      joinery('door', 'Door', 'door', 4),
      { id: 'wall', name: 'Walls', facts: { element: 'wall', substrate: 'drywall', areaM2: 28 }, brush: 'walls' },
    ],
  },
  {
    code: 'nursery-1938',
    name: 'A nursery',
    story: 'A small room in a house of {year}. The casings peel in strips over something hard and smooth.',
    built: [1932, 1944],
    surfaces: [
      {
        ...joinery('casings', 'Window casings', 'window', 6),
        facts: { element: 'window', substrate: 'softwood', areaM2: 6, conditions: ['peeling'] },
      },
      joinery('skirting', 'Skirting', 'trim', 5),
      { id: 'ceiling', name: 'Ceiling', facts: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 10 }, brush: 'ceilings' },
    ],
  },
  {
    code: 'kitchen',
    name: 'A kitchen',
    story: 'A kitchen fitted about {year}. The doors shine, and feel of nothing in particular.',
    built: [1984, 2012],
    surfaces: [
      { id: 'doors', name: 'Cabinet doors', facts: { element: 'cabinet', substrate: 'mdf', areaM2: 11, conditions: ['glossy'] }, brush: 'factory' },
      { id: 'frames', name: 'Cabinet frames', facts: { element: 'cabinet', substrate: 'softwood', areaM2: 4, conditions: ['glossy'] }, brush: 'woodwork' },
      joinery('door', 'Back door', 'door', 4),
    ],
  },
  {
    code: 'sale-room',
    name: 'Two pieces from a sale room',
    story: 'A dresser and a table of about {year}, brown and slick, from a house that was cleared.',
    built: [1880, 1960],
    surfaces: [
      { id: 'dresser', name: 'Dresser', facts: { element: 'furniture', substrate: 'hardwood', areaM2: 5, conditions: ['glossy'] }, brush: 'dresser' },
      { id: 'table', name: 'Table', facts: { element: 'furniture', substrate: 'softwood', areaM2: 3, conditions: ['glossy'] }, brush: 'table' },
    ],
  },
  {
    code: 'stairwell-1965',
    name: 'A stairwell',
    story: 'A stairwell of {year}. String, spindles and walls are the same white, and the white has gone the colour of butter in the dark corners.',
    built: [1958, 1974],
    surfaces: [
      joinery('string', 'Stair string', 'stair', 7),
      joinery('skirting', 'Skirting', 'trim', 6),
      joinery('doors', 'Landing doors', 'door', 8),
      { id: 'wall', name: 'Walls', facts: { element: 'wall', substrate: 'skim-plaster', areaM2: 34 }, brush: 'walls' },
    ],
  },
  {
    code: 'small-house',
    name: 'A small house',
    story:
      'A small house of {year}: hall, kitchen and back bedroom. One hand did the woodwork of all three, people say. The kitchen was done over when it was fitted, and nobody knows how much of it. A mirror has hung in the hall for as long as anybody remembers, and one door is darker round its handle.',
    built: [1946, 1968],
    surfaces: [
      joinery('hall-skirting', 'Hall: skirting', 'trim', 6),
      joinery('hall-door', 'Hall: inside of the front door', 'door', 4),
      { id: 'hall-wall', name: 'Hall: walls', facts: { element: 'wall', substrate: 'skim-plaster', areaM2: 26 }, brush: 'walls' },
      { id: 'hall-mirror', name: 'Hall: the place behind the mirror', facts: { element: 'wall', substrate: 'skim-plaster', areaM2: 1 }, brush: 'walls' },
      joinery('kitchen-door', 'Kitchen: door', 'door', 4),
      joinery('kitchen-handle', 'Kitchen: the door round its handle', 'door', 1),
      { id: 'kitchen-frames', name: 'Kitchen: cabinet frames', facts: { element: 'cabinet', substrate: 'softwood', areaM2: 4, exposure: 'interior-grease' }, brush: 'kitchen' },
      joinery('bedroom-skirting', 'Bedroom: skirting', 'trim', 5),
      joinery('bedroom-window', 'Bedroom: window and board', 'window', 3),
      { id: 'bedroom-wall', name: 'Bedroom: walls', facts: { element: 'wall', substrate: 'skim-plaster', areaM2: 30 }, brush: 'walls' },
    ],
  },
  {
    code: 'front',
    name: 'A front',
    story: 'The front of a house of {year}, facing the weather. The windows were done twice by a man who is not asked any more.',
    built: [1900, 1980],
    surfaces: [
      { id: 'windows', name: 'Windows', facts: { element: 'window', substrate: 'softwood', areaM2: 8, exposure: 'exterior-exposed' }, brush: 'outside' },
      { id: 'door', name: 'Front door', facts: { element: 'door', substrate: 'hardwood', areaM2: 4, exposure: 'exterior-sheltered' }, brush: 'outside' },
      { id: 'render', name: 'Render', facts: { element: 'masonry', substrate: 'render', areaM2: 40, exposure: 'exterior-exposed' }, brush: 'render' },
    ],
  },
];
