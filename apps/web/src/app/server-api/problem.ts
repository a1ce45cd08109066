import { HttpErrorResponse } from '@angular/common/http';
import type { Conflict, Problem } from '@zabble/contract';
import { ChangeUnanswered } from './own-requests';

/** What the server answered with a refusal; nothing where it is not reached. */
export function problemOf(problem: unknown): Problem | Conflict | undefined {
  if (!(problem instanceof HttpErrorResponse) || problem.status === 0) return undefined;
  return (problem.error as Problem | Conflict | null) ?? undefined;
}

/** What the server said, or that it is not reached; of a change that was not answered, that nobody knows. */
export function sentenceOf(problem: unknown): string {
  if (problem instanceof ChangeUnanswered)
    return $localize`The server did not answer. Whether this was done is not known: look before you do it again.`;
  return problemOf(problem)?.says ?? $localize`The server is not reached. Nothing was changed; try again in a moment.`;
}

/** The status of what the server answered; 0 where it is not reached. */
export function statusOf(problem: unknown): number {
  return problem instanceof HttpErrorResponse ? problem.status : 0;
}

/** The server does not let this device in (any more). */
export function isStranger(problem: unknown): boolean {
  return statusOf(problem) === 401;
}

/**
 * The server, or its database, does not answer, or does not let this device in: worth trying again. `from` is the first
 * status that says so.
 */
export function isAway(problem: unknown, from = 502): boolean {
  return (
    problem instanceof HttpErrorResponse && (problem.status === 0 || problem.status >= from || isStranger(problem))
  );
}
