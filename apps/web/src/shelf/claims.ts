import type { ProductNote } from '../store/endpoints.ts';

/** A claim of the label, as it stands now: the newest note about it decides. */
export interface Claim {
  id: string;
  text: string;
  standing: 'believed' | 'tried' | 'refuted';
  /** What was found since, the oldest first. */
  since: ProductNote[];
}

/** The claims among the notes of a product, each with what was found since. */
export function claimsOf(notes: readonly ProductNote[]): Claim[] {
  return notes
    .filter((n) => n.kind === 'claim' && n.about === null)
    .map((n) => {
      const since = notes.filter((o) => o.about === n.id);
      return { id: n.id, text: n.text, standing: (since.at(-1)?.standing ?? n.standing)!, since };
    });
}
