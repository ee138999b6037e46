import { jobRecord, roomRecord, surfaceRecord } from '@rustic/core';
import { Column, Entity, VersionColumn } from 'typeorm';
import { jobTableOf, tableOf } from './tableOf.ts';

@Entity(jobRecord.table)
export class JobEntity extends tableOf(jobRecord) {
  @VersionColumn() version: number;
  /** How many entries its ledger has: the ledger alone sets it. */
  @Column({ type: 'int', insert: false, update: false }) entries: number;
}

@Entity(roomRecord.table)
export class RoomEntity extends jobTableOf(roomRecord) {
  @VersionColumn() version: number;
}

@Entity(surfaceRecord.table)
export class SurfaceEntity extends jobTableOf(surfaceRecord) {
  @VersionColumn() version: number;
}
