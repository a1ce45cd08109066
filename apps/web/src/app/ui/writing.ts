import { Injectable } from '@angular/core';

/** A field someone is in. */
export interface WrittenField {
  /** Something stands in it that is not in the job. */
  readonly half: () => boolean;
  /** Puts back what the job has. */
  readonly settle: () => void;
}

/** The field someone is in, if any: what is half typed there is undone before anything of the job is. */
@Injectable({ providedIn: 'root' })
export class Writing {
  private field: WrittenField | undefined;

  entered(field: WrittenField): void {
    this.field = field;
  }

  left(field: WrittenField): void {
    if (this.field === field) this.field = undefined;
  }

  /** Puts a half-typed field back; false where there was none. */
  putBack(): boolean {
    const half = this.field?.half() ?? false;
    if (half) this.field?.settle();
    return half;
  }

  /** The field shows what the job has after an undo. */
  settle(): void {
    this.field?.settle();
  }
}
