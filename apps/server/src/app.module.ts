import { Module } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { AftercareModule } from './aftercare/aftercare.module.ts';
import { CalendarModule } from './calendar/calendar.module.ts';
import { ColoursModule } from './colours/colours.module.ts';
import { PracticeModule } from './practice/practice.module.ts';
import { DemoModule } from './demo/demo.module.ts';
import { DocumentsModule } from './documents/documents.module.ts';
import { EventsModule } from './events/events.module.ts';
import { FindModule } from './find/find.module.ts';
import { FoundingModule } from './founding/founding.module.ts';
import { BackupsModule } from './backups/backups.module.ts';
import { HealthModule } from './health/health.module.ts';
import { JobsModule } from './jobs/jobs.module.ts';
import { LedgerModule } from './ledger/ledger.module.ts';
import { PeopleModule } from './people/people.module.ts';
import { PlansModule } from './plans/plans.module.ts';
import { PostModule } from './post/post.module.ts';
import { PricingModule } from './pricing/pricing.module.ts';
import { PunchModule } from './punch/punch.module.ts';
import { RetentionModule } from './retention/retention.module.ts';
import { RulesModule } from './rules/rules.module.ts';
import { ShelfModule } from './shelf/shelf.module.ts';
import { ShoppingModule } from './shopping/shopping.module.ts';
import { SystemsModule } from './systems/systems.module.ts';
import { TransferModule } from './transfer/transfer.module.ts';
import { TrialsModule } from './trials/trials.module.ts';
import { WalkroundModule } from './walkround/walkround.module.ts';
import { WeatherModule } from './weather/weather.module.ts';
import { WorkModule } from './work/work.module.ts';
import { MoneyByDeclaration } from './edge/moneyByDeclaration.interceptor.ts';
import { WritesInterceptor } from './edge/writes.interceptor.ts';
import { ErrorsFilter } from './http/errors.filter.ts';
import { SessionGuard } from './people/session.ts';
import { ReadingModule } from './reading/reading.module.ts';
import { RecordModule } from './record/record.module.ts';

/** One module a capability, each on the record; what it exports others may use. */
@Module({
  imports: [
    RecordModule,
    ReadingModule,
    AftercareModule,
    CalendarModule,
    ColoursModule,
    PracticeModule,
    DemoModule,
    DocumentsModule,
    EventsModule,
    FindModule,
    FoundingModule,
    BackupsModule,
    HealthModule,
    JobsModule,
    LedgerModule,
    PeopleModule,
    PlansModule,
    PostModule,
    PricingModule,
    PunchModule,
    RetentionModule,
    RulesModule,
    ShelfModule,
    ShoppingModule,
    SystemsModule,
    TransferModule,
    TrialsModule,
    WalkroundModule,
    WeatherModule,
    WorkModule,
  ],
  providers: [
    { provide: APP_GUARD, useClass: SessionGuard },
    { provide: APP_INTERCEPTOR, useClass: MoneyByDeclaration },
    { provide: APP_INTERCEPTOR, useClass: WritesInterceptor },
    { provide: APP_FILTER, useClass: ErrorsFilter },
  ],
})
export class AppModule {}
