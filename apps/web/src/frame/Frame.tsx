import { lazy, Suspense, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { themeTurned, useSight, useTell } from '../store/store.ts';
import { Signal } from '../offline/Signal.tsx';
import { useHappenings } from '../offline/useHappenings.ts';
import { useKey } from '../page/keys.tsx';
import { Mark as Logo } from '../page/Logo.tsx';
import type { Session } from '../store/endpoints.ts';

const Find = lazy(() => import('../page/Find.tsx'));
const KeyList = lazy(() => import('../page/KeyList.tsx'));
const PersonMenu = lazy(() => import('./PersonMenu.tsx'));

/** The seven places, in the order of their keys. */
export const PLACES = [
  { to: '/today', words: 'Today' },
  { to: '/jobs', words: 'Jobs' },
  { to: '/drying', words: 'Drying' },
  { to: '/aftercare', words: 'Aftercare' },
  { to: '/trials', words: 'Trials' },
  { to: '/shelf', words: 'Shelf' },
  { to: '/practice', words: 'Practice' },
] as const;

/** Tabs cut into the leaf's edge, and the page beside them. On a phone the tabs are a bottom row of four. */
export function Frame({ session }: { session: Session }) {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  const tell = useTell();
  useHappenings();
  const theme = useSight((s) => s.theme);
  useKey('/', 'Find anything', () => setOpen('find'));
  useKey('?', 'The list of keys', () => setOpen('keys'));
  useKey('l', theme === 'lamp' ? 'Paper' : 'Lamp: dark page', () => tell(themeTurned()));
  return (
    <div className="flex h-dvh flex-col wide:flex-row">
      <nav aria-label="Places" className="hidden w-[94px] shrink-0 flex-col border-r border-strong bg-tab wide:flex">
        <div className="px-2 pt-4 pb-3 text-center">
          <Logo />
          <span className="mt-1 block font-serif text-[15px] leading-[18px] font-semibold">
            Rustic
            <br />
            Ledger
          </span>
        </div>
        {PLACES.map((place, i) => (
          <Tab key={place.to} {...place} letter={String(i + 1)} />
        ))}
        <div className="mt-auto space-y-1 px-1 pb-3 text-[13px] whitespace-nowrap">
          <button
            type="button"
            className="block w-full px-2 py-1.5 text-left hover:underline"
            onClick={() => setOpen('find')}
          >
            Find <kbd className="float-right font-sans text-faded">/</kbd>
          </button>
          <NavLink
            to="/rules"
            className={({ isActive }) => `block px-2 py-1.5 hover:underline ${isActive ? 'font-bold' : ''}`}
          >
            House rules
          </NavLink>
          <Suspense fallback={<span className="block px-2 py-1.5">{session.person.name}</span>}>
            <PersonMenu session={session} onKeys={() => setOpen('keys')} />
          </Suspense>
        </div>
      </nav>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <Signal />
        {session.firm.lentTo && (
          <p className="no-print shrink-0 border-b border-strong bg-tab px-4 py-1.5 text-sm wide:px-[22px]">
            This is the demo: invented people, products and jobs. Your own firm is in the menu under{' '}
            {session.person.name}.
          </p>
        )}
        <Suspense
          fallback={
            <p className="p-8 text-faded" role="status">
              Fetching …
            </p>
          }
        >
          <Outlet />
        </Suspense>
      </div>
      <PhoneTabs session={session} onFind={() => setOpen('find')} onKeys={() => setOpen('keys')} />
      <Suspense fallback={null}>
        {open === 'find' && <Find onClose={() => setOpen(null)} />}
        {open === 'keys' && <KeyList onClose={() => setOpen(null)} />}
      </Suspense>
    </div>
  );
}

function Tab({ to, words, letter }: { to: string; words: string; letter: string }) {
  const navigate = useNavigate();
  useKey(letter, words, () => void navigate(to));
  return (
    <NavLink
      to={to}
      className={({ isActive }) =>
        `mb-[5px] flex h-[36px] items-center justify-between rounded-l-md border border-r-0 py-1 pr-1.5 text-[13.5px] ${isActive ? 'ml-[2px] -mr-px border-l-[5px] border-strong border-l-ink bg-paper pl-2.5 font-bold' : 'ml-[9px] border-strong bg-leaf/40 pl-2.5 hover:bg-leaf'}`
      }
    >
      {words}
      <span aria-hidden className="text-[11.5px] font-normal text-faded">
        {letter}
      </span>
    </NavLink>
  );
}

function PhoneTabs({ session, onFind, onKeys }: { session: Session; onFind: () => void; onKeys: () => void }) {
  const [more, setMore] = useState(false);
  const here = useLocation().pathname;
  const tab = 'flex min-h-[52px] flex-1 items-center justify-center text-[15px]';
  return (
    <nav aria-label="Places" className="relative shrink-0 border-t border-strong bg-tab wide:hidden">
      {more && (
        <div
          className="absolute right-0 bottom-full left-0 border-t border-strong bg-leaf p-2 shadow-lg"
          onClick={() => setMore(false)}
        >
          {PLACES.slice(3).map((p) => (
            <NavLink key={p.to} to={p.to} className="block min-h-[48px] px-4 py-3">
              {p.words}
            </NavLink>
          ))}
          <NavLink to="/rules" className="block min-h-[48px] px-4 py-3">
            House rules
          </NavLink>
          <button type="button" className="block min-h-[48px] w-full px-4 text-left" onClick={onFind}>
            Find
          </button>
          {/* Its menu opens out of this list: the list stays while it is open. */}
          <div onClick={(e) => e.stopPropagation()}>
            <Suspense fallback={null}>
              <PersonMenu session={session} onKeys={onKeys} />
            </Suspense>
          </div>
        </div>
      )}
      <div className="flex">
        {PLACES.slice(0, 3).map((p) => (
          <NavLink
            key={p.to}
            to={p.to}
            onClick={() => setMore(false)}
            className={({ isActive }) => `${tab} ${isActive ? 'border-t-4 border-ink bg-paper font-bold' : ''}`}
          >
            {p.words}
          </NavLink>
        ))}
        <button
          type="button"
          aria-expanded={more}
          className={`${tab} ${PLACES.slice(3).some((p) => here.startsWith(p.to)) ? 'border-t-4 border-ink bg-paper font-bold' : ''}`}
          onClick={() => setMore(!more)}
        >
          More
        </button>
      </div>
    </nav>
  );
}
