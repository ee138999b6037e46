import { Module } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Aftercare, AftercareController } from './aftercare/aftercare.ts';
import { HeldController, HeldRecord } from './aftercare/held.ts';
import { Letters, LettersController } from './aftercare/letters.ts';
import { Visits, VisitsController } from './aftercare/visits.ts';
import { Calendar, CalendarController } from './calendar/calendar.ts';
import { databaseOptions } from './database/options.ts';
import { Demo } from './demo/demo.ts';
import { ClientLinks } from './documents/clientLinks.ts';
import { Clients, ClientsController } from './documents/clients.ts';
import { DocumentsController } from './documents/documents.controller.ts';
import { Printer } from './documents/printer.ts';
import { Quotes } from './documents/quotes.ts';
import { EventsController } from './events/events.controller.ts';
import { Events } from './events/events.ts';
import { FindController } from './find/find.controller.ts';
import { HealthController } from './health/health.controller.ts';
import { ErrorsFilter } from './http/errors.filter.ts';
import { JobsController } from './jobs/jobs.controller.ts';
import { Jobs } from './jobs/jobs.service.ts';
import { Rooms } from './jobs/rooms.service.ts';
import { CarryForward } from './ledger/carryForward.ts';
import { LedgerController } from './ledger/ledger.controller.ts';
import { PeopleController } from './people/people.controller.ts';
import { People } from './people/people.service.ts';
import { Access } from './people/access.ts';
import { MoneyByDeclaration } from './answers/moneyByDeclaration.interceptor.ts';
import { SessionGuard } from './people/session.ts';
import { StaffController } from './people/staff.controller.ts';
import { Staff } from './people/staff.ts';
import { FirmPlanController, Plans, PlansController } from './plans/plans.ts';
import { Pricing, PricingController } from './pricing/pricing.ts';
import { Punch, PunchController } from './punch/punch.ts';
import { Retention, RetentionController } from './retention/retention.ts';
import { Rules, RulesController } from './rules/rules.ts';
import { ShelfController } from './shelf/shelf.controller.ts';
import { Shelf } from './shelf/shelf.service.ts';
import { Shopping, ShoppingController } from './shopping/shopping.ts';
import { SystemsController } from './systems/systems.controller.ts';
import { Systems } from './systems/systems.ts';
import { JobExportController } from './transfer/jobExport.ts';
import { JobImport, JobImportController } from './transfer/jobImport.ts';
import { TrialsController } from './trials/trials.controller.ts';
import { Trials } from './trials/trials.service.ts';
import { Findings, FindingsController } from './walkround/findings.ts';
import { Photos, PhotosController } from './walkround/photos.ts';
import { Walkround, WalkroundController } from './walkround/walkround.ts';
import { FollowUps } from './work/followUps.ts';
import { Holds } from './work/holds.ts';
import { RunSheet } from './work/runSheet.ts';
import { Work, WorkController } from './work/work.ts';
import { WeatherController, WeatherService } from './weather/weather.ts';
import { WritesInterceptor } from './writes/writes.interceptor.ts';
import { WritesModule } from './writes/writes.module.ts';

@Module({
  imports: [
    TypeOrmModule.forRootAsync({ useFactory: () => ({ ...databaseOptions(), retryAttempts: 5, retryDelay: 500 }) }),
    WritesModule,
  ],
  controllers: [
    AftercareController,
    CalendarController,
    ClientsController,
    DocumentsController,
    EventsController,
    FindController,
    FindingsController,
    FirmPlanController,
    HealthController,
    HeldController,
    JobExportController,
    JobImportController,
    JobsController,
    LedgerController,
    LettersController,
    PeopleController,
    PhotosController,
    PlansController,
    PricingController,
    PunchController,
    RetentionController,
    RulesController,
    ShelfController,
    ShoppingController,
    StaffController,
    SystemsController,
    TrialsController,
    VisitsController,
    WalkroundController,
    WeatherController,
    WorkController,
  ],
  providers: [
    Access,
    Aftercare,
    Calendar,
    CarryForward,
    ClientLinks,
    Clients,
    Demo,
    Events,
    Findings,
    FollowUps,
    HeldRecord,
    Holds,
    JobImport,
    Jobs,
    Letters,
    People,
    Photos,
    Plans,
    Pricing,
    Printer,
    Punch,
    Quotes,
    Retention,
    Rooms,
    Rules,
    RunSheet,
    Shelf,
    Shopping,
    Staff,
    Systems,
    Trials,
    Visits,
    Walkround,
    WeatherService,
    Work,
    { provide: APP_GUARD, useClass: SessionGuard },
    { provide: APP_INTERCEPTOR, useClass: MoneyByDeclaration },
    { provide: APP_INTERCEPTOR, useClass: WritesInterceptor },
    { provide: APP_FILTER, useClass: ErrorsFilter },
  ],
})
export class AppModule {}
