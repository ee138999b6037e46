import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsEmail,
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
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { CLIMATES, type Climate } from '@rustic/core';
import { ROLES, type Role } from '../database/entities.ts';
import { TOKEN } from './tokens.ts';

const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;
const DATE = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

export class InvitationBody {
  @IsUUID() id: string;
  @IsEmail() @MaxLength(160) email: string;
  @IsString() @MinLength(1) @MaxLength(120) name: string;
  @IsString() @Matches(/^\p{L}{1,4}$/u) initials: string;
  @IsIn(ROLES) role: Role;
  /** Made where the act is made: only its hash is kept. */
  @IsString() @Matches(TOKEN) token: string;
}

export class JoinBody {
  @IsUUID() id: string;
  @IsString() @MinLength(10) @MaxLength(200) password: string;
}

export class PasswordBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(200) before: string;
  @IsString() @MinLength(10) @MaxLength(200) after: string;
}

export class IdBody {
  @IsUUID() id: string;
}

export class HoursBody {
  @IsArray()
  @ArrayUnique()
  @ArrayMaxSize(7)
  @IsInt({ each: true })
  @Min(1, { each: true })
  @Max(7, { each: true })
  days: number[];
  @Matches(CLOCK) from: string;
  @Matches(CLOCK) to: string;
}

export class PersonChange {
  @IsUUID() id: string;
  /** The version that was read; without it the newest is meant. */
  @IsOptional() @IsInt() @Min(1) version?: number;
  @IsOptional() @IsIn(ROLES) role?: Role;
  /** Null: not on the plan. */
  @IsOptional()
  @ValidateIf((p: PersonChange) => p.hours !== null)
  @ValidateNested()
  @Type(() => HoursBody)
  hours?: HoursBody | null;
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(12)
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  skills?: string[];
}

export class PlanningBody {
  @IsUUID() id: string;
  /** The version of the firm that was read; without it the newest is meant. */
  @IsOptional() @IsInt() @Min(1) version?: number;
  @IsOptional() @IsIn(CLIMATES) climate?: Climate;
  @IsInt() @Min(0) @Max(240) setUpMin: number;
  @IsInt() @Min(0) @Max(240) packUpMin: number;
  @IsInt() @Min(0) @Max(240) travelMin: number;
  @IsArray() @ArrayMaxSize(400) @Matches(DATE, { each: true }) holidays: string[];
}
