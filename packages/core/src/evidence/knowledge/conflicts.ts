import type { SurfaceFacts } from '../../model/surface.ts';
import type { TestRecord } from '../../model/test.ts';
import type { TestKind } from '../../vocabulary/index.ts';
import { groundOf, isOutside, isYoungFilm } from '../facts.ts';

/** How two tests that contradict each other can both be right. The first row that fits is taken. */
export interface ConflictRow {
  when: (a: TestRecord, b: TestRecord, s: SurfaceFacts) => boolean;
  explanation: string;
  settle: TestKind;
  source: string;
}

const either = (a: TestRecord, b: TestRecord, kind: TestKind, ...results: string[]) => [a, b].some((t) => t.kind === kind && results.includes(t.result ?? ''));
const both = (a: TestRecord, b: TestRecord, kind: TestKind) => a.kind === kind && b.kind === kind;
const glossy = (a: TestRecord, b: TestRecord) => either(a, b, 'sheen-look', 'gloss', 'semi-gloss');
const young = (a: TestRecord, b: TestRecord) => [a, b].some(isYoungFilm);

export const CONFLICT_ROWS: readonly ConflictRow[] = [
  {
    when: young,
    explanation: 'One was made on a film under three days old, which says little of how it will hold. Make it again at cure.',
    settle: 'cross-cut',
    source: 'practice',
  },
  {
    when: (a, b, s) => either(a, b, 'spirit-rub', 'slight-transfer', 'transfer') && s.conditions.some((c) => ['greasy', 'smoke', 'soot'].includes(c)),
    explanation: 'Grease and smoke colour a rag whatever the film is. Wash a hand-sized place and rub again on a clean rag.',
    settle: 'spirit-rub',
    source: 'practice',
  },
  {
    when: (a, b) => both(a, b, 'spirit-rub') && either(a, b, 'spirit-rub', 'no-transfer') && either(a, b, 'spirit-rub', 'lifts-to-lower-coat', 'transfer', 'softens'),
    explanation: 'A thin waterborne coat on oil, worn through in one stroke and not in the other; or a used place on the rag. Rub longer, then lift an edge with a blade.',
    settle: 'blade-lift',
    source: 'after ASTM D5402',
  },
  {
    when: (a, b) => either(a, b, 'spirit-rub', 'transfer', 'softens', 'lifts-to-lower-coat') && either(a, b, 'acetone-rub', 'no-change'),
    explanation: 'Shellac gives itself up to spirit and hardly to acetone; so does polish on a baked face. Try the blade.',
    settle: 'blade-lift',
    source: 'practice',
  },
  {
    when: (a, b) => either(a, b, 'spirit-rub', 'no-transfer') && either(a, b, 'acetone-rub', 'dissolves', 'softens'),
    explanation: 'A hard lacquer or spray-can film stands spirit and dissolves in acetone; a fully cured acrylic can too. The likeliest is a sprayed finish.',
    settle: 'water-drop',
    source: 'practice',
  },
  {
    when: (a, b) => glossy(a, b) && either(a, b, 'spirit-rub', 'transfer', 'softens', 'lifts-to-lower-coat'),
    explanation: 'A gloss that comes off on the rag: trim coated over with a modern gloss. Look for oil beneath it with a blade.',
    settle: 'blade-lift',
    source: 'practice',
  },
  {
    when: (a, b) =>
      either(a, b, 'blade-lift', 'lifts-in-sheet') ||
      either(a, b, 'nail-scratch', 'peels-in-sheet') ||
      either(a, b, 'tape-pull', 'lifts') ||
      either(a, b, 'scraper-drag', 'scratches-off'),
    explanation: 'It holds in one try and lets go in another: two coats with a weak bond between them, or a patch of another paint. Note which layer let go.',
    settle: 'cross-cut',
    source: 'ISO 2409',
  },
  {
    when: (a, b, s) => either(a, b, 'water-drop', 'soaks-in') && groundOf(s.substrate) === 'timber' && isOutside(s),
    explanation: 'Weather has worn the film through in places: part painted, part bare.',
    settle: 'hand-wipe',
    source: 'practice',
  },
  {
    when: () => true,
    explanation: 'A mixed patch, an over-coated place, or a test read wrong. Make both again side by side, on a clean rag and in daylight.',
    settle: 'spirit-rub',
    source: 'practice',
  },
];
