import type { ProductNeed } from '../pricing/jobPrice.ts';
import type { Terms } from '../vocabulary/index.ts';
import { sayVolume } from '../units/volume.ts';
import { colourWords } from '../colours/colourWords.ts';
import type { NamedColour } from '../model/colour.ts';
import type { PaperHead } from './papers.ts';
import type { Label, Paper } from './paper.ts';

/** No more labels than this of one size: the rest are alike. */
const MOST_LABELS = 12;

/** What the square code of a label says: this product, in this colour, for this job, of this batch where it is known. */
export function labelCode(of: { job: string; product: string; colour: string | null; batch?: string | null }): string {
  const said = Object.entries(of).filter((pair): pair is [string, string] => Boolean(pair[1]));
  return `rustic-ledger:tin?${said.map(([key, value]) => `${key}=${encodeURIComponent(value)}`).join('&')}`;
}

/** A job as its labels name it. */
export interface LabelledJob {
  id: string;
  title: string;
  units: Terms['units'];
  /** What its colours are called. */
  colours: readonly NamedColour[] | null;
}

/** A label for each tin of paint that is bought or comes from the van, and one for the sample of each colour. */
export function labelsOf(
  job: LabelledJob,
  products: readonly ProductNeed[],
  whereOf: (surfaceId: string) => string,
): Label[] {
  const films = products.filter((p) => p.film);
  const tins = films.flatMap(({ product, colour, plan }): Label[] => {
    const label = (surfaceIds: readonly string[], batch: string | null, about: string): Label => ({
      title: product.name,
      lines: [
        [product.maker, colourWords(colour, job.colours)].filter(Boolean).join(', '),
        job.title,
        surfaceIds.map(whereOf).join('; '),
        `${about}. Batch ${batch ?? '…………'}. Opened ………`,
      ],
      colour,
      code: labelCode({ job: job.id, product: product.id, colour, batch }),
    });
    return [
      ...plan.fromVan.map((b) => label(b.surfaceIds, b.batch, 'From the van')),
      ...plan.bought.tins.flatMap((tin) =>
        Array.from({ length: Math.min(tin.count, MOST_LABELS) }, (_, i) =>
          label(plan.fromBought, null, `${sayVolume(tin.litres, job.units)}, ${i + 1} of ${tin.count}`),
        ),
      ),
    ];
  });
  return [...tins, ...films.filter((p) => p.seen && p.colour).map((p) => sampleOf(job, p, whereOf))];
}

/** What hangs on a painted sample: which colour of which product, and where it is to go. */
function sampleOf(
  job: LabelledJob,
  { product, colour, plan }: ProductNeed,
  whereOf: (surfaceId: string) => string,
): Label {
  const where = [...plan.fromVan.flatMap((b) => b.surfaceIds), ...plan.fromBought].map(whereOf).join('; ');
  return {
    title: `Sample, ${colourWords(colour, job.colours)}`,
    lines: [[product.name, product.maker].filter(Boolean).join(', '), job.title, where, 'Painted ………  Seen by ………………'],
    colour,
    code: labelCode({ job: job.id, product: product.id, colour }),
  };
}

export const labelsPaper = (labels: Label[], head: PaperHead): Paper => ({
  title: 'Tin and sample labels',
  ...head,
  blocks: [{ kind: 'labels', labels }],
});
