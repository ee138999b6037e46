import type { LedgerKind } from '@rustic/core';
import { FIRM, type Tag, type TagType } from './tags.ts';

/** Something that was written: on which job, what, and about what. As the feed of the firm tells it. */
export interface Moved {
  jobId: string;
  kind: LedgerKind;
  /** What its entry is about: a surface, for the air a room. */
  subject: string | null;
}

type Reach = (moved: Moved) => Tag[];

const ofJob =
  (...types: TagType[]): Reach =>
  ({ jobId }) =>
    types.map((type) => ({ type, id: jobId }));
const plans: Reach = ({ jobId }) => [
  { type: 'Plan', id: jobId },
  { type: 'Plan', id: FIRM },
];
const subjectAs =
  (type: TagType): Reach =>
  ({ subject }) =>
    subject ? [{ type, id: subject }] : [];
const all =
  (...tags: Tag[]): Reach =>
  () =>
    tags;
const reach =
  (...parts: Reach[]): Reach =>
  (moved) => [...ofJob('Ledger')(moved), ...parts.flatMap((part) => part(moved))];

/** A job's figures: its page, its price, the line of it in the list. */
const figures = reach(ofJob('Job'), all('Jobs'));
/** What is known of one surface bears on the whole house. */
const house = reach(figures, ofJob('House'), plans, all('Today', 'Patches', 'Question', 'Aftercare'));
/** A test may be a look at a patch. */
const tested = reach(house, subjectAs('PatchesOn'));
/** Work on a surface moves that surface, the job's figures, the plan and the run sheet. */
const work = reach(figures, subjectAs('Surface'), plans, all('Today', 'Aftercare'));
const waits = reach(subjectAs('Surface'), plans, all('Today'));
const followUps = reach(subjectAs('Surface'), all('Today', 'Aftercare'));
const punch = reach(ofJob('Punch'), all('Aftercare'));
const visits = reach(punch, plans, all('Today'));
/** A job that is taken out or brought back is gone from every list, or there again. */
const everything = reach(house, punch, all('Trials'));
const trial = reach(all('Trials', 'Trial', 'Today'));

/** How far each kind of entry reaches: which answers are another after it. */
const REACH: Record<LedgerKind, Reach> = {
  'job-opened': reach(all('Jobs')),
  'job-changed': house,
  'job-brought-in': reach(figures, all('Trials', 'Today', 'Aftercare')),
  'record-carried-forward': reach(),
  'job-withdrawn': everything,
  'job-brought-back': everything,
  'room-added': house,
  'room-changed': reach(figures, ofJob('House'), plans, all('Today')),
  'room-withdrawn': house,
  'room-brought-back': house,
  'surface-added': house,
  'surface-changed': house,
  'surface-withdrawn': house,
  'surface-brought-back': house,
  'exclusions-changed': house,
  'parts-coloured': house,
  'damage-marked': house,
  'photo-framed': reach(subjectAs('Surface')),
  'joint-drawn': house,
  'joint-changed': house,
  'order-changed': figures,
  'campaign-joined': house,
  'campaign-broken': house,
  'test-recorded': tested,
  'test-corrected': tested,
  'test-withdrawn': tested,
  'test-moved': tested,
  'patches-laid': reach(subjectAs('PatchesOn'), all('Today')),
  'patch-pictured': reach(subjectAs('PatchesOn')),
  'found-while-working': house,
  'photo-kept': reach(ofJob('Job', 'House', 'Punch')),
  'photo-let-go': reach(ofJob('Job', 'House', 'Punch')),
  'system-chosen': reach(work, all('Question')),
  'system-overridden': reach(work, all('Question')),
  'rules-changed': house,
  'way-back-written': waits,
  'quote-sent': figures,
  'quote-agreed': house,
  'client-asked': reach(figures, all('Today')),
  'client-declined': reach(figures, all('Today')),
  'client-answered': reach(figures, all('Today')),
  'link-made': ofJob('Job', 'Ledger'),
  'link-revoked': ofJob('Job', 'Ledger'),
  'offers-changed': figures,
  'own-sums-changed': figures,
  'client-photos-chosen': figures,
  'colours-named': house,
  'mail-written': reach(all('Post')),
  'plan-posted': reach(figures, ofJob('House'), plans, all('Today')),
  'coat-logged': work,
  'step-done': work,
  'stretch-done': work,
  'work-corrected': work,
  'step-held': waits,
  'step-released': waits,
  'follow-up-opened': followUps,
  'follow-up-closed': followUps,
  'fault-marked': punch,
  'fault-mended': punch,
  'fault-withdrawn': punch,
  'handed-over': everything,
  'handover-taken-back': everything,
  'handover-tried': punch,
  'visit-planned': visits,
  'visit-made': visits,
  'visit-called-off': visits,
  'looked-again': reach(punch, all('Today')),
  'air-read': reach(subjectAs('Room'), ofJob('Job'), plans, all('Today')),
  'trial-designed': trial,
  'trial-primed': trial,
  'trial-topcoated': trial,
  'trial-look': trial,
  'trial-concluded': reach(trial, house, all('House', 'Plan')),
};

/** Which answers are another after something was written. A kind of a later release may have moved anything of its job. */
export const tagsMovedBy = (moved: Moved): Tag[] => ((REACH as Partial<typeof REACH>)[moved.kind] ?? house)(moved);

/** After a gap in the feed: whatever may have been written meanwhile. */
export const ANY_WORK: readonly TagType[] = [
  'Jobs',
  'Job',
  'House',
  'Surface',
  'Room',
  'Patches',
  'Plan',
  'Today',
  'Aftercare',
  'Punch',
  'Ledger',
  'Trials',
  'Trial',
];
/** What is computed of everything: the firm's rules, its shelf and its people bear on all of it. */
export const ALL_COMPUTED: readonly TagType[] = ['Session', 'Shelf', 'Question', ...ANY_WORK];
