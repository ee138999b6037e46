import type { ProductNeed } from '../pricing/jobPrice.ts';
import type { Terms } from '../vocabulary/index.ts';
import { sayVolume } from '../units/volume.ts';
import { colourWords, type PaperHead } from './papers.ts';
import type { Label, Paper } from './paper.ts';

/** No more labels than this of one size: the rest are alike. */
const MOST_LABELS = 12;

/** What the square code of a label says: this product, in this colour, for this job, of this batch where it is known. */
export function labelCode(of: { job: string; product: string; colour: string | null; batch?: string | null }): string {
  const said = Object.entries(of).filter((pair): pair is [string, string] => Boolean(pair[1]));
  return `rustic-ledger:tin?${said.map(([key, value]) => `${key}=${encodeURIComponent(value)}`).join('&')}`;
}

/** A label for each tin of paint that is bought or comes from the van, and one for the sample of each colour. */
export function labelsOf(
  jobId: string,
  job: string,
  products: readonly ProductNeed[],
  whereOf: (surfaceId: string) => string,
  units: Terms['units'] = 'metric',
): Label[] {
  const films = products.filter((p) => p.film);
  const tins = films.flatMap(({ product, colour, plan }): Label[] => {
    const label = (surfaceIds: readonly string[], batch: string | null, about: string): Label => ({
      title: product.name,
      lines: [
        [product.maker, colourWords(colour)].filter(Boolean).join(', '),
        job,
        surfaceIds.map(whereOf).join('; '),
        `${about}. Batch ${batch ?? '…………'}. Opened ………`,
      ],
      colour,
      code: labelCode({ job: jobId, product: product.id, colour, batch }),
    });
    return [
      ...plan.fromVan.map((b) => label(b.surfaceIds, b.batch, 'From the van')),
      ...plan.bought.tins.flatMap((tin) =>
        Array.from({ length: Math.min(tin.count, MOST_LABELS) }, (_, i) =>
          label(plan.fromBought, null, `${sayVolume(tin.litres, units)}, ${i + 1} of ${tin.count}`),
        ),
      ),
    ];
  });
  return [...tins, ...films.filter((p) => p.seen && p.colour).map((p) => sampleOf(jobId, job, p, whereOf))];
}

/** What hangs on a painted sample: which colour of which product, and where it is to go. */
function sampleOf(
  jobId: string,
  job: string,
  { product, colour, plan }: ProductNeed,
  whereOf: (surfaceId: string) => string,
): Label {
  const where = [...plan.fromVan.flatMap((b) => b.surfaceIds), ...plan.fromBought].map(whereOf).join('; ');
  return {
    title: `Sample, ${colourWords(colour)}`,
    lines: [[product.name, product.maker].filter(Boolean).join(', '), job, where, 'Painted ………  Seen by ………………'],
    colour,
    code: labelCode({ job: jobId, product: product.id, colour }),
  };
}

export const labelsPaper = (labels: Label[], head: PaperHead): Paper => ({
  title: 'Tin and sample labels',
  ...head,
  blocks: [{ kind: 'labels', labels }],
});
