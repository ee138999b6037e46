import { SHELF_FORMATS, TINTS, type ShelfFormat } from '@rustic/core';
import { IsBoolean, IsIn, IsInt, IsNumber, IsObject, IsOptional, IsString, IsUUID, Matches, Max, MaxLength, Min, MinLength } from 'class-validator';
import { CLAIM_STANDINGS, NOTE_KINDS } from '../database/shelfEntities.ts';
import { IsNotedTime } from '../http/checks.ts';

const MOST_TEXT = 240_000;
/** A colour, or one of the tints a primer is had in. */
const TINTED = new RegExp(`^(#[0-9a-f]{6}|${TINTS.join('|')})$`);
const PRODUCT_ID = /^[a-z0-9][a-z0-9-]{0,79}$/;

/** A product written by hand; its sheet is checked by the core, as one of a file is. */
export class ProductBody {
  @IsUUID() id: string;
  /** Null where this firm has no sheet of its own for it yet. */
  @IsOptional() @IsInt() @Min(1) version: number | null;
  @IsObject() sheet: Record<string, unknown>;
  @IsBoolean() kept: boolean;
}

export class ShelfFile {
  @IsIn(SHELF_FORMATS) format: ShelfFormat;
  @IsString() @MaxLength(MOST_TEXT) text: string;
}

/** A file that was looked at first: `seen` is what the look was of. */
export class ShelfImport extends ShelfFile {
  @IsUUID() id: string;
  @IsString() @Matches(/^[0-9a-f]{64}$/) seen: string;
}

export class TinBody {
  @IsUUID() id: string;
  @IsString() @Matches(PRODUCT_ID) productId: string;
  @IsString() @MaxLength(80) batch: string;
  @IsOptional() @IsNotedTime() openedAt: string | null;
  /** What it was tinted to, or a primer's tint; null as it comes. */
  @IsOptional() @IsString() @Matches(TINTED) colour?: string | null;
  @IsNumber() @Min(0) @Max(1000) litres: number;
}

export class TinChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsOptional() @IsNotedTime() openedAt?: string;
  @IsNumber() @Min(0) @Max(1000) litres: number;
}

export class NoteBody {
  @IsUUID() id: string;
  @IsIn(NOTE_KINDS) kind: (typeof NOTE_KINDS)[number];
  @IsString() @MinLength(1) @MaxLength(600) text: string;
  @IsOptional() @IsIn(CLAIM_STANDINGS) standing?: (typeof CLAIM_STANDINGS)[number] | null;
  @IsOptional() @IsUUID() trialId?: string | null;
  @IsOptional() @IsUUID() jobId?: string | null;
  @IsOptional() @IsUUID() about?: string | null;
}
