import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { makeApplication } from './application.ts';
import { Demo } from './demo/demo.ts';
import { CarryForward } from './record/carryForward.ts';

const USUAL_PORT = 4600;
const PORT = Number(process.env['PORT'] ?? USUAL_PORT);

const app = await makeApplication();
await app.get(DataSource).runMigrations({ transaction: 'each' });
await app.get(CarryForward).all(new Date());
if (process.env['DEMO'] !== 'none') await app.get(Demo).loadOnce(new Date());
await app.listen(PORT, '127.0.0.1');
process.send?.('ready');
