import { z } from 'zod';
import { answer, plain, whole } from './answer.ts';
import { photo } from './parts.ts';

const visitFields = plain(
  'id',
  'jobId',
  'onDay',
  'fromTime',
  'minutes',
  'calls',
  'personId',
  'roundId',
  'byName',
  'at',
);
export const visitAnswers = z.array(answer(visitFields));
export const visitActAnswer = answer(plain('id', 'jobId', 'visitId', 'kind', 'note', 'byName', 'at'));
export const lookAnswer = answer(plain('id', 'jobId', 'subject', 'code', 'holds', 'note', 'byName', 'at'));

export const aftercarePage = answer({
  ...plain('now', 'zone'),
  jobs: z.array(answer(plain('id', 'title', 'place', 'client', 'version', 'mapPlace'))),
  people: z.array(answer(plain('id', 'name', 'initials', 'days'))),
  calls: z.array(
    answer(
      plain('jobId', 'what', 'subject', 'surfaceId', 'name', 'code', 'words', 'why', 'at', 'by', 'minutes', 'visitId'),
    ),
  ),
  uses: z.array(answer(plain('jobId', 'surfaceId', 'name', 'code', 'words', 'why', 'at'))),
  repaints: z.array(whole),
  visits: z.array(answer(visitFields)),
});

export const heldPage = answer(plain('films', 'years', 'systems', 'preparations', 'limits', 'callBacks', 'counts'));

const actFields = plain('id', 'jobId', 'markId', 'kind', 'way', 'withWhat', 'note', 'byName', 'at');
const faultFields = plain(
  'id',
  'jobId',
  'surfaceId',
  'roomId',
  'number',
  'fault',
  'note',
  'mark',
  'photoId',
  'photoPlace',
  'sizeM2',
  'view',
  'light',
  'byName',
  'at',
);
export const faultAnswer = answer(faultFields);
export const faultActAnswer = answer(actFields);
export const checkAnswer = answer(plain('id', 'jobId', 'surfaceId', 'code', 'holds', 'note', 'byName', 'at'));
export const punchPage = answer({
  ...plain('now', 'job', 'rooms', 'surfaces', 'standing', 'visits', 'checks'),
  photos: z.array(photo),
  faults: z.array(answer({ ...faultFields, act: answer(actFields).nullable(), ...plain('mend') })),
});

/** Papers as blocks of text and tables; those with prices on them are not for everybody, and say so themselves. */
export const papers = z.array(whole);

const actOfTrial = answer(plain('id', 'jobId', 'trialId', 'kind', 'body', 'corrects', 'byName', 'at'));
const trialFields = {
  ...plain(
    'id',
    'jobId',
    'jobTitle',
    'surfaceId',
    'title',
    'place',
    'design',
    'cells',
    'byName',
    'at',
    'warnings',
    'primedAt',
    'topcoatedAt',
    'looks',
    'due',
  ),
  concluded: actOfTrial.nullable().optional(),
};
export const trialList = z.array(answer(trialFields));
export const trialPage = answer({ ...trialFields, ...plain('surfaceName'), acts: z.array(actOfTrial) });
export const trialActAnswer = actOfTrial;
export const patchList = z.array(answer(plain('jobId', 'jobTitle', 'surfaceId', 'name', 'asked', 'read')));
