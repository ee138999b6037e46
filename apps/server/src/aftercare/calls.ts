import { aftercareOf, causeFirst, dayOf, FAULT_LABELS, leftToLook, mendMinutes, type Day } from '@rustic/core';
import { DateTime } from 'luxon';
import type { FaultMarkEntity } from '../record/punchEntities.ts';
import type { TrialActEntity, TrialEntity } from '../record/trialEntities.ts';
import { patienceDays, readyAt } from '../reading/mendOf.ts';
import { lastRead } from '../reading/airOfRoom.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { seasonPlace } from '../reading/seasonPlace.ts';
import { finishedOn, type Finished } from '../reading/finished.ts';
import { leftOversOf } from './leftOvers.ts';

const DAY_MS = 86_400_000;

/** Something to look at again on a job, between two moments. */
export interface Call {
  /** Of the surface, decision, test or trial that is looked at. */
  subject: string;
  surfaceId: string | null;
  name: string;
  code: string;
  words: string;
  why: string;
  at: string;
  by: string;
  minutes: number;
}
/** From when a finished surface may be used for something. */
export interface Use {
  surfaceId: string;
  name: string;
  code: string;
  words: string;
  why: string;
  at: string;
}
/** A fault that was marked, and when it can be mended and should be. */
export interface Mend {
  id: string;
  surfaceId: string;
  name: string;
  code: string;
  words: string;
  at: string;
  by: string;
  minutes: number;
}
/** A film that stands, with the day of the place on which it was finished. */
export type StandingFilm = Finished & { endDay: Day };

/** What follows from one job's record, whatever the hour. */
export interface JobCare {
  calls: Call[];
  uses: Use[];
  finished: StandingFilm[];
  mends: Mend[];
}

/** What follows on a job, from the text that it was kept as. */
export function readCare(body: string): JobCare {
  const care = JSON.parse(body) as JobCare;
  for (const film of care.finished) film.endedAt = new Date(film.endedAt);
  return care;
}

export function careOf(
  records: JobRecords,
  trials: readonly TrialEntity[],
  concluded: readonly TrialActEntity[],
): JobCare {
  const place = seasonPlace(records);
  const zone = records.firm.timeZone;
  const care: JobCare = { calls: [], uses: [], finished: [], mends: records.faults.flatMap((f) => mendOn(records, f)) };
  for (const surface of records.surfaces.filter((s) => !isLeftOut(s))) {
    const finished = finishedOn(records, surface);
    if (!finished) continue;
    const { c, last, log: _log, ...film } = finished;
    care.finished.push({ ...film, endDay: dayOf(DateTime.fromJSDate(film.endedAt, { zone })) });
    const looked = records.looks
      .filter((l) => l.subject === surface.id)
      .map(({ code, at }) => ({ code, at: at.toISOString() }));
    const items = aftercareOf(c, last, lastRead(records, surface.roomId), zone, place, [], looked);
    const named = { surfaceId: surface.id, name: surface.name };
    for (const { kind, code, words, why, at, by, minutes } of items) {
      if (kind === 'use') care.uses.push({ ...named, code, words, why, at });
      if (kind === 'visit')
        care.calls.push({ ...named, subject: surface.id, code, words, why, at, by: by!, minutes: minutes! });
    }
  }
  const left = leftOversOf(records, trials, concluded);
  for (const { id, ...visit } of leftToLook(left, zone)) {
    const { surfaceId } = left.find((l) => l.id === id)!;
    const name = records.surfaces.find((s) => s.id === surfaceId)?.name ?? '';
    care.calls.push({ ...visit, subject: id, surfaceId, name });
  }
  return care;
}

function mendOn(records: JobRecords, fault: FaultMarkEntity): Mend[] {
  const surface = records.surfaces.find((s) => s.id === fault.surfaceId);
  if (!surface) return [];
  const at = readyAt(records, surface, fault.fault, fault.at);
  return [
    {
      id: fault.id,
      surfaceId: surface.id,
      name: surface.name,
      code: fault.fault,
      words: `${causeFirst(fault.fault) ? 'Find the cause of' : 'Mend'} number ${fault.number}: ${FAULT_LABELS[fault.fault]}`,
      at: new Date(at).toISOString(),
      by: new Date(at + patienceDays(fault.fault) * DAY_MS).toISOString(),
      minutes: mendMinutes(fault.sizeM2),
    },
  ];
}
