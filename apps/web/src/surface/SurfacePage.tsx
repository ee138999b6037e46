import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { HOUSE_RULE_LABELS, USUAL_AREA_M2 } from '@rustic/core';
import { Section } from '../drawing/Section.tsx';
import { Act } from '../page/Act.tsx';
import { More } from '../page/More.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { newId, useChooseSystemMutation, useSurfaceQuery } from '../store/api.ts';
import { useSight } from '../store/store.ts';
import type { SurfacePage as SurfaceData, TestRow } from '../store/types.ts';
import { LogWork } from '../today/LogWork.tsx';
import { SurfaceForm } from '../jobs/SurfaceForm.tsx';
import { sayHours, sayLitres, sayRoundMoney } from '../words/figures.ts';
import { sayArea } from '../words/length.ts';
import { sayStep } from '../words/step.ts';
import { nowMinute, sayFromNow, sayLength, sayTime } from '../words/time.ts';
import { AddPhoto, Photos } from '../walkround/Photos.tsx';
import { ExclusionForm, LeftOut } from './Exclusions.tsx';
import { FindingForm, Found } from './Findings.tsx';
import { RecordTest } from './RecordTest.tsx';
import { reasonsOf, type Reasons } from './reasons.ts';
import { WhatIsThere } from './WhatIsThere.tsx';

/** One surface: what is there, what goes on it, and why. */
export default function SurfacePage() {
  const { surfaceId = '' } = useParams();
  const { data, error, isFetching, refetch } = useSurfaceQuery(surfaceId);
  const [open, setOpen] = useState<'test' | 'log' | 'edit' | 'found' | 'out' | null>(null);
  const [corrects, setCorrects] = useState<TestRow | null>(null);
  // What is being logged stays itself while the page behind it moves on to the next step.
  const [logging, setLogging] = useState<SurfaceData['standing'] | null>(null);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const reasons = reasonsOf(data);
  const close = () => {
    setOpen(null);
    setCorrects(null);
    setLogging(null);
  };
  const next = data.standing.next;
  // The rub comes first and takes two taps; after it, the test that is worth most.
  const rubbed = data.tests.some((t) => t.test.kind === 'spirit-rub');
  return (
    <Page
      title={data.surface.name}
      notes={reasons.notes}
      above={
        <>
          <Link className="hover:underline" to={`/jobs/${data.job.id}`}>
            {data.job.title}
          </Link>{' '}
          › {data.room.name}
        </>
      }
      acts={
        <>
          <More
            acts={[
              { letter: 'e', words: 'Change', onAct: () => setOpen(open === 'edit' ? null : 'edit') },
              { letter: 'f', words: 'Found while working', onAct: () => setOpen(open === 'found' ? null : 'found') },
              { letter: 'x', words: 'Leave part out', onAct: () => setOpen(open === 'out' ? null : 'out') },
            ]}
          />
          <Act letter="t" words="Test" onAct={() => setOpen(open === 'test' ? null : 'test')} />
          <Act
            letter="c"
            words="Log coat"
            main
            // While the page is being read again, its next step may be the one just logged.
            disabled={!next || isFetching}
            onAct={() => {
              setLogging(data.standing);
              setOpen(open === 'log' ? null : 'log');
            }}
          />
        </>
      }
      beside={<SectionColumn data={data} />}
      footing={<Totals data={data} />}
    >
      {open === 'test' && (
        <RecordTest
          key={corrects?.id ?? 'new'}
          surfaceId={surfaceId}
          corrects={corrects}
          first={rubbed ? (data.nextTests[0]?.kind ?? 'spirit-rub') : 'spirit-rub'}
          places={[...new Set(data.tests.flatMap((t) => (t.test.place ? [t.test.place] : [])))]}
          onDone={close}
        />
      )}
      {open === 'found' && <FindingForm surfaceId={surfaceId} onDone={close} />}
      {open === 'out' && <ExclusionForm surface={data.surface} sketch={data.room.sketch} onDone={close} />}
      {open === 'log' && logging?.next && (
        <LogWork
          line={{
            ...logging,
            jobId: data.job.id,
            surfaceId,
            name: data.surface.name,
            offered: {
              batch: null,
              temperatureC: data.job.temperatureC,
              relativeHumidityPct: data.job.relativeHumidityPct,
            },
          }}
          onDone={close}
        />
      )}
      {open === 'edit' && (
        <SurfaceForm jobId={data.job.id} roomId={data.surface.roomId} surface={data.surface} onDone={close} />
      )}
      <details className="mb-3 wide:hidden">
        <summary className="min-h-[44px] cursor-pointer py-2.5">Section through the paint</summary>
        <Section layers={data.section} width={340} />
      </details>
      <WhatIsThere
        data={data}
        reasons={reasons}
        onCorrect={(row) => {
          setCorrects(row);
          setOpen('test');
        }}
      />
      <Found data={data} />
      <LeftOut surface={data.surface} />
      <div className="mt-3">
        <AddPhoto jobId={data.job.id} roomId={data.surface.roomId} surfaceId={surfaceId} />
        <Photos photos={data.photos} tests={data.tests} />
      </div>
      <WhatGoesOn data={data} reasons={reasons} />
    </Page>
  );
}

