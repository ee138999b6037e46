import { scaleLinear } from 'd3-scale';
import { SKILL_LABELS } from '@rustic/core';
import { newId } from '../store/newId.ts';
import { type PracticePage, useShowPracticeMutation } from '../store/endpoints.ts';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Refused.tsx';
import { counted } from '../words/counted.ts';
import { sayPercent } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';

/** How somebody does: each kind of surface, and how far their odds hold. Theirs alone, unless they show it. */
export function OwnRecord({ page }: { page: PracticePage }) {
  const { sayDate } = useWords();
  const [show, showing] = useShowPracticeMutation();
  const { standings, calibration, words, others, shown } = page;
  return (
    <section aria-label="How you do" className="mt-8">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">How you do</h2>
      <div className="flex flex-wrap gap-x-10 gap-y-4 pt-2">
        <table className="text-[15px]">
          <thead>
            <tr className="text-left text-[13px] text-faded">
              <th className="py-1 pr-6 font-normal">what</th>
              <th className="pr-6 text-right font-normal">right</th>
              <th className="pr-6 text-right font-normal">fresh</th>
              <th className="font-normal">again</th>
            </tr>
          </thead>
          <tbody>
            {standings.map(({ skill, tried, right, holds, dueAt }) => (
              <tr key={skill} className="border-t border-rule">
                <td className="py-1 pr-6">{SKILL_LABELS[skill]}</td>
                <td className="pr-6 text-right">{tried ? `${right} of ${tried}` : '–'}</td>
                <td className="pr-6 text-right">{holds === null ? '–' : sayPercent(holds)}</td>
                <td>{dueAt ? sayDate(dueAt) : 'not tried yet'}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="max-w-[34ch]">
          {calibration.steps.length > 0 && <SaidAndSoDrawn page={page} />}
          <p className="text-[15px]">{words}</p>
        </div>
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Chip pressed={shown} onPress={() => void show({ id: newId(), shown: !shown })}>
          {shown ? 'The others see how you do' : 'Show the others how you do'}
        </Chip>
        {!shown && <span className="text-sm text-faded">Nobody but you sees it.</span>}
      </div>
      <Refused error={showing.error} />
      {others.length > 0 && (
        <ul className="mt-3">
          {others.map((o) => (
            <li key={o.name} className="border-t border-rule py-1 text-[15px]">
              <strong className="font-semibold">{o.name}</strong>: {o.right} right of {counted(o.tried, 'judgement')}.{' '}
              <span className="text-faded">{o.words}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const [SIZE, EDGE] = [150, 22];
const at = scaleLinear()
  .domain([0.3, 1])
  .range([EDGE, SIZE - 8]);

/** What was said against what was so: on the slant line they agree; below it somebody is too sure. */
function SaidAndSoDrawn({ page }: { page: PracticePage }) {
  const { steps } = page.calibration;
  const told = steps.map((s) => `said ${sayPercent(s.said)}, right ${sayPercent(s.right)} of ${s.count}`).join('; ');
  const up = (share: number) => SIZE - at(Math.max(0.3, share)) + EDGE - 14;
  return (
    <svg width={SIZE} height={SIZE} role="img" aria-label={`Said and so: ${told}`} className="mb-1 block">
      <title>{told}</title>
      <line x1={at(0.3)} y1={up(0.3)} x2={at(1)} y2={up(1)} stroke="var(--color-strong)" strokeDasharray="4 3" />
      {steps.map((s) => (
        <circle
          key={s.from}
          cx={at(Math.max(0.3, s.said))}
          cy={up(s.right)}
          r={3 + Math.min(6, Math.sqrt(s.count))}
          fill={s.right < s.said ? 'var(--color-madder)' : 'var(--color-verdigris)'}
          fillOpacity="0.8"
        />
      ))}
      <text x={at(0.65)} y={SIZE - 2} fontSize="12" textAnchor="middle" fill="var(--color-faded)">
        said
      </text>
      <text
        x={10}
        y={up(0.65)}
        fontSize="12"
        textAnchor="middle"
        fill="var(--color-faded)"
        transform={`rotate(-90 10 ${up(0.65)})`}
      >
        so
      </text>
    </svg>
  );
}
