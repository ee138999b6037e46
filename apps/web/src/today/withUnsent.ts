import { runLine, type Done } from '@rustic/core';
import type { KeptBrief } from '../outbox/signal.ts';
import type { TodayLine } from '../store/endpoints.ts';

const minute = (iso: unknown) => Math.ceil(Date.parse(String(iso)) / 60_000);

/** Steps that were logged together: by the clock they end as one. */
const doneTogether = (body: Record<string, unknown>): Done[] =>
  (body['steps'] as { stepId: string }[]).map(({ stepId }) => ({
    stepId,
    start: minute(body['startedAt']),
    end: minute(body['endedAt']),
    thickness: 1,
  }));

/** Logs that wait on this device, of one surface, as the clock needs them. */
function doneHere(line: TodayLine, unsent: readonly KeptBrief[]): Done[] {
  return unsent.flatMap(({ body, command, refused }): Done[] => {
    if (!body || refused || body['surfaceId'] !== line.surfaceId || body['withdrawn']) return [];
    if (command === 'logStretch') return doneTogether(body);
    if (command !== 'logWork') return [];
    const stepId = String(body['stepId']);
    const label = line.work.find((w) => w.plan.id === stepId)?.product?.wetFilmUm;
    const film = Number(body['wetFilmUm']);
    return [
      {
        stepId,
        start: minute(body['startedAt']),
        end: minute(body['endedAt']),
        thickness: film && label ? film / label : 1,
      },
    ];
  });
}

/** The run sheet goes on without a signal: what is logged here and not sent yet stands on it, by the air last read. */
export function withUnsent(lines: readonly TodayLine[], unsent: readonly KeptBrief[], now: number): TodayLine[] {
  return lines.map((line) => {
    const here = doneHere(line, unsent);
    if (here.length === 0) return line;
    const logs = unsent.flatMap((k) => (k.body && k.body['surfaceId'] === line.surfaceId ? [k.body] : []));
    const read = logs.findLast((body) => typeof body['temperatureC'] === 'number');
    const air = {
      kind: 'steady' as const,
      temperatureC: Number(read?.['temperatureC'] ?? line.offered.temperatureC),
      relativeHumidityPct: Number(read?.['relativeHumidityPct'] ?? line.offered.relativeHumidityPct),
    };
    const standing = runLine(line.work, [...line.done, ...here], air, now);
    return { ...line, ...standing, plannedStart: null, crew: [], held: null };
  });
}
