import { ConflictException, Injectable, NotFoundException, UnauthorizedException } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import { CalendarFeedEntity } from '../database/calendarEntities.ts';
import { FirmEntity, PersonEntity, SessionEntity } from '../database/entities.ts';
import { InvitationEntity } from '../database/peopleEntities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { Writes } from '../writes/writes.service.ts';
import { Access } from './access.ts';
import { hashPassword, passwordFits } from './passwords.ts';
import { People, type Session } from './people.service.ts';
import type { InvitationBody, JoinBody, PasswordBody, PersonChange, PlanningBody } from './staff.dto.ts';
import { digest, TOKEN } from './tokens.ts';

const INVITED_DAYS = 7;
const DAY_MS = 86_400_000;

const noInvitation = () =>
  new NotFoundException({
    code: 'not-found',
    message: 'This invitation is not open: it ran out, was taken, or was withdrawn. Ask for a new one.',
  });

/** The people of a firm: who they are, what part they have, and how they come and go. */
@Injectable()
export class Staff {
  constructor(
    private readonly writes: Writes,
    private readonly database: DataSource,
    private readonly people: People,
    private readonly access: Access,
  ) {}

  /** Everybody who is there, who was asked, and what a visit costs; the notes of access for the owner alone. */
  async all(who: Who, isOwner: boolean): Promise<unknown> {
    const scope = this.writes.reading(who);
    const people = await scope.find(PersonEntity, {}, { name: 'ASC' });
    const sessions = await scope.manager.find(SessionEntity, { where: { personId: In(people.map((p) => p.id)) } });
    const open = await scope.find(InvitationEntity, { takenAt: IsNull(), withdrawnAt: IsNull() }, { at: 'ASC' });
    const { planning } = await scope.manager.findOneByOrFail(FirmEntity, { id: who.firmId });
    return {
      people: people
        .filter((p) => p.leftAt === null)
        .map((p) => ({
          id: p.id,
          name: p.name,
          initials: p.initials,
          role: p.role,
          hours: p.hours,
          skills: p.skills,
          ...(isOwner || p.id === who.personId
            ? {
                email: p.email,
                sessions: sessions.filter((s) => s.personId === p.id && s.expiresAt > who.now).length,
              }
            : {}),
        })),
      planning,
      ...(isOwner
        ? {
            invitations: open
              .filter((i) => i.expiresAt > who.now)
              .map(({ id, email, name, role, expiresAt }) => ({ id, email, name, role, expiresAt })),
            access: (await this.access.newest(scope)).map(({ id, kind, detail, byName, at }) => ({
              id,
              kind,
              detail,
              byName,
              at,
            })),
          }
        : {}),
    };
  }

  async invite(who: Who, body: InvitationBody): Promise<unknown> {
    const email = body.email.trim().toLowerCase();
    return this.writes.once(who, body.id, body, async (scope) => {
      if (await scope.manager.findOneBy(PersonEntity, { email }))
        throw refusedWith([{ path: 'email', message: 'has an account already' }]);
      const expiresAt = new Date(who.now.getTime() + INVITED_DAYS * DAY_MS);
      const { id, name, initials, role, token } = body;
      await scope.add(InvitationEntity, {
        id,
        email,
        name,
        initials: initials.toUpperCase(),
        role,
        tokenHash: digest(token),
        expiresAt,
        takenAt: null,
        withdrawnAt: null,
        byName: who.name,
        at: who.now,
      });
      await this.noted(scope, 'invited', `${name}, ${role}`);
      return { id, expiresAt };
    });
  }

  async withdraw(who: Who, invitationId: string, writeId: string): Promise<unknown> {
    return this.writes.once(who, writeId, { invitationId }, async (scope) => {
      const invitation = await scope.one(InvitationEntity, invitationId, 'invitation');
      await scope.manager.save(InvitationEntity, { ...invitation, withdrawnAt: who.now });
      await this.noted(scope, 'invitation-withdrawn', invitation.name);
      return { withdrawn: true };
    });
  }

  private async openInvitation(token: string, now: Date): Promise<InvitationEntity> {
    if (!TOKEN.test(token)) throw noInvitation();
    const found = await this.database.manager.findOneBy(InvitationEntity, { tokenHash: digest(token) });
    if (!found || found.takenAt || found.withdrawnAt || found.expiresAt <= now) throw noInvitation();
    return found;
  }

  /** What stands on an invitation, for whoever holds its link. */
  async invitation(token: string, now: Date): Promise<unknown> {
    const { firmId, name, email, role, byName } = await this.openInvitation(token, now);
    const firm = await this.database.manager.findOneByOrFail(FirmEntity, { id: firmId });
    return { firm: firm.name, name, email, role, byName };
  }

