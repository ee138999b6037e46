import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import {
  asAgreed,
  assessSchema,
  atAgreedPrices,
  caseOf,
  jobPackPaper,
  labelsOf,
  optionFault,
  paperCsv,
  priceJob,
  printMoney,
  quoteChanges,
  quotePaper,
  quoteTotals,
  runSheetPaper,
  readBy,
  readVolume,
  sayVolume,
  shoppingList,
  shoppingPaper,
  stepWords,
  USUAL_SETTINGS,
  workInBrief,
  type Paper,
  type Quote,
  type QuoteLine,
  type QuoteOption,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270304, endOnFailure: true });

const line = (surfaceId: string, more: Partial<QuoteLine> = {}): QuoteLine => ({
  surfaceId,
  room: 'Hall',
  name: surfaceId,
  work: 'Two coats.',
  steps: ['Protect', 'Finish: two coats'],
  colour: '#22384d',
  areaM2: 10,
  months: 24,
  withheld: [],
  price: 10_000,
  key: 'k1',
  ...more,
});
const option = (id: string, surfaceId: string, more: Partial<QuoteOption> = {}): QuoteOption => ({
  id,
  kind: 'instead',
  surfaceId,
  room: 'Hall',
  name: surfaceId,
  words: 'With oil.',
  price: 2500,
  key: 'k2',
  system: [],
  ...more,
});
function quote(more: Partial<Quote> = {}): Quote {
  const lines = more.lines ?? [line('door'), line('wall')];
  const options = more.options ?? [];
  const { net, tax, total } = quoteTotals({ lines, options, taxShare: 2000 });
  return {
    firm: 'Saltmarsh & Thirle, Decorators',
    currency: 'GBP',
    job: 'A house',
    place: 'Slip Lane',
    client: 'Hesper Quill',
    units: 'metric',
    leftOut: [],
    sketches: [],
    photos: [],
    cautions: [],
    taxName: 'Tax',
    taxShare: 2000,
    heldUntil: '2027-04-01',
    ...more,
    lines,
    options,
    net,
    tax,
    total,
  };
}

describe('a quote', () => {
  test('its total is the sum of its lines, the options taken, and tax on both', () => {
    const prices = fc.array(fc.integer({ min: 0, max: 900_000 }), { minLength: 1, maxLength: 20 });
    fc.assert(
      fc.property(
        prices,
        fc.array(fc.integer({ min: -50_000, max: 90_000 }), { maxLength: 6 }),
        fc.integer({ min: 0, max: 3000 }),
        (own, extra, taxShare) => {
          const lines = own.map((price, i) => line(`s${i}`, { price }));
          const options = extra.map((price, i) => option(`o${i}`, `s${i}`, { price }));
          const taken = options.filter((_, i) => i % 2 === 0).map((o) => o.id);
          const t = quoteTotals({ lines, options, taxShare }, taken);
          expect(t.net).toBe(own.reduce((a, b) => a + b, 0));
          expect(t.options).toBe(extra.filter((_, i) => i % 2 === 0).reduce((a, b) => a + b, 0));
          expect(t.total).toBe(t.net + t.options + t.tax);
        },
      ),
    );
  });
  test('two options on one surface, or one that it does not have, cannot be taken', () => {
    const q = quote({ options: [option('a', 'door'), option('b', 'door'), option('c', 'wall')] });
    expect(optionFault(q, ['a', 'b'])).toMatch(/one surface/);
    expect(optionFault(q, ['z'])).toMatch(/not in this version/);
    expect(optionFault(q, ['a', 'c'])).toBeNull();
  });
  test('as agreed, what was taken is a line and costs what was said', () => {
    const q = quote({
      options: [option('a', 'door'), option('x', 'rail', { kind: 'extra', price: 7000 })],
      leftOut: [
        { surfaceId: 'rail', room: 'Hall', name: 'rail', words: 'all', reason: 'undecided', whole: true, price: 7000 },
      ],
    });
    const agreed = asAgreed(q, ['a', 'x']);
    expect(agreed.lines.find((l) => l.surfaceId === 'door')).toMatchObject({ price: 12_500, key: 'k2' });
    expect(agreed.lines.find((l) => l.surfaceId === 'rail')).toMatchObject({ price: 7000 });
    expect(agreed.total).toBe(quoteTotals(q, ['a', 'x']).total);
    expect([agreed.options, agreed.leftOut]).toEqual([[], []]);
    expect(asAgreed(q, []).total).toBe(q.total);
  });
});

