import { FAMILIES, FAULTS, type Family, type Fault } from '@rustic/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';

const MOST_LINES = 80;
const KEY = /^[0-9a-f]{16}$/;

export class DepartureBody {
  @IsIn(['skip', 'swap', 'move']) act: 'skip' | 'swap' | 'move';
  @IsInt() @Min(0) @Max(MOST_LINES) step: number;
  @IsOptional() @IsIn(FAMILIES) family?: Family;
  @IsOptional() @IsInt() @Min(0) @Max(MOST_LINES) to?: number;
}

/** A question about a system: what follows, were it departed from. */
export class WhatIfBody {
  @IsString() @Matches(KEY) key: string;
  @IsArray() @ArrayMaxSize(20) @ValidateNested({ each: true }) @Type(() => DepartureBody) departures: DepartureBody[];
}

/** A departure that somebody signs for. */
export class OverrideBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => DepartureBody)
  departures: DepartureBody[];
  @IsString() @MinLength(3) @MaxLength(600) reason: string;
  /** The name, written out by the person who signs. */
  @IsString() @MinLength(2) @MaxLength(120) signedAs: string;
}

export class ChoiceBody {
  @IsUUID() id: string;
  @IsString() @Matches(KEY) key: string;
  @IsOptional() @ValidateNested() @Type(() => OverrideBody) override?: OverrideBody;
}

export class RescueAsked {
  @IsIn(FAULTS) fault: Fault;
  @IsBoolean() wet: boolean;
}

/** A way back that is written into the ledger. */
export class RescueBody extends RescueAsked {
  @IsUUID() id: string;
  @IsOptional() @IsString() @MaxLength(600) note?: string;
  @IsOptional() @IsUUID() photoId?: string;
}
