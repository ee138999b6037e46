import { Link } from 'react-router';
import { coatsIn, TINT_LABELS } from '@rustic/core';
import { Mark } from '../page/notes.tsx';
import { isTold, sayRoundMoney } from '../words/figures.ts';
import type { ColourLine } from '../store/endpoints.ts';

type Place = ColourLine['places'][number];

/** Where a colour goes: each surface with its sheen and coats, and what the tint under it is worth. */
export function ColourPlaces({ line, jobId, currency }: { line: ColourLine; jobId: string; currency: string }) {
  if (line.places.length === 0)
    return <p className="col-span-2 mt-1 text-sm text-faded wide:col-start-2">Nothing is to be painted in it yet.</p>;
  return (
    <ul className="col-span-2 mt-1 text-[14.5px] wide:col-start-2">
      {line.places.map((place) => (
        <li key={`${place.surfaceId}/${place.partId}`} className="py-0.5">
          <Link
            to={`/jobs/${jobId}/surfaces/${place.surfaceId}${place.partId ? '/parts' : ''}`}
            className="hover:underline"
          >
            {place.room}, {place.name}
          </Link>
          <span className="text-faded">
            {' '}
            {[place.sheen ?? 'the usual sheen', coatsIn(place.coats)].join(', ')}
            {place.tint && <Tint tint={place.tint} currency={currency} />}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Coats and money with the tint and without. */
function Tint({ tint, currency }: { tint: NonNullable<Place['tint']>; currency: string }) {
  const saved = tint.coatsOverWhite - tint.coats;
  return (
    <>
      {` over ${TINT_LABELS[tint.tint]} primer: `}
      {saved > 0 ? (
        <strong className="font-semibold text-ink">
          {tint.coats} in place of {tint.coatsOverWhite} over white
          {isTold(tint.saves) && tint.saves > 0 && `, saves ${sayRoundMoney(tint.saves, currency)}`}
        </strong>
      ) : (
        `${coatsIn(tint.coats)} either way`
      )}
      <Mark n={3} />
    </>
  );
}
