import { inject, Injectable, Injector, type ErrorHandler } from '@angular/core';
import { Notices } from './notices';

/** What nobody caught: it is told, and written to the console for whoever mends it. */
@Injectable()
export class ToldErrors implements ErrorHandler {
  // Asked for late: whatever the notices themselves need may be what went wrong.
  private readonly injector = inject(Injector);

  handleError(problem: unknown): void {
    console.error(problem);
    this.injector.get(Notices).failed(problem);
  }
}
