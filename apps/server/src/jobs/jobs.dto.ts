import {
  CONDITIONS,
  ELEMENTS,
  EXPOSURES,
  FAMILIES,
  FINISHES,
  SHEENS,
  SUBSTRATES,
  TEXTURES,
  type Condition,
  type Element,
  type Exposure,
  type Family,
  type Finish,
  type Sheen,
  type Substrate,
  type SurfaceFacts,
  type Texture,
} from '@rustic/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsHexColor,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsPositive,
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
import type { JobStatus } from '../database/entities.ts';

const STATUSES: JobStatus[] = ['walk-round', 'quoted', 'planned', 'active', 'aftercare'];

export class JobBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(200) title: string;
  @IsString() @MaxLength(200) place: string;
  @IsOptional() @IsInt() @Min(1000) @Max(2200) builtYear: number | null;
  @IsOptional() @IsString() @MaxLength(2000) note?: string;
  /** When work may begin. */
  @Matches(/^(20|21)\d\d-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,3})?)?(Z|[+-]\d\d:\d\d)$/, {
    message: 'must be a time with its offset, in this century or the next',
  })
  startsAt: string;
}

export class JobChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsIn(STATUSES) status?: JobStatus;
  @IsOptional() @IsNumber() @Min(-30) @Max(50) temperatureC?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(100) relativeHumidityPct?: number;
}

export class RoomBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(120) name: string;
}

export class SurfaceFactsBody {
  @IsIn(ELEMENTS) element: Element;
  @IsIn(SUBSTRATES) substrate: Substrate;
  @IsOptional() @IsIn(EXPOSURES) exposure?: Exposure;
  @IsOptional() @IsIn(TEXTURES) texture?: Texture;
  @IsOptional() @IsArray() @ArrayMaxSize(CONDITIONS.length) @IsIn(CONDITIONS, { each: true }) conditions?: Condition[];
  @IsOptional() @IsNumber() @IsPositive() @Max(100_000) areaM2?: number | null;
  @IsOptional() @IsHexColor() @MaxLength(7) @MinLength(7) currentColour?: string | null;
  @IsOptional() @IsIn(FINISHES) currentFinish?: Finish | null;
  @IsOptional() @IsBoolean() isNew?: boolean | null;
  @IsOptional() @IsBoolean() sanded?: boolean | null;
  @IsOptional() @IsNumber() @Min(0) @Max(24_000) substrateAgeMonths?: number | null;
  /** Sizes of conditions; their content is checked by the core. */
  @IsOptional() @IsObject() extents?: SurfaceFacts['extents'];
}

export class WantedBody {
  @IsOptional() @IsIn(['waterborne', 'solvent-borne']) chemistry?: 'waterborne' | 'solvent-borne' | null;
  @IsOptional() @IsIn(SHEENS) sheen?: Sheen | null;
  @IsOptional() @IsHexColor() @MaxLength(7) @MinLength(7) colour?: string | null;
  @IsOptional() @IsIn(FAMILIES) family?: Family | null;
  @IsOptional() @IsBoolean() lowOdour?: boolean;
  @IsOptional() @IsIn(['light', 'normal', 'heavy']) handling?: 'light' | 'normal' | 'heavy';
  @IsOptional() @IsBoolean() distressed?: boolean;
}

export class SurfaceBody {
  @IsUUID() id: string;
  @IsUUID() roomId: string;
  @IsString() @MinLength(1) @MaxLength(120) name: string;
  @IsOptional() @IsString() @MaxLength(60) campaign?: string | null;
  @ValidateNested() @Type(() => SurfaceFactsBody) facts: SurfaceFactsBody;
  @IsOptional() @ValidateNested() @Type(() => WantedBody) wanted?: WantedBody;
}

export class SurfaceChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(120) name?: string;
  @IsOptional() @IsString() @MaxLength(60) campaign?: string | null;
  @IsOptional() @ValidateNested() @Type(() => SurfaceFactsBody) facts?: SurfaceFactsBody;
  @IsOptional() @ValidateNested() @Type(() => WantedBody) wanted?: WantedBody;
}

export class ReadingBody {
  @IsUUID() id: string;
  @IsNumber() @Min(-30) @Max(50) temperatureC: number;
  @IsNumber() @Min(1) @Max(100) relativeHumidityPct: number;
  @IsNotedTime() at: string;
}
