import type { Conflict, Problem } from '@zabble/contract';

/** An answer other than yes: its status and the sentence the person reads. */
export class Refusal extends Error {
  constructor(readonly problem: Problem | Conflict) {
    super(problem.says);
  }
}

export function refuse(status: number, says: string): Refusal {
  return new Refusal({ status, says });
}
