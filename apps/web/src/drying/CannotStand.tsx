import { nameOf, withNames } from './planNames.ts';
import type { PlanSheet } from './planSheet.ts';

/** The demands that cannot stand together, and what would release them; nothing where the plan stands. */
export function CannotStand({ data }: { data: PlanSheet }) {
  const { plan } = data;
  if (plan.status !== 'infeasible') return null;
  return (
    <div role="alert" className="border-l-4 border-madder bg-leaf p-3">
      <p className="font-semibold">
        {plan.reasons.length > 1 ? 'These cannot stand together.' : 'This cannot be planned as it stands.'}
      </p>
      {plan.reasons.map((r, i) => (
        <p key={r.rule + r.step}>
          {i === 0 && `${nameOf(data, r.step)}: `}
          {withNames(data, r.text)}
        </p>
      ))}
    </div>
  );
}
