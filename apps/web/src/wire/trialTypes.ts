import type { Cell, CheckIn, Family, TestRecord, TrialDesign } from '@rustic/core';

/** What the server answers with about trials. Times are ISO 8601. */
export interface PatchSurface {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  asked: { family: Family | null; waitMin: number; why: string[] }[];
  read: { id: string; test: TestRecord; at: string; by: string }[];
}
/** A check-in of a trial, with the moment it falls on. */
export type DueCheck = CheckIn & { due: string };
export type TrialCheck = DueCheck & { trialId: string; title: string; jobId: string; jobTitle: string };
export interface TrialAct {
  id: string;
  kind: 'primed' | 'topcoated' | 'look' | 'concluded';
  body: {
    cell?: string;
    part?: 'cell' | 'strip';
    test?: TestRecord;
    text?: string;
    words?: unknown[];
    forFirm?: boolean;
  };
  corrects: string | null;
  byName: string;
  at: string;
}
export interface TrialBrief {
  id: string;
  jobId: string;
  jobTitle: string;
  surfaceId: string | null;
  title: string;
  place: string;
  design: TrialDesign;
  cells: Cell[];
  warnings: string[];
  primedAt: string | null;
  topcoatedAt: string | null;
  looks: number;
  due: DueCheck[];
  concluded: TrialAct | null;
}
export type Trial = TrialBrief & { surfaceName: string | null; acts: TrialAct[] };