describe('what changed', () => {
  test('nothing, where only prices moved; each thing in its own words where it did', () => {
    const before = quote();
    expect(quoteChanges(before, quote({ lines: [line('door', { price: 99 }), line('wall')] }))).toEqual([]);
    const after = quote({ lines: [line('door', { areaM2: 12, price: 12_000 }), line('sill', { price: 3000 })] });
    const changes = quoteChanges(before, after);
    expect(changes.map((c) => [c.surfaceId, c.price])).toEqual([
      ['door', 2000],
      ['sill', 3000],
      ['wall', -10_000],
    ]);
    expect(changes[0]!.words).toContain('10 m² is now 12 m²');
    expect(
      quoteChanges(
        before,
        quote({ lines: [line('door', { key: 'k9', work: 'Three coats.' }), line('wall', { colour: '#ffffff' })] }),
      ).map((c) => c.words),
    ).toEqual(['Hall, door: done otherwise: Three coats.', 'Hall, wall: another colour.']);
  });
  test('a part that is left out, or done after all, is said', () => {
    const part = {
      surfaceId: 'wall',
      room: 'Hall',
      name: 'wall',
      words: 'the niche',
      reason: 'stays-as-it-is' as const,
      whole: false,
      price: null,
    };
    const words = (a: Quote, b: Quote) => quoteChanges(a, b).map((c) => c.words);
    expect(words(quote(), quote({ leftOut: [part] }))).toEqual(['Hall, wall: the niche is left out.']);
    expect(words(quote({ leftOut: [part] }), quote())).toEqual(['Hall, wall: the niche is done after all.']);
  });
  test('what did not change keeps its agreed price; the sum follows', () => {
    const agreed = quote({ lines: [line('door', { price: 8000 }), line('wall', { price: 5000 })] });
    const draft = quote({ lines: [line('door', { price: 9000 }), line('wall', { areaM2: 20, price: 11_000 })] });
    const next = atAgreedPrices(draft, agreed);
    expect(next.lines.map((l) => l.price)).toEqual([8000, 11_000]);
    expect(next.net).toBe(19_000);
    expect(next.total).toBe(22_800);
  });
});

const every = (paper: Paper) => JSON.stringify(paper);
const money = (text: string) => Math.round(Number(text.replace(/[^\d.-]/g, '')) * 100);

