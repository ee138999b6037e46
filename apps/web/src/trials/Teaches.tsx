import type { Trial } from '../store/endpoints.ts';

const SHOWN = 6;

/** What the board says of bonds and of what rises, beside what was expected of them on this surface. */
export function Teaches({ trial: { says, surfaceName, concluded } }: { trial: Trial }) {
  if (says.length === 0) return null;
  return (
    <section aria-labelledby="teaches" className="mt-4">
      <h2 id="teaches" className="text-[19px]">
        What it teaches
      </h2>
      <ul className="mt-1 max-w-[72ch]">
        {says.slice(0, SHOWN).map((one) => (
          <li key={one} className="border-b border-rule py-1">
            {one}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-faded">
        {surfaceName ? `Measured against what is expected of ${surfaceName}. ` : ''}
        {concluded
          ? 'This is what the systems heed since it was accepted.'
          : 'Once the conclusion is accepted and weighs, the systems heed it.'}
        {says.length > SHOWN ? ` ${says.length - SHOWN} smaller things beside these.` : ''}
      </p>
    </section>
  );
}
