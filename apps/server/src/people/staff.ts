import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import { CalendarFeedEntity } from '../record/calendarEntities.ts';
import { FirmEntity, PersonEntity, SessionEntity } from '../record/firmEntities.ts';
import { InvitationEntity } from '../record/peopleEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import type { SentWrite } from '../record/sentWrite.ts';
import { Writes } from '../record/writes.service.ts';
import { Access } from './access.ts';
import { hashPassword, passwordFits, refuseWeak } from './passwords.ts';
import { People, type Session } from './people.service.ts';
import type { InvitationBody, JoinBody, PasswordBody, PersonChange, PlanningBody } from './staff.dto.ts';
import { isClosed } from './secondLock.ts';
import { steadyNow } from './steadyClock.ts';
import { digest, TOKEN } from './tokens.ts';

const INVITED_DAYS = 7;
const DAY_MS = 86_400_000;

const noInvitation = () =>
  new NotFoundException({
    code: 'not-found',
    message: 'This invitation is not open: it ran out, was taken, or was withdrawn. Ask for a new one.',
  });

const taken = () =>
  new ConflictException({
    code: 'joined',
    message: 'This invitation was taken already. Nothing was changed; the person can leave the firm.',
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
  async all(who: Who, isOwner: boolean) {
    const scope = this.writes.reading(who);
    const people = await scope.find(PersonEntity, {}, { name: 'ASC' });
    const sessions = await scope.manager.find(SessionEntity, { where: { personId: In(people.map((p) => p.id)) } });
    const open = await scope.find(InvitationEntity, { takenAt: IsNull(), withdrawnAt: IsNull() }, { at: 'ASC' });
    const { planning, version } = await scope.firm();
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
          version: p.version,
          ...(isOwner || p.id === who.personId
            ? {
                email: p.email,
                hasSecond: isClosed(p.secondLock),
                sessions: sessions.filter((s) => s.personId === p.id && s.expiresAt > who.now).length,
              }
            : {}),
        })),
      planning,
      version,
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

  async invite(who: Who, body: InvitationBody) {
    const email = body.email.trim().toLowerCase();
    return this.writes.run(who, async (scope) => {
      // Only of our own firm is it said whether somebody is there; of others nobody here learns.
      if (await scope.some(PersonEntity, { email, leftAt: IsNull() }))
        throw refusedWith([{ path: 'email', message: 'is of the firm already' }]);
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

  async withdraw(who: Who, invitationId: string) {
    return this.writes.run(who, async (scope) => {
      const invitation = await scope.one(InvitationEntity, invitationId, 'invitation');
      if (invitation.takenAt) throw taken();
      await scope.set(InvitationEntity, invitation, { withdrawnAt: who.now });
      await this.noted(scope, 'invitation-withdrawn', invitation.name);
      return { withdrawn: true };
    });
  }

  private async invitationOf(token: string): Promise<InvitationEntity> {
    if (!TOKEN.test(token)) throw noInvitation();
    const found = await this.database.manager.findOneBy(InvitationEntity, { tokenHash: digest(token) });
    if (!found) throw noInvitation();
    return found;
  }

  private async openInvitation(token: string, now: Date): Promise<InvitationEntity> {
    const found = await this.invitationOf(token);
    if (found.takenAt || found.withdrawnAt || found.expiresAt <= now) throw noInvitation();
    return found;
  }

  /** What stands on an invitation, for whoever holds its link. */
  async invitation(token: string, now: Date) {
    const { firmId, name, email, role, byName } = await this.openInvitation(token, now);
    const firm = await this.database.manager.findOneByOrFail(FirmEntity, { id: firmId });
    return { firm: firm.name, name, email, role, byName };
  }

  /**
   * Takes an invitation: the person is there, and signed in. A link opens once; the same act sent again opens another
   * session of the same person, who proves by the password to be the one who joined.
   */
  async join(token: string, body: JoinBody, now: Date, write: SentWrite | null): Promise<Session> {
    const invitation = await this.invitationOf(token);
    const who: Who = { firmId: invitation.firmId, personId: body.id, name: invitation.name, now, write };
    const isSentAgain = write !== null && (await this.writes.answered(who.firmId, write)) !== null;
    if (!isSentAgain) {
      await this.openInvitation(token, now);
      await refuseWeak(body.password, [invitation.name, invitation.email]);
      if (await this.people.opensElsewhere(invitation.email, body.password, steadyNow()))
        throw refusedWith([{ path: 'password', message: 'opens another firm’s door. Choose one for this firm.' }]);
    }
    const passwordHash = await hashPassword(body.password);
    const { personId } = await this.writes.run(who, (scope) => this.admit(scope, invitation, passwordHash));
    const person = await this.writes.reading(who).one(PersonEntity, personId, 'person');
    if (!(await passwordFits(person.passwordHash, body.password))) throw noInvitation();
    return this.people.open(this.database.manager, personId, steadyNow());
  }

  private async admit(scope: FirmScope, invitation: InvitationEntity, passwordHash: string) {
    const { manager, who } = scope;
    const open = { id: invitation.id, firmId: who.firmId, takenAt: IsNull(), withdrawnAt: IsNull() };
    const taken = await manager.update(InvitationEntity, open, { takenAt: who.now });
    if (taken.affected !== 1) throw noInvitation();
    const { name, initials, email, role } = invitation;
    const given = { name, initials, role, passwordHash, leftAt: null, secondLock: null };
    // Whoever was of the firm before is the same person again: what they wrote is theirs.
    const [before] = await scope.find(PersonEntity, { email });
    if (before?.leftAt === null) throw noInvitation();
    if (before) await scope.set(PersonEntity, before, given);
    else await scope.add(PersonEntity, { id: who.personId, email, hours: null, skills: [], ...given });
    await this.noted(scope, 'joined', role);
    return { personId: before?.id ?? who.personId };
  }

  /** A new password closes every session; the one it was changed in goes on as a new one. */
  async changePassword(who: Who, body: PasswordBody, address: string): Promise<Session> {
    const person = await this.writes.reading(who).one(PersonEntity, who.personId, 'person');
    await this.people.provePassword(person, body.before, address, steadyNow());
    await refuseWeak(body.after, [person.name, person.email], 'after');
    const passwordHash = await hashPassword(body.after);
    // Neither password is part of what is kept of the request.
    await this.writes.run(who, async (scope) => {
      await scope.set(PersonEntity, person, { passwordHash });
      await this.closeSessions(scope, person.id);
      await this.noted(scope, 'password-changed', '');
      return { changed: true };
    });
    return this.people.open(this.database.manager, person.id, steadyNow());
  }

  async signOutEverywhere(who: Who, personId: string) {
    return this.writes.run(who, async (scope) => {
      const person = await scope.one(PersonEntity, personId, 'person');
      await this.closeSessions(scope, person.id);
      await this.noted(scope, 'signed-out-everywhere', person.name);
      return { closed: true };
    });
  }

  private async closeSessions({ manager }: FirmScope, personId: string): Promise<void> {
    await manager.delete(SessionEntity, { personId });
  }

  async change(who: Who, personId: string, body: PersonChange) {
    return this.writes.run(who, async (scope) => {
      const person = await scope.one(PersonEntity, personId, 'person');
      const { role, hours, skills, version } = body;
      if (role && role !== person.role) {
        if (person.role === 'owner') await this.anotherOwner(scope, person.id);
        await this.noted(scope, 'role-changed', `${person.name}: ${person.role} to ${role}`);
      }
      const saved = await scope.change(
        PersonEntity,
        person,
        { ...body, version: version ?? person.version },
        {
          ...(role ? { role } : {}),
          ...(hours === undefined ? {} : { hours: hours as never }),
          ...(skills ? { skills: [...new Set(skills.map((s) => s.trim()).filter(Boolean))] } : {}),
        },
      );
      return { changed: true, version: saved.version };
    });
  }

  /** Somebody leaves the firm: what they wrote stays, their ways in are closed. */
  async leave(who: Who, personId: string) {
    return this.writes.run(who, async (scope) => {
      const person = await scope.one(PersonEntity, personId, 'person');
      if (person.role === 'owner') await this.anotherOwner(scope, person.id);
      await scope.set(PersonEntity, person, { leftAt: who.now });
      await this.closeSessions(scope, personId);
      await scope.manager.delete(CalendarFeedEntity, { personId, firmId: who.firmId });
      await this.noted(scope, 'left', person.name);
      return { left: true };
    });
  }

  /**
   * A firm always has an owner. Whoever gives the part up writes the firm's own mark first: of two who do it at once the
   * second waits, or on another machine of a cluster is tried again, and then finds the first gone.
   */
  private async anotherOwner({ manager, who }: FirmScope, personId: string): Promise<void> {
    await manager.increment(FirmEntity, { id: who.firmId }, 'ownersMark', 1);
    const owners = await manager.findBy(PersonEntity, { firmId: who.firmId, role: 'owner', leftAt: IsNull() });
    if (owners.some((o) => o.id !== personId)) return;
    throw new ConflictException({
      code: 'last-owner',
      message: 'The firm would be without an owner. Make somebody else owner first; nothing was changed.',
    });
  }

  async setPlanning(who: Who, { id: _id, version, ...planning }: PlanningBody) {
    return this.writes.run(who, async (scope) => {
      const firm = await scope.firm();
      const holidays = [...new Set(planning.holidays)].sort();
      const climate = planning.climate ?? firm.planning.climate;
      const changed = { planning: { ...planning, ...(climate ? { climate } : {}), holidays } };
      const saved = await scope.changeFirm({ ...changed, version: version ?? firm.version }, changed);
      return { holidays, version: saved.version };
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
