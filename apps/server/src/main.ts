import 'reflect-metadata';
import { makeApplication } from './application.ts';
import { bringForward } from './bringForward.ts';
import { Demo } from './demo/demo.ts';
import { newFirstRunCode } from './founding/firstRunCode.ts';
import { Founding } from './founding/founding.service.ts';

const USUAL_PORT = 4600;
const IDLE_LINE_MS = 65_000;
const PORT = Number(process.env['PORT'] ?? USUAL_PORT);

const app = await makeApplication();
await bringForward(app, async () => {
  if (process.env['DEMO'] !== 'none') await app.get(Demo).loadOnce(new Date());
});
// Whoever starts the server by hand is told the code too; the start command brings its own.
if (!process.env['FIRST_RUN_CODE'] && (await app.get(Founding).isOpen())) {
  process.env['FIRST_RUN_CODE'] = newFirstRunCode();
  process.stdout.write(`No firm is here yet. The code for the first-run page: ${process.env['FIRST_RUN_CODE']}\n`);
}
await app.listen(PORT, '127.0.0.1');
// Longer than browsers and balancers keep an idle line: who asks again on it finds it open.
Object.assign(app.getHttpServer(), { keepAliveTimeout: IDLE_LINE_MS, headersTimeout: IDLE_LINE_MS + 1000 });
process.send?.('ready');
