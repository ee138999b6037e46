import { useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  BOARD_BOND_LABELS,
  BOARD_BONDS,
  conclusionOf,
  RESULT_LABELS,
  sayCell,
  SCORED_BY,
  standingLooks,
  TEST_LABELS,
  TEST_RESULTS,
  type BoardBond,
  type Ranking,
  type TestKind,
  type TrialLook,
} from '@rustic/core';
import { Act, Chip } from '../page/Act.tsx';
import type { Note } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { capital, sayPercent } from '../words/figures.ts';
import { Grid, GRADE_WORDS, hasStrip, LETTERS, ROMAN } from './Grid.tsx';
import { Teaches } from './Teaches.tsx';
import { worstOn } from './looks.ts';
import { RankedWays } from './RankedWays.tsx';
import { useRanking } from './useRanking.ts';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import {
  type Trial,
  useConcludeTrialMutation,
  useLayTrialMutation,
  useLookAtCellMutation,
  useTrialQuery,
} from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import type { Times } from '../words/time.ts';
import { Form } from '../form/Form.tsx';
import { useMay } from '../store/useMay.ts';
import { LinesField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** A trial from laying to conclusion: the board, the looks, the ranking with its uncertainty. */
export default function TrialBoard() {
  const { trialId = '' } = useParams();
  const { data, error, refetch } = useTrialQuery(trialId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <Board trial={data} />;
}

function Board({ trial }: { trial: Trial }) {
  const { sayTime } = useWords();
  const looks = standingLooks(trial.acts);
  const [cell, setCell] = useState<string | null>(null);
  const [lay, laying] = useLayTrialMutation();
  const { ranking, progress, failed, stop } = useRanking(trial.design, trial.cells, looks);
  const laid = (kind: 'primed' | 'topcoated') => void lay({ trialId: trial.id, id: newId(), kind, at: nowText() });
  const next = [...trial.due].sort((a, b) => a.due.localeCompare(b.due))[0];
  return (
    <Page
      title={trial.title}
      notes={notesOf(trial, ranking, sayTime)}
      above={
        <>
          <Link className="hover:underline" to="/trials">
            Trials
          </Link>{' '}
          ›{' '}
          <Link className="hover:underline" to={`/jobs/${trial.jobId}`}>
            {trial.jobTitle}
          </Link>
          {trial.surfaceName && `, ${trial.surfaceName}`}
          {trial.place && `, ${trial.place}`}
        </>
      }
      acts={
        <>
          {!trial.primedAt ? (
            <Act letter="p" words="Primers are on" main busy={laying.isLoading} onAct={() => laid('primed')} />
          ) : !trial.topcoatedAt ? (
            <Act letter="p" words="Topcoats are on" main busy={laying.isLoading} onAct={() => laid('topcoated')} />
          ) : null}
          <Act letter="s" words="Print the board" onAct={() => window.print()} />
        </>
      }
      footing={
        <>
          <Total words="cells" figure={trial.cells.length} />
          <Total words="looked at" figure={trial.cells.filter((c) => worstOn(looks, c.id) !== null).length} />
          <Total words="looks" figure={looks.length} />
          {next && <Total end words="look again" figure={sayTime(next.due)} />}
        </>
      }
    >
      <p className="mb-2 max-w-[72ch] text-[14.5px]">
        {trial.concluded ? (
          <>
            <strong>Concluded by {trial.concluded.byName}:</strong> {trial.concluded.body.text}
          </>
        ) : !trial.primedAt ? (
          `Lay the board as it is drawn. ${trial.label}`
        ) : next ? (
          <>
            <strong>
              {Date.parse(next.due) <= Date.now() ? `Due since ${sayTime(next.due)}` : sayTime(next.due)}:
            </strong>{' '}
            {next.words}
          </>
        ) : (
          'Every look that was due is made.'
        )}
      </p>
      <Refused error={laying.error} />
      <p className="mb-2 hidden text-sm print:block">{trial.label}</p>
      <Grid
        design={trial.design}
        cells={trial.cells}
        looks={looks}
        chosen={cell}
        onChoose={(c) => setCell(c === cell ? null : c)}
      />
      <Key trial={trial} />
      {cell && (
        <LookAt
          key={cell}
          trial={trial}
          cell={cell}
          looks={looks.filter((l) => l.cell === cell)}
          onDone={() => setCell(null)}
        />
      )}
      {trial.warnings.map((w) => (
        <p key={w} className="mt-1 border-l-4 border-ochre pl-3 text-sm">
          {w}
        </p>
      ))}
      {progress !== null && (
        <p role="status" className="mt-3 text-sm">
          Ranking, {Math.round(progress * 100)} %{' '}
          <button type="button" className="underline" onClick={stop}>
            Stop
          </button>
        </p>
      )}
      {failed && (
        <p role="alert" className="mt-3 text-sm text-madder">
          The ranking broke off. What was looked at is kept; reload to rank it again.
        </p>
      )}
      {ranking && <RankedWays ranking={ranking} />}
      <Teaches trial={trial} />
      {ranking && !trial.concluded && <Conclude key={trial.id} trial={trial} ranking={ranking} />}
    </Page>
  );
}

function Key({ trial: { design } }: { trial: Trial }) {
  const rows: [string, { words: string }[], (i: number) => string][] = [
    ['preparation', [...design.preparations], (i) => String(i + 1)],
    ['primer', [...design.primers], (i) => LETTERS[i]!],
    ['topcoat', [...design.topcoats], (i) => ROMAN[i]!],
  ];
  return (
    <dl className="mt-2 mb-3 grid grid-cols-[max-content_1fr] gap-x-3 text-sm">
      {rows.map(([words, arms, key]) => (
        <div key={words} className="contents">
          <dt className="text-faded">{words}</dt>
          <dd>{arms.map((a, i) => `${key(i)} ${a.words}`).join(' · ')}</dd>
        </div>
      ))}
    </dl>
  );
}

const KINDS: TestKind[] = SCORED_BY.map((s) => s.kind);

/** A look at one cell or its strip: the result is the button; which bond let go is asked beside it. */
function LookAt({
  trial,
  cell,
  looks,
  onDone,
}: {
  trial: Trial;
  cell: string;
  looks: TrialLook[];
  onDone: () => void;
}) {
  const [kind, setKind] = useState<TestKind>('nail-scratch');
  const [part, setPart] = useState<'cell' | 'strip'>('cell');
  const [bond, setBond] = useState<BoardBond | null>(null);
  const [look, { isLoading, error }] = useLookAtCellMutation();
  const drawn = trial.cells.find((c) => c.id === cell)!;
  const send = (result: { result?: string; grade?: number }) =>
    void look({
      trialId: trial.id,
      id: newId(),
      cell,
      part,
      at: nowText(),
      test: { kind, ...result },
      ...(bond && kind !== 'test-patch' ? { bond } : {}),
    });
  const result =
    'min-h-[48px] rounded border-2 border-ink bg-paper px-4 font-semibold hover:bg-wash disabled:opacity-50';
  return (
    <section aria-label={`Cell ${cell}`} className="my-3 border-y-2 border-ink bg-leaf p-3">
      <h2 className="mb-2 text-[18px]">
        {cell} <span className="font-sans text-sm font-normal">{sayCell(drawn, trial.design)}</span>
      </h2>
      <div className="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="Which test">
        {KINDS.map((k) => (
          <Chip key={k} pressed={k === kind} onPress={() => setKind(k)}>
            {k === 'test-patch' ? 'Colour through' : TEST_LABELS[k]}
          </Chip>
        ))}
        {hasStrip(drawn, trial.design) && (
          <Chip pressed={part === 'strip'} onPress={() => setPart(part === 'strip' ? 'cell' : 'strip')}>
            on the bare strip
          </Chip>
        )}
      </div>
      {kind !== 'test-patch' && (
        <div className="mb-2 flex flex-wrap items-center gap-1.5 text-sm">
          <span>What let go, if you saw it:</span>
          {BOARD_BONDS.map((one) => (
            <Chip key={one} pressed={bond === one} onPress={() => setBond(bond === one ? null : one)}>
              {BOARD_BOND_LABELS[one]}
            </Chip>
          ))}
        </div>
      )}
      <div className="flex flex-wrap gap-2" role="group" aria-label="Result">
        {kind === 'cross-cut'
          ? [0, 1, 2, 3, 4, 5].map((grade) => (
              <button key={grade} type="button" disabled={isLoading} className={result} onClick={() => send({ grade })}>
                Grade {grade}
              </button>
            ))
          : (TEST_RESULTS[kind] as readonly string[]).map((r) => (
              <button key={r} type="button" disabled={isLoading} className={result} onClick={() => send({ result: r })}>
                {capital(RESULT_LABELS[r] ?? r)}
              </button>
            ))}
      </div>
      {looks.length > 0 && (
        <p className="mt-2 text-sm">
          So far:{' '}
          {looks
            .map(
              (l) =>
                `${TEST_LABELS[l.kind].toLowerCase()} ${l.kind === 'cross-cut' ? `grade ${l.grade}` : (RESULT_LABELS[l.result ?? ''] ?? '')}${l.part === 'strip' ? ', strip' : ''}`,
            )
            .join(' · ')}
        </p>
      )}
      <Refused error={error} />
      <button type="button" className="mt-2 min-h-[44px] underline" onClick={onDone}>
        Done with {cell}
      </button>
    </section>
  );
}

/** Accepting a conclusion, or overruling it in other words. */
function Conclude({ trial, ranking }: { trial: Trial; ranking: Ranking }) {
  const { own } = useMay();
  const draft = useDraft(`conclusion/${trial.id}`, { text: conclusionOf(ranking), weighs: true, forFirm: false });
  const { text, weighs, forFirm } = draft.said;
  const [send, { isLoading, error }] = useConcludeTrialMutation();
  const conclude = () => send({ trialId: trial.id, id: newId(), text: text.trim(), weighs, forFirm });
  return (
    <Form
      draft={draft}
      label="Conclusion"
      words="Accept this conclusion"
      busy={isLoading}
      disabled={text.trim() === ''}
      error={error}
      className="mt-4 border-y-2 border-ink bg-leaf p-3"
      onSend={conclude}
    >
      <LinesField name="text" words="The conclusion, in your words" maxLength={1000} />
      <div className="mt-2 flex flex-wrap gap-1.5">
        <Chip pressed={weighs} onPress={() => draft.say({ weighs: !weighs })}>
          It weighs in this job’s systems
        </Chip>
        {own && (
          <Chip pressed={forFirm && weighs} onPress={() => draft.say({ forFirm: !forFirm })}>
            and in every job on this ground
          </Chip>
        )}
      </div>
    </Form>
  );
}

function notesOf(trial: Trial, ranking: Ranking | null, sayTime: Times['sayTime']): Note[] {
  const said: Omit<Note, 'n'>[] = [
    {
      head: 'Places by lot.',
      text: 'Where each cell lies was drawn at random, so that an edge, a draught or a tired hand favours no way.',
    },
    {
      head: 'Untreated.',
      text: 'A cell with no preparation and no primer shows what all the work is for. If it holds, little was needed.',
    },
    {
      head: 'The later look.',
      text: 'A film scratched young says little: it counts for a third before its third day. Look again at cure.',
    },
    ...(ranking
      ? [
          {
            head: 'The ranking.',
            text: `Grades from “${GRADE_WORDS[0]}” to “${GRADE_WORDS[3]}” on ${ranking.looks} looks; preparation, primer, topcoat and pairs each with an effect of their own. The interval holds nine tenths of the belief. The untreated cell holds in ${sayPercent(ranking.untreated.mean)}.`,
            source: 'proportional odds, 10,000 draws',
          },
        ]
      : []),
    ...trial.acts
      .filter((a) => a.kind === 'primed' || a.kind === 'topcoated')
      .map((a) => ({ text: `${a.kind === 'primed' ? 'Primers' : 'Topcoats'} on: ${sayTime(a.at)}, ${a.byName}.` })),
  ];
  return said.map((note, i) => ({ n: i + 1, ...note }));
}
