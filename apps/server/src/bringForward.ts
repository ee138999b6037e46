import type { INestApplicationContext } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CarryForward } from './record/carryForward.ts';
import { StartTurn } from './record/startTurn.ts';

/** Brings the schema and the records to this release, then does what else is done once as servers start: one of them at a time. */
export async function bringForward(app: INestApplicationContext, once = () => Promise.resolve()): Promise<void> {
  await app.get(StartTurn).take(async () => {
    await app.get(DataSource).runMigrations({ transaction: 'each' });
    await app.get(CarryForward).all(new Date());
    await once();
  });
}
