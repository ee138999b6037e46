import {
  asOrdered,
  coatsIn,
  hasTemplate,
  nameOfColour,
  sayArea,
  sayVolume,
  TEMPLATE_PAPER,
  type ColourPart,
  type NamedColour,
  type PartDrawn,
  type TemplatePaper,
} from '@rustic/core';
import { Mark } from '../page/notes.tsx';
import { ColourSwatch } from '../colours/ColourSwatch.tsx';
import type { PartsReckoned } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { sayMetres } from '../words/length.ts';

interface Props {
  drawn: readonly PartDrawn[];
  /** What they come to, as far as it is known. */
  reckoned: PartsReckoned | undefined;
  colours: readonly NamedColour[];
  chosen: string | null;
  /** Where a part's template is printed from; null while what is drawn is not kept yet. */
  templates: ((part: ColourPart, paper: TemplatePaper) => string) | null;
  onChoose: (id: string) => void;
}

/** Part, area, line, coats, round: in ruled columns on a wide screen. */
const COLUMNS = 'gap-x-3 px-1 wide:grid-cols-[44px_1fr_5.5rem_5.5rem_11rem_4.5rem]';
const FIGURE = 'col-start-2 text-sm wide:col-start-auto wide:text-right wide:text-[15px]';
const PAPERS = Object.keys(TEMPLATE_PAPER) as TemplatePaper[];

/** Every part with its area, line, coats and litres, in the order in which they lie over one another. */
export function PartLines({ drawn, reckoned, colours, chosen, templates, onChoose }: Props) {
  const units = useSight((s) => s.units);
  if (drawn.length === 0) return null;
  return (
    <>
      <p aria-hidden className={`mt-3 hidden text-sm text-faded wide:grid ${COLUMNS}`}>
        <span className="col-start-2">part</span>
        <span className="text-right">area</span>
        <span className="text-right">
          taped
          <Mark n={2} />
        </span>
        <span className="text-right">
          coats and paint
          <Mark n={3} />
        </span>
        <span className="text-right">
          round
          <Mark n={1} />
        </span>
      </p>
      <ol aria-label="Parts" className="mt-2 border-t border-rule wide:mt-0">
        {drawn.map(({ part, areaM2, tapeM, round }) => {
          const line = reckoned?.parts.find((p) => p.id === part.id);
          const name = nameOfColour(part.colour, colours);
          return (
            <li key={part.id} className={`border-b border-rule py-1 ${part.id === chosen ? 'bg-tab' : ''}`}>
              <button
                type="button"
                aria-pressed={part.id === chosen}
                onClick={() => onChoose(part.id)}
                className={`grid min-h-[44px] w-full grid-cols-[44px_1fr] items-center text-left text-[15px] ${COLUMNS}`}
              >
                <ColourSwatch colour={part.colour} />
                <span>
                  <strong className="font-semibold">{part.name}</strong>{' '}
                  <span className="text-sm text-faded">{name ? asOrdered(name) : 'not named yet'}</span>
                </span>
                <span className={FIGURE}>{sayArea(areaM2, units)}</span>
                <span className={FIGURE}>
                  {tapeM > 0 ? sayMetres(tapeM, units) : 'no line'}
                  <span className="wide:hidden"> taped</span>
                </span>
                <span className={FIGURE}>
                  {round === 0
                    ? 'nothing of it is seen'
                    : line && line.coats > 0
                      ? `${coatsIn(line.coats)}, ${sayVolume(line.litres, units)}`
                      : '…'}
                </span>
                <span className={FIGURE}>
                  <span className="wide:hidden">round </span>
                  {round > 0 ? round : ''}
                </span>
              </button>
              {hasTemplate(part) && part.id === chosen && (
                <p className="no-print px-1 pb-1 text-sm">
                  {templates ? (
                    <>
                      Template at full size:{' '}
                      {PAPERS.map((paper) => (
                        <a key={paper} className="mr-3 inline-block py-2 underline" href={templates(part, paper)}>
                          PDF on {TEMPLATE_PAPER[paper].words}
                        </a>
                      ))}
                    </>
                  ) : (
                    <span className="text-faded">Keep what is drawn: then its template can be printed.</span>
                  )}
                </p>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}
