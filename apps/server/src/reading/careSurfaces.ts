import { aftercareOf, colourWords, guaranteeOf, type CareSurface } from '@rustic/core';
import type { JobRecords } from './jobRecords.ts';
import { isLeftOut } from './leftOut.ts';
import { lastRead } from './airOfRoom.ts';
import { seasonPlace } from './seasonPlace.ts';
import { saidBy } from './pricedJob.ts';
import { lastCoatOf } from './lastCoat.ts';
import { systemOf } from './houseReading.ts';
import { departedOn } from './surfaceView.ts';

/** What a client is told of each finished surface of a job. */
export function careSurfaces(records: JobRecords): CareSurface[] {
  const { timeZone } = records.firm;
  const said = saidBy(records);
  return records.surfaces
    .filter((s) => !isLeftOut(s))
    .flatMap((surface): CareSurface[] => {
      const laid = lastCoatOf(records, surface);
      if (!laid) return [];
      const { steps, choice } = systemOf(records, surface);
      const items = aftercareOf(laid.c, laid.last, lastRead(records, surface.roomId), timeZone, seasonPlace(records));
      return [
        {
          id: surface.id,
          room: records.rooms.find((r) => r.id === surface.roomId)?.name ?? '',
          name: surface.name,
          element: surface.facts.element,
          product: laid.last.product.name,
          colour: colourWords(surface.wanted.colour ?? null, records.job.colours),
          batch: laid.log.batch,
          exposure: laid.c.d.surface.exposure,
          makerYears: laid.last.product.lastsYears,
          firmMonths: guaranteeOf(laid.c, steps, departedOn(choice)).months,
          dates: items.filter((i) => i.kind === 'use').map(({ code, at, why }) => ({ code, at, why: said(why) })),
          visits: items.filter((i) => i.kind === 'visit').map(({ at, words }) => ({ at, words: said(words) })),
        },
      ];
    });
}
