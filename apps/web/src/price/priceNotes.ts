import { STEP_LABELS, USUAL_COUNTS, type LearnedRate } from '@rustic/core';
import type { Note } from '../page/notes.tsx';
import { sayHours, sayMoney } from '../words/figures.ts';
import type { PricePage } from '../store/endpoints.ts';
import type { OurWords } from '../words/ourWords.ts';
import { counted } from '../words/counted.ts';

const share = (hundredths: number) => `${hundredths / 100} %`;

const PACES_SAID = 4;
/** The steps logged most: what was logged, and what is taken. */
const paces = (learned: readonly LearnedRate[]) =>
  [...learned]
    .sort((a, b) => b.seen - a.seen)
    .slice(0, PACES_SAID)
    .map((l) => `${STEP_LABELS[l.kind].toLowerCase()} × ${l.pace.toFixed(2)} from ${l.seen} logged`)
    .join(', ');

/** What the visits of a price are: a plan's, once there is one. */
const visitsSaid = (isPlanned: boolean) =>
  isPlanned
    ? ' Visits and hours are those of the posted plan, each visit one person on one day; what it does not hold is added by the full day.'
    : ' Visits are full days of work until a plan is posted; from then on its visits and hours count.';

/** The reasons beside a price: how it comes about, what the firm's own logs did to it, and what is not guaranteed. */
export function priceNotes(
  { draft, sums, settings, learned }: PricePage,
  inOurWords: OurWords['inOurWords'],
): {
  notes: Note[];
  ofLine: Map<string, number>;
} {
  const money = (minor: number) => sayMoney(minor, draft.currency);
  const notes: Note[] = [
    {
      n: 1,
      head: 'The fan.',
      text: 'Ten thousand jobs like this one, played through over the odds of each finish (a campaign together), what is often found on such surfaces, sizes nobody measured, and the pace. The stroke is what each would have to be asked at for the firm’s margin, eight of ten of them. The broken line is what is asked; where the stroke turns red, cost with overhead alone is more than that, and the job a loss.',
    },
    {
      n: 2,
      head: 'How the price comes about.',
      text: `${sayHours(sums.minutes)} h on surfaces and ${sayHours(sums.visitMinutes)} h for ${counted(sums.visits, 'visit')} at ${money(settings.hourCost)} an hour: ${money(sums.labour)}. Paint in whole tins ${money(sums.paint)}, sundries ${money(sums.sundriesCost)}, equipment ${money(sums.equipment)}. Overhead of ${share(settings.overhead)} is ${money(sums.overhead)}, margin of ${share(settings.margin)} ${money(sums.margin)}.${visitsSaid(sums.isPlanned)}`,
    },
    {
      n: 3,
      head: 'Its own pace.',
      text: learned.length
        ? `Against the usual rates: ${paces(learned)}. The usual rate counts as much as ${USUAL_COUNTS} logged steps, so that few of them move it little.`
        : 'Nobody has said how long a step took yet: the hours are the usual rates. Steps logged with their hours draw them toward the firm’s own pace.',
    },
    {
      n: 4,
      head: 'Tins.',
      text: 'The cheapest tins that hold it, what is in the van first; one surface never from two batches; of each colour a reserve is kept for touching up.',
    },
  ];
  const ofLine = new Map<string, number>();
  for (const line of draft.lines.filter((l) => l.withheld.length)) {
    ofLine.set(line.surfaceId, notes.length + 1);
    notes.push({ n: notes.length + 1, head: 'No guarantee.', text: `${line.name}: ${inOurWords(line.withheld[0]!)}` });
  }
  return { notes, ofLine };
}
