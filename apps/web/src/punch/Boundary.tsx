import { useId } from 'react';
import { MENDS, type Mend, type TouchUp } from '@rustic/core';
import { sayInHundred } from '../words/consequence.ts';
import { MEND_WORDS } from './mendWords.ts';

const W = 92;
const H = 58;

/** The three ways a mend can end on the wall, drawn, each with the odds that it shows; the one to take stands out. */
export function Boundary({ touchUp }: { touchUp: TouchUp }) {
  return (
    <ul className="flex flex-wrap gap-3" aria-label="Will it show?">
      {MENDS.map((mend) => {
        const taken = mend === touchUp.recommended;
        return (
          <li key={mend} className={taken ? '' : 'text-faded'}>
            <Drawn mend={mend} taken={taken} />
            <div className={`text-[13.5px] leading-tight ${taken ? 'font-semibold' : ''}`}>
              {MEND_WORDS[mend]}
              <div>shows {sayInHundred(touchUp.odds[mend])}</div>
            </div>
          </li>
        );
      })}
    </ul>
  );
}

/** A piece of wall between two corners, the fault in it, and where the new paint stops. */
function Drawn({ mend, taken }: { mend: Mend; taken: boolean }) {
  const id = useId();
  const ink = taken ? 'var(--color-ink)' : 'var(--color-strong)';
  return (
    <svg width={W} height={H} viewBox={`0 0 ${W} ${H}`} aria-hidden className="block">
      <defs>
        <radialGradient id={`${id}-out`}>
          <stop offset="35%" stopColor="var(--color-indigo)" stopOpacity=".55" />
          <stop offset="100%" stopColor="var(--color-indigo)" stopOpacity="0" />
        </radialGradient>
      </defs>
      <path d={`M8 1V${H - 1}M${W - 8} 1V${H - 1}M8 ${H - 1}H${W - 8}`} stroke={ink} fill="none" strokeWidth="1.4" />
      {mend === 'corner-to-corner' && (
        <rect x="8" y="1" width={W - 16} height={H - 2} fill="var(--color-indigo)" fillOpacity=".32" />
      )}
      {mend === 'feather' && <circle cx={W / 2} cy={H / 2} r="24" fill={`url(#${id}-out)`} />}
      {mend === 'spot' && (
        <circle
          cx={W / 2}
          cy={H / 2}
          r="8"
          fill="var(--color-indigo)"
          fillOpacity=".5"
          stroke={ink}
          strokeDasharray="2 2"
        />
      )}
      <path
        d={`M${W / 2 - 4} ${H / 2 + 1}l3 3 6-8`}
        fill="none"
        stroke="var(--color-madder)"
        strokeWidth="2.2"
        strokeLinecap="round"
      />
    </svg>
  );
}
