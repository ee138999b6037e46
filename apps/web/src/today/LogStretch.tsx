import { isCoat, STEP_LABELS } from '@rustic/core';
import { now } from '../clock/clock.ts';
import { Form } from '../form/Form.tsx';
import { FigureField, TextField } from '../form/fields.tsx';
import { Tick } from '../form/Tick.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { useLogStretchMutation } from '../store/endpoints.ts';
import { readFigure } from '../words/readFigure.ts';
import type { Loggable } from './logSaid.ts';
import { HandsOn } from './HandsOn.tsx';
import { handsOnMinutes } from './handsOn.ts';

type WorkStep = NonNullable<Loggable['work']>[number];
/** The steps that come before the next coat and are not logged yet: they can go together. */
export function stretchOf({ next, work = [], done = [] }: Pick<Loggable, 'next' | 'work' | 'done'>): WorkStep[] {
  const from = work.findIndex((w) => w.plan.id === next?.plan.id);
  if (from < 0) return [];
  const coat = work.findIndex((w, at) => at >= from && isCoat(w.plan.kind));
  const ahead = work.slice(from, coat < 0 ? undefined : coat);
  return ahead.filter((w) => !done.some((d) => d.stepId === w.plan.id));
}

/** Preparation in one act: every step up to the next coat, what was not done named, and one round figure for all of it. */
export function LogStretch({
  line,
  steps,
  onLogged,
  onDone,
}: {
  line: Loggable;
  steps: readonly WorkStep[];
  onLogged?: ((steps: readonly string[]) => void) | undefined;
  onDone: () => void;
}) {
  const draft = useDraft(`stretch/${line.surfaceId}/${steps[0]!.plan.id}`, {
    skipped: [] as string[],
    handsOn: '',
    clockFrom: '',
    minutesAgo: '0',
    helper: '',
    note: '',
  });
  const { said, say } = draft;
  const [log, { isLoading, error }] = useLogStretchMutation();
  const made = steps.filter((w) => !said.skipped.includes(w.plan.id));
  const usual = made.reduce((sum, w) => sum + w.plan.minutes, 0);
  const send = (form: typeof said) => {
    const endedAt = now() - readFigure(form.minutesAgo || '0') * 60_000;
    const handsOn = handsOnMinutes(form, endedAt);
    const last = steps.indexOf(made.at(-1)!);
    return log({
      jobId: line.jobId,
      id: newId(),
      surfaceId: line.surfaceId,
      steps: made.map((w) => ({ id: newId(), stepId: w.plan.id })),
      // What comes after the last step that was done is not left out: it is still to come.
      skipped: steps.slice(0, last).flatMap((w) => (made.includes(w) ? [] : [w.plan.id])),
      startedAt: new Date(endedAt - (handsOn ?? usual) * 60_000).toISOString(),
      endedAt: new Date(endedAt).toISOString(),
      ...(handsOn === null ? {} : { handsOnMin: handsOn }),
      ...(form.helper.trim() ? { helper: form.helper.trim() } : {}),
      ...(form.note.trim() ? { note: form.note.trim() } : {}),
    });
  };
  return (
    <Form
      draft={draft}
      label="Log several steps"
      words="Done"
      busy={isLoading}
      disabled={made.length === 0}
      error={error}
      onSend={send}
      onSent={() => {
        onLogged?.(steps.slice(0, steps.indexOf(made.at(-1)!) + 1).map((w) => w.plan.id));
        onDone();
      }}
      onLeave={onDone}
    >
      <ul className="mb-2 grid gap-x-6 wide:grid-cols-2" aria-label="Steps">
        {steps.map((w) => (
          <li key={w.plan.id}>
            <Tick
              checked={!said.skipped.includes(w.plan.id)}
              onTick={(on) =>
                say({ skipped: on ? said.skipped.filter((id) => id !== w.plan.id) : [...said.skipped, w.plan.id] })
              }
            >
              {STEP_LABELS[w.plan.kind]}
              {w.parts && ` ${w.parts}`}
              {said.skipped.includes(w.plan.id) && <span className="text-madder"> not done</span>}
            </Tick>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-3">
        <HandsOn words="Hands on, all together, if you say it" usual={usual} said={said} onSay={say} />
        <TextField name="helper" words="Who lent a hand" maxLength={120} width="w-40" />
        <FigureField name="minutesAgo" words="Ended, minutes ago" inputMode="numeric" />
        <TextField name="note" words="Note, or why something was not done" maxLength={1000} width="w-72" />
      </div>
    </Form>
  );
}
