import { FAULTS, LIGHTS, MENDS, VIEWS, type Fault, type Light, type Mend, type View } from '@rustic/core';
import { Type } from 'class-transformer';
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
  ValidateNested,
} from 'class-validator';
import { IsNotedTime } from '../http/checks.ts';
import { PlaceBody } from '../jobs/jobs.dto.ts';

class PhotoPlaceBody {
  @IsNumber() @Min(0) @Max(1) x: number;
  @IsNumber() @Min(0) @Max(1) y: number;
}

export class FaultBody {
  @IsUUID() id: string;
  @IsUUID() surfaceId: string;
  @IsIn(FAULTS) fault: Fault;
  @IsOptional() @IsString() @MaxLength(600) note?: string;
  /** Where on the room's sketch. */
  @IsOptional() @ValidateNested() @Type(() => PlaceBody) mark?: PlaceBody | null;
  @IsOptional() @IsUUID() photoId?: string;
  @IsOptional() @ValidateNested() @Type(() => PhotoPlaceBody) photoPlace?: PhotoPlaceBody | null;
  @IsNumber() @Min(0.0001) @Max(100) sizeM2: number;
  @IsIn(VIEWS) view: View;
  @IsOptional() @IsIn(LIGHTS) light?: Light | null;
  @IsNotedTime() at: string;
}

export class FaultActBody {
  @IsUUID() id: string;
  @IsIn(['mended', 'withdrawn']) kind: 'mended' | 'withdrawn';
  @IsOptional() @IsIn(MENDS) way?: Mend | null;
  @IsOptional() @IsString() @MaxLength(300) withWhat?: string;
  @IsOptional() @IsString() @MaxLength(600) note?: string;
  @IsNotedTime() at: string;
}

export class CheckBody {
  @IsUUID() id: string;
  @IsString() @Matches(/^[a-z-]{1,30}$/) code: string;
  @IsBoolean() holds: boolean;
  @IsOptional() @IsString() @MaxLength(600) note?: string;
  @IsNotedTime() at: string;
}
