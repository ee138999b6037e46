import { Column, Entity, PrimaryColumn, VersionColumn } from 'typeorm';
import type {
  Coordinates,
  Held,
  Hemisphere,
  HouseRules,
  Letterhead,
  Planning,
  PriceSettings,
  Retention,
  Role,
  ShelfBeginning,
  Supplier,
  Terms,
  Weights,
} from '@rustic/core';
import { FirmOwned } from './firmOwned.ts';

@Entity('firm')
export class FirmEntity {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { length: 64, name: 'time_zone' }) timeZone: string;
  @Column('varchar', { length: 10 }) hemisphere: Hemisphere;
  @Column('char', { length: 3 }) currency: string;
  @Column('json', { name: 'house_rules' }) houseRules: Partial<HouseRules>;
  /** The firm's own words, where it says a thing otherwise. */
  @Column('json') terms: Partial<Terms>;
  /** What matters to it when ways are set against each other. */
  @Column('json') weights: Partial<Weights>;
  /** How it prices, where that is not the usual way. */
  @Column('json') pricing: Partial<PriceSettings>;
  /** What a visit costs beside the work, and the days on which nobody works. */
  @Column('json') planning: Partial<Planning>;
  /** How long it keeps what it need not keep for ever. */
  @Column('json') retention: Retention;
  @Column('json', { nullable: true }) held: HeldCount | null;
  /** What stands on its papers beside its name. */
  @Column('json') letterhead: Partial<Letterhead>;
  /** Where its van stands, where that is known. */
  @Column('json', { nullable: true }) yard: Coordinates | null;
  /** Its own picture on papers, as a PNG in a data address. Every request reads the firm, and only papers this. */
  @Column('mediumtext', { nullable: true, select: false }) logo: string | null;
  /** Where it buys. */
  @Column('json') suppliers: Supplier[];
  /** What its shelf begins with. */
  @Column('varchar', { length: 10, name: 'shelf_from', default: 'demo' }) shelfFrom: ShelfBeginning;
  /** A demo firm that somebody of another firm looks round in: who that is. */
  @Column('char', { length: 36, name: 'lent_to', nullable: true }) lentTo: string | null;
  /** Moved by whoever gives up the owner's part: two who do it at once meet here. */
  @Column('int', { name: 'owners_mark', default: 0 }) ownersMark: number;
  /** Its owners have to open a second lock beside their password. */
  @Column('boolean', { name: 'owners_second', default: false }) ownersSecond: boolean;
  @VersionColumn() version: number;
}

/** How the firm's own work has held, as far as it lets that count in the choice of systems; by whom and when it was let. */
export interface HeldCount extends Held {
  films: number;
  by: string;
  at: string;
}

/** A second lock beside the password: codes of a phone's application (TOTP, RFC 6238), and codes on paper for when it is lost. */
export interface SecondLock {
  /** Opened by a phone's figures; null: by none. */
  phone: PhoneLock | null;
  /** Opened by a key that a device keeps. */
  keys: Passkey[];
  /** Codes on paper that are left, hashed. */
  onPaper: string[];
}

export interface PhoneLock {
  /** Base 32, as the phone has it, sealed. */
  secret: string;
  /** Since when it opens; null while it is being set up. */
  since: string | null;
  /** The number of the last half minute whose code was taken: a code opens once. */
  lastStep: number;
}

/** A key that a device keeps and that only it can use (WebAuthn). */
export interface Passkey {
  id: string;
  /** COSE, in base64url. */
  publicKey: string;
  /** How often the device says that it was used. */
  counter: number;
  /** What its owner calls the device. */
  name: string;
  at: string;
}

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
  /** What has to be opened beside the password; null where nothing has. */
  @Column('json', { name: 'second_lock', nullable: true }) secondLock: SecondLock | null;
  @VersionColumn() version: number;
}

@Entity('session')
export class SessionEntity {
  /** SHA-256 of the cookie's token: the token itself is nowhere kept. */
  @PrimaryColumn('char', { length: 64, name: 'token_hash' }) tokenHash: string;
  @Column('char', { length: 36, name: 'person_id' }) personId: string;
  @Column('datetime', { precision: 3, name: 'made_at' }) madeAt: Date;
  @Column('datetime', { precision: 3, name: 'expires_at' }) expiresAt: Date;
  /** When it was last of use, to the quarter of an hour. */
  @Column('datetime', { precision: 3, name: 'used_at' }) usedAt: Date;
}

/** A way back in for whoever lost their password: opens once, for a short while. */
@Entity('recovery_link')
export class RecoveryLinkEntity {
  @PrimaryColumn('char', { length: 64, name: 'token_hash' }) tokenHash: string;
  @Column('char', { length: 36, name: 'person_id' }) personId: string;
  @Column('datetime', { precision: 3, name: 'expires_at' }) expiresAt: Date;
}

/** A try at the door: counted before it is looked at, taken back where it was right. */
@Entity('door_try')
export class DoorTryEntity {
  @PrimaryColumn('char', { length: 36 }) id: string;
  /** Whose door, hashed. */
  @Column('char', { length: 64 }) account: string;
  /** Where it came from, hashed. */
  @Column('char', { length: 64 }) address: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** That a first firm was founded: a row that only one can insert. */
@Entity('founding')
export class FoundingEntity {
  @PrimaryColumn('char', { length: 10 }) id: string;
  @Column('char', { length: 36, name: 'firm_id' }) firmId: string;
  @Column('datetime', { precision: 3 }) at: Date;
}

/** What a device of somebody was asked, until it answers. */
@Entity('key_challenge')
export class KeyChallengeEntity {
  @PrimaryColumn('char', { length: 36, name: 'person_id' }) personId: string;
  @Column('varchar', { length: 100 }) challenge: string;
  @Column('datetime', { precision: 3 }) until: Date;
}
