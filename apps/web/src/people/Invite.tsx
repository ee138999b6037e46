import { useState, type FormEvent } from 'react';
import { Mark } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { ROLE_WORDS, ROLES } from './roleWords.ts';
import { newId, newToken } from '../store/newId.ts';
import { type StaffPage, useInviteMutation, useWithdrawInvitationMutation } from '../store/endpoints.ts';
import type { Role } from '@rustic/core';
import { useWords } from '../words/Words.tsx';

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
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [role, setRole] = useState<Role>('painter');
  const [link, setLink] = useState<string | null>(null);
  const [invite, { error, isLoading }] = useInviteMutation();
  const [withdraw] = useWithdrawInvitationMutation();
  const send = (event: FormEvent) => {
    event.preventDefault();
    const token = newToken();
    void invite({ id: newId(), name: name.trim(), email, role, initials: initialsOf(name), token }).then((sent) => {
      if ('error' in sent) return;
      setLink(`${location.origin}/join/${token}`);
      setName('');
      setEmail('');
    });
  };
  return (
    <section aria-labelledby="invite" className="mb-6">
      <h2 id="invite" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Ask somebody in
        <Mark n={2} />
      </h2>
      <form onSubmit={send} className="my-2 flex flex-wrap items-end gap-3">
        <label className="text-sm">
          Name
          <input
            required
            maxLength={120}
            value={name}
            onChange={(e) => setName(e.target.value)}
            className="block w-52"
          />
        </label>
        <label className="text-sm">
          Address
          <input
            required
            type="email"
            maxLength={160}
            value={email}
            onChange={(e) => setEmail(e.target.value)}
            className="block w-60"
          />
        </label>
        <label className="text-sm">
          As
          <select value={role} onChange={(e) => setRole(e.target.value as Role)} className="block">
            {ROLES.map((r) => (
              <option key={r} value={r}>
                {ROLE_WORDS[r].name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="submit"
          disabled={isLoading}
          className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink"
        >
          {isLoading ? 'Writing …' : 'Make a link'}
        </button>
      </form>
      <Refused error={error} />
      {link && (
        <label className="mb-2 block text-sm">
          Send this link to them. It is shown only now, opens once, and runs out in seven days
          <input readOnly value={link} onFocus={(e) => e.target.select()} className="block w-full font-mono text-sm" />
        </label>
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
