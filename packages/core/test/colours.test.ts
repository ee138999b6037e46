import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  CARD_FORMATS,
  colourSchedule,
  colourWords,
  describeColour,
  hexOfLab,
  jobColoursSchema,
  labOf,
  lightness,
  readCard,
  reflectancePct,
  writeCard,
  type CardColour,
  type NamedColour,
} from '../src/index.ts';

const rail: NamedColour = { colour: '#22384d', name: 'Slip Lane Rail', code: 'S 301', maker: 'Quillbeck', note: '' };
const bytes = (text: string) => new TextEncoder().encode(text);

describe('the figures of a colour', () => {
  test('lightness and reflectance are CIE L* and Y: black, white and the grey of 18 in 100', () => {
    expect(reflectancePct('#000000')).toBe(0);
    expect(reflectancePct('#ffffff')).toBeCloseTo(100, 3);
    expect(reflectancePct('#767676')).toBeCloseTo(18.1, 1);
    expect(lightness('#777777')).toBeCloseTo(50, 0);
    expect(reflectancePct(null)).toBeNull();
  });
  test('reflectance and lightness belong together as CIE 15 has it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
        const colour = `#${n.toString(16).padStart(6, '0')}`;
        const y = reflectancePct(colour)! / 100;
        const l = y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (24389 / 27) * y;
        expect(lightness(colour)!).toBeCloseTo(l, 3);
      }),
    );
  });
  test('a colour in CIELAB comes back as the same colour', () => {
    for (const colour of ['#22384d', '#d9a441', '#000000', '#ffffff']) expect(hexOfLab(labOf(colour)!)).toBe(colour);
  });
});

describe('a colour in words', () => {
  test.each([
    ['#ffffff', 'white'],
    ['#101010', 'black'],
    ['#22384d', 'very deep greyed blue'],
    ['#c0392b', 'deep strong red'],
    ['#5a4031', 'deep brown'],
    ['#efe9d8', 'warm off-white'],
    ['#8fb0c2', 'light greyed blue'],
    ['#1f3b2d', 'very deep greyed green'],
    ['#d9a441', 'light strong yellow'],
  ])('%s is %s', (colour, words) => expect(describeColour(colour)).toBe(words));

  test('is its name with code and maker; a tint in its words; without a name what it looks like', () => {
    expect(colourWords('#22384D', [rail])).toBe('Slip Lane Rail, S 301, Quillbeck');
    expect(colourWords('grey-deep', [rail])).toBe('grey deep');
    expect(colourWords(null)).toBe('as it comes');
    expect(colourWords('#5a4031', [rail])).toBe('deep brown, not named yet');
  });
});

describe('a job’s colour schedule', () => {
  const surface = (surfaceId: string, colour: string | null) => ({
    surfaceId,
    colour,
    room: 'Hall',
    name: surfaceId,
    sheen: null,
    partId: null,
  });
  test('has every colour that is wanted once, named ones first, with all its places', () => {
    const lines = colourSchedule(
      [surface('a', '#FFFFFF'), surface('b', '#22384D'), surface('c', '#22384d'), surface('d', null)],
      [rail, { ...rail, colour: '#123456', name: 'Kept for the door' }],
    );
    expect(lines.map((l) => [l.colour, l.named?.name ?? null, l.places.map((p) => p.surfaceId)])).toEqual([
      ['#22384d', 'Slip Lane Rail', ['b', 'c']],
      ['#123456', 'Kept for the door', []],
      ['#ffffff', null, ['a']],
    ]);
  });
  test('takes one name a colour and one colour a name', () => {
    const faults = (colours: NamedColour[]) => {
      const read = jobColoursSchema.safeParse(colours);
      return read.success ? [] : read.error.issues.map((i) => i.path.join('.'));
    };
    expect(faults([rail, { ...rail, colour: '#22384D', name: 'Other' }])).toEqual(['1.colour']);
    expect(faults([rail, { ...rail, colour: '#111111', name: 'slip lane RAIL ' }])).toEqual(['1.name']);
    expect(faults([rail, { ...rail, colour: '#111111', name: 'Other' }])).toEqual([]);
  });
});

