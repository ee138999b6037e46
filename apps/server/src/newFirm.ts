import 'reflect-metadata';
import { text } from 'node:stream/consumers';
import { HttpException, Module } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { foundingFields } from '@rustic/core';
import { z } from 'zod';
import { bringForward } from './bringForward.ts';
import { FoundingModule } from './founding/founding.module.ts';
import { Founding } from './founding/founding.service.ts';
import { nestLogger } from './http/logger.ts';
import { RecordModule } from './record/record.module.ts';

/** What founding needs, and no thread or timer of the running application. */
@Module({ imports: [RecordModule, FoundingModule] })
class FurtherFirm {}

/** `npm run firm:new`: founds a further firm from JSON on standard input; says each thing that cannot be used. */
const { id, firm, owner } = foundingFields;
const given = z.strictObject({ id, firm, owner }).safeParse(JSON.parse(await text(process.stdin)));
if (!given.success) {
  for (const { path, message } of given.error.issues) process.stderr.write(`${path.join(' ')}: ${message}\n`);
  process.stderr.write('Nothing was written.\n');
  process.exit(2);
}
const app = await NestFactory.createApplicationContext(FurtherFirm, { logger: nestLogger });
await bringForward(app);
try {
  await app.get(Founding).further(given.data);
} catch (error) {
  if (!(error instanceof HttpException)) throw error;
  process.stderr.write('That e-mail has an account already. Nothing was written.\n');
  process.exitCode = 2;
}
await app.close();
