import { Link } from 'react-router';
import type { HouseRules } from '@rustic/core';
import { Refused } from '../page/Page.tsx';
import { sayHours, sayRoundMoney } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type RuleEffect, useRulesPreviewQuery } from '../store/endpoints.ts';
import { useChangeRules } from './useChangeRules.ts';
import type { RuleLevel } from './level.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { counted } from '../words/counted.ts';

interface Props {
  level: RuleLevel;
  subject?: string;
  version: number;
  currency: string;
  houseRules: Partial<HouseRules>;
  onDone: () => void;
}

/** What a change of rules would change, surface by surface; it is made only when it is accepted. */
export function RuleChange({ level, subject, version, currency, houseRules, onDone }: Props) {
  const asked = { level, ...(subject ? { subject } : {}), houseRules };
  const { currentData: preview, error } = useRulesPreviewQuery(asked);
  const { change, busy, refused } = useChangeRules();
  const draft = useDraft(`rules/${level}/${subject ?? ''}/${JSON.stringify(houseRules)}`, { note: '' });
  const accept = ({ note }: typeof draft.said) =>
    change(level, subject, { id: newId(), version, houseRules, ...(note.trim() ? { note } : {}) });
  const count = preview?.surfaces.length ?? 0;
  const settled = preview?.surfaces.filter((s) => s.settled).length ?? 0;
  const minutes = preview?.surfaces.reduce((sum, s) => sum + s.minutes, 0) ?? 0;
  const cost = preview?.surfaces.reduce((sum, s) => sum + (s.cost ?? 0), 0) ?? 0;
  return (
    <Form
      draft={draft}
      label="What this would change"
      words="Accept"
      busy={busy}
      disabled={!preview}
      error={refused}
      className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      footClass="mt-2"
      onSend={accept}
      onSent={onDone}
      onLeave={onDone}
    >
      <Refused error={error} />
      {!preview && !error && (
        <p role="status" className="text-faded">
          Working out which surfaces change …
        </p>
      )}
      {preview && (
        <p className="font-semibold">
          {count === 0
            ? `None of ${counted(preview.looked, 'surface')} would be done otherwise`
            : `${count} of ${counted(preview.looked, 'surface')} would be done otherwise: ${signedHours(minutes)}, ${signedMoney(cost, currency)}`}
          .{settled > 0 && ` ${settled} of them ${settled === 1 ? 'is settled and stands' : 'are settled and stand'}.`}{' '}
          Nothing is changed yet.
        </p>
      )}
      {count > 0 && (
        <ul className="mt-1 max-h-[46vh] overflow-y-auto" tabIndex={0} aria-label="Surfaces that change">
          {preview!.surfaces.map((s) => (
            <Effect key={s.surfaceId} effect={s} currency={currency} />
          ))}
        </ul>
      )}
      <TextField
        name="note"
        words="Why, if it is worth a word"
        maxLength={400}
        className="mt-2"
        width="w-full max-w-[480px]"
      />
    </Form>
  );
}

const signedHours = (minutes: number) => `${minutes < 0 ? '−' : '+'}${sayHours(Math.abs(minutes))} h`;
const signedMoney = (minor: number, currency: string) =>
  `${minor < 0 ? '−' : '+'}${sayRoundMoney(Math.abs(minor), currency)}`;

/** One surface, before and after. */
function Effect({ effect, currency }: { effect: RuleEffect; currency: string }) {
  const { sayStep } = useWords();
  const before = [...effect.removed, ...effect.changed.map((c) => c.before)];
  const after = [...effect.added, ...effect.changed.map((c) => c.after)];
  return (
    <li className="border-b border-rule py-1.5 text-[14.5px]">
      <p className="flex flex-wrap justify-between gap-x-4">
        <Link className="font-semibold hover:underline" to={`/jobs/${effect.jobId}/surfaces/${effect.surfaceId}`}>
          {effect.name}
        </Link>
        <span className="text-faded">
          {effect.jobTitle} · {signedHours(effect.minutes)}, {signedMoney(effect.cost ?? 0, currency)}
        </span>
      </p>
      <div className="grid gap-x-4 wide:grid-cols-2">
        <p>
          <span className="text-faded">now:</span> {before.map(sayStep).join('; ') || 'nothing of it'}
        </p>
        <p>
          <span className="text-faded">then:</span> {after.map(sayStep).join('; ') || 'without it'}
        </p>
      </div>
      {effect.settled && (
        <p className="text-sm text-faded">
          {effect.begun ? 'Work has begun: its system stands.' : 'Settled: it stands until it is settled anew.'}
        </p>
      )}
    </li>
  );
}
