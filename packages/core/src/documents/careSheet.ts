import { DateTime } from 'luxon';
import { repaintForecast, type FilmLife } from '../aftercare/repaintForecast.ts';
import type { Element, Exposure } from '../vocabulary/index.ts';
import type { Column, Paper, PaperBlock, Row } from './paper.ts';
import type { PaperHead } from './papers.ts';

/** A use of a film from a moment on (ISO 8601), as `cureDates` has it. */
export interface CareDate {
  code: string;
  at: string;
  /** Why it is then, and whether the record makes it later than the label says. */
  why: string;
}

/** A finished surface, as its client is told of it. */
export interface CareSurface {
  id: string;
  room: string;
  name: string;
  element: Element;
  product: string;
  /** Its colour as it is asked for. */
  colour: string;
  batch: string | null;
  exposure: Exposure;
  /** Years that the maker of its paint promises; null where its sheet is silent. */
  makerYears: number | null;
  /** Months that the firm stands behind it; null where it does not. */
  firmMonths: number | null;
  dates: readonly CareDate[];
  /** What is looked at again, and when. */
  visits: readonly { at: string; words: string }[];
}

const SHUTS: readonly Element[] = ['door', 'window', 'cabinet', 'gate'];
const BEARS: readonly Element[] = ['shelf', 'cabinet', 'furniture', 'sill'];
const TROD: readonly Element[] = ['floor', 'stair'];

/** What a client does with a surface, by the uses of its film, in words after “you may”; a use that nobody makes of it is left out. */
export function careUses(element: Element): [code: string, words: string][] {
  return [
    ['touch', 'touch'],
    ...(SHUTS.includes(element) ? [['close', 'shut'] as [string, string]] : []),
    ...(BEARS.includes(element) ? [['load', 'put things on it'] as [string, string]] : []),
    ...(TROD.includes(element) ? [['load', 'walk on it in shoes'] as [string, string]] : []),
    ...(element === 'wall' ? [['load', 'hang pictures'] as [string, string]] : []),
    ['wash', 'wipe with a damp cloth'],
  ];
}

const LATE_IN_THE_DAY = 12;
/** The day from which something may be done: a time in the afternoon is the next day. It errs on the safe side. */
export function careDay(at: string, zone: string): DateTime {
  const moment = DateTime.fromISO(at, { zone }).setLocale('en-GB');
  return (moment.hour >= LATE_IN_THE_DAY ? moment.plus({ days: 1 }) : moment).startOf('day');
}

const COLUMNS: Column[] = [
  { title: 'Surface', align: 'left', width: 0.34 },
  { title: 'You may', align: 'left', width: 0.36 },
  { title: 'From', align: 'right', width: 0.3 },
];

const UNTIL_THEN: PaperBlock[] = [
  { kind: 'heading', text: 'Until then', level: 2 },
  {
    kind: 'list',
    items: [
      'No tape, no wet cloth, no cleaner. Afterwards water and a soft cloth; nothing that scours.',
      'Keep rooms aired and above 12 °C: cold and damp make it slower.',
      'Leave doors and windows ajar until the day on which they may be shut.',
      'Keep children and pets from what may not be touched yet.',
    ],
  },
];

/**
 * What a client may do with each surface and from when, what is looked at again, how long it holds as the maker, the firm
 * and its record have it, and with what it was painted. `lives` are the firm's films so far.
 */
export function careSheetPaper(
  surfaces: readonly CareSurface[],
  lives: readonly FilmLife[],
  now: string,
  zone: string,
  head: PaperHead,
): Paper {
  const waiting = surfaces.filter((s) => !isReady(s, now, zone));
  const blocks: PaperBlock[] = surfaces.length
    ? [
        {
          kind: 'text',
          text: 'Paint dries in hours and hardens in weeks. Until the day named here a surface is easily marked, and what is set against it may stick.',
        },
        ...[...new Set(surfaces.map((s) => s.room))].flatMap((room): PaperBlock[] => [
          { kind: 'heading', text: room, level: 2 },
          {
            kind: 'table',
            caption: room,
            columns: COLUMNS,
            rows: surfaces.filter((s) => s.room === room).flatMap((s) => rowsOf(s, now, zone)),
          },
        ]),
        ...slow(waiting),
        ...(waiting.length ? UNTIL_THEN : []),
        ...looks(surfaces, zone),
        ...lasting(surfaces, lives),
        { kind: 'heading', text: 'What it was painted with', level: 2 },
        {
          kind: 'table',
          caption: 'Keep this: a touch-up in another paint shows.',
          columns: [
            { title: 'Surface', align: 'left', width: 0.4 },
            { title: 'Paint', align: 'left', width: 0.3 },
            { title: 'Colour and batch', align: 'left', width: 0.3 },
          ],
          rows: surfaces.map((s) => ({
            cells: [
              `${s.room}, ${s.name}`,
              s.product,
              [s.colour, s.batch ? `batch ${s.batch}` : ''].filter(Boolean).join(', '),
            ],
          })),
        },
      ]
    : [
        {
          kind: 'text',
          text: 'Nothing is finished yet. When the last coat of a surface is logged, its dates stand here.',
        },
      ];
  return { title: 'Looking after it', ...head, blocks };
}

