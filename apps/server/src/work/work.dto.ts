import { METHODS, type Method } from '@rustic/core';
import {
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { IsNotedTime } from '../http/checks.ts';

/** A step of a surface's system, as the plan names it. */
export const STEP_ID = /^s\d{1,3}(c\d{1,2})?$/;

export class WorkBody {
  @IsUUID() id: string;
  @IsUUID() surfaceId: string;
  @IsString() @Matches(STEP_ID) stepId: string;
  @IsNotedTime() startedAt: string;
  @IsNotedTime() endedAt: string;
  @IsOptional() @IsString() @MaxLength(80) productId?: string;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(80) batch?: string;
  @IsOptional() @IsIn(METHODS) method?: Method;
  @IsOptional() @IsNumber() @Min(-30) @Max(50) temperatureC?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(100) relativeHumidityPct?: number;
  @IsOptional() @IsNumber() @Min(-30) @Max(80) surfaceC?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(5000) wetFilmUm?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(1000) litres?: number;
  /** Who lent a hand, by name. */
  @IsOptional() @IsString() @MinLength(1) @MaxLength(120) helper?: string;
  @IsOptional() @IsString() @MaxLength(1000) note?: string;
  /** Why another product than the system's was laid. */
  @IsOptional() @IsString() @MinLength(3) @MaxLength(400) instead?: string;
  /** The log of this step that this one puts right. */
  @IsOptional() @IsUUID() corrects?: string;
  /** The corrected log stands for nothing: the step was not done. */
  @IsOptional() @IsBoolean() withdrawn?: boolean;
}

export class HoldBody {
  @IsUUID() id: string;
  @IsString() @Matches(STEP_ID) stepId: string;
  /** When the other trade is done. */
  @IsString() @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,3})?)?(Z|[+-]\d\d:\d\d)$/) until: string;
  @IsString() @MinLength(3) @MaxLength(400) reason: string;
}

export class ReleaseBody {
  @IsUUID() id: string;
  @IsOptional() @IsString() @MaxLength(400) note?: string;
}

export class CloseBody {
  @IsUUID() id: string;
  @IsString() @MinLength(2) @MaxLength(600) note: string;
}
