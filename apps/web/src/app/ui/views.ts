import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';
import { Tab, TabList, TabPanel, Tabs } from '@angular/aria/tabs';

/** One view of several: what it is known by, and what it is called. */
export interface View {
  readonly id: string;
  readonly name: string;
}

/** Views of one thing, of which one is shown: a list of tabs, what stands beside it, and the view itself. */
@Component({
  selector: 'z-views',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Tab, TabList, TabPanel, Tabs],
  template: `<div ngTabs class="flex flex-col gap-4">
    <div [class]="beside()">
      <div
        ngTabList
        class="flex flex-wrap gap-1 max-sm:[&.tight]:contents"
        [class.tight]="beside() !== ''"
        [selectedTab]="view()"
        (selectedTabChange)="taken($event)"
        [attr.aria-label]="label()"
      >
        @for (each of views(); track each.id) {
          <button
            ngTab
            type="button"
            class="press"
            [value]="each.id"
            [class.press-main]="each.id === view()"
            [class.max-sm:px-1]="beside() !== ''"
          >
            {{ each.name }}
          </button>
        }
      </div>
      <ng-content select="[beside]" />
    </div>
    <div ngTabPanel class="flex flex-col gap-4" [value]="view()"><ng-content /></div>
  </div>`,
})
export class Views {
  readonly views = input.required<readonly View[]>();
  readonly view = model.required<string>();
  readonly label = input.required<string>();
  /** Classes of the row the tabs share with what stands beside them. */
  readonly beside = input('');

  protected taken(id: string | undefined): void {
    if (id !== undefined) this.view.set(id);
  }
}
