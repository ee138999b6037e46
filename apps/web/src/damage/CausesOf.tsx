import { DAMAGE_LABELS } from '@rustic/core';
import type { DamagePage } from '../store/endpoints.ts';
import { capital } from '../words/figures.ts';

/** Why it may be where it is: how to find out, and what is stopped before anything is painted. */
export function CausesOf({ causes }: { causes: DamagePage['causes'] }) {
  if (causes.length === 0) return null;
  return (
    <section aria-label="Why it may be there" className="mt-4">
      <h2 className="text-[19px]">Why it may be there</h2>
      <ol className="mt-1">
        {causes.map(({ code, damage, cause, findOut, stopFirst, fits, of }) => (
          <li key={`${code}/${damage}`} className="border-b border-rule py-2">
            <p>
              <strong className="font-semibold">{cause}</strong>{' '}
              <span className="text-sm text-faded">
                {capital(DAMAGE_LABELS[damage])}: {fits} of {of} {of === 1 ? 'place lies' : 'places lie'} so.
              </span>
            </p>
            <p className="text-[14.5px]">
              <em>To find out:</em> {findOut}
            </p>
            <p className="border-l-4 border-ochre pl-2 text-[14.5px]">
              <em>First:</em> {stopFirst}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}
