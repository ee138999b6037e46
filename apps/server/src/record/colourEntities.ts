import type { CardColour } from '@rustic/core';
import { Column, Entity, VersionColumn } from 'typeorm';
import { FirmOwned } from './firmOwned.ts';

/** A colour card that the firm keeps: the chips of a maker, or its own. */
@Entity('colour_card')
export class ColourCardEntity extends FirmOwned {
  @Column('varchar', { length: 80 }) name: string;
  @Column('varchar', { length: 80 }) maker: string;
  @Column('json') colours: CardColour[];
  /** False once it is no longer kept. */
  @Column('boolean') kept: boolean;
  @VersionColumn() version: number;
}
