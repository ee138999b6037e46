import { useState } from 'react';
import { PRIMER_FAMILIES, type Change, type Plan } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { AirFigure, RoomChoice } from './airFields.tsx';
import { readFigure } from '../words/readFigure.ts';
import { minuteOf, sayLength } from '../words/time.ts';
import { nameOf, withNames } from './planNames.ts';
import { type PlanPage, useShelfQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Button } from '../form/Button.tsx';
import { Choice } from '../form/atOnce.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const SATURDAY = 6;
/** Nobody of the firm yet. */
const ANOTHER = 'another-painter';

/** Things that could be otherwise, each answered at once; nothing changes until a plan is posted. */
export function WhatIf({
  data,
  changes,
  onChange,
  answer,
  asking,
  chosen,
}: {
  data: PlanPage;
  changes: readonly Change[];
  onChange: (changes: readonly Change[]) => void;
  answer: Plan | null;
  asking: boolean;
  /** The step that is chosen in the plan, as surface/step. */
  chosen: string | null;
}) {
  const { sayTime } = useWords();
  const [roomId, setRoomId] = useState(data.rooms[0]?.id ?? '');
  const { temperature } = useMeasures();
  const [t, setT] = useState(temperature.say(20));
  const [rh, setRh] = useState('50');
  const has = (kind: Change['kind']) => changes.some((c) => c.kind === kind);
  const toggle = (change: Change) =>
    onChange(has(change.kind) ? changes.filter((c) => c.kind !== change.kind) : [...changes, change]);
  const air = changes.find((c) => c.kind === 'air');
  const isAir = !Number.isNaN(readFigure(t)) && !Number.isNaN(readFigure(rh));
  const setAir = () =>
    onChange([
      ...changes.filter((c) => c.kind !== 'air'),
      {
        kind: 'air',
        zone: roomId,
        air: { kind: 'steady', temperatureC: temperature.read(t), relativeHumidityPct: readFigure(rh) },
      },
    ]);
  return (
    <section className="no-print mb-3 border-y-2 border-ink bg-leaf px-4 py-3" aria-label="What if">
      <div className="flex flex-wrap items-end gap-2">
        <Chip pressed={has('day')} onPress={() => toggle({ kind: 'day', weekday: SATURDAY })}>
          Saturday too
        </Chip>
        <Helper people={data} changes={changes} onChange={onChange} />
        <RoomChoice words="Air in" rooms={data.rooms} roomId={roomId} onRoom={setRoomId} />
        <AirFigure unit={temperature.unit} text={t} onText={setT} />
        <AirFigure unit="% RH" text={rh} onText={setRh} />
        <Button look="plain" disabled={!air && !isAir} onClick={air ? () => toggle(air) : setAir}>
          {air ? 'As it is' : 'Try that air'}
        </Button>
        <OtherProduct key={chosen} data={data} chosen={chosen} changes={changes} onChange={onChange} />
        {changes.length > 0 && (
          <button type="button" className="ml-auto min-h-[44px] underline" onClick={() => onChange([])}>
            Leave it
          </button>
        )}
      </div>
      <p role="status" className="mt-2 text-[15px]">
        {changes.length === 0
          ? 'Press one of these, or drag a block in the plan: the answer stands here before anything is changed.'
          : asking && !answer
            ? 'Planning …'
            : answer && <Answer data={data} answer={answer} changes={changes} />}
      </p>
      {changes
        .filter((c) => c.kind === 'drag')
        .map((c) => (
          <p key={c.surface + c.step} className="text-sm text-faded">
            {nameOf(data, `${c.surface}/${c.step}`)}: not before {sayTime(c.to)}
          </p>
        ))}
    </section>
  );
}

const A_FEW_DAYS = [1, 2, 3, 5] as const;

