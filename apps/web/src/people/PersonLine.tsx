import { useState } from 'react';
import { Chip } from '../page/Act.tsx';
import { Mark } from '../page/notes.tsx';
import { ROLE_WORDS, ROLES } from './roleWords.ts';
import {
  type StaffPerson,
  useChangePersonMutation,
  useOpenLockOfMutation,
  usePersonLeavesMutation,
  useSendRecoveryMutation,
  useSignOutPersonMutation,
} from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { WEEKDAYS } from '@rustic/core';

/** Mon to Fri; Mon Tue Thu. */
function daysSaid(days: readonly number[]): string {
  const sorted = [...days].sort((a, b) => a - b);
  const run = sorted.length > 2 && sorted.every((d, i) => i === 0 || d === sorted[i - 1]! + 1);
  const names = (run ? [sorted[0]!, sorted.at(-1)!] : sorted).map((d) => WEEKDAYS[d - 1]);
  return names.join(run ? ' to ' : ' ');
}

/** One person: read by all, changed by the owner. */
export function PersonLine({ person, owner, me }: { person: StaffPerson; owner: boolean; me: boolean }) {
  const [open, setOpen] = useState(false);
  const { name, initials, role, hours, skills, email, sessions } = person;
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="w-9 font-serif text-[17px] font-semibold">{initials}</span>
        <div className="min-w-0 flex-1 basis-[200px]">
          <span className="text-[16.5px] font-semibold">{name}</span>
          {me && <span className="text-faded">, you</span>}
          <Mark n={role === 'painter' || role === 'read-only' ? 1 : 2} />
          <div className="text-sm text-faded">
            {ROLE_WORDS[role].name}: {ROLE_WORDS[role].may}
          </div>
        </div>
        <div className="basis-[210px] text-[14.5px]">
          {hours ? `${daysSaid(hours.days)}, ${hours.from} to ${hours.to}` : 'not on the plan'}
          <div className="text-sm text-faded">{skills.join(', ') || 'no skill of their own'}</div>
        </div>
        {owner && (
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="min-h-[44px] rounded border border-ink px-4 font-semibold"
          >
            {open ? 'Leave it' : 'Change'}
          </button>
        )}
      </div>
      {owner && email && (
        <div className="text-sm text-faded wide:pl-[52px]">
          {email}
          {sessions ? `, signed in on ${sessions} ${sessions === 1 ? 'device' : 'devices'}` : ', not signed in'}
        </div>
      )}
      {open && <Change person={person} me={me} onDone={() => setOpen(false)} />}
    </li>
  );
}

function Change({ person, me, onDone }: { person: StaffPerson; me: boolean; onDone: () => void }) {
  const draft = useDraft(`person/${person.id}`, {
    version: person.version,
    role: person.role,
    days: person.hours?.days ?? [],
    from: person.hours?.from ?? '08:00',
    to: person.hours?.to ?? '16:30',
    skills: person.skills.join(', '),
  });
  const { days } = draft.said;
  const [change, changing] = useChangePersonMutation();
  const [leave, leaving] = usePersonLeavesMutation();
  const [signOut, signing] = useSignOutPersonMutation();
  const [sendLink, sending] = useSendRecoveryMutation();
  const [openLock, opening] = useOpenLockOfMutation();
  const send = ({ version, role, from, to, skills }: typeof draft.said) =>
    change({
      personId: person.id,
      id: newId(),
      version,
      role,
      hours: days.length ? { days: [...days].sort((a, b) => a - b), from, to } : null,
      skills: skills
        .split(',')
        .map((s) => s.trim())
        .filter(Boolean),
    });
  const turn = (day: number) =>
    draft.say({ days: days.includes(day) ? days.filter((d) => d !== day) : [...days, day] });
  return (
    <Form
      draft={draft}
      label={`Change ${person.name}`}
      words="Keep it"
      busy={changing.isLoading}
      error={changing.error ?? leaving.error ?? signing.error ?? sending.error ?? opening.error}
      className="my-2 border-y-2 border-ink bg-leaf px-4 py-3"
      onSend={send}
      onSent={onDone}
      beside={
        <>
          <Button look="plain" onClick={() => void signOut({ personId: person.id, id: newId() })}>
            Sign out on every device
          </Button>
          <Button look="plain" onClick={() => void sendLink({ personId: person.id, id: newId() })}>
            Send a link for a new password
          </Button>
          {!me && person.hasSecond && (
            <Button look="plain" onClick={() => void openLock({ personId: person.id, id: newId() })}>
              Take off the second lock
            </Button>
          )}
          {!me && (
            <Button look="away" onClick={() => void leave({ personId: person.id, id: newId() })}>
              {person.name} has left the firm
            </Button>
          )}
          {signing.isSuccess && <span role="status">Signed out everywhere.</span>}
          {sending.isSuccess && <span role="status">The link is on its way; it opens for half an hour.</span>}
          {opening.isSuccess && <span role="status">The second lock is off.</span>}
        </>
      }
    >
      <div className="flex flex-wrap items-end gap-3">
        <SelectField name="role" words="Part" options={ROLES} say={(r) => ROLE_WORDS[r].name} width="" />
        <div role="group" aria-label="Working days" className="flex flex-wrap gap-1">
          {WEEKDAYS.map((word, i) => (
            <Chip key={word} pressed={days.includes(i + 1)} onPress={() => turn(i + 1)}>
              {word}
            </Chip>
          ))}
        </div>
        <TextField name="from" words="from" type="time" width="" />
        <TextField name="to" words="to" type="time" width="" />
        <TextField name="skills" words="Can also" maxLength={200} placeholder="spray" width="w-44" />
      </div>
    </Form>
  );
}
