import { ApplicationRef, ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { patched } from '@zabble/core';
import { newJob } from './new-job';
import { JobEdits } from './job-edits';
import { JobActions } from './job.actions';
import { jobFeature } from './job.reducer';
import { selectNewer } from './job.selectors';
import { logFeature } from '../log/log.reducer';

const BANK = 'cases[0].banks[0]';

@Component({ selector: 'z-given', changeDetection: ChangeDetectionStrategy.OnPush, template: '{{ width() }}' })
class Given {
  readonly width = input.required<string>();
}

@Component({
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<z-given [width]="width()" />`,
  imports: [Given],
})
class Host {
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly width = computed(() => String(this.document()?.cases[0]?.banks[0]?.opening?.width[0]));
}

const at = (field: string, value: unknown) => ({ path: `${BANK}.${field}`, value });

describe('an edit', () => {
  let edits: JobEdits;
  let store: Store;
  const document = newJob('mm');
  const now = () => store.selectSignal(jobFeature.selectDocument)();

  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideStore({ job: jobFeature.reducer, log: logFeature.reducer })] });
    store = TestBed.inject(Store);
    edits = TestBed.inject(JobEdits);
    store.dispatch(
      JobActions.opened({
        job: { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' },
        document,
        sync: 'kept',
      }),
    );
  });

  it('is on the screen before the next key is heard, that goes by what it is given', async () => {
    const fixture = TestBed.createComponent(Host);
    TestBed.inject(ApplicationRef).attachView(fixture.componentRef.hostView);
    fixture.detectChanges();
    const part = fixture.debugElement.children[0]!.componentInstance as Given;
    const wider = (): string | undefined =>
      edits.apply('wider', [at('opening.width', [`${Number.parseFloat(part.width()) + 1} mm`])]);
    // Three keys in a row, each a task of its own, with no frame between them.
    for (let key = 0; key < 3; key += 1) {
      wider();
      await Promise.resolve();
    }
    expect(now()?.cases[0]?.banks[0]?.opening?.width).toEqual(['603 mm']);
  });

  it('that changes nothing is none', () => {
    expect(edits.apply('same', [at('basis', 'planned')])).toBeUndefined();
    expect(store.selectSignal(jobFeature.selectPast)()).toEqual([]);
  });

  it('that leaves a job nobody could read is refused with one sentence', () => {
    expect(edits.apply('gone', [at('front.material', 'oak')])).toBe('Read "oak": no material of the job has this id.');
    expect(now()).toBe(document);
  });

  it('that wishes for a division that can’t be made is refused with the amount, and the last good one stays', () => {
    expect(edits.apply('lock', [at('drawers[0].height', '900 mm')])).toContain(
      '125.0 mm more than there is to share out',
    );
    expect(edits.apply('step', [at('division.step', '300 mm')])).toContain('under nothing');
    expect(now()).toBe(document);
  });

  it('leaves what a newer Zabble wrote where it stands', () => {
    const newer = { ...document, minor: 999, motto: 'measure twice' };
    store.dispatch(
      JobActions.opened({
        job: { id: 'n', revision: 1, document: newer, createdAt: '', updatedAt: '' },
        document: newer,
        sync: 'kept',
      }),
    );
    expect(edits.apply('rail', [at('rail', '3 mm')])).toBeUndefined();
    expect(now()).toEqual(patched(newer, [at('rail', '3 mm')]));
    expect(store.selectSignal(selectNewer)()).toMatchObject({ code: 'newer-minor', params: { fields: ['motto'] } });
  });

  it('that measures is taken even where the division can’t be made by it any more', () => {
    expect(edits.apply('lock', [at('drawers[0].height', '300 mm')])).toBeUndefined();
    expect(edits.apply('height', [at('opening.height[0]', '200 mm')])).toBeUndefined();
    // Already impossible: a wish may change it, for the better or not.
    expect(edits.apply('lock lower', [at('drawers[0].height', '290 mm')])).toBeUndefined();
    expect(now()).toEqual(patched(document, [at('drawers[0].height', '290 mm'), at('opening.height[0]', '200 mm')]));
  });
});
