import { Column, Entity } from 'typeorm';
import { FirmOwned } from './firmOwned.ts';

/** A person's private calendar feed: one at a time, the token itself nowhere kept. */
@Entity('calendar_feed')
export class CalendarFeedEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'person_id' }) personId: string;
  @Column('char', { length: 64, name: 'token_hash' }) tokenHash: string;
  @Column('datetime', { precision: 3, name: 'made_at' }) madeAt: Date;
}

/** When a person is taken by something else, as their own calendar has it. */
@Entity('busy_time')
export class BusyTimeEntity extends FirmOwned {
  @Column('char', { length: 36, name: 'person_id' }) personId: string;
  @Column('varchar', { length: 200 }) title: string;
  @Column('datetime', { precision: 3, name: 'starts_at' }) startsAt: Date;
  @Column('datetime', { precision: 3, name: 'ends_at' }) endsAt: Date;
}
