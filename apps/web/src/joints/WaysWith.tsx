import { isPaintedOver, REMEDY_LABELS, type Remedy } from '@rustic/core';
import { Mark } from '../page/notes.tsx';
import type { JointOfRoom } from '../store/endpoints.ts';
import { capital, isTold, sayHours, sayPercent, sayRoundMoney } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';

interface Props {
  joint: JointOfRoom;
  /** What was decided; null: as the house rule has it. */
  chosen: Remedy | null;
  currency: string;
  onChoose: (remedy: Remedy | null) => void;
}

/** What leaving it means: silicone is kept free of paint, what takes paint is painted over. */
const wayWords = (remedy: Remedy, plan: JointOfRoom['plan']): string => {
  if (remedy !== 'leave') return capital(REMEDY_LABELS[remedy]);
  return isPaintedOver(plan) ? 'Leave it, and paint over it' : 'Leave it, free of paint';
};

/** The ways with the bead that is there, side by side: what each takes and what it risks. */
export function WaysWith({ joint, chosen, currency, onChoose }: Props) {
  const { ways, plan } = joint;
  if (ways.length === 0) return null;
  return (
    <>
      <p className="mt-3 border-b border-rule text-sm text-faded">
        What may be done about it
        <Mark n={2} />
      </p>
      <ul aria-label="What may be done about it">
        {ways.map((way) => {
          const stands = chosen === way.remedy || (chosen === null && plan.act === way.remedy);
          return (
            <li key={way.remedy} className={`border-b border-rule ${stands ? 'bg-tab' : ''}`}>
              <button
                type="button"
                aria-pressed={stands}
                onClick={() => onChoose(chosen === way.remedy ? null : way.remedy)}
                className="grid min-h-[44px] w-full grid-cols-[1fr_auto] items-center gap-x-4 px-2 py-1 text-left"
              >
                <span>
                  <strong className="font-semibold">{wayWords(way.remedy, plan)}</strong>
                  {chosen === way.remedy && <span className="text-sm text-faded"> as decided; press to undo</span>}
                  <span className="block text-sm text-faded">
                    {way.risk
                      ? `${way.risk.because} ${sayPercent(way.risk.odds)} likelier`
                      : 'Nothing goes wrong likelier'}
                    {', '}
                    {way.guaranteeMonths === null ? 'no guarantee' : `guarantee ${way.guaranteeMonths} months`}
                  </span>
                </span>
                <span className="text-right text-sm">
                  {sayHours(Math.max(0, way.minutes))} h
                  {isTold(way.cost) && <>, {sayRoundMoney(Math.max(0, way.cost), currency)}</>}
                  {way.waitingMin > 0 && <span className="block text-faded">waits {sayLength(way.waitingMin)}</span>}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
