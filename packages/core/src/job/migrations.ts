import { JOB_VERSION } from './version';

type Fields = Readonly<Record<string, unknown>>;

/** What makes a document of version `from` one of the next. Pure; what it does not know it leaves where it stands. */
export interface Migration {
  readonly from: number;
  readonly migrate: (document: Fields) => Fields;
}

/**
 * Every step from the first version to this one, in order. Version 1 is the first: there is none yet. A new one is added
 * with its test and a file of the old version among the examples.
 */
export const MIGRATIONS: readonly Migration[] = [];

/** The document in the version `to`, by every step from its own; one that has no version, or a newer one, as it is. */
export function migrated(document: Fields, steps = MIGRATIONS, to = JOB_VERSION): Fields {
  let now = document;
  for (const { from, migrate } of steps)
    if (now['version'] === from && from < to) now = { ...migrate(now), version: from + 1 };
  return now;
}
