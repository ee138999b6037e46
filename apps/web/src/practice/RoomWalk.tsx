import { testWords } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { useWords } from '../words/Words.tsx';
import { CameOut } from './CameOut.tsx';
import { TREATMENT_WORDS } from './treatmentWords.ts';
import type { Walk } from './useWalk.ts';

interface Props {
  walk: Walk;
  currency: string;
  onGo: (surface: string) => void;
}

/** The room: its story, its surfaces and how far each is; then what came of it. */
export function RoomWalk({ walk, currency, onGo }: Props) {
  const { room, score, decisions } = walk;
  const { inOurWords } = useWords();
  const first = room.surfaces.find(({ id }) => !walk.settledOn(id).treatAs) ?? room.surfaces[0]!;
  return (
    <section aria-label={room.name}>
      <p className="mb-2 max-w-[62ch] font-serif text-[18px]">{inOurWords(room.story)}</p>
      <Refused error={walk.keeping.error} />
      {score ? (
        <CameOut walk={walk} score={score} currency={currency} />
      ) : (
        <>
          <ul>
            {room.surfaces.map(({ id, name }) => (
              <li key={id} className="border-b border-rule">
                <button
                  type="button"
                  className="flex min-h-[44px] w-full flex-wrap items-baseline justify-between gap-x-4 py-1.5 text-left hover:underline"
                  onClick={() => onGo(id)}
                >
                  <strong className="font-serif text-[17px] font-semibold">{inOurWords(name)}</strong>
                  <span className="text-sm text-faded">{howFar(walk, id)}</span>
                </button>
              </li>
            ))}
          </ul>
          <div className="mt-3 flex flex-wrap items-center gap-3">
            <Act letter="w" words="Walk it" main={!walk.isSettled} onAct={() => onGo(first.id)} />
            <Act
              letter="p"
              words="Play it forward"
              main={walk.isSettled}
              disabled={!walk.isSettled}
              onAct={walk.play}
            />
            {!walk.isSettled && (
              <span className="text-sm text-faded">
                Settle every surface first: {decisions.length} of {room.surfaces.length} so far.
              </span>
            )}
          </div>
        </>
      )}
    </section>
  );
}

/** What was tested and settled on one surface, in a line. */
function howFar(walk: Walk, id: string): string {
  const { treatAs, departures, sure } = walk.settledOn(id);
  const known = walk.shownOn(id).map(({ test }) => testWords(test));
  const otherwise = departures.length
    ? `, ${departures.length === 1 ? 'one line' : `${departures.length} lines`} otherwise`
    : '';
  const settled = treatAs ? `${TREATMENT_WORDS[treatAs]}${otherwise}, ${Math.round(sure * 100)} in 100` : 'not settled';
  return [...(known.length ? known : ['not tested']), settled].join(' · ');
}
