import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
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
import { TOKEN } from '../people/tokens.ts';

export class SendBody {
  @IsUUID() id: string;
  /** The draft that was looked at. */
  @IsString() @Matches(/^[0-9a-f]{64}$/) seen: string;
  /** Made where the act is made: only its hash is kept here. */
  @IsString() @Matches(TOKEN) token: string;
}

export class LinkBody {
  @IsUUID() id: string;
  /** Null revokes what there is and makes none. */
  @IsOptional() @IsString() @Matches(TOKEN) token: string | null;
}

class OfferBody {
  @IsUUID() id: string;
  @IsUUID() surfaceId: string;
  @IsString() @Matches(/^[0-9a-f]{16}$/) key: string;
}

export class OffersBody {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsArray() @ArrayMaxSize(60) @ValidateNested({ each: true }) @Type(() => OfferBody) offers: OfferBody[];
}

export class AgreeBody {
  @IsUUID() id: string;
  @IsUUID() documentId: string;
  @IsString() @MinLength(2) @MaxLength(120) name: string;
  @IsArray() @ArrayMaxSize(120) @IsUUID(undefined, { each: true }) options: string[];
}

export const PAPER_KINDS = [
  'quote',
  'job-pack',
  'run-sheet',
  'shopping',
  'labels',
  'care-sheet',
  'visit-letter',
] as const;
/** Papers with prices on them. */
export const PRICED_PAPERS: readonly PaperKind[] = ['quote', 'shopping'];
export type PaperKind = (typeof PAPER_KINDS)[number];
export const PAPER_FORMATS = ['page', 'pdf', 'csv'] as const;
export type PaperFormat = (typeof PAPER_FORMATS)[number];

export class PaperParams {
  @IsUUID() id: string;
  @IsIn(PAPER_KINDS) kind: PaperKind;
}

export class PaperQuery {
  @IsOptional() @IsIn(PAPER_FORMATS) format?: PaperFormat;
}

export class TickBody {
  @IsUUID() id: string;
  @IsString() @MinLength(3) @MaxLength(160) item: string;
  /** How many were had; nothing takes the tick back. */
  @IsInt() @Min(0) @Max(10_000) had: number;
}
