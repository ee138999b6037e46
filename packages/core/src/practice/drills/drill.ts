import type { Skill } from '../knowledge/skills.ts';

/** Something that is asked: one of some answers, or a figure. */
export interface DrillQuestion {
  id: string;
  asks: string;
  /** Answers to choose from; null: a figure is asked for. */
  options: readonly { code: string; words: string }[] | null;
  /** Of the figure that is asked for; empty where none is. */
  unit: string;
}

/** A drill as it is put to somebody: what is asked, and nothing of what is so. */
export interface Drill {
  code: DrillCode;
  seed: number;
  name: string;
  /** What is told first. */
  story: string;
  /** Figures that belong to it, line by line: what a label or a forecast says. */
  sheet: readonly DrillLine[];
  questions: readonly DrillQuestion[];
}
export interface DrillLine {
  words: string;
  says: string;
}

/** What is so: the answer of one question, why, and which answers are as good. */
export interface DrillTruth {
  /** A code of the options, or a figure. */
  truth: string | number;
  /** Whether an answer counts as right. */
  fits: (says: string | number) => boolean;
  words: string;
  because: string;
}

/** A drill with what is so, question by question. */
export interface DrawnDrill {
  drill: Drill;
  truths: Readonly<Record<string, DrillTruth>>;
}

/** One answer, and how sure somebody is of it, 0 … 1. */
export interface DrillAnswer {
  question: string;
  says: string | number;
  sure: number;
}

/** How one question was answered. */
export interface DrillJudged {
  question: string;
  skill: Skill;
  sure: number;
  right: boolean;
}

export const DRILL_CODES = ['by-head', 'by-head-us', 'door', 'week', 'patches'] as const;
export type DrillCode = (typeof DRILL_CODES)[number];

/** What a drill teaches. */
export const DRILL_SKILL: Readonly<Record<DrillCode, Skill>> = {
  'by-head': 'by-head',
  'by-head-us': 'by-head',
  door: 'planning',
  week: 'planning',
  patches: 'reading-patches',
};
