import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { makeApplication } from './application.ts';
import { Demo } from './demo/demo.ts';
import { newFirstRunCode } from './founding/firstRunCode.ts';
import { Founding } from './founding/founding.service.ts';
import { CarryForward } from './record/carryForward.ts';

const USUAL_PORT = 4600;
const PORT = Number(process.env['PORT'] ?? USUAL_PORT);

const app = await makeApplication();
await app.get(DataSource).runMigrations({ transaction: 'each' });
await app.get(CarryForward).all(new Date());
if (process.env['DEMO'] !== 'none') await app.get(Demo).loadOnce(new Date());
// Whoever starts the server by hand is told the code too; the start command brings its own.
if (!process.env['FIRST_RUN_CODE'] && (await app.get(Founding).isOpen())) {
  process.env['FIRST_RUN_CODE'] = newFirstRunCode();
  process.stdout.write(`No firm is here yet. The code for the first-run page: ${process.env['FIRST_RUN_CODE']}\n`);
}
await app.listen(PORT, '127.0.0.1');
process.send?.('ready');
