import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { groupFindings, patched, plan, readJobDocument, type FindingGroup, type JobDocument } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { JobActions } from '../../store/job/job.actions';
import { jobFeature } from '../../store/job/job.reducer';
import { logFeature } from '../../store/log/log.reducer';
import { sessionFeature } from '../../store/session/session';
import { FindingCard } from './finding-card';

/** Two banks, each with a box height by hand that is over what its bay allows. */
const document: JobDocument = (() => {
  const one = newJob('mm');
  const [bank] = one.cases[0]!.banks;
  const high = {
    ...bank!,
    drawers: bank!.drawers.map((drawer, at) => (at === 0 ? { ...drawer, boxHeight: '700 mm' } : drawer)),
  };
  return patched(one, [
    { path: 'cases[0].banks', value: [high, { ...high, id: 'b2' }] },
    { path: 'cases[0].divider', value: '40 mm' },
  ]);
})();

function tooHigh(bank: number): FindingGroup {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { findings } = plan(reading.job).cases[0]!.banks[bank]!;
  return groupFindings(findings).find(({ finding }) => finding.code === 'BOX_TOO_HIGH')!;
}

describe('a finding with what mends it', () => {
  it('shows what a remedy would change only while it is this finding’s own', async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer }),
      ],
    });
    const store = TestBed.inject(Store);
    const job = { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' };
    store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
    const fixture = TestBed.createComponent(FindingCard);
    const element = fixture.nativeElement as HTMLElement;
    const show = async (bank: number): Promise<void> => {
      fixture.componentRef.setInput('group', tooHigh(bank));
      await fixture.whenStable();
    };
    const preview = () => element.querySelector('[role="group"]');
    const press = async (name: string): Promise<void> => {
      [...element.querySelectorAll('button')].find((each) => each.textContent?.trim() === name)!.click();
      await fixture.whenStable();
    };
    await show(0);
    await press('Take the greatest the bay allows');
    expect(preview()?.textContent).toContain('box height: 700 mm → nothing');
    // The other bank's finding says the same, and is mended elsewhere: nothing of it is open.
    await show(1);
    expect(preview()).toBeNull();
    await press('Take the greatest the bay allows');
    await press('Do it');
    const [first, second] = store.selectSignal(jobFeature.selectDocument)()!.cases[0]!.banks;
    expect([first!.drawers[0]!.boxHeight, second!.drawers[0]!.boxHeight]).toEqual(['700 mm', undefined]);
  });
});