describe('a colour card in a file', () => {
  const word = fc.stringMatching(/^[A-Z][a-zé]{1,9}$/);
  const chip: fc.Arbitrary<CardColour> = fc.record({
    name: fc.tuple(word, word).map((two) => two.join(' ')),
    code: fc.oneof(fc.constant(''), fc.stringMatching(/^[A-Z]{1,2} [1-9]\d{0,3}$/)),
    colour: fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`),
  });
  test.each(CARD_FORMATS)('comes back from %s as it went out', (format) => {
    fc.assert(
      fc.property(fc.array(chip, { minLength: 1, maxLength: 30 }), (colours) => {
        expect(readCard(writeCard('A card', colours, format))).toEqual({ colours, faults: [] });
      }),
    );
  });

  test('a table says its colours in any of three ways, under headers as people write them', () => {
    const table = [
      '\uFEFFColour name;Number;R;G;B;hex;L*;a*;b*',
      'By parts;1;34;56;77;;;;',
      'By figure;2;;;;22384D;;;',
      'By Lab;3;;;;;22,9;-3,2;-15,4',
    ].join('\r\n');
    const { colours, faults } = readCard(bytes(table));
    expect(faults).toEqual([]);
    expect(colours.map((c) => [c.name, c.code])).toEqual([
      ['By parts', '1'],
      ['By figure', '2'],
      ['By Lab', '3'],
    ]);
    expect(colours.slice(0, 2).map((c) => c.colour)).toEqual(['#22384d', '#22384d']);
    expect(labOf(colours[2]!.colour)!.l).toBeCloseTo(22.9, 0);
  });

  test('what cannot be read is named by its row, and the rest is kept', () => {
    const { colours, faults } = readCard(bytes('name,colour\nGood,#112233\n,#445566\nBad,blue\nOver,#1122334\n'));
    expect(colours).toEqual([{ name: 'Good', code: '', colour: '#112233' }]);
    expect(faults.map((f) => f.row)).toEqual([2, 3, 4]);
    expect(readCard(bytes('a,b\n1,2\n')).faults).toEqual([{ row: 0, message: 'the table has no column called name' }]);
  });

  test('a palette of a design tool is read with its comments left aside', () => {
    const palette =
      'GIMP Palette\nName: Hall\nColumns: 4\n# seen in daylight\n 34  56  77\tS 301 Slip Lane Rail\n300 0 0 Over\n 1 2 3\n';
    const { colours, faults } = readCard(bytes(palette));
    expect(colours).toEqual([{ name: 'Slip Lane Rail', code: 'S 301', colour: '#22384d' }]);
    expect(faults.map((f) => f.row)).toEqual([2, 3]);
  });

  test('swatches: groups are passed over, inks are refused, a cut file keeps what was whole', () => {
    const one = writeCard(
      'x',
      [
        { name: 'First', code: '', colour: '#22384d' },
        { name: 'Second', code: '', colour: '#ffffff' },
      ],
      'ase',
    );
    const cut = readCard(one.slice(0, one.length - 12));
    expect(cut.colours.map((c) => c.name)).toEqual(['First']);
    expect(cut.faults).toEqual([{ row: 2, message: 'the file ends in the middle of a colour' }]);
    // The model of the first colour is made one in inks.
    const inks = one.slice();
    const at = 12 + 6 + 2 + 2 * ('First'.length + 1);
    inks.set(
      [...'CMYK'].map((letter) => letter.charCodeAt(0)),
      at,
    );
    expect(readCard(inks).faults[0]!.message).toContain('inks');
    // A group's opening in front.
    const group = new Uint8Array([...one.slice(0, 12), 0xc0, 0x01, 0, 0, 0, 0, ...one.slice(12)]);
    group[11] = 3;
    expect(readCard(group).colours.map((c) => c.name)).toEqual(['First', 'Second']);
  });

  test('no file of any bytes throws', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), fc.boolean(), (noise, asSwatches) => {
        const file = asSwatches ? new Uint8Array([0x41, 0x53, 0x45, 0x46, 0, 1, 0, 0, ...noise]) : noise;
        const { colours } = readCard(file);
        for (const { colour } of colours) expect(colour).toMatch(/^#[0-9a-f]{6}$/);
      }),
    );
  });
});
