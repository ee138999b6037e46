import { type LaidWay, type TrialDesign } from '@rustic/core';

interface Props {
  design: TrialDesign;
  onLeaveOut: (leftOut: LaidWay[]) => void;
}

const isSame = (a: LaidWay, b: LaidWay) =>
  a.preparation === b.preparation && a.primer === b.primer && a.topcoat === b.topcoat;

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
  const press = (way: LaidWay) =>
    onLeaveOut(
      leftOut.some((out) => isSame(out, way)) ? leftOut.filter((out) => !isSame(out, way)) : [...leftOut, way],
    );
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
                  const way = { preparation, primer, topcoat };
                  const laid = !leftOut.some((out) => isSame(out, way));
                  return (
                    <td key={`${primer}/${topcoat}`} className="p-0.5">
                      <button
                        type="button"
                        aria-pressed={laid}
                        aria-label={`${arm.words}; ${words}`}
                        onClick={() => press(way)}
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
