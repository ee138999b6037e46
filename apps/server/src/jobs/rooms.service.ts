import { Injectable } from '@nestjs/common';
import { areaOfMeasure, measureFault, type Measure } from '@rustic/core';
import { RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standing, standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { nameColour } from './nameColour.ts';
import type {
  CampaignBody,
  OrderBody,
  RoomBody,
  RoomChange,
  SurfaceBody,
  SurfaceChange,
  WholeRoomBody,
} from './jobs.dto.ts';

const refused = (path: string, message: string) => refusedWith([{ path, message }]);

/** A measured face gives its own area; what was typed beside it gives way. */
function measured(facts: SurfaceEntity['facts'], measure: Measure | null | undefined): SurfaceEntity['facts'] {
  if (!measure) return facts;
  const fault = measureFault(measure);
  if (fault) throw refused('measure', fault);
  return { ...facts, areaM2: areaOfMeasure(measure) };
}

/** Rooms, elevations and surfaces, as the walk-round writes them. */
@Injectable()
export class Rooms {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async addRoom(who: Who, jobId: string, body: RoomBody): Promise<RoomEntity> {
    return this.writes.run(who, (scope) => this.noteRoom(scope, jobId, body));
  }

  async addSurface(who: Who, jobId: string, body: SurfaceBody): Promise<SurfaceEntity> {
    const facts = measured(body.facts, body.measure);
    return this.writes.run(who, (scope) => this.noteSurface(scope, jobId, body, facts));
  }

  /** A room and all its surfaces: all of them stand, or none. */
  async addWholeRoom(who: Who, jobId: string, body: WholeRoomBody): Promise<{ room: RoomEntity; surfaces: number }> {
    const read = body.surfaces.map((surface, i) => {
      if (surface.roomId !== body.room.id) throw refused(`surfaces[${i}].roomId`, 'must be the room that is added');
      return { surface, facts: measured(surface.facts, surface.measure) };
    });
    return this.writes.run(who, async (scope) => {
      const room = await this.noteRoom(scope, jobId, body.room);
      for (const { surface, facts } of read) await this.noteSurface(scope, jobId, surface, facts);
      return { room, surfaces: read.length };
    });
  }

  private async noteRoom(scope: FirmScope, jobId: string, body: RoomBody): Promise<RoomEntity> {
    await this.ledger.hold(scope, jobId);
    const position = (await scope.find(RoomEntity, { jobId })).length;
    const room = await scope.add(RoomEntity, {
      id: body.id,
      jobId,
      name: body.name,
      position,
      noDustWhileWet: true,
      backBy: null,
      kind: body.kind ?? 'room',
      facing: body.facing ?? null,
      sketch: body.sketch ?? null,
      fumesOutBy: null,
      maxNightsOut: null,
      airFrom: 'reading',
      withdrawn: null,
    });
    await this.ledger.append(scope, {
      jobId,
      kind: 'room-added',
      subject: room.id,
      at: scope.who.now,
      payload: { ...body },
    });
    return { ...room, version: 1 };
  }

  private async noteSurface(
    scope: FirmScope,
    jobId: string,
    body: SurfaceBody,
    facts: SurfaceEntity['facts'],
  ): Promise<SurfaceEntity> {
    await this.ledger.hold(scope, jobId);
    const room = await standing(scope, RoomEntity, body.roomId, 'room');
    if (room.jobId !== jobId) await scope.one(RoomEntity, '', 'room');
    await nameColour(scope, jobId, body.colourNamed);
    const position = (await scope.find(SurfaceEntity, { jobId })).length;
    const surface = await scope.add(SurfaceEntity, {
      id: body.id,
      jobId,
      roomId: body.roomId,
      name: body.name,
      campaign: body.campaign ?? null,
      facts,
      wanted: { ...body.wanted },
      position,
      measure: body.measure ?? null,
      exclusions: [],
      colourParts: null,
      houseRules: {},
      access: body.access ?? 'floor',
      withdrawn: null,
    });
    await this.ledger.append(scope, {
      jobId,
      kind: 'surface-added',
      subject: surface.id,
      at: scope.who.now,
      payload: { ...body },
    });
    return { ...surface, version: 1 };
  }

  async changeRoom(who: Who, roomId: string, body: RoomChange) {
    return this.writes.run(who, async (scope) => {
      const room = await standing(scope, RoomEntity, roomId, 'room');
      await this.ledger.hold(scope, room.jobId);
      const { id: _id, version: _version, ...change } = body;
      const saved = await scope.change(RoomEntity, room, body, change);
      await this.ledger.append(scope, {
        jobId: room.jobId,
        kind: 'room-changed',
        subject: roomId,
        at: who.now,
        payload: change,
      });
      return saved;
    });
  }

  async changeSurface(who: Who, surfaceId: string, body: SurfaceChange) {
    const asked = body.facts ? measured(body.facts, body.measure) : null;
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      const { id: _id, version: _version, colourNamed, ...said } = body;
      await nameColour(scope, surface.jobId, colourNamed);
      const change = { ...said, ...(asked ? { facts: asked } : {}) };
      const saved = await scope.change(SurfaceEntity, surface, body, change);
      const { exclusions } = change;
      const happened = { jobId: surface.jobId, subject: surfaceId, at: who.now };
      await this.ledger.append(
        scope,
        exclusions
          ? { ...happened, kind: 'exclusions-changed', payload: { ...change, exclusions } }
          : { ...happened, kind: 'surface-changed', payload: change },
      );
      return saved;
    });
  }

  /** Puts rooms and surfaces in this order; surfaces may change their room. Those not named keep theirs. */
  async order(who: Who, jobId: string, body: OrderBody): Promise<{ moved: number }> {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const rooms = new Map((await scope.find(RoomEntity, { jobId })).map((r) => [r.id, r]));
      const surfaces = new Map((await scope.find(SurfaceEntity, { jobId })).map((s) => [s.id, s]));
      let moved = 0;
      for (const [position, id] of body.rooms.entries()) {
        const room = rooms.get(id) ?? (await scope.one(RoomEntity, '', 'room'));
        if (room.position !== position) moved += 1;
        await scope.set(RoomEntity, room, { position });
      }
      for (const [position, { id, roomId }] of body.surfaces.entries()) {
        const surface = surfaces.get(id) ?? (await scope.one(SurfaceEntity, '', 'surface'));
        if (!rooms.has(roomId)) await scope.one(RoomEntity, '', 'room');
        if (surface.position !== position || surface.roomId !== roomId) moved += 1;
        await scope.set(SurfaceEntity, surface, { position, roomId });
      }
      await this.ledger.append(scope, {
        jobId,
        kind: 'order-changed',
        subject: null,
        at: who.now,
        payload: { ...body },
      });
      return { moved };
    });
  }

  /** Surfaces join a campaign, or, with no name, the campaign they share is broken. Answers how they stood, for undo. */
  async campaign(
    who: Who,
    jobId: string,
    body: CampaignBody,
  ): Promise<{ before: { id: string; campaign: string | null }[] }> {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const all = new Map((await scope.find(SurfaceEntity, { jobId })).map((s) => [s.id, s]));
      const before: { id: string; campaign: string | null }[] = [];
      for (const id of body.surfaceIds) {
        const surface = all.get(id) ?? (await scope.one(SurfaceEntity, '', 'surface'));
        before.push({ id, campaign: surface.campaign });
        await scope.set(SurfaceEntity, surface, { campaign: body.name ?? null });
      }
      const happened = { jobId, subject: null, at: who.now, payload: { ...body, before } };
      await this.ledger.append(scope, { ...happened, kind: body.name ? 'campaign-joined' : 'campaign-broken' });
      return { before };
    });
  }
}
