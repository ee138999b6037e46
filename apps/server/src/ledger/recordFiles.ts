import { recordCsv, id } from '@rustic/core';
import type { JobRecords } from '../reading/jobRecords.ts';
import { productById } from '../reading/firmShelf.ts';
import { z } from 'zod';
import { bodyOf } from '../http/bodyOf.ts';

export const RECORD_KINDS = ['tests', 'coats', 'readings'] as const;
export class RecordAsked extends bodyOf({ kind: z.enum(RECORD_KINDS), jobId: id }) {}

/** A part of a job's record as a table: every test, every coat that stands, every reading. */
export function recordFile(records: JobRecords, kind: RecordAsked['kind']): string {
  const surface = (id: string) => records.surfaces.find((s) => s.id === id)?.name ?? '';
  const room = (id: string) => records.rooms.find((r) => r.id === id)?.name ?? '';
  switch (kind) {
    case 'tests':
      return recordCsv(
        ['id', 'surface', 'test', 'result', 'place', 'by', 'at', 'corrects', 'note'],
        records.tests.map((t) => {
          const said = t.test as { result?: string; grade?: number; value?: number; place?: string };
          const result = said.result ?? said.grade ?? said.value ?? '';
          return [t.id, surface(t.surfaceId), t.test.kind, result, said.place, t.byName, t.at, t.corrects, t.note];
        }),
      );
    case 'coats':
      return recordCsv(
        [
          'id',
          'surface',
          'step',
          'product',
          'batch',
          'start',
          'end',
          'temperatureC',
          'relativeHumidityPct',
          'surfaceC',
          'wetFilmUm',
          'litres',
          'method',
          'handsOnMin',
          'helper',
          'by',
          'note',
        ],
        records.work
          .filter((w) => w.productId !== null)
          .map((w) => [
            w.id,
            surface(w.surfaceId),
            w.stepId,
            productById(records.shelf, w.productId)?.name ?? w.productId,
            w.batch,
            w.startedAt,
            w.endedAt,
            w.temperatureC,
            w.relativeHumidityPct,
            w.surfaceC,
            w.wetFilmUm,
            w.litres,
            w.method,
            w.handsOnMin,
            w.helper,
            w.byName,
            w.note,
          ]),
      );
    case 'readings':
      return recordCsv(
        ['id', 'room', 'temperatureC', 'relativeHumidityPct', 'by', 'at'],
        records.readings.map((r) => [r.id, room(r.roomId), r.temperatureC, r.relativeHumidityPct, r.byName, r.at]),
      );
  }
}
