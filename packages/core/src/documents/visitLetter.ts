import type { VisitCall } from '../model/records/visits.ts';
import { DateTime } from 'luxon';
import type { Paper, PaperBlock } from './paper.ts';
import type { PaperHead } from './papers.ts';

/** A visit as its client is written to about it. `onDay` YYYY-MM-DD, `fromTime` HH:MM, both local. */
export interface LetterVisit {
  onDay: string;
  fromTime: string;
  minutes: number;
  calls: readonly (Pick<VisitCall, 'what' | 'words'> & { where: string })[];
}

/** A time is said to the quarter of an hour: a van is no train. */
const QUARTER = 15;
/** Drivers are late by about as much as they are early. */
const GIVE_MIN = 30;

const day = (visit: LetterVisit) => DateTime.fromISO(visit.onDay).setLocale('en-GB').toFormat('cccc d LLLL yyyy');

function between({ onDay, fromTime }: LetterVisit): string {
  const at = DateTime.fromISO(`${onDay}T${fromTime}`);
  const near = at.minus({ minutes: at.minute % QUARTER });
  return `between ${near.minus({ minutes: GIVE_MIN }).toFormat('HH:mm')} and ${near.plus({ minutes: GIVE_MIN }).toFormat('HH:mm')}`;
}

const howLong = (minutes: number) =>
  minutes < 55 ? `about ${Math.ceil(minutes / 10) * 10} minutes` : `about ${sayHours(Math.ceil(minutes / 30) / 2)}`;
const sayHours = (hours: number) =>
  hours === 1 ? 'an hour' : hours % 1 ? `${Math.floor(hours)}½ hours` : `${hours} hours`;

/** A letter to a client about the visits to come: when, what for, how long, and what we ask of them. */
export function visitLetterPaper(visits: readonly LetterVisit[], client: string, head: PaperHead): Paper {
  const blocks: PaperBlock[] = [
    { kind: 'text', text: client ? `Dear ${client},` : 'Good day,' },
    ...(visits.length
      ? visits.flatMap((visit) => blocksOf(visit))
      : [{ kind: 'text', text: 'No visit is fixed at the moment.' } satisfies PaperBlock]),
    ...(visits.length
      ? [
          {
            kind: 'text',
            text: 'If the day does not suit, tell us and we find another. There is nothing to pay for looking; if something wants doing that we did not cause, we say so and what it costs before we begin.',
          } satisfies PaperBlock,
        ]
      : []),
    { kind: 'text', text: head.firm },
  ];
  return {
    title: visits.some((v) => mends(v)) ? 'We are coming to put things right' : 'We would like to look at our work',
    ...head,
    blocks,
  };
}

const mends = ({ calls }: LetterVisit) => calls.some((c) => c.what === 'fault');

function blocksOf(visit: LetterVisit): PaperBlock[] {
  return [
    { kind: 'heading', text: `${day(visit)}, ${between(visit)}`, level: 2 },
    { kind: 'text', text: `It takes ${howLong(visit.minutes)}. We come to` },
    { kind: 'list', items: itemsOf(visit) },
    {
      kind: 'text',
      text: mends(visit)
        ? 'Please keep the floor clear in front of what is named here. What is mended must not be touched until the day that we leave with you; keep children and pets from it.'
        : 'Please make sure that we can reach what is named here. You need not be at home for what is outside.',
    },
  ];
}

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

/** The same thing in several places is one item. */
function itemsOf({ calls }: LetterVisit): string[] {
  return [...new Set(calls.map((c) => c.words))].map((words) => {
    const where = calls.filter((c) => c.words === words && c.where).map((c) => c.where);
    return [lower(words), where.join('; ')].filter(Boolean).join(': ');
  });
}