function SectionColumn({ data }: { data: SurfaceData }) {
  return (
    <>
      <h2 className="mb-2 font-sans text-sm font-normal text-faded">Section through the paint</h2>
      <Section layers={data.section} width={224} />
      <p className="mt-3 text-[13px] text-faded">
        Solid: found or laid. Fine broken: inferred. Long broken: to come. Hairlines: waterborne. Dots: oil. Stipple:
        alcohol-borne. Diagonals: clear.
      </p>
    </>
  );
}

function WhatGoesOn({ data, reasons }: { data: SurfaceData; reasons: Reasons }) {
  const laid = new Set(data.work.map((w) => Number(/^s(\d+)/.exec(w.stepId)?.[1]) - 1));
  const units = useSight((s) => s.units);
  return (
    <section aria-labelledby="goes" className="mt-5">
      <h2 id="goes" className="text-[19px]">
        What goes on it
      </h2>
      {data.choice && (
        <p className="text-sm text-faded">
          Settled by {data.choice.by}, {sayTime(data.choice.at)}: {data.choice.differs}
        </p>
      )}
      {data.settledOther && data.choice && (
        <p className="border-l-4 border-ochre pl-3 text-sm">
          The evidence now asks for something else than what was settled. It is among the other ways below.
        </p>
      )}
      <table className="mt-1 w-full border-collapse text-[15px]">
        <thead>
          <tr className="border-b border-strong text-right text-[13px] text-faded">
            <th scope="col" className="py-1.5 pl-7 text-left font-normal" colSpan={2}>
              step
            </th>
            <th scope="col" className="font-normal">
              hours
            </th>
            <th scope="col" className="font-normal max-wide:hidden">
              litres
            </th>
            <th scope="col" className="w-20 font-normal">
              ready after
            </th>
          </tr>
        </thead>
        <tbody>
          {data.lines.map((line, i) => (
            <tr key={i} className="border-b border-rule align-top">
              <td className="w-7 py-[6px] font-bold">{i + 1}</td>
              <td className="py-[6px]">
                <span className={laid.has(i) ? 'text-faded line-through' : ''}>{sayStep(line.step)}</span>
                <Mark n={reasons.ofLine.get(i)!} />
                {laid.has(i) && <span className="ml-1 text-sm text-faded">logged</span>}
                <NotesUnder ns={[reasons.ofLine.get(i)!]} />
              </td>
              <td className="py-[6px] text-right">{line.minutes ? sayHours(line.minutes) : ''}</td>
              <td className="py-[6px] text-right max-wide:hidden">{sayLitres(line.litres)}</td>
              <td className="py-[6px] text-right whitespace-nowrap">
                {line.readyAfterMin ? sayLength(line.readyAfterMin) : ''}
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-b-4 border-double border-ink font-semibold">
            <td />
            <td className="py-2">
              {data.surface.facts.areaM2
                ? sayArea(data.surface.facts.areaM2, units)
                : `not measured: ${sayArea(USUAL_AREA_M2, units)} taken`}
            </td>
            <td className="text-right">{sayHours(data.price.minutes)}</td>
            <td className="text-right max-wide:hidden">{data.price.litres.toFixed(1)}</td>
            <td />
          </tr>
        </tfoot>
      </table>
      <OtherWays data={data} />
    </section>
  );
}

function OtherWays({ data }: { data: SurfaceData }) {
  const [choose, { isLoading, error }] = useChooseSystemMutation();
  const begun = data.work.length > 0;
  if (data.alternatives.length === 0 && data.schools.length === 0) return null;
  return (
    <div className="mt-4 text-[14.5px]">
      <h3 className="font-sans font-semibold">Instead</h3>
      <ul>
        {data.alternatives.map((a) => (
          <li key={a.key} className="flex items-start gap-3 border-b border-rule py-1.5">
            <span className="flex-1">{a.differs}</span>
            {!begun && (
              <button
                type="button"
                disabled={isLoading}
                className="min-h-[44px] shrink-0 rounded border border-strong bg-leaf px-3 hover:border-ink wide:min-h-[30px]"
                onClick={() => void choose({ surfaceId: data.surface.id, id: newId(), key: a.key })}
              >
                Take this
              </button>
            )}
          </li>
        ))}
      </ul>
      {begun && <p className="mt-1 text-faded">Work is logged here, so the system stands.</p>}
      <Refused error={error} />
      {data.schools.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-[36px] cursor-pointer py-1.5">
            Where good firms differ here ({data.schools.length})
          </summary>
          <ul className="pl-4">
            {data.schools.map((s) => (
              <li key={s.rule + s.choice} className="py-0.5">
                <span className="text-faded">{HOUSE_RULE_LABELS[s.rule].title}:</span> {s.differs}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function Totals({ data }: { data: SurfaceData }) {
  const { opensAt, closesAt, standing, next } = data.standing;
  return (
    <>
      <Total words="hours" figure={sayHours(data.price.minutes)} />
      <Total words="paint" figure={`${data.price.litres.toFixed(1)} L`} />
      <Total words="labour and paint" figure={sayRoundMoney(data.price.cost, data.firm.currency)} />
      {standing === 'drying' && opensAt !== null && (
        <Total words="opens" figure={`${sayTime(opensAt)}, ${sayFromNow(opensAt, nowMinute())}`} />
      )}
      {closesAt !== null && next && <Total words="closes" figure={sayTime(closesAt)} />}
      <Total end words="next" figure={next ? sayStep({ kind: next.plan.kind, why: [] }) : 'done'} />
    </>
  );
}
