import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import { AppModule } from './app.module.ts';
import { bringForward } from './bringForward.ts';
import { nestLogger } from './http/logger.ts';
import { Demo } from './demo/demo.ts';

/** `npm run demo:reset`: empties the database and loads the demo, dated from today. */
const app = await NestFactory.createApplicationContext(AppModule, { logger: nestLogger });
await bringForward(app);
await app.get(Demo).reset(new Date());
await app.close();
