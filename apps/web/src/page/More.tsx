import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useKey } from './keys.tsx';

interface MoreAct {
  letter: string;
  words: string;
  onAct: () => void;
}

/** Acts of the page that are wanted less often: behind one button, each with its key all the same. */
export function More({ acts }: { acts: readonly MoreAct[] }) {
  return (
    <Menu>
      {acts.map((act) => (
        <Key key={act.letter} {...act} />
      ))}
      <MenuButton className="min-h-[44px] rounded border border-ink bg-leaf px-3 py-1.5 font-semibold wide:min-h-[36px]">
        More ▾
      </MenuButton>
      <MenuItems
        anchor={{ to: 'bottom end', gap: 4 }}
        className="z-20 w-56 rounded border border-strong bg-leaf shadow-lg focus:outline-none"
      >
        {acts.map((act) => (
          <MenuItem key={act.letter}>
            <button
              type="button"
              className="flex min-h-[44px] w-full items-center justify-between px-3 py-2 text-left data-focus:bg-tab"
              onClick={act.onAct}
            >
              {act.words}
              <kbd aria-hidden className="hidden rounded border border-strong px-1 font-sans text-[11px] wide:inline">
                {act.letter.toUpperCase()}
              </kbd>
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}

function Key({ letter, words, onAct }: MoreAct) {
  useKey(letter, words, onAct);
  return null;
}
