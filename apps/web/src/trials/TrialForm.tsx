import { useState } from 'react';
import { useNavigate } from 'react-router';
import {
  designFaults,
  designWarnings,
  FINISH_FAMILIES,
  labelAdvice,
  laidWays,
  layOut,
  MOST_ARMS,
  PRIMER_FAMILIES,
  tellsApart,
  WORTH_TELLING,
  type TrialDesign,
} from '@rustic/core';
import { capital, sayPercent } from '../words/figures.ts';
import { Arms, ArmsInWords } from './Arms.tsx';
import { Combinations } from './Combinations.tsx';
import { designOf, readWaits, type SaidBoard } from './designed.ts';
import { TriedLines } from './TriedLines.tsx';
import { Grid } from './Grid.tsx';
import { newId } from '../store/newId.ts';
import { useDesignTrialMutation, useJobQuery, useJobNamesQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

const BEGINS: SaidBoard = {
  tried: { clean: ['degreaser'], wipe: [], dull: ['', 'sanded-220'], joint: [] },
  inWords: [],
  primers: ['shellac-primer', 'bonding-acrylic-primer'],
  topcoats: ['acrylic-trim'],
  coats: '1',
  waits: '',
  replicates: '2',
  leftOut: [],
};

/** Designing a trial: what against what, how often, on what; drawn as it will lie. */
export function TrialForm({ onDone }: { onDone: () => void }) {
  const { sayFamily } = useWords();
  const navigate = useNavigate();
  const { data: jobs } = useJobNamesQuery();
  const [id] = useState(newId);
  const [seed] = useState(() => Math.floor(Math.random() * 2 ** 31));
  const draft = useDraft('new-trial', {
    jobId: '',
    surfaceId: '',
    title: '',
    place: '',
    ...BEGINS,
  });
  const { jobId } = draft.said;
  const [send, { isLoading, error }] = useDesignTrialMutation();
  const { data: job } = useJobQuery(jobId, { skip: jobId === '' });
  const design = designOf(draft.said, seed);
  const faults = [
    ...designFaults(design),
    ...(readWaits(draft.said.waits) ? [] : [{ path: 'waits', message: 'are written as 1 h; 24 h' }]),
  ];
  const cells = faults.length === 0 ? layOut(design) : [];
  const submit = ({ title, place, surfaceId }: typeof draft.said) =>
    send({
      jobId,
      id,
      title: title.trim(),
      place: place.trim(),
      surfaceId: surfaceId || null,
      design,
    });
  const sent = () => {
    onDone();
    void navigate(`/trials/${id}`);
  };
  return (
    <Form
      draft={draft}
      label="New trial"
      words="Lay it out"
      busy={isLoading}
      disabled={faults.length > 0}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-3 wide:p-4"
      onSend={submit}
      onSent={sent}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-4">
        <TextField
          name="title"
          words="What is to be found out"
          required
          autoFocus
          maxLength={120}
          placeholder="which primer holds on the foil"
          className="wide:col-span-2"
        />
        <TextField
          name="place"
          words="Where it lies"
          maxLength={200}
          placeholder="back of the left door"
          className="wide:col-span-2"
        />
        <SelectField
          name="jobId"
          words="Job"
          required
          unsaid="choose the job"
          options={(jobs ?? []).map((j) => j.id)}
          say={(one) => jobs!.find((j) => j.id === one)!.title}
          className="wide:col-span-2"
        />
        <SelectField
          name="surfaceId"
          words="Surface it speaks for"
          unsaid="any of this job"
          options={(job?.surfaces ?? []).map((s) => s.id)}
          say={(one) => job!.surfaces.find((s) => s.id === one)!.name}
          className="wide:col-span-2"
        />
      </div>
      <TriedLines asked={draft.said.tried} onAsk={(tried) => draft.say({ tried })} />
      <ArmsInWords chosen={draft.said.inWords} onChoose={(inWords) => draft.say({ inWords })} />
      <Arms
        words="Primers"
        options={['none' as const, ...PRIMER_FAMILIES]}
        chosen={draft.said.primers}
        most={MOST_ARMS.primers}
        say={(f) => (f === 'none' ? 'no primer' : sayFamily(f))}
        onChoose={(primers) => draft.say({ primers })}
      />
      <Arms
        words="Topcoats"
        options={FINISH_FAMILIES}
        chosen={draft.said.topcoats}
        most={MOST_ARMS.topcoats}
        say={(f) => sayFamily(f)}
        onChoose={(topcoats) => draft.say({ topcoats })}
      />
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <TextField name="coats" words="Coats of each primer" type="number" min={1} max={3} width="w-20" />
        <TextField
          name="waits"
          words="Waits tried after the primer"
          maxLength={80}
          placeholder="as each product says, or 1 h; 24 h"
          width="w-64"
        />
        <TextField name="replicates" words="Cells of each way" type="number" min={1} max={5} width="w-20" />
      </div>
      <Combinations design={design} onLeaveOut={(leftOut) => draft.say({ leftOut })} />
      {faults.length === 0 ? (
        <div className="mt-3">
          <p className="mb-2 max-w-[70ch] text-sm">
            {cells.length} cells, places drawn at random, an untreated cell in each round. Leave a strip of bare primer
            in each. {labelAdvice(design)}
          </p>
          <Telling design={design} />
          <Grid design={design} cells={cells} looks={[]} />
          {designWarnings(design).map((w) => (
            <p key={w} className="mt-1 border-l-4 border-ochre pl-3 text-sm">
              {w}
            </p>
          ))}
        </div>
      ) : (
        faults.map((f) => (
          <p key={f.path} className="mt-2 text-sm text-madder">
            {capital(f.path)}: {f.message}.
          </p>
        ))
      )}
    </Form>
  );
}

/** What a board of this size can tell, said before it is laid. */
function Telling({ design }: { design: TrialDesign }) {
  const ways = laidWays(design);
  const cells =
    Math.min(...design.primers.map((_, p) => ways.filter((way) => way.primer === p).length)) * design.replicates;
  const { good, poor } = WORTH_TELLING;
  if (design.primers.length < 2 || cells === 0) return null;
  return (
    <p className="mb-2 max-w-[70ch] text-sm">
      {cells} {cells === 1 ? 'cell' : 'cells'} of each primer tell one that holds in {sayPercent(good)} from one that
      holds in {sayPercent(poor)} on {sayPercent(tellsApart(cells))} of such boards.
    </p>
  );
}
