import type { TrialDesign } from '@rustic/core';
import { nameOfWay } from './designed.ts';

interface Props {
  design: TrialDesign;
  /** Which are left out, by their names. */
  onLeaveOut: (leftOut: string[]) => void;
}

/** Every combination as a square that is laid or left out. */
export function Combinations({ design, onLeaveOut }: Props) {
  const { preparations, primers, topcoats, leftOut } = design;
  const columns = primers.flatMap((one, primer) =>
    topcoats.map((coat, topcoat) => ({
      primer,
      topcoat,
      words: topcoats.length > 1 ? `${one.words}; ${coat.words}` : one.words,
    })),
  );
  const out = leftOut.map((way) => nameOfWay(design, way));
  const press = (name: string) => onLeaveOut(out.includes(name) ? out.filter((one) => one !== name) : [...out, name]);
  return (
    <details className="mt-3 text-sm" open={leftOut.length > 0}>
      <summary className="flex min-h-[44px] cursor-pointer items-center wide:min-h-[34px]">
        {leftOut.length === 0
          ? 'Every combination is laid. Leave some out ▾'
          : `${leftOut.length} ${leftOut.length === 1 ? 'combination is' : 'combinations are'} left out ▾`}
      </summary>
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Combinations">
        <table className="border-collapse">
          <thead>
            <tr>
              <td />
              {columns.map(({ primer, topcoat, words }) => (
                <th key={`${primer}/${topcoat}`} scope="col" className="max-w-28 px-1 pb-1 text-left font-normal">
                  {words}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {preparations.map((arm, preparation) => (
              <tr key={arm.id}>
                <th scope="row" className="pr-3 text-left font-normal">
                  {arm.words}
                </th>
                {columns.map(({ primer, topcoat, words }) => {
                  const name = nameOfWay(design, { preparation, primer, topcoat });
                  const laid = !out.includes(name);
                  return (
                    <td key={`${primer}/${topcoat}`} className="p-0.5">
                      <button
                        type="button"
                        aria-pressed={laid}
                        aria-label={`${arm.words}; ${words}`}
                        onClick={() => press(name)}
                        className={`min-h-[44px] w-24 rounded border wide:min-h-[30px] ${laid ? 'border-ink bg-wash' : 'border-dashed border-strong bg-leaf text-faded'}`}
                      >
                        {laid ? 'laid' : 'left out'}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
