import { Link } from 'react-router';
import { colourWords, type NamedColour } from '@rustic/core';
import { ColourSwatch } from '../colours/ColourSwatch.tsx';
import type { SurfacePage } from '../store/endpoints.ts';

/** The parts of a surface in colours of their own, with the way to their drawing. */
export function PartsHere({
  surface,
  colours,
}: {
  surface: SurfacePage['surface'];
  colours: readonly NamedColour[] | null;
}) {
  const parts = surface.colourParts?.parts ?? [];
  if (parts.length === 0) return null;
  return (
    <section aria-label="Parts in colours of their own" className="mt-3 border-l-4 border-strong pl-3 text-[14.5px]">
      <ul>
        {parts.map(({ id, name, colour }) => (
          <li key={id} className="flex items-center gap-3 py-0.5">
            <ColourSwatch colour={colour} />
            <span>
              <strong className="font-semibold">{name}</strong> {colourWords(colour, colours)}
            </span>
          </li>
        ))}
      </ul>
      <Link to="parts" className="inline-block min-h-[44px] py-2.5 underline wide:min-h-[28px] wide:py-1">
        Drawn, with their litres and tape
      </Link>
    </section>
  );
}
