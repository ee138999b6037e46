import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useNavigate } from 'react-router';
import { backFromDemo } from '../founding/intoFirm.ts';
import { leaveDevice } from '../offline/leaveDevice.ts';
import { themeTurned, unitsTurned, useSight, useSignal, useTell } from '../store/store.ts';
import type { Session } from '../store/endpoints.ts';

const ITEM = 'block w-full px-3 py-2.5 text-left data-focus:bg-tab';

/** The person at the foot: lamp, units, calendar, keys, sign out. */
export default function PersonMenu({ session, onKeys }: { session: Session; onKeys: () => void }) {
  const tell = useTell();
  const navigate = useNavigate();
  const theme = useSight((s) => s.theme);
  const units = useSight((s) => s.units);
  const unsent = useSignal((s) => s.unsent.length);
  // What is not sent is never dropped unsaid: it is shown first.
  const leave = () =>
    unsent > 0
      ? void navigate('/unsent', { state: { leaving: true } })
      : void leaveDevice().catch(() => void navigate('/unsent', { state: { leaving: true } }));
  const back = (throwAway: boolean) =>
    void backFromDemo(throwAway).then(({ error }) => (error ? undefined : void navigate('/begin')));
  return (
    <Menu>
      <MenuButton className="block w-full overflow-hidden px-2 py-1.5 text-left text-ellipsis hover:underline max-wide:min-h-[48px] max-wide:px-4">
        {session.person.name} ▾
      </MenuButton>
      <MenuItems
        anchor="top start"
        className="z-20 w-52 rounded border border-strong bg-leaf shadow-lg focus:outline-none"
      >
        <MenuItem>
          <button type="button" className={ITEM} onClick={() => tell(themeTurned())}>
            {theme === 'lamp' ? 'Paper page' : 'Lamp: dark page'}
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={ITEM} onClick={() => tell(unitsTurned())}>
            {units === 'us' ? 'Metres' : 'Feet and inches'}
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={ITEM} onClick={() => void navigate('/calendar')}>
            Calendar
          </button>
        </MenuItem>
        {session.person.role !== 'painter' && session.person.role !== 'read-only' && (
          <MenuItem>
            <button type="button" className={ITEM} onClick={() => void navigate('/post')}>
              Post
            </button>
          </MenuItem>
        )}
        <MenuItem>
          <button type="button" className={ITEM} onClick={() => void navigate('/firm')}>
            The firm
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={ITEM} onClick={() => void navigate('/people')}>
            People
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={ITEM} onClick={() => void navigate('/account')}>
            Password and devices
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={ITEM} onClick={onKeys}>
            Keys
          </button>
        </MenuItem>
        {session.firm.lentTo && (
          <>
            <MenuItem>
              <button type="button" className={ITEM} onClick={() => back(false)}>
                Back to my firm
              </button>
            </MenuItem>
            <MenuItem>
              <button type="button" className={ITEM} onClick={() => back(true)}>
                Throw the demo away
              </button>
            </MenuItem>
          </>
        )}
        <MenuItem>
          <button type="button" className={ITEM} onClick={leave}>
            Sign out
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}
