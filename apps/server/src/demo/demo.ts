import { randomBytes } from 'node:crypto';
import { Injectable, Logger } from '@nestjs/common';
import { armOf, familyArm, isCoat, jointOf, unfold, wholeElevation, type RoomSketch } from '@rustic/core';
import { DateTime } from 'luxon';
import { DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { FirmEntity, PersonEntity } from '../record/firmEntities.ts';
import { JobEntity, RoomEntity } from '../record/jobEntities.ts';
import { TrialEntity } from '../record/trialEntities.ts';
import { ENTITIES } from '../record/tables.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { ClientLinks } from '../documents/clientLinks.ts';
import { Clients } from '../documents/clients.ts';
import { Quotes } from '../documents/quotes.ts';
import { Visits } from '../aftercare/visits.ts';
import { Punch } from '../punch/punch.ts';
import { workOn } from '../reading/houseReading.ts';
import { readJob } from '../reading/jobRecords.ts';
import { Jobs } from '../jobs/jobs.service.ts';
import { Rooms } from '../jobs/rooms.service.ts';
import { hashPassword } from '../people/passwords.ts';
import { Plans } from '../plans/plans.ts';
import { Shelf } from '../shelf/shelf.service.ts';
import { Trials } from '../trials/trials.service.ts';
import { DamageMarks } from '../walkround/damage.ts';
import { Joints } from '../walkround/joints.ts';
import { Walkround } from '../walkround/walkround.ts';
import { Handover } from '../work/handover.ts';
import { Work } from '../work/work.ts';
import { Writes } from '../record/writes.service.ts';
import { DEMO_FIRM, DEMO_PASSWORD, DEMO_PEOPLE } from './firm.ts';
import { ColourCards } from '../colours/colourCards.ts';
import { Parts } from '../colours/parts.ts';
import { chipOf, demoCards, type DemoCard } from './colours.ts';
import { DEMO_NOTES, DEMO_TINS } from './shelf.ts';
import { EARLIER_JOBS } from './earlier.ts';
import type { DemoJob, DemoRoom, DemoSurface, DemoTrial } from './demoJob.ts';
import { DEMO_JOBS } from './jobs.ts';

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;

/** A demo that is lent: to whom, under which addresses, behind which password. */
interface Lent {
  lentTo: string;
  domain: string;
  password: string;
}

/** Loads the demo through the same services that people use, so that its ledger is a real one. */
@Injectable()
export class Demo {
  private readonly log = new Logger('demo');

  constructor(
    private readonly database: DataSource,
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly jobs: Jobs,
    private readonly rooms: Rooms,
    private readonly walkround: Walkround,
    private readonly work: Work,
    private readonly handover: Handover,
    private readonly trials: Trials,
    private readonly plans: Plans,
    private readonly shelf: Shelf,
    private readonly quotes: Quotes,
    private readonly links: ClientLinks,
    private readonly clients: Clients,
    private readonly punch: Punch,
    private readonly visits: Visits,
    private readonly colourCards: ColourCards,
    private readonly parts: Parts,
    private readonly damage: DamageMarks,
    private readonly joints: Joints,
  ) {}

  /** Read when the demo is loaded: a server without one has no need of them. */
  private cards: readonly DemoCard[] = [];

  /** Loads the demo where there is no firm yet. */
  async loadOnce(now: Date): Promise<void> {
    if ((await this.database.manager.count(FirmEntity)) > 0) return;
    await this.load(now);
  }

  /** Empties every table and loads the demo again. */
  async reset(now: Date): Promise<void> {
    for (const entity of ENTITIES) await this.database.manager.createQueryBuilder().delete().from(entity).execute();
    await this.load(now);
  }

  /** A demo firm for somebody to look round in: nobody signs in to it, whoever it is lent to is let in. */
  async lend(personId: string, now: Date): Promise<string> {
    return this.load(now, { lentTo: personId, domain: `demo-${personId}.example`, password: randomBytes(24).toString('base64url') });
  }

  private async load(now: Date, lent: Lent | null = null): Promise<string> {
    this.cards = demoCards();
    const firmId = uuid();
    const blank = { houseRules: {}, terms: {}, weights: {}, pricing: {}, retention: {}, held: null };
    await this.database.manager.insert(FirmEntity, { ...blank, ...DEMO_FIRM, id: firmId, lentTo: lent?.lentTo ?? null } as never);
    const passwordHash = await hashPassword(lent?.password ?? DEMO_PASSWORD);
    const people = DEMO_PEOPLE.map((p) => ({
      ...p,
      email: lent ? `${p.email.split('@')[0]}@${lent.domain}` : p.email,
      skills: [...p.skills],
      hours: p.hours && { ...p.hours, days: [...p.hours.days] },
      id: uuid(),
      firmId,
      passwordHash,
      leftAt: null,
    }));
    for (const person of people) await this.database.manager.insert(PersonEntity, person);
    const owner = people[0]!;
    const who: Who = { firmId, personId: owner.id, name: owner.name, now, write: null };
    await this.loadShelf(who);
    const loaded: [DemoJob, string][] = [];
    for (const job of [...DEMO_JOBS, ...EARLIER_JOBS]) loaded.push([job, await this.loadJob(who, job, people)]);
    // Posted anew in the light of all that was laid, as a lead painter does each morning.
    for (const [job, id] of loaded) if (job.post) await this.plans.post(who, id, { id: uuid(), afresh: true });
    this.log.log(`demo loaded: ${loaded.length} jobs`);
    return firmId;
  }

  /** What stands in the van, and what the firm has found out about its products. */
  private async loadShelf(who: Who): Promise<void> {
    for (const { daysOpen, ...tin } of DEMO_TINS)
      await this.shelf.addTin(who, {
        ...tin,
        id: uuid(),
        openedAt: daysOpen === null ? null : new Date(who.now.getTime() - daysOpen * DAY_MS).toISOString(),
      });
    for (const card of this.cards) {
      const id = uuid();
      await this.colourCards.keep(who, id, { ...card, id, version: null, kept: true });
    }
    for (const { productId, ...note } of DEMO_NOTES) await this.shelf.addNote(who, productId, { ...note, id: uuid() });
  }

  private startOf(job: DemoJob, now: Date): Date {
    const today = DateTime.fromJSDate(now, { zone: DEMO_FIRM.timeZone }).startOf('day').set({ hour: 8 });
    const day = job.starts === 'next-monday' ? today.plus({ days: 8 - today.weekday }) : today.plus({ days: job.starts });
    return day.toJSDate();
  }

  private async loadJob(who: Who, demo: DemoJob, people: readonly { id: string; initials: string }[]): Promise<string> {
    const startsAt = this.startOf(demo, who.now);
    const walked: Who = { ...who, now: new Date(Math.min(startsAt.getTime(), who.now.getTime()) - 6 * DAY_MS) };
    const jobId = uuid();
    await this.jobs.add(walked, {
      id: jobId,
      title: demo.title,
      place: demo.place,
      builtYear: demo.builtYear,
      note: demo.note,
      startsAt: startsAt.toISOString(),
    });
    const about = {
      status: demo.status,
      temperatureC: demo.temperatureC,
      relativeHumidityPct: demo.relativeHumidityPct,
      client: demo.client,
      property: demo.mapPlace ? { mapPlace: demo.mapPlace } : {},
      crewIds: people.filter((p) => demo.crew.includes(p.initials)).map((p) => p.id),
    };
    await this.tell(walked, jobId, 'job-changed', (scope) => scope.set(JobEntity, { id: jobId }, about));
    const laid: [DemoSurface, string][] = [];
    for (const room of demo.rooms) {
      const roomId = uuid();
      await this.rooms.addRoom(walked, jobId, {
        id: roomId,
        name: room.name,
        kind: room.facing ? 'elevation' : 'room',
        facing: room.facing ?? null,
        sketch: sketchOf(room),
      });
      const asked = { ...(room.backBy ? { backBy: room.backBy } : {}), airFrom: room.airFrom ?? (room.facing ? 'station' : 'reading') } as const;
      await this.tell(walked, jobId, 'room-changed', (scope) => scope.set(RoomEntity, { id: roomId, jobId } as RoomEntity, asked));
      for (const surface of room.surfaces) laid.push([surface, await this.loadSurface(walked, jobId, roomId, surface)]);
    }
    if (demo.trial) await this.loadTrial(who, jobId, demo.trial, laid);
    await this.quote(walked, jobId, demo);
    if (demo.post)
      await this.plans.post({ ...walked, now: new Date(Math.min(startsAt.getTime(), who.now.getTime())) }, jobId, {
        id: uuid(),
      });
    for (const [surface, id] of laid) if (surface.laid) await this.lay(who, jobId, id, surface.laid);
    await this.handOver(
      who,
      jobId,
      demo,
      laid.map(([surface]) => surface),
    );
    for (const [surface, surfaceId] of laid)
      for (const fault of surface.faults ?? []) await this.punch.mark(who, jobId, { id: uuid(), surfaceId, ...fault, at: who.now.toISOString() });
    for (const [{ walkedDaysAgo }, surfaceId] of laid) {
      if (!walkedDaysAgo) continue;
      const then = new Date(who.now.getTime() - walkedDaysAgo * DAY_MS);
      const look = { id: uuid(), subject: surfaceId, code: 'wet-season', holds: true, at: then.toISOString() };
      await this.visits.look({ ...who, now: then }, jobId, look);
    }
    return jobId;
  }

  /** A job of which everything is laid was handed over two hours after its last coat. */
  private async handOver(who: Who, jobId: string, demo: DemoJob, surfaces: readonly DemoSurface[]): Promise<void> {
    const ended = surfaces.map((s) => (s.laid?.coats === 'all' ? s.laid.lastEndedMinAgo : null));
    if (ended.length === 0 || ended.includes(null)) return;
    const now = new Date(who.now.getTime() - (Math.min(...ended.map(Number)) - 120) * MINUTE_MS);
    const said = { id: uuid(), at: now.toISOString(), withWhom: demo.client || 'the client', note: 'Walked in daylight.' };
    await this.handover.handOver({ ...who, now }, jobId, said);
  }

  /** Something that nobody does on a page, written with its entry all the same. */
  private tell(who: Who, jobId: string, kind: 'job-changed' | 'room-changed', act: (scope: FirmScope) => Promise<void>): Promise<void> {
    return this.writes.run(who, async (scope) => {
      await act(scope);
      await this.ledger.append(scope, { jobId, kind, subject: null, at: who.now, payload: {} });
    });
  }

  private async loadSurface(who: Who, jobId: string, roomId: string, surface: DemoSurface): Promise<string> {
    const id = uuid();
    await this.rooms.addSurface(who, jobId, {
      id,
      roomId,
      name: surface.name,
      campaign: surface.campaign ?? null,
      facts: surface.facts as never,
      wanted: (surface.wanted ?? {}) as never,
      colourNamed: chipOf(this.cards, surface.wanted?.colour),
      ...(surface.access ? { access: surface.access } : {}),
    });
    if (surface.leftOut)
      await this.rooms.changeSurface(who, id, {
        id: uuid(),
        version: 1,
        exclusions: surface.leftOut.map((e) => ({ ...e, id: uuid() })),
      });
    if (surface.colourParts) await this.parts.keep(who, id, { id: uuid(), version: 1, colourParts: surface.colourParts });
    for (const { what, there = true, x, y } of surface.damage ?? [])
      await this.damage.mark(who, id, { id: uuid(), what, there, place: { wall: 0, x, y }, at: who.now.toISOString() });
    for (const { line = null, ...said } of surface.joints ?? [])
      await this.joints.draw(who, roomId, {
        ...jointOf(said),
        id: uuid(),
        surfaceId: id,
        line,
        lengthM: line ? null : said.lengthM,
        note: '',
        at: who.now.toISOString(),
      });
    for (const [i, test] of (surface.tests ?? []).entries()) {
      await this.walkround.record({ ...who, now: new Date(who.now.getTime() + i * 4 * MINUTE_MS) }, id, {
        id: uuid(),
        test: test as never,
        at: new Date(who.now.getTime() + i * 4 * MINUTE_MS).toISOString(),
      });
    }
    return id;
  }

  /** Every job was quoted; those that are planned or begun were agreed by their client a day later. */
  private async quote(walked: Who, jobId: string, demo: DemoJob): Promise<void> {
    const scope = this.writes.reading(walked);
    const records = await readJob(scope, jobId);
    const { seen } = await this.quotes.standing(scope, records);
    const sent = uuid();
    await this.quotes.send(walked, jobId, { id: sent, seen, token: randomBytes(32).toString('base64url') });
    const link = await this.links.current(scope, jobId);
    if (demo.status === 'quoted' || !link) return;
    const agreed = new Date(walked.now.getTime() + DAY_MS);
    await this.clients.agree(link, { id: uuid(), documentId: sent, name: demo.client, options: [] }, agreed, null);
  }

  /** A board laid some days ago and looked at once, as somebody at the house would have written it down. */
  private async loadTrial(who: Who, jobId: string, trial: DemoTrial, surfaces: [DemoSurface, string][]): Promise<void> {
    const daysAgo = (days: number, hours = 0) => new Date(who.now.getTime() - days * DAY_MS + hours * 3_600_000);
    const at = (when: Date): Who => ({ ...who, now: when });
    const trialId = uuid();
    await this.trials.design(at(daysAgo(trial.laidDaysAgo + 1)), jobId, {
      id: trialId,
      title: trial.title,
      place: trial.place,
      surfaceId: surfaces.find(([s]) => s.name === trial.surface)![1],
      design: {
        preparations: trial.preparations.map(armOf),
        primers: trial.primers.map((f) => familyArm(f)),
        topcoats: trial.topcoats.map((f) => familyArm(f)),
        leftOut: [],
        replicates: 2,
        seed: 1987,
      },
    });
    for (const [kind, hours] of [
      ['primed', 0],
      ['topcoated', 5],
    ] as const) {
      const when = daysAgo(trial.laidDaysAgo, hours);
      await this.trials.lay(at(when), trialId, { id: uuid(), kind, at: when.toISOString() });
    }
    const board = await this.writes.reading(who).one(TrialEntity, trialId, 'trial');
    const looked = daysAgo(trial.laidDaysAgo - 3, -4);
    for (const cell of board.cells) {
      const primer = cell.primer === null ? null : trial.primers[cell.primer]!;
      const result = primer ? trial.looked[primer] : trial.untreated;
      if (!result) continue;
      await this.trials.look(at(looked), trialId, {
        id: uuid(),
        cell: cell.id,
        part: 'cell',
        test: { kind: 'nail-scratch', result: cell.preparation === 0 && result === 'holds' ? 'marks' : result },
        at: looked.toISOString(),
      });
    }
  }

  /** Logs the first coats of a surface, the last of them ending when the demo says, a day between them where it says no more. */
  private async lay(who: Who, jobId: string, surfaceId: string, laid: NonNullable<DemoSurface['laid']>): Promise<void> {
    const records = await readJob(this.writes.reading(who), jobId);
    const surface = records.surfaces.find((s) => s.id === surfaceId)!;
    const { work } = workOn(records, surface);
    const coats = work.filter((w) => isCoat(w.plan.kind)).slice(0, laid.coats === 'all' ? undefined : laid.coats);
    const lastEnd = who.now.getTime() - laid.lastEndedMinAgo * MINUTE_MS;
    const endOf = (coat: number) => lastEnd - (coats.length - 1 - coat) * (laid.daysBetween ?? 1) * DAY_MS;
    const before = work.slice(0, laid.prepared ? work.findIndex((w) => isCoat(w.plan.kind)) : 0);
    for (const [i, { plan }] of before.entries()) {
      const start = endOf(0) - (before.length + 1 - i) * DAY_MS;
      await this.work.log({ ...who, now: new Date(start + plan.minutes * MINUTE_MS) }, jobId, {
        id: uuid(),
        surfaceId,
        stepId: plan.id,
        startedAt: new Date(start).toISOString(),
        endedAt: new Date(start + plan.minutes * MINUTE_MS).toISOString(),
        handsOnMin: plan.minutes,
      });
    }
    for (const [i, coat] of coats.entries()) {
      const end = new Date(endOf(i));
      const start = new Date(end.getTime() - coat.plan.minutes * MINUTE_MS);
      await this.work.log({ ...who, now: end }, jobId, {
        id: uuid(),
        surfaceId,
        stepId: coat.plan.id,
        startedAt: start.toISOString(),
        endedAt: end.toISOString(),
        handsOnMin: coat.plan.minutes,
        productId: coat.product!.id,
        batch: `${coat.product!.maker[0]}${2600 + ((i * 37 + coat.product!.name.length * 11) % 300)}`,
        temperatureC: laid.temperatureC,
        relativeHumidityPct: laid.relativeHumidityPct,
      });
    }
  }
}

/** The walls of a demo room unfolded, or the face of its elevation. */
function sketchOf({ size, facing }: DemoRoom): RoomSketch | null {
  if (!size) return null;
  if (!facing) return unfold(size);
  return wholeElevation({ ...size, face: null, timber: 'softwood', exposure: 'exterior-exposed' }).sketch;
}
