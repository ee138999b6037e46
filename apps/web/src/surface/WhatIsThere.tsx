import { Link } from 'react-router';
import { CONDITION_LABELS, FINISH_LABELS, TEST_LABELS, type Condition, testsThatStand, testWords } from '@rustic/core';
import { Odds } from '../drawing/Odds.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { capital, sayPercent, sayWorth } from '../words/figures.ts';
import type { Reasons } from './reasons.ts';
import type { SurfacePage, TestRow } from '../store/endpoints.ts';

interface Props {
  data: SurfacePage;
  reasons: Reasons;
  onCorrect: (row: TestRow) => void;
}

/** What is there: the tests, what they and the house make likely, what contradicts, what stops the work. */
export function WhatIsThere({ data, reasons, onCorrect }: Props) {
  const standing = testsThatStand(data.tests);
  const next = data.nextTests[0];
  const shown = Math.max(0, ...reasons.ofLook, ...reasons.ofInherited.values(), ...reasons.ofTest.values());
  return (
    <section aria-labelledby="there">
      <h2 id="there" className="mb-1.5 text-[19px]">
        What is there
      </h2>
      <ul className="flex flex-wrap gap-x-2 gap-y-1.5">
        {standing.map((row) => (
          <li key={row.id} className="rounded-sm border border-strong bg-leaf pl-2.5">
            <button
              type="button"
              title="Correct this record"
              className="min-h-[44px] py-0.5 text-left text-[14.5px] hover:underline wide:min-h-0"
              onClick={() => onCorrect(row)}
            >
              {testWords(row.test)}
            </button>
            {row.test.place && <span className="text-[13px] text-faded">, {row.test.place}</span>}
            <Mark n={reasons.ofTest.get(row.id)!} />
          </li>
        ))}
        {data.conditions.map((c) => (
          <li key={c} className="rounded-sm border border-rule px-2.5 py-0.5 text-[14.5px]">
            {CONDITION_LABELS[c as Condition]}
            {reasons.ofDemand.has(c) && <Mark n={reasons.ofDemand.get(c)!} />}
          </li>
        ))}
        {standing.length === 0 && (
          <li className="text-faded">Nothing tested here yet: press Test, starting with a spirit rub.</li>
        )}
      </ul>
      <Odds finish={data.finish} />
      <Zones data={data} />
      <p className="text-sm text-faded">
        {data.inherited.length > 0 && (
          <>
            Inferred from{' '}
            {data.inherited.slice(0, 3).map((one, i) => (
              <span key={one.surfaceId}>
                {i > 0 && ', '}
                <Link className="underline" to={`/jobs/${data.job.id}/surfaces/${one.surfaceId}`}>
                  {one.name}
                </Link>
                <Mark n={reasons.ofInherited.get(one.surfaceId)!} />
              </span>
            ))}
            {data.inherited.length > 3 && ` and ${data.inherited.length - 3} more`}.{' '}
          </>
        )}
        The look and the house:{' '}
        {reasons.ofLook.map((n) => (
          <Mark key={n} n={n} />
        ))}
        {reasons.ofLook.length === 0 && 'nothing that leans either way.'}
      </p>
      <NotesUnder ns={reasons.notes.map((n) => n.n).slice(0, shown)} />
      <Conflicts data={data} />
      <Patches data={data} />
      {next && reasons.ofNext && (
        <div className="mt-2 border border-dashed border-ochre bg-wash px-3 py-2">
          <strong>One test still pays:</strong> {TEST_LABELS[next.kind].toLowerCase()}, {next.minutes} minutes
          {sayWorth(next.expectedSaving, data.firm.currency)}.<Mark n={reasons.ofNext} />
          <NotesUnder ns={[reasons.ofNext]} />
        </div>
      )}
      {!next && <p className="mt-2 text-sm">Stop testing: another test would cost more than it saves.</p>}
      {data.blocks.length > 0 && (
        <ul className="mt-2 border-l-4 border-madder pl-3" aria-label="Not until">
          {data.blocks.map((b) => (
            <li key={b.code} className="text-[14.5px]">
              <strong className="text-madder">Stop.</strong> {b.text}
              <Mark n={reasons.ofBlock.get(b.code)!} />
              <NotesUnder ns={[reasons.ofBlock.get(b.code)!]} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What sets one place apart beside its paint: how its film holds, and what was found only there. */
const zoneWords = ({ adhesion, found }: SurfacePage['zones'][number]) => [
  ...(adhesion === 'weak' ? ['it lets go'] : adhesion === 'grips' ? ['it holds'] : []),
  ...found.map((code) => CONDITION_LABELS[code]),
];

/** Two results in two places: the parts of the surface, each with what is there. */
function Zones({ data }: { data: SurfacePage }) {
  if (data.zones.length < 2) return null;
  return (
    <ul className="my-1.5 border-l-4 border-ink pl-3 text-[14.5px]" aria-label="Zones">
      {data.zones.map((zone, i) => (
        <li key={i}>
          <strong>{capital(zone.places.join(', ') || 'elsewhere')}:</strong> {FINISH_LABELS[zone.likeliest]}{' '}
          {[sayPercent(zone.probability), ...zoneWords(zone)].join(', ')}
        </li>
      ))}
      <li className="text-faded">Places differ, so each has steps of its own below.</li>
    </ul>
  );
}

/** Tests that can hardly both be right, side by side, with the likeliest way in which they are. */
function Conflicts({ data }: { data: SurfacePage }) {
  return data.conflicts.map((c, i) => (
    <div key={i} className="mt-2 border-l-4 border-ochre pl-3" role="group" aria-label="Tests disagree">
      <div className="grid grid-cols-2 gap-2 text-[14.5px]">
        {[c.a, c.b].map((test, at) => (
          <span key={at} className="border border-strong bg-leaf px-2 py-1">
            {testWords(test)}
            {test.place && <span className="text-faded">, {test.place}</span>}
          </span>
        ))}
      </div>
      <p className="mt-1 text-sm">
        <strong>These can hardly both be right.</strong> {c.explanation} It is settled by:{' '}
        {TEST_LABELS[c.settle].toLowerCase()}. <em className="text-faded">{c.source}</em>
      </p>
    </div>
  ));
}

/** What test patches have shown so far. */
function Patches({ data }: { data: SurfacePage }) {
  return data.patches.map((p, i) => (
    <p key={i} className="mt-1 text-sm">
      <strong>Patch{p.family ? `, ${p.family.replaceAll('-', ' ')}` : ''}:</strong> {p.text}
    </p>
  ));
}
