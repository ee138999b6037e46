import { useState, type FormEvent } from 'react';
import { Chip } from '../page/Act.tsx';
import { Mark } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { ROLE_WORDS, ROLES } from './roleWords.ts';
import {
  type StaffPerson,
  useChangePersonMutation,
  usePersonLeavesMutation,
  useSignOutPersonMutation,
} from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import type { Role } from '@rustic/core';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
/** Mon to Fri; Mon Tue Thu. */
function daysSaid(days: readonly number[]): string {
  const sorted = [...days].sort((a, b) => a - b);
  const run = sorted.length > 2 && sorted.every((d, i) => i === 0 || d === sorted[i - 1]! + 1);
  const names = (run ? [sorted[0]!, sorted.at(-1)!] : sorted).map((d) => DAYS[d - 1]);
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
  const [role, setRole] = useState<Role>(person.role);
  const [days, setDays] = useState<readonly number[]>(person.hours?.days ?? []);
  const [from, setFrom] = useState(person.hours?.from ?? '08:00');
  const [to, setTo] = useState(person.hours?.to ?? '16:30');
  const [skills, setSkills] = useState(person.skills.join(', '));
  const [change, changing] = useChangePersonMutation();
  const [leave, leaving] = usePersonLeavesMutation();
  const [signOut, signing] = useSignOutPersonMutation();
  const send = (event: FormEvent) => {
    event.preventDefault();
    void change({
      personId: person.id,
      id: newId(),
      role,
      hours: days.length ? { days: [...days].sort((a, b) => a - b), from, to } : null,
      skills: skills
        .split(',')
        .map((s) => s.trim())
        .filter(Boolean),
    }).then((sent) => {
      if (!('error' in sent)) onDone();
    });
  };
  const turn = (day: number) => setDays(days.includes(day) ? days.filter((d) => d !== day) : [...days, day]);
  return (
    <form onSubmit={send} className="my-2 border-y-2 border-ink bg-leaf px-4 py-3" aria-label={`Change ${person.name}`}>
      <div className="flex flex-wrap items-end gap-3">
        <label className="text-sm">
          Part
          <select value={role} onChange={(e) => setRole(e.target.value as Role)} className="block">
            {ROLES.map((r) => (
              <option key={r} value={r}>
                {ROLE_WORDS[r].name}
              </option>
            ))}
          </select>
        </label>
        <div role="group" aria-label="Working days" className="flex flex-wrap gap-1">
          {DAYS.map((word, i) => (
            <Chip key={word} pressed={days.includes(i + 1)} onPress={() => turn(i + 1)}>
              {word}
            </Chip>
          ))}
        </div>
        <label className="text-sm">
          from
          <input type="time" value={from} onChange={(e) => setFrom(e.target.value)} className="block" />
        </label>
        <label className="text-sm">
          to
          <input type="time" value={to} onChange={(e) => setTo(e.target.value)} className="block" />
        </label>
        <label className="text-sm">
          Can also
          <input
            value={skills}
            maxLength={200}
            placeholder="spray"
            onChange={(e) => setSkills(e.target.value)}
            className="block w-44"
          />
        </label>
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <button
          type="submit"
          disabled={changing.isLoading}
          className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink"
        >
          {changing.isLoading ? 'Writing …' : 'Keep it'}
        </button>
        <button
          type="button"
          className="min-h-[44px] underline"
          onClick={() => void signOut({ personId: person.id, id: newId() })}
        >
          Sign out on every device
        </button>
        {!me && (
          <button
            type="button"
            className="min-h-[44px] text-madder underline"
            onClick={() => void leave({ personId: person.id, id: newId() })}
          >
            {person.name} has left the firm
          </button>
        )}
        {signing.isSuccess && <span role="status">Signed out everywhere.</span>}
      </div>
      <Refused error={changing.error ?? leaving.error ?? signing.error} />
    </form>
  );
}
