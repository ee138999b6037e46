import { Column, Entity, PrimaryColumn, VersionColumn } from 'typeorm';
import type {
  Access,
  Climate,
  Condition,
  Departure,
  Extent,
  Facing,
  Fault,
  Held,
  HouseRules,
  LeftOutReason,
  MapPlace,
  Measure,
  Method,
  Plan,
  PlanInput,
  PriceSettings,
  Readings,
  RoomSketch,
  SketchPlace,
  Step,
  SurfaceFacts,
  Terms,
  TestRecord,
  Wanted,
  Weights,
} from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

@Entity('firm')
export class FirmEntity {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { length: 64, name: 'time_zone' }) timeZone: string;
  @Column('varchar', { length: 10 }) hemisphere: 'northern' | 'southern';
  @Column('char', { length: 3 }) currency: string;
  @Column('json', { name: 'house_rules' }) houseRules: Partial<HouseRules>;
  /** The firm's own words, where it says a thing otherwise. */
  @Column('json') terms: Partial<Terms>;
  /** What matters to it when ways are set against each other. */
  @Column('json') weights: Partial<Weights>;
  /** How it prices, where that is not the usual way. */
  @Column('json') pricing: Partial<PriceSettings>;
  /** What a visit costs beside the work, and the days on which nobody works. */
  @Column('json') planning: Planning;
  /** How long it keeps what it need not keep for ever. */
  @Column('json') retention: Retention;
  @Column('json', { nullable: true }) held: HeldCount | null;
  /** Moved by whoever gives up the owner's part: two who do it at once meet here. */
  @Column('int', { name: 'owners_mark', default: 0 }) ownersMark: number;
  @VersionColumn() version: number;
}

/** Minutes; dates as YYYY-MM-DD. What is not said is none. */
export interface Planning {
  setUpMin?: number;
  packUpMin?: number;
  travelMin?: number;
  holidays?: string[];
  /** How the year goes where the firm works. */
  climate?: Climate;
}

/** How the firm's own work has held, as far as it lets that count in the choice of systems; by whom and when it was let. */
export interface HeldCount extends Held {
  films: number;
  by: string;
  at: string;
}

/** Null, or not said: for ever. */
export interface Retention {
  /** Notes of who came in, in months. */
  accessMonths?: number | null;
  /** Photos of jobs whose last work lies so many years back. */
  photoYears?: number | null;
}

export const ROLES = ['owner', 'estimator', 'painter', 'read-only'] as const;
export type Role = (typeof ROLES)[number];

@Entity('person')
export class PersonEntity extends FirmOwned {
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { length: 4 }) initials: string;
  @Column('varchar', { length: 160 }) email: string;
  @Column('varchar', { length: 200, name: 'password_hash' }) passwordHash: string;
  @Column('varchar', { length: 12 }) role: Role;
  /** Working days and hours on the plan; null where the person does not paint. */
  @Column('json', { nullable: true }) hours: { days: number[]; from: string; to: string } | null;
  /** What not everybody can do: a step that asks for it goes to those who have it. */
  @Column('json') skills: string[];
  /** Since when this person is no longer of the firm; what they wrote stays. */
  @Column('datetime', { precision: 3, name: 'left_at', nullable: true }) leftAt: Date | null;
  @VersionColumn() version: number;
}

@Entity('session')
export class SessionEntity {
  /** SHA-256 of the cookie's token: the token itself is nowhere kept. */
  @PrimaryColumn('char', { length: 64, name: 'token_hash' }) tokenHash: string;
  @Column('char', { length: 36, name: 'person_id' }) personId: string;
  @Column('datetime', { precision: 3, name: 'made_at' }) madeAt: Date;
  @Column('datetime', { precision: 3, name: 'expires_at' }) expiresAt: Date;
}

@Entity('sign_in_failure')
export class SignInFailureEntity {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { length: 64, name: 'email_hash' }) emailHash: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

@Entity('sent_write')
export class SentWriteEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('varchar', { length: 64, name: 'write_id' }) writeId: string;
  @Column('char', { length: 64, name: 'request_hash' }) requestHash: string;
  @Column('json', { nullable: true }) answer: unknown;
  @Column('datetime', { precision: 3 }) at: Date;
}

export type JobStatus = 'walk-round' | 'quoted' | 'planned' | 'active' | 'aftercare';

