import 'reflect-metadata';
import { text } from 'node:stream/consumers';
import { HttpException } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { foundingFields } from '@rustic/core';
import { z } from 'zod';
import { AppModule } from './app.module.ts';
import { bringForward } from './bringForward.ts';
import { Founding } from './founding/founding.service.ts';
import { nestLogger } from './http/logger.ts';

/** `npm run firm:new`: founds a further firm from JSON on standard input; says each thing that cannot be used. */
const { id, firm, owner } = foundingFields;
const given = z.strictObject({ id, firm, owner }).safeParse(JSON.parse(await text(process.stdin)));
if (!given.success) {
  for (const { path, message } of given.error.issues) process.stderr.write(`${path.join(' ')}: ${message}\n`);
  process.stderr.write('Nothing was written.\n');
  process.exit(2);
}
const app = await NestFactory.createApplicationContext(AppModule, { logger: nestLogger });
await bringForward(app);
try {
  await app.get(Founding).further(given.data);
} catch (error) {
  if (!(error instanceof HttpException)) throw error;
  process.stderr.write('That e-mail has an account already. Nothing was written.\n');
  process.exitCode = 2;
}
await app.close();
