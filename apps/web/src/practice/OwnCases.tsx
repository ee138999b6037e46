import { rightIn } from '@rustic/core';
import { Button } from '../form/Button.tsx';
import { Refused } from '../page/Refused.tsx';
import { newId } from '../store/newId.ts';
import { useChangeCaseMutation, type PracticePage } from '../store/endpoints.ts';
import { useMay } from '../store/useMay.ts';
import { sayRoundMoney } from '../words/figures.ts';

interface Props {
  page: PracticePage;
  currency: string;
  onCase: (id: string) => void;
}

/** Cases that were made from the firm's own finished jobs, and how one came out of each. */
export function OwnCases({ page: { cases }, currency, onCase }: Props) {
  const may = useMay();
  const [change, { error }] = useChangeCaseMutation();
  if (cases.length === 0) return null;
  return (
    <section aria-label="Cases of the firm" className="mt-8">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Cases of the firm</h2>
      <Refused error={error} />
      <ul>
        {cases.map(({ id, name, surfaces, mine }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1">
            <span className="min-w-0 flex-1">
              <button
                type="button"
                className="min-h-[44px] font-semibold underline wide:min-h-[30px]"
                onClick={() => onCase(id)}
              >
                {name}
              </button>{' '}
              <span className="text-sm text-faded">
                {mine
                  ? `you: ${rightIn(mine.judged)} right of ${mine.judged.length}, ${sayRoundMoney(mine.lost, currency)} lost`
                  : `${surfaces.length} surfaces, not tried yet`}
              </span>
            </span>
            {may.own && (
              <Button
                look="plain"
                className="text-sm"
                aria-label={`Put ${name} away`}
                onClick={() => void change({ caseId: id, id: newId(), withdrawn: true })}
              >
                Put away
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
