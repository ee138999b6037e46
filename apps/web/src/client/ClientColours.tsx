import { colourWords } from '@rustic/core';
import { ColourSwatch } from '../colours/ColourSwatch.tsx';
import type { ShownQuote } from '../store/endpoints.ts';

/** The colours of a quote by their names, each with where it goes. */
export function ClientColours({ quote }: { quote: ShownQuote }) {
  const colours = [...new Set(quote.lines.map((l) => l.colour).filter((c) => c !== null))];
  if (colours.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="colours">
      <h2 id="colours" className="text-[19px]">
        Colours
      </h2>
      <p className="text-sm text-faded">A screen shows a colour only roughly. A painted sample decides.</p>
      <ul>
        {colours.map((colour) => (
          <li key={colour} className="flex items-center gap-3 py-1">
            <ColourSwatch colour={colour} />
            <span>
              <strong>{colourWords(colour, quote.colours)}</strong>{' '}
              <span className="text-faded">
                {quote.lines
                  .filter((l) => l.colour === colour)
                  .map((l) => `${l.room}, ${l.name}`)
                  .join('; ')}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
