import {
  ACCESS,
  CLIMATES,
  CONDITIONS,
  ELEMENTS,
  EXPOSURES,
  FACINGS,
  FAMILIES,
  FINISHES,
  LEFT_OUT_REASONS,
  SHEENS,
  SUBSTRATES,
  TEXTURES,
  type Access,
  type Climate,
  type Condition,
  type Element,
  type Exposure,
  type Facing,
  type Family,
  type Finish,
  type Measure,
  type RoomSketch,
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
import { AIR_SOURCES, type AirSource, type Exclusion, type JobStatus } from '../database/entities.ts';

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

class MapPlaceBody {
  @IsNumber() @Min(0) @Max(1000) x: number;
  @IsNumber() @Min(0) @Max(1000) y: number;
}

export class PropertyBody {
  @IsOptional() @IsString() @MaxLength(200) occupants?: string;
  @IsOptional() @IsInt() @Min(1800) @Max(2200) leadYear?: number;
  @IsOptional() @IsInt() @Min(1800) @Max(2200) asbestosYear?: number;
  /** Null: as the firm's. */
  @IsOptional() @IsIn(CLIMATES) climate?: Climate | null;
  @IsOptional() @ValidateNested() @Type(() => MapPlaceBody) mapPlace?: MapPlaceBody;
}

export class JobChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsIn(STATUSES) status?: JobStatus;
  @IsOptional() @IsNumber() @Min(-30) @Max(50) temperatureC?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(100) relativeHumidityPct?: number;
  @IsOptional() @ValidateNested() @Type(() => PropertyBody) property?: PropertyBody;
  @IsOptional() @IsString() @MaxLength(200) client?: string;
}

const METRES = 1000;

class SketchOpeningBody {
  @IsIn(['window', 'door', 'opening']) kind: 'window' | 'door' | 'opening';
  @IsNumber() @Min(0) @Max(METRES) x: number;
  @IsNumber() @Min(0) @Max(METRES) y: number;
  @IsNumber() @IsPositive() @Max(METRES) widthM: number;
  @IsNumber() @IsPositive() @Max(METRES) heightM: number;
}

class SketchWallBody {
  @IsString() @MaxLength(60) name: string;
  @IsNumber() @IsPositive() @Max(METRES) widthM: number;
  @IsNumber() @IsPositive() @Max(METRES) heightM: number;
  @IsArray()
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => SketchOpeningBody)
  openings: readonly SketchOpeningBody[];
}

export class SketchBody implements RoomSketch {
  @IsArray()
  @ArrayMaxSize(24)
  @ValidateNested({ each: true })
  @Type(() => SketchWallBody)
  walls: readonly SketchWallBody[];
}

export class PlaceBody {
  @IsInt() @Min(0) @Max(23) wall: number;
  @IsNumber() @Min(0) @Max(METRES) x: number;
  @IsNumber() @Min(0) @Max(METRES) y: number;
}

const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

export class RoomBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(120) name: string;
  @IsOptional() @IsIn(['room', 'elevation']) kind?: 'room' | 'elevation';
  @IsOptional() @IsIn(FACINGS) facing?: Facing | null;
  @IsOptional() @ValidateNested() @Type(() => SketchBody) sketch?: SketchBody | null;
}

export class RoomChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(120) name?: string;
  @IsOptional() @IsIn(FACINGS) facing?: Facing | null;
  @IsOptional() @ValidateNested() @Type(() => SketchBody) sketch?: SketchBody | null;
  @IsOptional() @IsBoolean() noDustWhileWet?: boolean;
  @IsOptional() @Matches(CLOCK, { message: 'must be a time of day as HH:MM' }) backBy?: string | null;
  @IsOptional() @Matches(CLOCK, { message: 'must be a time of day as HH:MM' }) fumesOutBy?: string | null;
  @IsOptional() @IsInt() @Min(0) @Max(365) maxNightsOut?: number | null;
  @IsOptional() @IsIn(AIR_SOURCES) airFrom?: AirSource;
}

export class ReadingsBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(400_000) csv: string;
}

class BoxBody extends PlaceBody {
  @IsNumber() @IsPositive() @Max(METRES) widthM: number;
  @IsNumber() @IsPositive() @Max(METRES) heightM: number;
}

export class ExclusionBody {
  @IsUUID() id: string;
  @IsString() @MinLength(1) @MaxLength(200) words: string;
  @IsIn(LEFT_OUT_REASONS) reason: Exclusion['reason'];
  @IsBoolean() whole: boolean;
  @IsOptional() @ValidateNested() @Type(() => BoxBody) box: BoxBody | null;
}

export class SurfaceFactsBody {
  @IsIn(ELEMENTS) element: Element;
  @IsIn(SUBSTRATES) substrate: Substrate;
  @IsOptional() @IsIn(EXPOSURES) exposure?: Exposure;
  @IsOptional() @IsIn(TEXTURES) texture?: Texture;
  @IsOptional() @IsArray() @ArrayMaxSize(CONDITIONS.length) @IsIn(CONDITIONS, { each: true }) conditions?: Condition[];
  @IsOptional() @IsNumber() @IsPositive() @Max(100_000) areaM2?: number | null;
  @IsOptional() @IsHexColor() @MaxLength(7) @MinLength(7) currentColour?: string | null;
  @IsOptional() @IsArray() @ArrayMaxSize(20) @IsHexColor({ each: true }) currentColours?: string[];
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
  /** How it was measured; its content is checked by the core. */
  @IsOptional() @IsObject() measure?: Measure | null;
  @IsOptional() @IsIn(ACCESS) access?: Access;
}

export class SurfaceChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(120) name?: string;
  @IsOptional() @IsString() @MaxLength(60) campaign?: string | null;
  @IsOptional() @ValidateNested() @Type(() => SurfaceFactsBody) facts?: SurfaceFactsBody;
  @IsOptional() @ValidateNested() @Type(() => WantedBody) wanted?: WantedBody;
  /** How it was measured; its content is checked by the core. */
  @IsOptional() @IsObject() measure?: Measure | null;
  @IsOptional() @IsIn(ACCESS) access?: Access;
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => ExclusionBody)
  exclusions?: ExclusionBody[];
}

/** A room with its surfaces in one act: the whole-room entry, or a copy of a room. */
export class WholeRoomBody {
  @IsUUID() id: string;
  @ValidateNested() @Type(() => RoomBody) room: RoomBody;
  @IsArray() @ArrayMaxSize(60) @ValidateNested({ each: true }) @Type(() => SurfaceBody) surfaces: SurfaceBody[];
}

class PlacedSurface {
  @IsUUID() id: string;
  @IsUUID() roomId: string;
}

/** The order in which rooms and surfaces stand. */
export class OrderBody {
  @IsUUID() id: string;
  @IsArray() @ArrayMaxSize(500) @IsUUID(undefined, { each: true }) rooms: string[];
  @IsArray() @ArrayMaxSize(5000) @ValidateNested({ each: true }) @Type(() => PlacedSurface) surfaces: PlacedSurface[];
}

/** Surfaces join a campaign of this name, or leave theirs. */
export class CampaignBody {
  @IsUUID() id: string;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(60) name: string | null;
  @IsArray() @ArrayMaxSize(1000) @IsUUID(undefined, { each: true }) surfaceIds: string[];
}

/** A local day. */
export class DayAsked {
  @IsString() @Matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/) day: string;
}

export class ReadingBody {
  @IsUUID() id: string;
  @IsNumber() @Min(-30) @Max(50) temperatureC: number;
  @IsNumber() @Min(1) @Max(100) relativeHumidityPct: number;
  @IsNotedTime() at: string;
}
