import type { Paper } from '@rustic/core';
import { drawPaper } from './drawPaper.ts';

/** Runs in a thread of the pool: drawing a paper never holds up requests. */
export default function pdfInThread(paper: Paper): Promise<Uint8Array> {
  return drawPaper(paper);
}