/** Somebody more, all the while or for some days in a row. */
function Helper({
  people: { people, input },
  changes,
  onChange,
}: {
  people: Pick<PlanPage, 'people' | 'input'>;
  changes: readonly Change[];
  onChange: (changes: readonly Change[]) => void;
}) {
  const free = people.find((p) => p.hours && !input.crew.some((c) => c.id === p.id));
  const asked = changes.find((c) => c.kind === 'painter');
  const rest = changes.filter((c) => c.kind !== 'painter');
  const person = free?.hours ? { id: free.id, ...free.hours } : { id: ANOTHER };
  return (
    <>
      <Chip
        pressed={asked !== undefined}
        onPress={() => onChange(asked ? rest : [...rest, { kind: 'painter', person }])}
      >
        {free ? `${free.name} as well` : 'Another painter'}
      </Chip>
      {asked && (
        <Choice
          words="For"
          value={asked.days ? String(asked.days) : ''}
          options={A_FEW_DAYS.map((n) => [String(n), n === 1 ? 'one day' : `${n} days`] as const)}
          unsaid="all the while"
          onChoose={(days) => onChange([...rest, { kind: 'painter', person, ...(days ? { days: Number(days) } : {}) }])}
          width="max-w-36"
        />
      )}
    </>
  );
}

const isPrimer = (family: string | null | undefined) => (PRIMER_FAMILIES as readonly string[]).includes(family ?? '');

/** Another product of its kind on the chosen coat: what it does to the clock; whether it holds is the surface's own page. */
function OtherProduct({
  data,
  chosen,
  changes,
  onChange,
}: {
  data: PlanPage;
  chosen: string | null;
  changes: readonly Change[];
  onChange: (changes: readonly Change[]) => void;
}) {
  const { data: shelf } = useShelfQuery();
  const [taken, setTaken] = useState('');
  const [surface, id] = (chosen ?? '/').split('/') as [string, string];
  const step = data.input.surfaces.find((s) => s.id === surface)?.steps.find((t) => t.id === id);
  if (!step?.drying?.family || step.done || !shelf) return null;
  const primer = isPrimer(step.drying.family);
  const others = shelf.filter((p) => p.kept && p.drying.recoatMin && isPrimer(p.family) === primer);
  const swap = (productId: string) => {
    setTaken(productId);
    const product = others.find((p) => p.id === productId);
    const rest = changes.filter((c) => !(c.kind === 'product' && c.surface === surface && c.step === id));
    onChange(
      product
        ? [...rest, { kind: 'product', surface, step: id, drying: { ...product.drying, family: product.family } }]
        : rest,
    );
  };
  return (
    <Choice
      words={`${nameOf(data, chosen!)} with`}
      value={taken}
      options={others.map((p) => [p.id, p.name] as const)}
      unsaid="what stands in its system"
      onChoose={swap}
      width="max-w-56"
    />
  );
}

function Answer({ data, answer, changes }: { data: PlanPage; answer: Plan; changes: readonly Change[] }) {
  const { sayTime, sayDay } = useWords();
  if (answer.status === 'infeasible')
    return <>That cannot be planned: {withNames(data, answer.reasons[0]?.text ?? '')}</>;
  if (data.plan.status !== 'feasible') return <>It would end {sayTime(answer.finish)}.</>;
  const sooner = minuteOf(data.plan.finish) - minuteOf(answer.finish);
  const visits = answer.visits - data.plan.visits;
  const by = sooner === 0 ? 'as now' : `${sayLength(Math.abs(sooner))} ${sooner > 0 ? 'sooner' : 'later'}`;
  return (
    <>
      It would end <strong>{sayTime(answer.finish)}</strong>, {by}
      {visits !== 0 &&
        `, with ${Math.abs(visits)} ${Math.abs(visits) === 1 ? 'visit' : 'visits'} ${visits > 0 ? 'more' : 'fewer'}`}
      .{daysOf(answer, changes) && ` They are there ${daysOf(answer, changes)!.map(sayDay).join(', ')}.`}
    </>
  );
}

/** On which days somebody who was asked for some days has something to do; null where nobody was. */
function daysOf(plan: Plan, changes: readonly Change[]): string[] | null {
  const helper = changes.find((c) => c.kind === 'painter');
  if (!helper?.days) return null;
  const starts = plan.steps.filter((s) => s.crew.includes(helper.person.id)).map((s) => s.start);
  const days = [...new Map(starts.sort().map((start) => [start.slice(0, 10), start])).values()];
  return days.length ? days : null;
}
