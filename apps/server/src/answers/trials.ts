import { BOARD_BONDS, FAMILIES, JOB_RECORDS } from '@rustic/core';
import { z } from 'zod';
import { answer, core, figure, flag, from, like, moment, named, oneOf, rowOf, text, texts } from './answer.ts';
import { inJob } from './parts.ts';

/** A check-in of a trial, with the moment it falls on. */
export const dueCheck = { ...from('CheckIn', 'at', 'kind', 'words'), due: text };

const { body: bodyOfAct } = JOB_RECORDS.trialActs.fields;
/** What was done: laid, looked at, or concluded. */
const actBody = {
  cell: text.optional(),
  part: oneOf(['cell', 'strip']).optional(),
  test: core('TestRecord').optional(),
  bond: oneOf(BOARD_BONDS).nullish(),
  text: text.optional(),
  words: z.array(core('TrialWord')).optional(),
  substrate: like(bodyOfAct.shape.substrate).optional(),
  forFirm: flag.optional(),
};
const actOfTrial = named('TrialAct', {
  ...rowOf(JOB_RECORDS.trialActs, 'id', 'trialId', 'kind', 'corrects', 'byName', 'at'),
  ...inJob,
  body: answer(actBody),
});
const trialFields = {
  ...rowOf(JOB_RECORDS.trials, 'id', 'surfaceId', 'title', 'place', 'byName', 'at'),
  ...inJob,
  jobTitle: text,
  design: core('TrialDesign'),
  cells: z.array(core('Cell')),
  warnings: texts,
  primedAt: moment.nullable(),
  topcoatedAt: moment.nullable(),
  looks: figure,
  due: z.array(named('DueCheck', dueCheck)),
  concluded: actOfTrial.nullable(),
};
export const trialList = z.array(named('TrialBrief', trialFields));
export const trialPage = named('Trial', {
  ...trialFields,
  surfaceName: text.nullable(),
  label: text,
  acts: z.array(actOfTrial),
  /** What it says of bonds and of what rises, beside what was expected: in sentences, the strongest first. */
  says: texts,
});
export const trialActAnswer = actOfTrial;
export const designedAnswer = answer({
  ...rowOf(JOB_RECORDS.trials, 'id', 'surfaceId', 'title', 'place', 'byName', 'at'),
  ...inJob,
  design: core('TrialDesign'),
  cells: z.array(core('Cell')),
});

/** Primer patches: those that a system asks for, and those that were read. */
export const patchList = z.array(
  named('PatchSurface', {
    ...inJob,
    jobTitle: text,
    surfaceId: text,
    name: text,
    asked: z.array(answer({ family: oneOf(FAMILIES).nullable(), waitMin: figure, why: texts })),
    read: z.array(answer({ id: text, test: core('TestRecord'), at: moment, by: text })),
  }),
);

const patchLook = { ...from('PatchLook', 'at', 'words'), due: text };
const patchRow = { ...rowOf(JOB_RECORDS.patches), ...inJob };
export const patchAnswer = answer(patchRow);
const { patchPictures } = JOB_RECORDS;
export const patchPictureAnswer = answer({ ...rowOf(patchPictures), ...inJob });
const pictureRow = rowOf(patchPictures, 'id', 'photoId', 'setting', 'coats', 'shows', 'byName', 'at');
/** Patches of a surface that were laid, with when they are looked at and what was read of them. */
export const laidPatches = answer({
  patches: z.array(
    named('LaidPatches', {
      ...rowOf(JOB_RECORDS.patches),
      looks: z.array(answer(patchLook)),
      reads: z.array(
        answer({ ...from('PatchRead', 'family', 'result', 'minutes'), id: text, at: moment, byName: text }),
      ),
      next: answer(patchLook).nullable(),
      pictures: z.array(named('PatchPicture', { ...pictureRow, minutes: figure })),
      seen: z.array(answer({ ...from('PatchRead', 'family'), ...from('PatchSeen', 'sees', 'sure'), words: text })),
    }),
  ),
});
/** A patch of the firm that waits for a look. */
export const patchDue = named('PatchDue', {
  ...patchLook,
  ...inJob,
  patchId: text,
  jobTitle: text,
  surfaceId: text,
  name: text,
  place: text,
});
