import { CHEMISTRY_LABELS, dryingSource } from '@rustic/core';
import type { Note } from '../page/notes.tsx';
import { sayLength } from '../words/time.ts';
import { capital } from '../words/figures.ts';
import type { LineGroup } from './groups.ts';
import type { Measures } from '../words/measures.ts';

/** Why each coat opens when it does, numbered in the order in which the lines are read. */
export function openingNotes(
  groups: readonly LineGroup[],
  inUnits: Measures['inUnits'],
): { notes: Note[]; ofLine: Map<string, number> } {
  const notes: Note[] = [];
  const ofLine = new Map<string, number>();
  for (const line of groups.flatMap(({ lines }) => lines).filter((l) => l.standing !== 'to-start')) {
    const drying = line.last?.plan.drying;
    if (
      !drying?.recoatMin ||
      !drying.chemistry ||
      !line.last?.product ||
      line.opensAt === null ||
      line.lastEnd === null
    )
      continue;
    const took = line.opensAt - line.lastEnd;
    const label = drying.recoatMin;
    const head = `${line.last.product.name}.`;
    const text = inUnits(
      `${capital(CHEMISTRY_LABELS[drying.chemistry])}: ${sayLength(label)} by its label at 23 °C and 50 %. At ${line.offered.temperatureC} °C and ${line.offered.relativeHumidityPct} % here, ${sayLength(took)}. The label is a floor: better air never shortens it.`,
    );
    // Two coats of one product in one air open for one reason: it is said once, and both point to it.
    const said = notes.find((note) => note.head === head && note.text === text);
    ofLine.set(line.surfaceId, said?.n ?? notes.length + 1);
    if (!said) notes.push({ n: notes.length + 1, head, text, source: inUnits(dryingSource(drying.chemistry)) });
  }
  return { notes, ofLine };
}
