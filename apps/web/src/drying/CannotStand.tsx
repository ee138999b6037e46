import type { RelaxedPlan } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { useWords } from '../words/Words.tsx';
import { nameOf, withNames } from './planNames.ts';
import type { PlanSheet } from './planSheet.ts';

interface Props {
  data: PlanSheet;
  /** Which of the nearest plans is drawn, and what to do when another is asked for. */
  looked?: RelaxedPlan | null;
  onLook?: (plan: RelaxedPlan | null) => void;
}

/** The demands that cannot stand together, what would release them, and the nearest plans; nothing where the plan stands. */
export function CannotStand({ data, looked = null, onLook }: Props) {
  const { plan } = data;
  if (plan.status !== 'infeasible') return null;
  return (
    <div role="alert" className="mb-3 border-l-4 border-madder bg-leaf p-3">
      <p className="font-semibold">
        {plan.reasons.length > 1 ? 'These cannot stand together.' : 'This cannot be planned as it stands.'}
      </p>
      {plan.reasons.map((r, i) => (
        <p key={r.rule + r.step}>
          {i === 0 && `${nameOf(data, r.step)}: `}
          {withNames(data, r.text)}
        </p>
      ))}
      {onLook && data.nearest && data.nearest.length > 0 && (
        <section className="mt-3 border-t border-rule pt-2" aria-label="The nearest plans">
          <p className="mb-1 font-semibold">
            {data.nearest.length > 1
              ? 'The nearest plans, each with what it gives up'
              : 'The nearest plan, with what it gives up'}
          </p>
          <ul className="space-y-2">
            {data.nearest.map((near) => (
              <Nearest
                key={near.broken.map((b) => b.rule + b.step).join()}
                data={data}
                near={near}
                isLooked={looked === near}
                onLook={() => onLook(looked === near ? null : near)}
              />
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

interface NearProps {
  data: PlanSheet;
  near: RelaxedPlan;
  isLooked: boolean;
  onLook: () => void;
}

function Nearest({ data, near, isLooked, onLook }: NearProps) {
  const { sayTime } = useWords();
  return (
    <li className="flex flex-wrap items-start gap-x-4 gap-y-1">
      <div className="min-w-0 flex-1 basis-72">
        <p>
          Ends <strong>{sayTime(near.finish)}</strong>, {near.visits} {near.visits === 1 ? 'visit' : 'visits'}.
        </p>
        {near.broken.map((b) => (
          <p key={b.rule + b.step} className="text-[14.5px]">
            {nameOf(data, b.step)}: {withNames(data, b.text)}
          </p>
        ))}
      </div>
      <Chip pressed={isLooked} onPress={onLook}>
        {isLooked ? 'Drawn below' : 'Draw it'}
      </Chip>
    </li>
  );
}