@Entity('job')
export class JobEntity extends FirmOwned {
  @Column('varchar', { length: 200 }) title: string;
  @Column('varchar', { length: 200 }) place: string;
  @Column('int', { name: 'built_year', nullable: true }) builtYear: number | null;
  @Column('varchar', { length: 12 }) status: JobStatus;
  @Column('varchar', { length: 2000 }) note: string;
  @Column('datetime', { precision: 3, name: 'starts_at' }) startsAt: Date;
  @Column('decimal', {
    precision: 5,
    scale: 2,
    name: 'temperature_c',
    transformer: { to: (v: number) => v, from: Number },
  })
  temperatureC: number;
  @Column('decimal', {
    precision: 5,
    scale: 2,
    name: 'relative_humidity_pct',
    transformer: { to: (v: number) => v, from: Number },
  })
  relativeHumidityPct: number;
  @Column('json', { name: 'house_rules' }) houseRules: Partial<HouseRules>;
  @Column('json', { name: 'crew_ids' }) crewIds: string[];
  @Column('int') racks: number;
  @Column('json') property: Property;
  /** Who the work is for, as it stands on papers. */
  @Column('varchar', { length: 200 }) client: string;
  /** Other systems that the client may take in place of the one that is priced. */
  @Column('json') offers: Offer[];
  @VersionColumn() version: number;
}

/** The property as it bears on the work: who lives there, and the place's own dates for lead and asbestos. */
export interface Property {
  occupants?: string;
  leadYear?: number;
  asbestosYear?: number;
  /** Where its year goes otherwise than the firm's. */
  climate?: Climate | null;
  /** On the sketch map, in kilometres. */
  mapPlace?: MapPlace;
}

/** Another way to do a surface, put to the client at its own price: the key of a system of that surface. */
export interface Offer {
  id: string;
  surfaceId: string;
  key: string;
}

export const AIR_SOURCES = ['reading', 'sensor', 'station', 'file'] as const;
export type AirSource = (typeof AIR_SOURCES)[number];

@Entity('room')
export class RoomEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('int') position: number;
  @Column('boolean', { name: 'no_dust_while_wet' }) noDustWhileWet: boolean;
  @Column('varchar', { length: 5, name: 'back_by', nullable: true }) backBy: string | null;
  /** By when strong vapour must be gone: people sleep or eat there. */
  @Column('varchar', { length: 5, name: 'fumes_out_by', nullable: true }) fumesOutBy: string | null;
  @Column('int', { name: 'max_nights_out', nullable: true }) maxNightsOut: number | null;
  /** Where its air is known from: the last reading by hand, its sensor, the weather station, or a file of readings. */
  @Column('varchar', { length: 8, name: 'air_from' }) airFrom: AirSource;
  @Column('varchar', { length: 10 }) kind: 'room' | 'elevation';
  @Column('varchar', { length: 5, nullable: true }) facing: Facing | null;
  @Column('json', { nullable: true }) sketch: RoomSketch | null;
  @VersionColumn() version: number;
}

/** What the client keeps out, with the reason; drawn at its boundary where one was drawn. */
export interface Exclusion {
  id: string;
  words: string;
  reason: LeftOutReason;
  whole: boolean;
  box: { wall: number; x: number; y: number; widthM: number; heightM: number } | null;
}

@Entity('surface')
export class SurfaceEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'room_id' }) roomId: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { length: 60, nullable: true }) campaign: string | null;
  @Column('json') facts: Partial<SurfaceFacts> & Pick<SurfaceFacts, 'element' | 'substrate'>;
  @Column('json') wanted: Partial<Wanted>;
  @Column('int') position: number;
  @Column('json', { nullable: true }) measure: Measure | null;
  @Column('json') exclusions: Exclusion[];
  /** How it is reached. */
  @Column('varchar', { length: 12 }) access: Access;
  @Column('json', { name: 'house_rules' }) houseRules: Partial<HouseRules>;
  @VersionColumn() version: number;
}

@Entity('test_record')
export class TestRecordEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('json') test: TestRecord;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
  @Column('char', { length: 36, nullable: true }) corrects: string | null;
  @Column('varchar', { length: 1000 }) note: string;
  /** Where on the room sketch it was made. */
  @Column('json', { nullable: true }) mark: SketchPlace | null;
}

/** What preparation brought out: conditions that nobody could see at the walk-round, and what they changed. */
@Entity('finding')
export class FindingEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('json') conditions: Condition[];
  @Column('json') extents: Partial<Record<Condition, Extent>>;
  @Column('varchar', { length: 1000 }) note: string;
  /** What it changed in the system the evidence asks for: lines, minutes and money, as computed when it was noted. */
  @Column('json') changes: FindingChanges;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

export interface FindingChanges {
  added: Step[];
  removed: Step[];
  minutes: number;
  cost: number;
}

