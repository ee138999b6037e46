import { CALLS, type VisitCall } from '@rustic/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsNotedTime } from '../http/checks.ts';

class CallBody implements VisitCall {
  @IsIn(CALLS) what: VisitCall['what'];
  @IsUUID() id: string;
  @Matches(/^[a-z][a-z-]{0,29}$/) code: string;
  @IsString() @MaxLength(600) words: string;
  @IsInt() @Min(1) @Max(1440) minutes: number;
}

class VisitBody {
  @IsUUID() id: string;
  @IsUUID() jobId: string;
  @IsISO8601({ strict: true })
  @Matches(/^(20|21)\d\d-\d\d-\d\d$/, { message: 'must be a date as YYYY-MM-DD' })
  onDay: string;
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'must be a time of day as HH:MM' }) fromTime: string;
  @IsInt() @Min(1) @Max(1440) minutes: number;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => CallBody)
  calls: CallBody[];
}

/** One visit, or all of a round. */
export class VisitsBody {
  @IsUUID() id: string;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => VisitBody)
  visits: VisitBody[];
  /** Who drives it. */
  @IsOptional() @IsUUID() personId?: string | null;
  @IsOptional() @IsBoolean() round?: boolean;
}

export class VisitActBody {
  @IsUUID() id: string;
  @IsIn(['made', 'called-off']) kind: 'made' | 'called-off';
  @IsOptional() @IsString() @MaxLength(600) note?: string;
  @IsNotedTime() at: string;
}

export class LookBody {
  @IsUUID() id: string;
  @IsUUID() subject: string;
  @Matches(/^[a-z][a-z-]{0,29}$/) code: string;
  @IsBoolean() holds: boolean;
  @IsOptional() @IsString() @MaxLength(600) note?: string;
  @IsNotedTime() at: string;
}

export class HeldBody {
  @IsUUID() id: string;
  /** False: let nothing count any more. */
  @IsBoolean() counts: boolean;
}
