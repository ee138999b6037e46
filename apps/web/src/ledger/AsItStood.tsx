import { CONDITION_LABELS, FINISH_LABELS, type Condition, testWords } from '@rustic/core';
import { Coming } from '../page/Page.tsx';
import { sayPercent } from '../words/figures.ts';
import { useAsItStoodQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** A surface as the record had it at the end of a day: what was known, what was to go on, what was done. */
export function AsItStood({ surfaceId, day }: { surfaceId: string; day: string }) {
  const { sayDate, sayStep, sayTime } = useWords();
  const { currentData: data, error } = useAsItStoodQuery({ surfaceId, day });
  if (!data) return <Coming error={error} />;
  const { finish } = data;
  return (
    <section className="mb-4 border-y-2 border-ink bg-leaf px-4 py-3" aria-label="As it stood">
      <h2 className="text-[19px]">
        {data.surface.name}, as it stood on {sayDate(day)}
      </h2>
      <p>
        {finish
          .slice(0, 3)
          .map((f) => `${FINISH_LABELS[f.code]} ${sayPercent(f.probability)}`)
          .join(', ')}
        {data.conditions.length > 0 &&
          `; ${data.conditions.map((c) => CONDITION_LABELS[c as Condition].toLowerCase()).join(', ')}`}
        .
      </p>
      <p className="text-sm text-faded">
        {data.tests.length === 0 ? 'Not tested.' : data.tests.map((t) => testWords(t.test)).join('; ')}
      </p>
      <ol className="mt-1 columns-1 text-[14.5px] wide:columns-2">
        {data.lines.map((line, i) => (
          <li key={i}>
            {i + 1}. {sayStep(line.step)}
          </li>
        ))}
      </ol>
      <p className="mt-1 text-sm">
        {data.work.length === 0
          ? 'Nothing was logged yet.'
          : `Logged: ${data.work.map((l) => `${l.stepId}, ${sayTime(l.endedAt)}`).join('; ')}`}
      </p>
    </section>
  );
}
