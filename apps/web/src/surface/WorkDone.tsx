import { STEP_LABELS, type StepKind, sayVolume } from '@rustic/core';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useLogWorkMutation, useShelfQuery, type WorkLog } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { useMeasures } from '../words/useMeasures.ts';
import { sayLength } from '../words/time.ts';

/** What was done on this surface, newest first: what is wrong in it is put right by another log, never changed. */
export function WorkDone({
  jobId,
  surfaceId,
  work,
  onCorrect,
}: {
  jobId: string;
  surfaceId: string;
  work: readonly WorkLog[];
  onCorrect: (log: WorkLog) => void;
}) {
  const { data: shelf } = useShelfQuery(undefined, { skip: work.length === 0 });
  if (work.length === 0) return null;
  return (
    <section className="mt-4" aria-labelledby="done">
      <h2 id="done" className="text-[19px]">
        What was done
      </h2>
      <ul className="border-t border-strong">
        {[...work].reverse().map((log) => (
          <Line
            key={log.id}
            jobId={jobId}
            surfaceId={surfaceId}
            log={log}
            product={shelf?.find((p) => p.id === log.productId)?.name ?? null}
            onCorrect={onCorrect}
          />
        ))}
      </ul>
    </section>
  );
}

function Line({
  jobId,
  surfaceId,
  log,
  product,
  onCorrect,
}: {
  jobId: string;
  surfaceId: string;
  log: WorkLog;
  product: string | null;
  onCorrect: (log: WorkLog) => void;
}) {
  const { units, temperature, film } = useMeasures();
  const { sayTime } = useWords();
  const [send, { error, isLoading }] = useLogWorkMutation();
  const takeBack = () =>
    void send({
      jobId,
      id: newId(),
      surfaceId,
      stepId: log.stepId,
      startedAt: log.startedAt,
      endedAt: log.endedAt,
      corrects: log.id,
      withdrawn: true,
    });
  const said = [
    product,
    log.batch && `batch ${log.batch}`,
    log.temperatureC !== null &&
      `${temperature.say(log.temperatureC)} ${temperature.unit}, ${log.relativeHumidityPct} %`,
    log.wetFilmUm && `${film.say(log.wetFilmUm)} ${film.unit} wet`,
    log.litres && sayVolume(log.litres, units),
    log.handsOnMin !== null && `${sayLength(log.handsOnMin)} hands on`,
    log.helper && `with ${log.helper}`,
    log.note,
  ].filter(Boolean);
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1.5 text-[14.5px]">
      <span className="w-28 text-faded">{sayTime(log.endedAt)}</span>
      <span className="min-w-0 flex-1 basis-[220px]">
        <strong>{STEP_LABELS[log.stepKind as StepKind]}</strong>, {log.byName}
        {said.length > 0 && <span className="block text-sm text-faded">{said.join(' · ')}</span>}
      </span>
      <button type="button" className="min-h-[44px] underline" onClick={() => onCorrect(log)}>
        Put it right
      </button>
      <button type="button" disabled={isLoading} className="min-h-[44px] underline" onClick={takeBack}>
        It was not done
      </button>
      <Refused error={error} />
    </li>
  );
}
