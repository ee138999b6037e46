import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { Paper } from '@rustic/core';
import { Threads } from '../threads/threads.ts';
import type { TemplatePages } from './pdf/drawTemplate.ts';

/** Draws papers as PDF in threads of its own. */
@Injectable()
export class Printer implements OnModuleDestroy {
  private readonly pool = new Threads({
    filename: new URL('./pdf/pdf.worker.js', import.meta.url).href,
    maxThreads: 2,
    minThreads: 1,
  });

  async onModuleDestroy(): Promise<void> {
    await this.pool.end();
  }

  async pdf(paper: Paper): Promise<Buffer> {
    return Buffer.from((await this.pool.run(paper)) as Uint8Array);
  }

  async template(pages: TemplatePages): Promise<Buffer> {
    return Buffer.from((await this.pool.run(pages, { name: 'templateInThread' })) as Uint8Array);
  }
}