  /** Takes an invitation: the person is there, and signed in. A link opens once. */
  async join(token: string, body: JoinBody, now: Date): Promise<Session> {
    const invitation = await this.openInvitation(token, now);
    const { firmId, name, initials, email, role } = invitation;
    const passwordHash = await hashPassword(body.password);
    const person = {
      id: body.id,
      firmId,
      name,
      initials,
      email,
      role,
      passwordHash,
      hours: null,
      skills: [],
      leftAt: null,
    };
    return this.database.transaction(async (manager) => {
      const taken = await manager.update(InvitationEntity, { id: invitation.id, takenAt: IsNull() }, { takenAt: now });
      if (taken.affected !== 1) throw noInvitation();
      await manager.insert(PersonEntity, person);
      await this.access.note(manager, {
        firmId,
        personId: person.id,
        kind: 'joined',
        detail: role,
        byName: name,
        at: now,
      });
      return this.people.open(manager, person.id, now);
    });
  }

  /** A new password closes every session but the one it was changed in. */
  async changePassword(who: Who, body: PasswordBody, keep: string | undefined): Promise<unknown> {
    const person = await this.writes.reading(who).one(PersonEntity, who.personId, 'person');
    if (!(await passwordFits(person.passwordHash, body.before)))
      throw new UnauthorizedException({
        code: 'not-known',
        message: 'That is not your password of now. Nothing was changed.',
      });
    const passwordHash = await hashPassword(body.after);
    // Neither password is part of what is kept of the request.
    return this.writes.once(who, body.id, { id: body.id }, async (scope) => {
      await scope.manager.update(PersonEntity, { id: person.id, firmId: who.firmId }, { passwordHash });
      await this.closeSessions(scope, person.id, keep);
      await this.noted(scope, 'password-changed', '');
      return { changed: true };
    });
  }

  async signOutEverywhere(who: Who, personId: string, writeId: string): Promise<unknown> {
    return this.writes.once(who, writeId, { personId }, async (scope) => {
      const person = await scope.one(PersonEntity, personId, 'person');
      await this.closeSessions(scope, person.id, undefined);
      await this.noted(scope, 'signed-out-everywhere', person.name);
      return { closed: true };
    });
  }

  private async closeSessions({ manager }: FirmScope, personId: string, keep: string | undefined): Promise<void> {
    const sessions = await manager.findBy(SessionEntity, { personId });
    const kept = keep ? digest(keep) : null;
    for (const { tokenHash } of sessions) if (tokenHash !== kept) await manager.delete(SessionEntity, { tokenHash });
  }

  async change(who: Who, personId: string, body: PersonChange): Promise<unknown> {
    return this.writes.once(who, body.id, body, async (scope) => {
      const person = await scope.one(PersonEntity, personId, 'person');
      const { role, hours, skills } = body;
      if (hours && hours.from >= hours.to)
        throw refusedWith([{ path: 'hours.to', message: 'must be later than from' }]);
      if (role && role !== person.role) {
        if (person.role === 'owner') await this.anotherOwner(scope, person.id);
        await this.noted(scope, 'role-changed', `${person.name}: ${person.role} to ${role}`);
      }
      await scope.manager.update(PersonEntity, { id: personId, firmId: who.firmId }, {
        ...(role ? { role } : {}),
        ...(hours === undefined ? {} : { hours }),
        ...(skills ? { skills: [...new Set(skills.map((s) => s.trim()).filter(Boolean))] } : {}),
      } as never);
      return { changed: true };
    });
  }

  /** Somebody leaves the firm: what they wrote stays, their ways in are closed. */
  async leave(who: Who, personId: string, writeId: string): Promise<unknown> {
    return this.writes.once(who, writeId, { leave: personId }, async (scope) => {
      const person = await scope.one(PersonEntity, personId, 'person');
      if (person.role === 'owner') await this.anotherOwner(scope, person.id);
      await scope.manager.update(PersonEntity, { id: personId, firmId: who.firmId }, { leftAt: who.now });
      await this.closeSessions(scope, personId, undefined);
      await scope.manager.delete(CalendarFeedEntity, { personId, firmId: who.firmId });
      await this.noted(scope, 'left', person.name);
      return { left: true };
    });
  }

  /** A firm always has an owner: the rows are held, so that two who step down at once do not both. */
  private async anotherOwner({ manager, who }: FirmScope, personId: string): Promise<void> {
    const owners = await manager.find(PersonEntity, {
      where: { firmId: who.firmId, role: 'owner', leftAt: IsNull() },
      lock: { mode: 'pessimistic_write' },
    });
    if (owners.some((o) => o.id !== personId)) return;
    throw new ConflictException({
      code: 'last-owner',
      message: 'The firm would be without an owner. Make somebody else owner first; nothing was changed.',
    });
  }

  async setPlanning(who: Who, { id, ...planning }: PlanningBody): Promise<unknown> {
    return this.writes.once(who, id, planning, async ({ manager }) => {
      const firm = await manager.findOneByOrFail(FirmEntity, { id: who.firmId });
      const holidays = [...new Set(planning.holidays)].sort();
      const climate = planning.climate ?? firm.planning.climate;
      await manager.save(FirmEntity, { ...firm, planning: { ...planning, ...(climate ? { climate } : {}), holidays } });
      return { holidays };
    });
  }

  private async noted({ manager, who }: FirmScope, kind: Parameters<Access['note']>[1]['kind'], detail: string) {
    await this.access.note(manager, {
      firmId: who.firmId,
      personId: who.personId,
      kind,
      detail,
      byName: who.name,
      at: who.now,
    });
  }
}
