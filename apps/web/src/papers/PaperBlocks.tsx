import { ColourSwatch } from '../colours/ColourSwatch.tsx';
import type { Paper, PaperBlock } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';

/** A paper as it is printed: head, blocks, no buttons. */
export function PaperSheet({ paper }: { paper: Paper }) {
  return (
    <article className="mx-auto max-w-[800px] border border-strong bg-leaf px-5 py-6 wide:px-12 wide:py-10 print:border-0 print:bg-transparent print:p-0">
      <FirmLogo logo={paper.logo} firm={paper.firm} />
      <div className="flex flex-wrap justify-between gap-x-4 text-sm text-faded">
        <strong>{paper.firm}</strong>
        <span>{paper.marked}</span>
      </div>
      <Letterhead lines={paper.letterhead ?? []} />
      <h2 className="mt-2 text-[26px] leading-tight">{paper.title}</h2>
      <p className="mb-4 text-faded">{paper.about}</p>
      <PaperBlocks blocks={paper.blocks} />
    </article>
  );
}

/** The firm's own picture, where it has one. */
export const FirmLogo = ({ logo, firm }: { logo?: string | undefined; firm: string }) =>
  logo ? <img src={logo} alt={firm} className="mb-2 block max-h-[64px] max-w-[200px] object-contain" /> : null;

/** What stands under the firm's name: its address, how it is reached, its numbers. */
export const Letterhead = ({ lines }: { lines: readonly string[] }) => (
  <p className="text-sm text-faded">
    {lines.map((line) => (
      <span key={line} className="block">
        {line}
      </span>
    ))}
  </p>
);

/** What stands on a paper, without its head. */
export const PaperBlocks = ({ blocks }: { blocks: readonly PaperBlock[] }) => (
  <>
    {blocks.map((block, i) => (
      <Block key={i} block={block} under={blocks.slice(0, i).some((b) => b.kind === 'heading' && b.level === 1)} />
    ))}
  </>
);

/** `under`: a heading of the first level stands before it. */
function Block({ block, under }: { block: PaperBlock; under: boolean }) {
  switch (block.kind) {
    case 'heading':
      if (block.level === 1) return <h3 className="mt-5 mb-1 text-[20px]">{block.text}</h3>;
      return under ? (
        <h4 className="mt-3 mb-1 font-serif text-[16px] font-semibold">{block.text}</h4>
      ) : (
        <h3 className="mt-3 mb-1 text-[16px]">{block.text}</h3>
      );
    case 'text':
      return (
        <p className={`my-2 ${block.tone === 'strong' ? 'font-semibold' : block.tone === 'faded' ? 'text-faded' : ''}`}>
          {block.text}
        </p>
      );
    case 'list':
      return (
        <ol className="my-2 list-decimal pl-6">
          {block.items.map((item, i) => (
            <li key={i} className="py-0.5">
              {item}
            </li>
          ))}
        </ol>
      );
    case 'table':
      return <Table block={block} />;
    case 'swatches':
      return (
        <ul className="my-2">
          {block.swatches.map((s) => (
            <li key={s.colour} className="flex items-center gap-3 py-1">
              <ColourSwatch colour={s.colour} />
              <span>
                <strong>{s.name}</strong> <span className="text-faded">{s.words}</span>
              </span>
            </li>
          ))}
        </ul>
      );
    case 'sketch':
      return (
        <figure className="my-3">
          <RoomSketch
            sketch={block.sketch}
            width={700}
            excluded={block.excluded.map((e, i) => ({ ...e, id: String(i) }))}
          />
          <figcaption className="mt-1 text-sm text-faded">
            {block.words}. Hatched: {block.excluded.map((e) => e.words).join('; ')}
          </figcaption>
        </figure>
      );
    case 'labels':
      return (
        <ul className="grid gap-0 wide:grid-cols-2">
          {block.labels.map((label, i) => (
            <li key={i} className="flex break-inside-avoid justify-between gap-3 border border-strong p-3">
              <div>
                <strong className="font-serif">{label.title}</strong>
                {label.lines.map((line, k) => (
                  <span key={k} className="block text-sm text-faded">
                    {line}
                  </span>
                ))}
                {label.colour?.startsWith('#') && <ColourSwatch colour={label.colour} />}
              </div>
              {label.squares && <Code squares={label.squares} says={label.title} />}
            </li>
          ))}
        </ul>
      );
  }
}

/** The square code of a label, dark on white whatever the page is lit by: a camera reads it. */
function Code({ squares, says }: { squares: readonly string[]; says: string }) {
  const n = squares.length;
  return (
    <svg
      width="96"
      height="96"
      viewBox={`-2 -2 ${n + 4} ${n + 4}`}
      role="img"
      aria-label={`Code of ${says}`}
      className="shrink-0"
    >
      <rect x="-2" y="-2" width={n + 4} height={n + 4} fill="#fff" />
      <path
        fill="#000"
        d={squares.flatMap((row, y) => [...row].map((d, x) => (d === '1' ? `M${x} ${y}h1v1h-1z` : ''))).join('')}
      />
    </svg>
  );
}

/** A colour as an image, since the page's own policy allows no styles in the markup. */

const WEIGHT = {
  total: 'border-t border-b-4 border-ink [border-bottom-style:double] font-semibold',
  sum: 'border-t border-ink',
  head: 'font-serif font-semibold',
  plain: 'border-b border-rule',
};

function Table({ block }: { block: Extract<PaperBlock, { kind: 'table' }> }) {
  const side = (i: number) => (block.columns[i]!.align === 'right' ? 'text-right' : 'text-left');
  return (
    <table className="my-2 w-full border-collapse text-[14.5px]">
      <caption className="sr-only">{block.caption}</caption>
      {block.columns.some((c) => c.title) && (
        <thead>
          <tr className="border-b border-ink text-sm text-faded">
            {block.columns.map((c, i) => (
              <th key={i} scope="col" className={`py-1 pr-2 font-normal last:pr-0 ${side(i)}`}>
                {c.title}
              </th>
            ))}
          </tr>
        </thead>
      )}
      <tbody>
        {block.rows.map((row, i) => (
          <tr key={i} className={WEIGHT[row.weight ?? 'plain']}>
            {row.cells.map((cell, k) => (
              <td
                key={k}
                className={`py-1 pr-2 align-top last:pr-0 ${side(k)} ${block.columns[k]!.align === 'right' ? 'whitespace-nowrap' : ''}`}
              >
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
