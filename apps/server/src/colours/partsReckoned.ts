import {
  coatsOfPart,
  estimateSystem,
  familyOfParts,
  paintFor,
  priceOn,
  productFor,
  withParts,
  type ColourParts,
  type Step,
} from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { partsDrawnOn, systemOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { usualFaceOf } from '../reading/damageOf.ts';
import { paintedM2 } from '../reading/leftOut.ts';

const cent = (v: number) => Math.round(v * 100) / 100;

/** What parts in colours of their own come to on a surface: by part, and all of them beside the surface in one colour. */
export function partsReckoned(records: JobRecords, surface: SurfaceEntity, given: ColourParts | null) {
  const { c, steps } = systemOf(records, surface);
  const drawn = given && partsDrawnOn(records, surface, given);
  const family = familyOfParts(steps);
  const all = withParts(steps, c, drawn);
  const [one, parted] = [priceOn(c, steps), priceOn(c, all)];
  const litresOf = (areaM2: number, coats: number) => {
    const step: Step = { kind: 'finish-coat', ...(family ? { family } : {}), coats, areaM2, scope: 'a part', why: [] };
    return family ? paintFor(step, c.d.surface, productFor(step, c.shelf)).litres : 0;
  };
  const taping = estimateSystem(all, c.d.surface, c.shelf, c.by).filter(
    (_, i) => all[i]!.parts && all[i]!.kind === 'mask',
  );
  return {
    family,
    parts: (drawn?.parts ?? []).map((p) => {
      const coats = p.round ? coatsOfPart(p, c, steps) : 0;
      return {
        id: p.part.id,
        areaM2: cent(p.areaM2),
        tapeM: cent(p.tapeM),
        curvedM: cent(p.curvedM),
        round: p.round,
        coats,
        litres: litresOf(p.areaM2, coats),
        overGround: p.overGround,
      };
    }),
    faceM2: cent(drawn?.faceM2 ?? 0),
    groundM2: cent(drawn?.groundM2 ?? paintedM2(surface) ?? 0),
    rounds: drawn?.rounds ?? 0,
    tapingMinutes: taping.reduce((sum, e) => sum + e.minutes, 0),
    addsMinutes: parted.minutes - one.minutes,
    addsLitres: cent(parted.litres - one.litres),
    adds: parted.cost - one.cost,
  };
}

/** What the page of a surface's parts shows. */
export function partsPage(records: JobRecords, surface: SurfaceEntity) {
  const room = records.rooms.find((r) => r.id === surface.roomId)!;
  return {
    job: { id: records.job.id, title: records.job.title },
    room: { id: room.id, name: room.name, sketch: room.sketch },
    surface: {
      id: surface.id,
      name: surface.name,
      version: surface.version,
      areaM2: paintedM2(surface),
      colour: surface.wanted.colour ?? null,
      sheen: surface.wanted.sheen ?? null,
      colourParts: surface.colourParts,
    },
    usual: usualFaceOf(records, surface),
    colours: records.job.colours ?? [],
    currency: records.firm.currency,
    reckoned: partsReckoned(records, surface, surface.colourParts),
  };
}
