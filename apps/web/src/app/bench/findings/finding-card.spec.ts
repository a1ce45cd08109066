import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { groupOverBanks, patched, plan, readJobDocument, type JobFindingGroup, type JobDocument } from '@zabble/core';
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

function tooHigh(from: JobDocument): JobFindingGroup {
  const reading = readJobDocument(from);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { banks } = plan(reading.job).cases[0]!;
  return groupOverBanks(banks).find(({ finding }) => finding.code === 'BOX_TOO_HIGH')!;
}

/** The card of the finding two banks share, told for this bank, with what is pressed on it. */
async function card(bank: string) {
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
  fixture.componentRef.setInput('group', tooHigh(document));
  fixture.componentRef.setInput('bank', bank);
  await fixture.whenStable();
  const press = async (name: string): Promise<void> => {
    [...element.querySelectorAll('button')].find((each) => each.textContent?.trim() === name)!.click();
    await fixture.whenStable();
  };
  const heights = () =>
    store
      .selectSignal(jobFeature.selectDocument)()!
      .cases[0]!.banks.map(({ drawers }) => drawers[0]!.boxHeight);
  return { fixture, element, press, heights, preview: () => element.querySelector('[role="group"]') };
}

describe('a finding with what mends it', () => {
  it('is told once for banks that share it, and mended in all of them by one press', async () => {
    const { element, press, heights, preview } = await card('cases[0].banks[1]');
    expect(element.textContent).toMatch(
      /In several banks: the box height .*Case, bank b1 \(drawer 1\) · Case, bank b2 \(drawer 1\)/,
    );
    await press('Take the greatest the bay allows');
    expect(preview()?.textContent).toContain('box height: 700 mm → nothing');
    expect(heights()).toEqual(['700 mm', '700 mm']);
    await press('Do it in all of them');
    expect(heights()).toEqual([undefined, undefined]);
  });

  it('may be mended in the bank on the bench alone', async () => {
    const { press, heights } = await card('cases[0].banks[1]');
    await press('Take the greatest the bay allows');
    await press('Only in this bank');
    expect(heights()).toEqual(['700 mm', undefined]);
  });

  it('shows what a remedy would change only while the finding still offers it', async () => {
    const { fixture, press, preview } = await card('cases[0].banks[1]');
    await press('Take the greatest the bay allows');
    const [bank] = document.cases[0]!.banks;
    const alone = patched(document, [{ path: 'cases[0].banks', value: [bank] }]);
    fixture.componentRef.setInput('group', tooHigh(alone));
    await fixture.whenStable();
    expect(preview()).toBeNull();
  });
});
