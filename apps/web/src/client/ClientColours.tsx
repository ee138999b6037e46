import { quoteColours } from '@rustic/core';
import { ColourSwatch } from '../colours/ColourSwatch.tsx';
import type { ShownQuote } from '../store/endpoints.ts';

/** The colours of a quote by their names, each with where it goes. */
export function ClientColours({ quote }: { quote: ShownQuote }) {
  const colours = quoteColours(quote);
  if (colours.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="colours">
      <h2 id="colours" className="text-[19px]">
        Colours
      </h2>
      <p className="text-sm text-faded">A screen shows a colour only roughly. A painted sample decides.</p>
      <ul>
        {colours.map(({ colour, name, words }) => (
          <li key={colour} className="flex items-center gap-3 py-1">
            <ColourSwatch colour={colour} />
            <span>
              <strong>{name}</strong> <span className="text-faded">{words}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
