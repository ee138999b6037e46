import { DAMAGE, JOB_RECORDS, sketchSchema } from '@rustic/core';
import { z } from 'zod';
import { answer, figure, from, like, named, oneOf, rowOf, sum, text } from './answer.ts';
import { inJob } from './parts.ts';

const { damageMarks, photoFrames, photos } = JOB_RECORDS;

export const damageMarkAnswer = answer({ ...rowOf(damageMarks), ...inJob });

export const photoFrameAnswer = answer({ ...rowOf(photoFrames), ...inJob });

/** Where one kind of damage is, how large it may be, and what the surface then costs. */
const zone = named('ZoneOfDamage', {
  damage: oneOf(DAMAGE),
  /** How many looks and tests it rests on. */
  looks: figure,
  ...from('DamageZone', 'likelyM2', 'lowM2', 'highM2', 'odds'),
  cells: z.array(answer(from('WallCell', 'wall', 'x', 'y', 'widthM', 'heightM'))),
  next: answer({ place: like(damageMarks.fields.place), doubtLeft: figure }).nullable(),
  costLow: sum,
  costHigh: sum,
});

export const damagePage = named('DamagePage', {
  job: answer({ id: text, title: text }),
  room: answer({ id: text, name: text }),
  surface: answer({ id: text, name: text }),
  currency: text,
  walls: like(sketchSchema.shape.walls),
  marks: z.array(answer(rowOf(damageMarks, 'id', 'what', 'there', 'place', 'note', 'byName', 'at'))),
  /** Photos of the surface, and what of the wall each shows; null: nobody has set it yet. */
  photos: z.array(
    answer({
      ...rowOf(photos, 'id', 'note', 'byName', 'at'),
      frame: answer(rowOf(photoFrames, 'corners', 'wall', 'part')).nullable(),
    }),
  ),
  zones: z.array(zone),
  causes: z.array(answer(from('PatternCause', 'code', 'damage', 'cause', 'findOut', 'stopFirst', 'fits', 'of'))),
});
