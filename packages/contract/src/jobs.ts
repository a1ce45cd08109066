import type { JobDocument, JobError, Said, SmallFace } from '@zabble/core';
import { Transform } from 'class-transformer';
import {
  IsBoolean,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { toNumber } from './numbers';
import { CURSOR } from './cursor';

const toYesNo = ({ value }: { value: unknown }): unknown =>
  value === 'true' ? true : value === 'false' ? false : value;

/** What the list of jobs may be asked. */
export class JobListQuery {
  /** Beginnings of words of a job's name or customer. */
  @IsOptional()
  @IsString()
  @MaxLength(200)
  search = '';

  /** Where the page before this one ended, as its `next` said. */
  @IsOptional()
  @Matches(CURSOR)
  after?: string;

  @Transform(toNumber)
  @IsInt()
  @Min(1)
  @Max(50)
  size = 12;

  /** The deleted ones, which can be brought back, in place of the others. */
  @Transform(toYesNo)
  @IsBoolean()
  deleted = false;
}

/** A new job. What the document must hold is the job reader's to say. */
export class NewJob {
  @IsObject()
  document!: object;

  /** The id it is to have: sent again, it is the same job. */
  @IsOptional()
  @IsUUID()
  id?: string;
}

/** The id an imported job is to have: sent again, it is the same job. */
export class ImportQuery {
  @IsOptional()
  @IsUUID()
  id?: string;
}

/** The whole job in place of the one kept; `revision` is the one it was made from. */
export class ReplaceJob {
  @IsInt()
  @Min(1)
  revision!: number;

  @IsObject()
  document!: object;

  /** The save's own id: sent again, it is the same save. */
  @IsOptional()
  @IsUUID()
  save?: string;
}

/** An older version of a job. */
export class RevisionNumber {
  @Transform(toNumber)
  @IsInt()
  @Min(1)
  @Max(4_000_000_000)
  revision!: number;
}

/** Versions of a job as it stood before, newest first: fewer the older they are. */
export interface JobRevisionList {
  readonly items: readonly Omit<JobRevision, 'document'>[];
}

export interface JobRevision {
  readonly revision: number;
  /** ISO 8601, UTC. */
  readonly savedAt: string;
  readonly document: JobDocument;
}

/** Answer to a replacement: what the job stands at now. */
export interface JobSaved {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
}

/** A job as the server keeps it. */
export interface StoredJob {
  readonly id: string;
  readonly revision: number;
  /** ISO 8601, UTC. */
  readonly createdAt: string;
  readonly updatedAt: string;
  /** The save that made this revision, where it had an id. */
  readonly save?: string;
  readonly document: JobDocument;
}

/** A job as a list shows it. */
export interface JobSummary {
  readonly id: string;
  readonly revision: number;
  /** ISO 8601, UTC. */
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly deletedAt: string | null;
  readonly name: string;
  readonly customer: string;
  readonly unit: 'in' | 'mm';
  /** Its banks as they are drawn small. */
  readonly faces: readonly SmallFace[];
}

/** The newest first. */
export interface JobList {
  readonly items: readonly JobSummary[];
  /** Where to go on: nothing where these are the last. */
  readonly next: string | null;
  /** Something of what was kept lately can't be found by its words yet. */
  readonly settling: boolean;
}

/** What went wrong, as every error of the API says it. */
export interface Problem {
  readonly status: number;
  /** What happened, what was kept, what to do: as a code with what it is about. */
  readonly said: Said;
  /** The same in one sentence of the server's language. */
  readonly says: string;
  /** Fields of a document that can't be read. */
  readonly errors?: readonly (JobError & { readonly says: string })[];
}

/** Answer to a replacement made from an older revision: nothing was overwritten. */
export interface Conflict extends Problem {
  readonly kept: StoredJob;
  readonly yours: JobDocument;
}

/** Whether requests should be sent here; where not: its database does not answer, or it is about to end. */
export interface Readiness {
  readonly ready: boolean;
  readonly why?: 'database' | 'ending';
}

export interface Health {
  readonly status: 'ok' | 'degraded';
  readonly database: 'answers' | 'does not answer';
  readonly version: string;
}
