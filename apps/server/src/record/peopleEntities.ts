import type { Role } from '@rustic/core';
import { Column, Entity } from 'typeorm';
import { FirmOwned } from './firmOwned.ts';

/** Somebody asked to join: a link that runs out. Only the hash of its token is kept. */
@Entity('invitation')
export class InvitationEntity extends FirmOwned {
  @Column('varchar', { length: 160 }) email: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { length: 4 }) initials: string;
  @Column('varchar', { length: 12 }) role: Role;
  @Column('char', { length: 64, name: 'token_hash' }) tokenHash: string;
  @Column('datetime', { precision: 3, name: 'expires_at' }) expiresAt: Date;
  @Column('datetime', { precision: 3, name: 'taken_at', nullable: true }) takenAt: Date | null;
  @Column('datetime', { precision: 3, name: 'withdrawn_at', nullable: true }) withdrawnAt: Date | null;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** What happened to the ways into the firm's record: who signed in, who was asked, whose part changed. */
export type AccessKind =
  | 'signed-in'
  | 'sign-in-refused'
  | 'locked-out'
  | 'signed-out'
  | 'signed-out-everywhere'
  | 'password-changed'
  | 'password-recovered'
  | 'second-lock-closed'
  | 'second-lock-opened'
  | 'invited'
  | 'invitation-withdrawn'
  | 'joined'
  | 'role-changed'
  | 'left'
  | 'exported'
  | 'imported';

@Entity('access_note')
export class AccessNoteEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'person_id', nullable: true }) personId: string | null;
  @Column('varchar', { length: 30 }) kind: AccessKind;
  @Column('varchar', { length: 300 }) detail: string;
  @Column('varchar', { length: 120, name: 'by_name' }) byName: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
