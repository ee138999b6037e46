import type { Paper } from '@rustic/core';
import { drawPaper } from './drawPaper.ts';
import { drawTemplate, type TemplatePages } from './drawTemplate.ts';

/** Runs in a thread of the pool: drawing a paper never holds up requests. */
export default function pdfInThread(paper: Paper): Promise<Uint8Array> {
  return drawPaper(paper);
}

/** The same for a template at full size. */
export function templateInThread(pages: TemplatePages): Promise<Uint8Array> {
  return drawTemplate(pages);
}
