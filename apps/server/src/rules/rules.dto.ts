import { TERMS, type Terms, type Weights } from '@rustic/core';
import { Type } from 'class-transformer';
import {
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

class TermsBody implements Partial<Terms> {
  @IsOptional() @IsIn(TERMS.board) board?: Terms['board'];
  @IsOptional() @IsIn(TERMS.firstCoat) firstCoat?: Terms['firstCoat'];
  @IsOptional() @IsIn(TERMS.units) units?: Terms['units'];
}

/** 0 not at all, 1 as usual, at most 4. */
class WeightsBody implements Partial<Weights> {
  @IsOptional() @IsNumber() @Min(0) @Max(4) cost?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(4) time?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(4) fumes?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(4) durability?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(4) risk?: number;
}

/** House rules at one level. Their content is checked by the core. */
export class RulesChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsObject() houseRules: Record<string, string>;
  /** Why it is done otherwise here. */
  @IsOptional() @IsString() @MaxLength(400) note?: string;
}

export class FirmChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsObject() houseRules?: Record<string, string>;
  @IsOptional() @ValidateNested() @Type(() => TermsBody) terms?: TermsBody;
  @IsOptional() @ValidateNested() @Type(() => WeightsBody) weights?: WeightsBody;
  @IsOptional() @IsString() @MaxLength(400) note?: string;
}

export const RULE_LEVELS = ['firm', 'job', 'surface'] as const;
export class RulesAsked {
  @IsIn(RULE_LEVELS) level: (typeof RULE_LEVELS)[number];
  @IsOptional() @IsUUID() subject?: string;
  @IsObject() houseRules: Record<string, string>;
}