describe('on paper', () => {
  const q = quote({
    options: [option('a', 'door')],
    leftOut: [
      {
        surfaceId: 'clock',
        room: 'Hall',
        name: 'wall',
        words: 'behind the clock',
        reason: 'stays-as-it-is',
        whole: false,
        price: null,
      },
    ],
    cautions: ['Old paint may hold lead.'],
  });
  test('the printed lines add up to the printed total', () => {
    const paper = quotePaper(q, { marked: 'Draft', heldUntil: '1 April 2027' });
    const table = paper.blocks.find((b) => b.kind === 'table' && b.caption.startsWith('The work'));
    if (table?.kind !== 'table') throw new Error('no table of prices');
    const figures = table.rows
      .filter((r) => !r.weight && !r.cells[0]!.startsWith('Tax'))
      .map((r) => money(r.cells[1]!));
    const at = (weight: string) => money(table.rows.find((r) => r.weight === weight)!.cells[1]!);
    const tax = money(table.rows.find((r) => r.cells[0]!.startsWith('Tax'))!.cells[1]!);
    expect(figures.reduce((a, b) => a + b, 0)).toBe(at('sum'));
    expect(at('sum') + tax).toBe(at('total'));
  });
  test('what is left out and what may be taken stand on it; who agreed, and what changed', () => {
    const draft = every(quotePaper(q, { marked: 'Draft', heldUntil: '1 April 2027' }));
    for (const words of [
      'behind the clock',
      'it stays as it is',
      'With oil.',
      '#22384d',
      'lead',
      '1 April 2027',
      '24 months',
      'For Hesper Quill',
    ])
      expect(draft).toContain(words);
    const agreed = quotePaper(q, {
      marked: 'Q1',
      heldUntil: 'x',
      taken: ['a'],
      agreed: 'Agreed by Hesper.',
      changes: [{ surfaceId: 'door', words: 'More.', price: 100 }],
    });
    expect(agreed.title).toBe('Variation');
    expect(every(agreed)).toContain('Taken: Hall, door');
    expect(every(agreed)).toContain('Agreed by Hesper.');
  });
  test('sizes are said as the firm says them', () => {
    const us = quote({ units: 'us' });
    expect(every(quotePaper(us, { marked: '', heldUntil: '' }))).toContain('108 sq ft');
    expect(
      quoteChanges(us, quote({ units: 'us', lines: [line('door', { areaM2: 20 }), line('wall')] }))[0]!.words,
    ).toContain('108 sq ft is now 215 sq ft');
  });
  test('what is left out stands on the run sheet too, without its price', () => {
    const lines = [
      { day: 'Monday 1 March', from: '08:00', to: '09:00', who: 'AT', where: 'Hall, door', what: 'Wash' },
      { day: 'Tuesday 2 March', from: '08:00', to: '09:00', who: 'TL', where: 'Hall, wall', what: 'Prime' },
    ];
    const left = [{ ...q.leftOut[0]!, whole: true, price: 12_345 }];
    const sheet = runSheetPaper(lines, { ...q, leftOut: left }, { about: '', firm: '', marked: '' });
    expect(sheet.blocks.flatMap((b) => (b.kind === 'table' ? [b.caption] : []))).toEqual([
      'Left out',
      'Monday 1 March',
      'Tuesday 2 March',
    ]);
    expect(every(sheet)).not.toContain('123.45');
    expect(every(runSheetPaper([], q, { about: '', firm: '', marked: '' }))).toContain('No plan is posted yet');
  });
  test('as CSV a sheet can add up what it reads, and nothing in it runs', () => {
    const text = paperCsv({
      title: '',
      about: '',
      firm: '',
      marked: '',
      blocks: [
        {
          kind: 'table',
          caption: '=cmd()',
          columns: [
            { title: 'What', align: 'left', width: 1 },
            { title: 'Net', align: 'right', width: 1 },
          ],
          rows: [
            { cells: ['+SUM(A1)', '£1,684.69'] },
            { cells: ['less, and "so on"', '− £20.00'] },
            { cells: ['-1', printMoney(-2050, 'GBP')] },
          ],
        },
      ],
    });
    const rows = Papa.parse<string[]>(text).data;
    expect(rows[0]![0]).toBe("'=cmd()");
    expect(rows[2]).toEqual(["'+SUM(A1)", '1684.69']);
    expect(rows[3]).toEqual(['less, and "so on"', '-20.00']);
    expect(rows[4]).toEqual(['-1', '-20.50']);
  });
});

