import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { hashOf, isTypical, readShelf, shelfDifference, writeShelf, type Product, type ShelfDifference, type ShelfFormat, type ShelfRead } from '@rustic/core';
import { v7 as uuid } from 'uuid';
import { JobEntity } from '../record/jobEntities.ts';
import { ProductEntity, ProductNoteEntity, VanTinEntity } from '../record/shelfEntities.ts';
import { TrialEntity } from '../record/trialEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { editedElsewhere } from '../http/conflict.ts';
import { Writes } from '../record/writes.service.ts';
import { productById, readFirmShelf } from '../reading/firmShelf.ts';
import type { NoteBody, ProductBody, ShelfFile, ShelfImport, TinBody, TinChange } from './shelf.dto.ts';
import { unitsOf } from '../reading/firmUnits.ts';

/** In what money and sizes the tables of a firm are. */
async function tableOf(scope: FirmScope) {
  const { currency, terms } = await scope.firm();
  return { currency, units: unitsOf({ terms }) };
}

const keyOf = (file: ShelfFile) => hashOf({ format: file.format, text: file.text });

/** The firm's products: sheets, tins, notes, and files of them. */
@Injectable()
export class Shelf {
  constructor(private readonly writes: Writes) {}

  async all(who: Who) {
    const scope = this.writes.reading(who);
    const [shelf, notes] = await Promise.all([readFirmShelf(scope), scope.find(ProductNoteEntity, {}, { at: 'ASC', id: 'ASC' })]);
    const own = new Map(shelf.own.map((row) => [row.productId, row]));
    return shelf.all.map((product) => ({
      ...product,
      own: own.has(product.id),
      kept: shelf.kept.includes(product),
      version: own.get(product.id)?.version ?? null,
      van: shelf.tins.filter((t) => t.productId === product.id),
      notes: notes.filter((n) => n.productId === product.id),
    }));
  }

  async write(who: Who, productId: string, body: ProductBody) {
    const [product] = this.sheetOf({ ...body.sheet, id: productId });
    return this.writes.run(who, async (scope) => {
      const row = (await scope.find(ProductEntity, { productId }))[0] ?? null;
      if ((row?.version ?? null) !== (body.version ?? null)) throw editedElsewhere(body, row);
      return this.keep(scope, row, product!, body.kept, body);
    });
  }

  private sheetOf(sheet: unknown): Product[] {
    const { products, faults } = readShelf(JSON.stringify([sheet]), 'json');
    if (faults.length) throw refusedWith(faults.map(({ path, message }) => ({ path: `sheet.${path}`, message })));
    return products;
  }

  private async keep(scope: FirmScope, row: ProductEntity | null, sheet: Product, kept: boolean, yours: object = {}) {
    if (row) return scope.change(ProductEntity, row, { ...yours, version: row.version }, { sheet, kept });
    const added = await scope.add(ProductEntity, { id: uuid(), productId: sheet.id, sheet, kept });
    return { ...added, version: 1 };
  }

  private async look(scope: FirmScope, file: ShelfFile): Promise<{ read: ShelfRead; difference: ShelfDifference; own: readonly ProductEntity[] }> {
    const shelf = await readFirmShelf(scope);
    const read = readShelf(file.text, file.format, await tableOf(scope));
    return { read, difference: shelfDifference(shelf.all, read.products), own: shelf.own };
  }

  /** What a file would do: every bad row, what is new, what changes. Nothing is written. */
  async preview(who: Who, file: ShelfFile) {
    const { read, difference } = await this.look(this.writes.reading(who), file);
    return { ...difference, faults: read.faults, columns: read.columns, seen: keyOf(file) };
  }

  /** Takes a file in that was looked at; bad rows stay out. Taken in again it changes nothing. */
  async import(who: Who, body: ShelfImport) {
    if (keyOf(body) !== body.seen)
      throw new ConflictException({
        code: 'not-seen',
        message: 'This is not the file that was looked at. Nothing was taken in; look at it first.',
      });
    return this.writes.run(who, async (scope) => {
      const { read, difference, own } = await this.look(scope, body);
      const rows = new Map(own.map((row) => [row.productId, row]));
      for (const product of [...difference.added, ...difference.changed.map((c) => c.product)])
        await this.keep(scope, rows.get(product.id) ?? null, product, rows.get(product.id)?.kept ?? true);
      return {
        added: difference.added.length,
        changed: difference.changed.length,
        same: difference.same,
        leftOut: new Set(read.faults.map((f) => f.row)).size,
      };
    });
  }

  async export(who: Who, format: ShelfFormat): Promise<string> {
    const scope = this.writes.reading(who);
    const shelf = await readFirmShelf(scope);
    // What only stands in is no product of the firm's.
    const own = shelf.kept.filter((p) => !isTypical(p.id));
    return writeShelf(
      shelf.all.filter((p) => own.includes(p)),
      format,
      await tableOf(scope),
    );
  }

  async addTin(who: Who, body: TinBody) {
    return this.writes.run(who, async (scope) => {
      await this.product(scope, body.productId);
      const { openedAt, colour, ...rest } = body;
      const tin = await scope.add(VanTinEntity, { ...rest, colour: colour ?? null, openedAt: openedAt ? new Date(openedAt) : null });
      return { ...tin, version: 1 };
    });
  }

  async changeTin(who: Who, tinId: string, body: TinChange) {
    return this.writes.run(who, async (scope) => {
      const tin = await scope.one(VanTinEntity, tinId, 'tin');
      const openedAt = body.openedAt ? new Date(body.openedAt) : tin.openedAt;
      return scope.change(VanTinEntity, tin, body, { litres: body.litres, openedAt });
    });
  }

  async addNote(who: Who, productId: string, body: NoteBody) {
    if (body.kind === 'claim' && !body.standing) throw refusedWith([{ path: 'standing', message: 'a claim is believed, tried or refuted' }]);
    return this.writes.run(who, async (scope) => {
      await this.product(scope, productId);
      if (body.trialId) await scope.one(TrialEntity, body.trialId, 'trial');
      if (body.jobId) await scope.one(JobEntity, body.jobId, 'job');
      if (body.about) await scope.one(ProductNoteEntity, body.about, 'claim');
      return scope.add(ProductNoteEntity, {
        id: body.id,
        productId,
        kind: body.kind,
        text: body.text.trim(),
        standing: body.kind === 'claim' ? body.standing! : null,
        trialId: body.trialId ?? null,
        jobId: body.jobId ?? null,
        about: body.about ?? null,
        byName: who.name,
        at: who.now,
      });
    });
  }

  private async product(scope: FirmScope, productId: string): Promise<Product> {
    const found = productById(await readFirmShelf(scope), productId);
    if (!found) throw new NotFoundException('There is no such product.');
    return found;
  }
}
