import { TRIED_LINE_WORDS, TRIED_LINES, TRIED_ROWS, type Tried, type TriedLine } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { capital } from '../words/figures.ts';

/** What is tried on each line; `''` stands for a cell that goes without. */
export type AskedLines = Record<TriedLine, (Tried | '')[]>;

/** Cleaner, wipe, paper, bead: what is pressed on one line is tried against what is pressed on the others. */
export function TriedLines({ asked, onAsk }: { asked: AskedLines; onAsk: (asked: AskedLines) => void }) {
  const press = (line: TriedLine, one: Tried | '') => {
    const chosen = asked[line];
    onAsk({ ...asked, [line]: chosen.includes(one) ? chosen.filter((x) => x !== one) : [...chosen, one] });
  };
  return (
    <div className="mt-3 text-sm">
      <p>
        Done to the cells before their first coat. What is pressed on one line is crossed with the others: none and one
        paper, none and one cleaner are four rows.
      </p>
      {TRIED_LINES.map((line) => (
        <div
          key={line}
          role="group"
          aria-label={TRIED_LINE_WORDS[line]}
          className="mt-1.5 grid items-center gap-1.5 wide:grid-cols-[8rem_1fr]"
        >
          <span>{TRIED_LINE_WORDS[line]}</span>
          <div className="flex flex-wrap gap-1.5">
            <Chip pressed={asked[line].includes('')} onPress={() => press(line, '')}>
              None
            </Chip>
            {TRIED_ROWS.filter((row) => row.line === line).map((row) => (
              <Chip key={row.tried} pressed={asked[line].includes(row.tried)} onPress={() => press(line, row.tried)}>
                {capital(row.words)}
              </Chip>
            ))}
          </div>
        </div>
      ))}
    </div>
  );
}