describe('what a job takes along', () => {
  const made = (id: string, surface: object, wanted: object) => {
    const { c, made: system } = caseOf(readBy(assessSchema, { surface, wanted }));
    return { surfaceId: id, c, steps: system.steps };
  };
  const trim = { element: 'trim', substrate: 'softwood', conditions: ['glossy'], builtYear: 1931, areaM2: 12 };
  const surfaces = [made('a', trim, { colour: '#22384d' }), made('b', { ...trim, areaM2: 4 }, { colour: '#22384d' })];
  const price = priceJob(surfaces, USUAL_SETTINGS);
  const shopping = shoppingList(price.products, price.sundries, { suppliers: [], units: 'metric', colours: null });

  test('the shopping list costs what the price says is bought', () => {
    const bought = price.products.reduce((sum, p) => sum + p.plan.bought.cost, 0) + price.sundriesCost;
    expect(shopping.reduce((sum, i) => sum + i.price, 0)).toBe(bought);
    expect(new Set(shopping.map((i) => i.key)).size).toBe(shopping.length);
    const csv = paperCsv(shoppingPaper(shopping, 'GBP', { about: '', firm: '', marked: '' }));
    for (const item of shopping) expect(csv).toContain(item.words.replaceAll('"', '""').split(',')[0]!);
  });
  test('sleeves by house rule: washed, there are fewer', () => {
    const asRule = (rollers: 'wash' | 'new-each-coat') =>
      priceJob(
        surfaces.map((s) => ({ ...s, c: { ...s.c, rules: { ...s.c.rules, rollers } } })),
        USUAL_SETTINGS,
      )
        .sundries.filter((x) => x.key.startsWith('sleeve'))
        .reduce((sum, x) => sum + x.count, 0);
    expect(asRule('wash')).toBeLessThanOrEqual(asRule('new-each-coat'));
  });
  test('what is worn joins the list; wet sanding takes no dry paper', () => {
    const keys = price.sundries.map((s) => s.key);
    expect(keys.some((k) => k.startsWith('gloves-pair'))).toBe(true);
    expect(keys.some((k) => k.startsWith('wet-abrasive'))).toBe(true);
    expect(keys.some((k) => k.startsWith('lead-sheeting'))).toBe(true);
  });
  test('a label for every tin, a sample for every colour, each with a code that says what it is', () => {
    const job = { id: 'job-1', title: 'A house', units: 'metric' as const, colours: null };
    const labels = labelsOf(job, price.products, (id) => `room ${id}`);
    const tins = price.products.filter((p) => p.film).flatMap((p) => p.plan.bought.tins);
    const samples = labels.filter((l) => l.title.startsWith('Sample'));
    expect(labels.length - samples.length).toBe(tins.reduce((sum, t) => sum + t.count, 0));
    expect(samples).toHaveLength(1);
    for (const { code } of labels) {
      const url = new URL(code);
      expect(url.protocol).toBe('rustic-ledger:');
      expect(url.searchParams.get('job')).toBe('job-1');
      expect(price.products.some((p) => p.product.id === url.searchParams.get('product'))).toBe(true);
    }
  });
  test('a colour is ordered by its name; one that has none is described, and never by its figure', () => {
    const rail = { colour: '#22384D', name: 'Slip Lane Rail', code: 'S 301', maker: 'Quillbeck', note: '' };
    const saidWith = (colours: (typeof rail)[] | null) => {
      const list = shoppingList(price.products, price.sundries, { suppliers: [], units: 'metric', colours });
      const labels = labelsOf({ id: 'j', title: 'A house', units: 'metric', colours }, price.products, () => 'hall');
      return [...list.map((i) => i.detail), ...labels.flatMap((l) => [l.title, ...l.lines])].join('\n');
    };
    expect(saidWith([rail])).toContain('Slip Lane Rail, S 301, Quillbeck');
    expect(saidWith(null)).toContain('very deep greyed blue, not named yet');
    for (const said of [saidWith([rail]), saidWith(null)]) expect(said).not.toMatch(/#[0-9a-f]{6}/i);
  });
  test('a job pack holds every step with its reason', () => {
    const steps = surfaces[0]!.steps.map((s) => ({
      words: stepWords(s),
      product: '',
      litres: '',
      minutes: 60,
      why: s.why[0]!,
      tools: '',
    }));
    const pack = every(
      jobPackPaper(
        {
          surfaces: [{ room: 'Hall', name: 'Trim', about: '12 m²', steps, cautions: ['Lead.'], wear: ['gloves'] }],
          quote: quote(),
          run: [],
          shopping,
        },
        { about: '', firm: '', marked: '' },
      ),
    );
    for (const s of steps) expect(pack).toContain(JSON.stringify(s.why).slice(1, -1));
    expect(pack).toContain('No plan is posted yet');
  });
  test('in brief a client reads what is done, not how', () => {
    const brief = workInBrief(surfaces[0]!.steps);
    expect(brief).toMatch(/^[A-Z].*\.$/);
    expect(brief).toContain('two coats');
    expect(brief).not.toMatch(/undefined|-/);
    expect(workInBrief([])).toBe('Nothing is done to it.');
  });
});

describe('volumes as a shop says them', () => {
  test('litres, millilitres, gallons and quarts, fractions and commas', () => {
    expect(readVolume('2,5')).toBe(2.5);
    expect(readVolume('750 ml')).toBeCloseTo(0.75);
    expect(readVolume('1 1/2 gal')).toBeCloseTo(5.678, 3);
    expect(readVolume('2', 'gal')).toBeCloseTo(7.571, 3);
    for (const wrong of ['', 'a tin', '2 firkins']) expect(readVolume(wrong)).toBeNull();
    expect([sayVolume(0.75, 'metric'), sayVolume(2.5, 'metric'), sayVolume(0, 'metric')]).toEqual([
      '750 ml',
      '2.5 L',
      '0 L',
    ]);
    expect([sayVolume(3.785411784, 'us'), sayVolume(0.946352946, 'us')]).toEqual(['1 gal', '1 qt']);
  });
  test('what is said is read back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 90, noNaN: true }),
        fc.constantFrom('metric' as const, 'us' as const),
        (litres, units) => {
          expect(Math.abs(readVolume(sayVolume(litres, units))! - litres)).toBeLessThan(0.03);
        },
      ),
    );
  });
});
