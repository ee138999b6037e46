import { useState } from 'react';
import { isCoat, STEP_LABELS, WEAR_LABELS, makerWords } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { AirRead } from './AirRead.tsx';
import { Logged } from './Logged.tsx';
import { LogMore } from './LogMore.tsx';
import { logSent, NOTHING_SAID, type Loggable, type LogSaid } from './logSaid.ts';
import { LogStretch, stretchOf } from './LogStretch.tsx';
import { HandsOn } from './HandsOn.tsx';
import { ScanTin } from './ScanTin.tsx';
import { useLimits } from './useLimits.ts';
import { now } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type KeptProduct, useLogWorkMutation, useShelfQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { FigureField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** A log that is put right: its id, and what it said. */
export interface Corrected {
  id: string;
  said: Partial<LogSaid>;
}

/**
 * Logging the next step: a coat with its product, batch and air; anything else with one tap. Last values are offered,
 * never assumed. With `corrects`, the new log stands in the place of that one, and both are kept.
 */
export function LogWork({
  line,
  corrects,
  onLogged,
  onDone,
}: {
  line: Loggable;
  corrects?: Corrected;
  /** Told of the steps once they are written, those that were left out on the way among them. */
  onLogged?: (steps: readonly string[]) => void;
  onDone: () => void;
}) {
  const { sayFamily } = useWords();
  const { plan, product: offered, coat, parts } = line.next!;
  const film = isCoat(plan.kind);
  const { data: shelf } = useShelfQuery(undefined, { skip: !film });
  const draft = useDraft<LogSaid>(`log/${line.surfaceId}/${plan.id}/${corrects?.id ?? ''}`, {
    ...NOTHING_SAID,
    ...corrects?.said,
  });
  const measures = useMeasures();
  const { said, say } = draft;
  const [id] = useState(newId);
  const [laid, setLaid] = useState<string | null>(null);
  const [together, setTogether] = useState(false);
  const limits = useLimits();
  const stretch = corrects ? [] : stretchOf(line);
  const [log, { data: logged, isLoading, error }] = useLogWorkMutation();
  // What is open in the van comes first.
  const inVan = (p: KeptProduct) => Number(p.van.some((tin) => tin.litres > 0));
  const kept = (shelf ?? []).filter((p) => p.kept);
  const choices = kept.filter((p) => p.family === offered?.family).sort((a, b) => inVan(b) - inVan(a));
  const others = kept.filter((p) => p.family !== offered?.family && p.drying.recoatMin != null);
  const send = async () => {
    const body = logSent(line, said, { id, now: now(), measures, corrects: corrects?.id });
    // Outside its limits it is written all the same, with the reason.
    if (film && !(await limits.mayBeWritten(line.jobId, body))) return null;
    return log({ jobId: line.jobId, ...body });
  };
  const sent = () => {
    setLaid(said.productId);
    onLogged?.([plan.id]);
  };
  if (logged)
    return <Logged line={line} logged={logged} product={kept.find((p) => p.id === laid) ?? null} onDone={onDone} />;
  const title = `${STEP_LABELS[plan.kind]}${parts ? ` ${parts}` : ''}${film && coat > 1 ? `, coat ${coat}` : ''}`;
  const batch = line.offered.batch;
  if (together && stretch.length > 1)
    return (
      <section aria-label="Several steps" className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
        <p className="mb-2 font-semibold">{line.name}: everything up to the next coat</p>
        <LogStretch line={line} steps={stretch} onLogged={onLogged} onDone={onDone} />
      </section>
    );
  return (
    <Form
      draft={draft}
      label={corrects ? `Put right: ${title}` : `Log ${title}`}
      words="Done"
      busy={isLoading}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      onSend={send}
      onSent={sent}
      onLeave={onDone}
    >
      <p className="mb-2 font-semibold">
        {corrects && 'Put right: '}
        {line.name}: {title}
        {film && offered ? `, ${sayFamily(offered.family)}` : ''}
      </p>
      {stretch.length > 1 && (
        <div className="mb-2">
          <Chip onPress={() => setTogether(true)}>Everything up to the next coat, {stretch.length} steps</Chip>
        </div>
      )}
      {line.wear && line.wear.length > 0 && (
        <p className="mb-2 text-sm">
          <strong>Wear:</strong> {line.wear.map((one) => WEAR_LABELS[one].toLowerCase()).join(', ')}
        </p>
      )}
      {film && (
        <>
          <div className="mb-2 flex flex-wrap gap-2" role="group" aria-label="Product">
            {choices.map((p) => (
              <Chip
                key={p.id}
                pressed={said.productId === p.id}
                onPress={() =>
                  say({ productId: p.id, ...(batch && p.id === offered?.id && !said.batch ? { batch } : {}) })
                }
              >
                {p.name}{' '}
                <span className="opacity-75">
                  {makerWords(p)}
                  {batch && p.id === offered?.id ? `, batch ${batch}` : ''}
                </span>
              </Chip>
            ))}
            <ScanTin onTin={(tin) => say({ productId: tin.productId, ...(tin.batch ? { batch: tin.batch } : {}) })} />
          </div>
          <AirRead line={line} said={said} onSay={say} />
          <TextField name="batch" words="Batch" maxLength={80} className="mb-2" width="w-40" />
        </>
      )}
      {limits.warnings.length > 0 && (
        <div role="alert" className="mb-2 border-l-4 border-ochre bg-wash px-3 py-2">
          {limits.warnings.map((warning) => (
            <p key={warning}>{warning}</p>
          ))}
          <p className="text-sm">
            Nothing is written yet. If it was laid so, say why in the note and press Done again: it is written, and
            looked at again later.
          </p>
          <TextField name="note" words="Why it was laid so" maxLength={1000} className="mt-1" />
        </div>
      )}
      <LogMore kind={plan.kind} said={said} others={others} notes={limits.warnings.length === 0} onSay={say} />
      <div className="flex flex-wrap gap-3">
        <FigureField name="minutesAgo" words="Ended, minutes ago" inputMode="numeric" />
        <HandsOn words="Hands on, if you say it" usual={plan.minutes} said={said} onSay={say} />
      </div>
    </Form>
  );
}
