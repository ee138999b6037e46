import type { Paper } from '@rustic/core';
import { PaperBlocks } from '../papers/PaperBlocks.tsx';

/** What is finished, and from when each surface may be used. */
export function Care({ care, token }: { care: Paper; token: string }) {
  return (
    <section aria-labelledby="care" className="mb-8 border-b-2 border-ink pb-5">
      <h2 id="care" className="text-[21px]">
        {care.title}
      </h2>
      <PaperBlocks blocks={care.blocks} />
      <p className="mt-2 flex flex-wrap gap-x-5">
        <a className="inline-block py-3 underline" href={`/api/client/${token}/care`}>
          This sheet as a PDF
        </a>
        <a className="inline-block py-3 underline" href={`/api/client/${token}/care-calendar`} download>
          Its dates as a calendar file
        </a>
      </p>
    </section>
  );
}
