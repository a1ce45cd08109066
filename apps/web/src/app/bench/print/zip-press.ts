import { ChangeDetectionStrategy, Component, inject, signal, type OnDestroy } from '@angular/core';
import type { Subscription } from 'rxjs';
import { handOver } from '../../device/hand-over';
import { Says } from '../../ui/says';
import { PrintState } from './print-state';

/** All of a job in one file, with what can be waited for and broken off. */
@Component({
  selector: 'z-zip-press',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `@if (making()) {
      <span class="flex items-center gap-3" role="status">
        <span i18n>{pages(), plural, =0 {Making the zip …} =1 {1 page made …} other {{{ pages() }} pages made …}}</span>
        <button i18n type="button" class="press" (click)="stop()">Cancel</button>
      </span>
    } @else {
      <button i18n type="button" class="press" (click)="make()">All of it, one zip</button>
    }
    <z-says [text]="says()" />`,
  host: { class: 'contents' },
})
export class ZipPress implements OnDestroy {
  private readonly state = inject(PrintState);
  protected readonly making = signal(false);
  protected readonly pages = signal(0);
  protected readonly says = signal('');
  private going: Subscription | undefined;

  protected make(): void {
    const wish = this.state.wish('job.zip');
    if (!wish) return;
    this.making.set(true);
    this.says.set('');
    this.going = this.state.print('job.zip', wish).subscribe((now) => {
      this.making.set(now.kind === 'making');
      if (now.kind === 'making') this.pages.set(now.pages);
      if (now.kind === 'made') handOver(now.name, now.blob);
      if (now.kind === 'refused') this.says.set(now.says);
    });
  }

  protected stop(): void {
    this.going?.unsubscribe();
    this.making.set(false);
  }

  ngOnDestroy(): void {
    this.going?.unsubscribe();
  }
}
