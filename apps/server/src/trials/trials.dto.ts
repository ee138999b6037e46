import { FAMILIES, MOST_ARMS, MOST_REPLICATES, type Family } from '@rustic/core';
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
import { IsNotedTime } from '../http/checks.ts';
import { TestMade } from '../walkround/walkround.ts';

class ArmBody {
  @IsString() @MinLength(1) @MaxLength(60) id: string;
  @IsString() @MinLength(1) @MaxLength(120) words: string;
  @IsOptional() @IsIn(FAMILIES) family: Family | null;
  @IsInt() @Min(0) @Max(5) coats: number;
}

class DesignBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ARMS)
  @ValidateNested({ each: true })
  @Type(() => ArmBody)
  preparations: ArmBody[];
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ARMS)
  @ValidateNested({ each: true })
  @Type(() => ArmBody)
  primers: ArmBody[];
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ARMS)
  @ValidateNested({ each: true })
  @Type(() => ArmBody)
  topcoats: ArmBody[];
  @IsInt() @Min(1) @Max(MOST_REPLICATES) replicates: number;
  @IsInt() @Min(0) @Max(2 ** 31) seed: number;
}

export class TrialBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(120) title: string;
  @IsString() @MaxLength(200) place: string;
  @IsOptional() @IsUUID() surfaceId?: string | null;
  @ValidateNested() @Type(() => DesignBody) design: DesignBody;
}

export class LaidBody {
  @IsUUID() id: string;
  @IsIn(['primed', 'topcoated']) kind: 'primed' | 'topcoated';
  @IsNotedTime() at: string;
}

export class LookBody {
  @IsUUID() id: string;
  @Matches(/^[A-Z]\d{1,2}$/, { message: 'must be a label like B3' }) cell: string;
  @IsIn(['cell', 'strip']) part: 'cell' | 'strip';
  @ValidateNested() @Type(() => TestMade) test: TestMade;
  @IsNotedTime() at: string;
  @IsOptional() @IsUUID() corrects?: string;
}

export class ConclusionBody {
  @IsUUID() id: string;
  /** The conclusion in the words of who accepts it; it may overrule the ranking. */
  @IsString() @MinLength(1) @MaxLength(1000) text: string;
  /** Weighs in the choice of systems on this job; without it the conclusion is a note. */
  @IsBoolean() weighs: boolean;
  @IsBoolean() forFirm: boolean;
}