const today = (now: string, zone: string) => DateTime.fromISO(now, { zone }).startOf('day');

/** Whether everything may be done with a surface by now. */
const isReady = ({ element, dates }: CareSurface, now: string, zone: string) =>
  dates
    .filter(({ code }) => careUses(element).some(([use]) => use === code))
    .every(({ at }) => careDay(at, zone) <= today(now, zone));

function rowsOf(surface: CareSurface, now: string, zone: string): Row[] {
  if (isReady(surface, now, zone)) return [{ cells: [surface.name, 'use it, and wipe it with a damp cloth', 'now'] }];
  return careUses(surface.element).flatMap(([code, words], i): Row[] => {
    const date = surface.dates.find((d) => d.code === code);
    if (!date) return [];
    const day = careDay(date.at, zone);
    const from = day <= today(now, zone) ? 'now' : day.toFormat('cccc d LLLL');
    return [{ cells: [i === 0 ? surface.name : '', words, from] }];
  });
}

/** Where the record makes it later than usual, it is said. */
function slow(surfaces: readonly CareSurface[]): PaperBlock[] {
  const items = surfaces.flatMap((s) => {
    const why = s.dates.map((d) => d.why);
    const thick = why.some((w) => w.includes('laid thick'));
    const air = why.some((w) => w.includes('The air makes it later'));
    const because = [thick ? 'it was laid thick' : '', air ? 'the air was cold or damp' : ''].filter(Boolean);
    return because.length ? [`${s.name}: later than usual, because ${because.join(' and ')}.`] : [];
  });
  return items.length ? [{ kind: 'list', items }] : [];
}

function looks(surfaces: readonly CareSurface[], zone: string): PaperBlock[] {
  const items = surfaces
    .flatMap((s) => s.visits.map((v) => ({ ...v, name: s.name })))
    .sort((a, b) => a.at.localeCompare(b.at))
    .map((v) => `${v.name}: ${v.words}, ${DateTime.fromISO(v.at, { zone }).setLocale('en-GB').toFormat('LLLL yyyy')}.`);
  return items.length
    ? [
        { kind: 'heading', text: 'What we look at again', level: 2 },
        { kind: 'list', items },
      ]
    : [];
}

/** A figure of years as people say it. */
const sayYears = (years: number) => (years < 10 ? String(Math.round(years * 2) / 2) : String(Math.round(years)));

/** What the record says of films that stand as this one does, in words. */
function byRecord(exposure: Exposure, lives: readonly FilmLife[]): string {
  const { medianYears, fromYears, toYears, films } = repaintForecast(exposure, lives);
  const from = films === 0 ? 'as is usual' : `moved by ${films} of ours`;
  return `about ${sayYears(medianYears)} years (${sayYears(fromYears)} to ${sayYears(toYears)}), ${from}`;
}

const sayMonths = (months: number) => (months % 12 === 0 ? counted(months / 12, 'year') : counted(months, 'month'));
const counted = (n: number, one: string) => `${n} ${n === 1 ? one : `${one}s`}`;

/** How long it holds: what the maker promises, what the firm stands behind, and what the record has shown, side by side. */
function lasting(surfaces: readonly CareSurface[], lives: readonly FilmLife[]): PaperBlock[] {
  return [
    { kind: 'heading', text: 'How long it holds', level: 2 },
    {
      kind: 'table',
      caption: 'How long it holds',
      columns: [
        { title: 'Surface', align: 'left', width: 0.3 },
        { title: 'The maker says', align: 'left', width: 0.18 },
        { title: 'We stand behind it', align: 'left', width: 0.2 },
        { title: 'As the record says', align: 'left', width: 0.32 },
      ],
      rows: surfaces.map(({ room, name, exposure, makerYears, firmMonths }) => ({
        cells: [
          `${room}, ${name}`,
          makerYears === null ? 'nothing' : counted(makerYears, 'year'),
          firmMonths === null ? 'no term' : sayMonths(firmMonths),
          byRecord(exposure, lives),
        ],
      })),
    },
    {
      kind: 'text',
      text: 'The maker promises on terms of its own. We stand behind our work for the time named. The record is no promise: half of such films want painting again by then, and eight in ten between the two figures.',
      tone: 'faded',
    },
  ];
}