@Entity('photo')
export class PhotoEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'room_id' }) roomId: string;
  @Column('char', { length: 36, name: 'surface_id', nullable: true }) surfaceId: string | null;
  @Column('char', { length: 36, name: 'test_id', nullable: true }) testId: string | null;
  @Column('char', { length: 36, name: 'work_id', nullable: true }) workId: string | null;
  @Column('json', { nullable: true }) mark: SketchPlace | null;
  @Column('varchar', { length: 400 }) note: string;
  @Column('int') width: number;
  @Column('int') height: number;
  @Column('char', { length: 64 }) hash: string;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
  /** JPEG, made anew from what was sent: nothing but the picture is kept. Not read with the rest of the row. */
  @Column('longblob', { select: false }) content: Buffer;
}

/** The system settled for a surface; the newest stands, none is ever changed. */
@Entity('system_choice')
export class SystemChoiceEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('json') steps: Step[];
  @Column('varchar', { length: 1000 }) differs: string;
  /** What somebody signed for against the system; null where it is taken as it was composed. */
  @Column('json', { nullable: true }) override: Override | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** A departure from a system, signed: what was done otherwise, why, and what was told to follow. */
export interface Override {
  departures: Departure[];
  /** The key of the system departed from, and the departures in words. */
  base: string;
  said: string[];
  reason: string;
  signedAs: string;
  told: { words: string; fault: Fault | null; odds: number; cost: number }[];
}

@Entity('posted_plan')
export class PostedPlanEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('json') input: PlanInput;
  @Column('json') plan: Plan;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** A step that was done; for a coat also what was laid, and in what air. */
@Entity('work_log')
export class WorkLogEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'surface_id' }) surfaceId: string;
  @Column('varchar', { length: 40, name: 'step_id' }) stepId: string;
  @Column('varchar', { length: 20, name: 'step_kind' }) stepKind: string;
  @Column('varchar', { length: 80, name: 'product_id', nullable: true }) productId: string | null;
  @Column('varchar', { length: 80, nullable: true }) batch: string | null;
  @Column('datetime', { precision: 3, name: 'started_at' }) startedAt: Date;
  @Column('datetime', { precision: 3, name: 'ended_at' }) endedAt: Date;
  @Column('double', { name: 'temperature_c', nullable: true }) temperatureC: number | null;
  @Column('double', { name: 'relative_humidity_pct', nullable: true }) relativeHumidityPct: number | null;
  @Column('double', { name: 'wet_film_um', nullable: true }) wetFilmUm: number | null;
  @Column('double', { nullable: true }) litres: number | null;
  @Column('varchar', { length: 20, nullable: true }) method: Method | null;
  @Column('double', { name: 'surface_c', nullable: true }) surfaceC: number | null;
  /** Who lent a hand, by name. */
  @Column('varchar', { length: 120, nullable: true }) helper: string | null;
  @Column('varchar', { length: 1000 }) note: string;
  /** Why another product than the system's was laid. */
  @Column('varchar', { length: 400, nullable: true }) instead: string | null;
  /** The log that this one puts right; withdrawn, the step was not done at all. */
  @Column('char', { length: 36, nullable: true }) corrects: string | null;
  @Column('boolean') withdrawn: boolean;
  @Column('datetime', { precision: 3, name: 'written_at', nullable: true }) writtenAt: Date | null;
  /** What the usual rates say of it: what the firm's own pace is learned against. */
  @Column('int', { name: 'usual_min', nullable: true }) usualMin: number | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
}

@Entity('air_reading')
export class AirReadingEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'room_id' }) roomId: string;
  @Column('double', { name: 'temperature_c' }) temperatureC: number;
  @Column('double', { name: 'relative_humidity_pct' }) relativeHumidityPct: number;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** Hourly readings of a room from a file; the newest stands. */
@Entity('air_series')
export class AirSeriesEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'job_id' }) jobId: string;
  @Column('char', { length: 36, name: 'room_id' }) roomId: string;
  @Column('json') readings: Readings;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

@Entity('ledger_entry')
export class LedgerEntryEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('char', { length: 36, name: 'job_id' }) jobId: string;
  @PrimaryColumn('int') seq: number;
  @Column('varchar', { length: 60 }) kind: string;
  @Column('char', { length: 36, nullable: true }) subject: string | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  /** ISO 8601 text, as it was hashed. */
  @Column('varchar', { length: 40 }) at: string;
  @Column('varchar', { length: 40, name: 'recorded_at' }) recordedAt: string;
  @Column('json') payload: unknown;
  @Column('char', { length: 64, name: 'previous_hash' }) previousHash: string;
  @Column('char', { length: 64 }) hash: string;
}
