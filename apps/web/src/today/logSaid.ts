import { isCoat, type Method } from '@rustic/core';
import { readFigure } from '../words/readFigure.ts';
import type { TodayLine, WorkBody } from '../store/endpoints.ts';
import { handsOnMinutes, type HandsOnSaid } from './handsOn.ts';
import type { Measures } from '../words/measures.ts';

/** What the form of a log holds, as it is typed. */
export interface LogSaid extends HandsOnSaid {
  productId: string | null;
  batch: string;
  t: string;
  rh: string;
  surfaceT: string;
  minutesAgo: string;
  wetFilm: string;
  litres: string;
  method: Method | '';
  helper: string;
  note: string;
  instead: string;
}

export const NOTHING_SAID: LogSaid = {
  productId: null,
  batch: '',
  t: '',
  rh: '',
  surfaceT: '',
  minutesAgo: '0',
  handsOn: '',
  clockFrom: '',
  wetFilm: '',
  litres: '',
  method: '',
  helper: '',
  note: '',
  instead: '',
};

export type Loggable = Pick<TodayLine, 'next' | 'jobId' | 'surfaceId' | 'name' | 'offered'> &
  Partial<Pick<TodayLine, 'wear' | 'method' | 'roomId' | 'work'>> & { done?: readonly { stepId: string }[] };

/** A log as it is sent: figures read as people write them, what is empty left out. */
export function logSent(
  line: Loggable,
  said: LogSaid,
  { id, now, measures, corrects }: { id: string; now: number; measures: Measures; corrects?: string | undefined },
): WorkBody {
  const { plan } = line.next!;
  const endedAt = now - readFigure(said.minutesAgo || '0') * 60_000;
  const handsOn = handsOnMinutes(said, endedAt);
  const given = <K extends string, V>(key: K, text: string, read: (text: string) => V) =>
    text.trim() === '' ? {} : ({ [key]: read(text.trim()) } as Record<K, V>);
  const plain = (text: string) => text;
  return {
    id,
    surfaceId: line.surfaceId,
    stepId: plan.id,
    // Where nobody says how long it took, the plan's minutes stand for the clock alone: nothing is learned from them.
    startedAt: new Date(endedAt - (handsOn ?? plan.minutes) * 60_000).toISOString(),
    endedAt: new Date(endedAt).toISOString(),
    ...(handsOn === null ? {} : { handsOnMin: handsOn }),
    ...given('helper', said.helper, plain),
    ...given('note', said.note, plain),
    ...(corrects ? { corrects } : {}),
    ...(isCoat(plan.kind)
      ? {
          ...(said.productId ? { productId: said.productId } : {}),
          ...given('batch', said.batch, plain),
          ...given('temperatureC', said.t, measures.temperature.read),
          ...given('relativeHumidityPct', said.rh, readFigure),
          ...given('surfaceC', said.surfaceT, measures.temperature.read),
          ...given('wetFilmUm', said.wetFilm, measures.film.read),
          ...given('litres', said.litres, measures.volume.read),
          ...(said.method ? { method: said.method } : {}),
          ...given('instead', said.instead, plain),
        }
      : {}),
  };
}

/** What the square code of a tin says; null where it is no label of ours. */
export function tinSaid(code: string): { productId: string; batch: string | null } | null {
  const match = /^rustic-ledger:tin\?(.+)$/.exec(code);
  if (!match) return null;
  const said = new URLSearchParams(match[1]);
  const productId = said.get('product');
  return productId ? { productId, batch: said.get('batch') } : null;
}
