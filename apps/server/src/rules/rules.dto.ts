import { TERMS, type Terms } from '@rustic/core';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsObject, IsOptional, IsString, IsUUID, MaxLength, Min, ValidateNested } from 'class-validator';

class TermsBody implements Partial<Terms> {
  @IsOptional() @IsIn(TERMS.board) board?: Terms['board'];
  @IsOptional() @IsIn(TERMS.firstCoat) firstCoat?: Terms['firstCoat'];
  @IsOptional() @IsIn(TERMS.units) units?: Terms['units'];
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
  @IsOptional() @IsString() @MaxLength(400) note?: string;
}

export const RULE_LEVELS = ['firm', 'job', 'surface'] as const;
export class RulesAsked {
  @IsIn(RULE_LEVELS) level: (typeof RULE_LEVELS)[number];
  @IsOptional() @IsUUID() subject?: string;
  @IsObject() houseRules: Record<string, string>;
}
