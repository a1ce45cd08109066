import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { ROUTES, SHOP_DELETED_FOR_DAYS } from '@zabble/contract/routes';
import { Session } from '../device/session';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { SecretField } from './secret-field';

/** All of a shop as one file: taken out, and brought in where there is no job yet. */
@Component({
  selector: 'z-shop-file-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says, SecretField],
  template: `<section class="flex flex-col gap-3" aria-labelledby="shop-file">
      <h2 i18n id="shop-file" class="text-lg font-semibold">All of the shop as one file</h2>
      <p i18n class="caption max-w-prose">
        Jobs with their records, photographs and older versions, the rack, prices, orders, quotes and days; not its
        people. It can be brought into a shop without jobs, on this server or another.
      </p>
      <div class="flex flex-wrap gap-2">
        <a i18n class="press" [href]="file" download>Take it out</a>
        <label i18n class="press relative has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-chalk">
          Bring one in
          <input #chosen class="sr-only" type="file" accept=".gz,application/gzip" (change)="bring(chosen)" />
        </label>
      </div>
      @if (waiting()) {
        <p i18n class="caption" role="status">Bringing it in …</p>
      }
      <z-says [text]="says()" />
    </section>
    <section class="flex flex-col gap-3" aria-labelledby="shop-deleted">
      <h2 i18n id="shop-deleted" class="text-lg font-semibold">Delete the shop</h2>
      <p i18n class="caption max-w-prose">
        Nobody gets at it from then on, and its links show nothing. An owner can bring it back for {{ days }} days; then
        it is erased with everything of it.
      </p>
      <form class="flex max-w-[30rem] flex-col gap-3" [formGroup]="form" (ngSubmit)="remove()">
        <z-secret-field i18n-label label="Your password" [control]="password" />
        <z-says [text]="deletionSays()" />
        <button i18n type="submit" class="press self-start" [disabled]="password.value === ''">Delete the shop</button>
      </form>
    </section>`,
  host: { class: 'flex flex-col gap-6' },
})
export class ShopFileView {
  private readonly api = inject(SessionApi);
  private readonly session = inject(Session);
  protected readonly file = ROUTES.shopFile;
  protected readonly says = signal('');
  protected readonly deletionSays = signal('');
  protected readonly days = SHOP_DELETED_FOR_DAYS;
  protected readonly password = new FormControl('', { nonNullable: true });
  protected readonly form = new FormGroup({ password: this.password });
  protected readonly waiting = signal(false);
  private readonly ask = asking(this.says);
  private readonly askDeletion = asking(this.deletionSays);

  protected remove(): void {
    this.askDeletion(this.api.deleteShop(this.password.value), () => void this.session.changed('/account'));
  }

  protected bring(input: HTMLInputElement): void {
    const [file] = input.files ?? [];
    input.value = '';
    if (!file) return;
    this.waiting.set(true);
    this.ask(
      this.api.bringShop(file),
      () => void this.session.changed('/jobs'),
      () => this.waiting.set(false),
    );
  }
}
