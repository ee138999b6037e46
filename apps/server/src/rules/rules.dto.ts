import { TERMS, type PriceSettings, type Terms, type Weights } from '@rustic/core';
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
  MinLength,
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

/** How the firm prices. Money in minor units, shares in 1/100 %. */
class PricingBody implements Partial<PriceSettings> {
  @IsOptional() @IsInt() @Min(0) @Max(1_000_000) hourCost?: number;
  @IsOptional() @IsInt() @Min(0) @Max(600) visitMinutes?: number;
  @IsOptional() @IsInt() @Min(60) @Max(900) dayMinutes?: number;
  @IsOptional() @IsInt() @Min(0) @Max(10_000_000) equipmentPerVisit?: number;
  @IsOptional() @IsInt() @Min(0) @Max(30_000) overhead?: number;
  @IsOptional() @IsInt() @Min(0) @Max(30_000) margin?: number;
  @IsOptional() @IsInt() @Min(0) @Max(10_000) tax?: number;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(40) taxName?: string;
  @IsOptional() @IsNumber() @Min(0) @Max(20) reserveL?: number;
  @IsOptional() @IsInt() @Min(1) @Max(730) heldDays?: number;
}

export class FirmChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsObject() houseRules?: Record<string, string>;
  @IsOptional() @ValidateNested() @Type(() => TermsBody) terms?: TermsBody;
  @IsOptional() @ValidateNested() @Type(() => WeightsBody) weights?: WeightsBody;
  @IsOptional() @ValidateNested() @Type(() => PricingBody) pricing?: PricingBody;
  @IsOptional() @IsString() @MaxLength(400) note?: string;
}

export const RULE_LEVELS = ['firm', 'job', 'surface'] as const;
export class RulesAsked {
  @IsIn(RULE_LEVELS) level: (typeof RULE_LEVELS)[number];
  @IsOptional() @IsUUID() subject?: string;
  @IsObject() houseRules: Record<string, string>;
}
