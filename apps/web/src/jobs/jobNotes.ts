import { FINISH_LABELS, LEFT_OUT_WORDS, USUAL_DATES } from '@rustic/core';
import type { Note } from '../page/notes.tsx';
import { sayPercent } from '../words/figures.ts';
import { unknownNotes } from './Unknown.tsx';
import type { WholeJob } from '../store/endpoints.ts';

/** The reasons beside a job: what is not known, what disagrees, what is left out; and which line each belongs to. */
export function notesOf(
  data: WholeJob,
  currency: string,
): { notes: Note[]; ofSurface: Map<string, number>; ofTest: Map<string, number> } {
  const notes: Note[] = [];
  const ofSurface = new Map<string, number>();
  const ofTest = new Map<string, number>();
  for (const { key, note } of unknownNotes(data, currency, 1)) {
    ofTest.set(key, note.n);
    notes.push(note);
  }
  const add = (note: Omit<Note, 'n'>) => notes.push({ n: notes.length + 1, ...note });
  for (const s of data.surfaces.filter((x) => !x.tested && x.facts.isNew !== true)) {
    ofSurface.set(s.id, notes.length + 1);
    add({
      head: 'Not tested.',
      text: `${s.name}: ${FINISH_LABELS[s.likeliest.code]} at ${sayPercent(s.likeliest.probability)} is inferred from the house and the look. A spirit rub takes three minutes.`,
    });
  }
  for (const s of data.surfaces.filter((x) => x.conflicts > 0)) {
    ofSurface.set(s.id, notes.length + 1);
    add({
      head: 'Tests disagree.',
      text: `${s.name}: two results that can hardly both be right. Its page sets them side by side.`,
    });
  }
  for (const s of data.surfaces)
    for (const e of s.exclusions) {
      if (!ofSurface.has(s.id)) ofSurface.set(s.id, notes.length + 1);
      add({ head: 'Left out.', text: `${s.name}: ${e.words}; ${LEFT_OUT_WORDS[e.reason]}.` });
    }
  const { builtYear, property } = data.job;
  const leadYear = property.leadYear ?? USUAL_DATES.leadYear;
  if (builtYear && builtYear < leadYear)
    add({
      head: `House of ${builtYear}.`,
      text: 'Treated as leaded until a swab through all layers is negative: no dry sanding, no heat. Local rules and licensed contractors decide what may be done.',
    });
  return { notes, ofSurface, ofTest };
}
