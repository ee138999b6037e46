import { Module } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Aftercare, AftercareController } from './aftercare/aftercare.ts';
import { databaseOptions } from './database/options.ts';
import { Demo } from './demo/demo.ts';
import { FindController } from './find/find.controller.ts';
import { HealthController } from './health/health.controller.ts';
import { ErrorsFilter } from './http/errors.filter.ts';
import { JobsController } from './jobs/jobs.controller.ts';
import { Jobs } from './jobs/jobs.service.ts';
import { LedgerController } from './ledger/ledger.controller.ts';
import { PeopleController } from './people/people.controller.ts';
import { People } from './people/people.service.ts';
import { SessionGuard } from './people/session.ts';
import { Plans, PlansController } from './plans/plans.ts';
import { ShelfController } from './shelf/shelf.controller.ts';
import { Systems, SystemsController } from './systems/systems.ts';
import { PatchesController } from './walkround/patches.controller.ts';
import { Walkround, WalkroundController } from './walkround/walkround.ts';
import { Work, WorkController } from './work/work.ts';
import { WritesModule } from './writes/writes.module.ts';

@Module({
  imports: [
    TypeOrmModule.forRootAsync({ useFactory: () => ({ ...databaseOptions(), retryAttempts: 5, retryDelay: 500 }) }),
    WritesModule,
  ],
  controllers: [
    AftercareController,
    FindController,
    HealthController,
    JobsController,
    LedgerController,
    PatchesController,
    PeopleController,
    PlansController,
    ShelfController,
    SystemsController,
    WalkroundController,
    WorkController,
  ],
  providers: [
    Aftercare,
    Demo,
    Jobs,
    People,
    Plans,
    Systems,
    Walkround,
    Work,
    { provide: APP_GUARD, useClass: SessionGuard },
    { provide: APP_FILTER, useClass: ErrorsFilter },
  ],
})
export class AppModule {}
