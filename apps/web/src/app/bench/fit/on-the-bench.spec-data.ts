import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import { patched, type JobDocument, type LogEntryDocument, type Patch } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { JobActions } from '../../store/job/job.actions';
import { jobFeature } from '../../store/job/job.reducer';
import { LogActions } from '../../store/log/log.actions';
import { logFeature } from '../../store/log/log.reducer';
import { selectBank, sessionFeature } from '../../store/session/session';

/** A plain job as built, in millimetres. */
export function builtJob(): JobDocument {
  const plain = newJob('mm');
  const cases = plain.cases.map((owner) => ({
    ...owner,
    banks: owner.banks.map((bank) => ({ ...bank, basis: 'as-built' as const })),
  }));
  return { ...plain, cases };
}

/** A component of the step Fit with a job on the bench, nothing kept on the device. */
export async function onTheBench<T>(
  component: Type<T>,
  inputs: Readonly<Record<string, unknown>> = {},
  patches: readonly Patch[] = [],
) {
  localStorage.clear();
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer }),
    ],
  });
  const store = TestBed.inject(Store);
  const document = patched(builtJob(), patches);
  const job = { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' };
  store.dispatch(JobActions.open({ id: 'j' }));
  store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
  const fixture = TestBed.createComponent(component);
  const bank = store.selectSignal(selectBank);
  fixture.componentRef.setInput('bank', bank());
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  const settle = async (): Promise<void> => {
    await fixture.whenStable();
    fixture.componentRef.setInput('bank', bank());
    await fixture.whenStable();
  };
  await settle();
  const element = fixture.nativeElement as HTMLElement;
  const press = async (name: RegExp | string): Promise<void> => {
    const found = [...element.querySelectorAll('button')].find((each) => (each.textContent ?? '').trim().match(name));
    if (!found) throw new Error(`no button ${String(name)}`);
    found.click();
    await settle();
  };
  let seq = 0;
  const hear = async (entry: LogEntryDocument): Promise<void> => {
    store.dispatch(LogActions.heard({ job: 'j', kept: [{ seq: (seq += 1), entry }] }));
    await settle();
  };
  const text = (): string => (element.textContent ?? '').replace(/\s+/g, ' ');
  const entries = store.selectSignal(logFeature.selectEntries);
  return { element, store, press, hear, settle, text, entries };
}
