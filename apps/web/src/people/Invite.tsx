import { useState } from 'react';
import { Mark } from '../page/notes.tsx';
import { ROLE_WORDS, ROLES } from './roleWords.ts';
import { newId, newToken } from '../store/newId.ts';
import { Refused } from '../page/Page.tsx';
import {
  type StaffPage,
  useInviteMutation,
  useWithdrawInvitationMutation,
  useWriteInvitationMutation,
} from '../store/endpoints.ts';
import type { Role } from '@rustic/core';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { ShownOnce } from '../form/atOnce.tsx';

const initialsOf = (name: string) =>
  name
    .split(/\s+/)
    .map((part) => part[0] ?? '')
    .join('')
    .slice(0, 3)
    .toUpperCase();

/** Asking somebody in: a link that opens once and runs out after a week. */
export function Invite({ open }: { open: NonNullable<StaffPage['invitations']> }) {
  const { sayTime } = useWords();
  const draft = useDraft('invite', { name: '', email: '', role: 'painter' as Role });
  const [link, setLink] = useState<string | null>(null);
  const [invite, { error, isLoading }] = useInviteMutation();
  const [write, { data: written, error: unwritten }] = useWriteInvitationMutation();
  const [withdraw] = useWithdrawInvitationMutation();
  const send = async ({ name, email, role }: typeof draft.said) => {
    const token = newToken();
    const invitationId = newId();
    const sent = await invite({ id: invitationId, name: name.trim(), email, role, initials: initialsOf(name), token });
    if (!('error' in sent)) {
      setLink(`${location.origin}/join/${token}`);
      void write({ invitationId, id: newId(), token });
    }
    return sent;
  };
  return (
    <section aria-labelledby="invite" className="mb-6">
      <h2 id="invite" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Ask somebody in
        <Mark n={2} />
      </h2>
      <Form
        draft={draft}
        words="Ask them in"
        busy={isLoading}
        error={error}
        className="my-2 flex flex-wrap items-end gap-3"
        footClass=""
        onSend={send}
      >
        <TextField name="name" words="Name" required maxLength={120} width="w-52" />
        <TextField name="email" words="E-mail address" type="email" required maxLength={160} width="w-60" />
        <SelectField name="role" words="As" options={ROLES} say={(r) => ROLE_WORDS[r].name} width="" />
      </Form>
      <Refused error={unwritten} />
      {written && (
        <p role="status" className="my-1">
          {written.state === 'failed' ? written.fault : `The invitation was written to ${written.toAddress}.`}
        </p>
      )}
      {link && (
        <ShownOnce
          words="The same link, to give by hand. It is shown only now, opens once, and runs out in seven days"
          text={link}
        />
      )}
      <ul>
        {open.map((i) => (
          <li key={i.id} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1.5">
            <span className="font-semibold">{i.name}</span>
            <span className="text-faded">
              {i.email}, {ROLE_WORDS[i.role].name.toLowerCase()}, until {sayTime(i.expiresAt)}
            </span>
            <button
              type="button"
              className="ml-auto min-h-[44px] underline"
              onClick={() => void withdraw({ invitationId: i.id, id: newId() })}
            >
              Withdraw it
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
