import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';
import { logFeature } from '../store/log/log.reducer';
import { sessionFeature } from '../store/session/session';
import { LengthField } from './length-field';
import { Writing } from '../ui/writing';

const PATH = 'cases[0].banks[0].opening.width[0]';

describe('a length field', () => {
  let fixture: ComponentFixture<LengthField>;
  let store: Store;
  const input = (): HTMLInputElement => (fixture.nativeElement as HTMLElement).querySelector('input')!;
  const text = (): string => (fixture.nativeElement as HTMLElement).textContent ?? '';
  const kept = (): unknown => valueAt(store.selectSignal(jobFeature.selectDocument)(), PATH);
  const write = async (value: string): Promise<void> => {
    input().dispatchEvent(new Event('focus'));
    input().value = value;
    input().dispatchEvent(new Event('input'));
    input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await fixture.whenStable();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer })],
    });
    store = TestBed.inject(Store);
    const document = newJob('in');
    store.dispatch(
      JobActions.opened({
        job: { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' },
        document,
        sync: 'kept',
      }),
    );
    fixture = TestBed.createComponent(LengthField);
    fixture.componentRef.setInput('path', PATH);
    fixture.componentRef.setInput('label', 'Width');
    await fixture.whenStable();
  });

  it('shows what is kept and takes fractions, sums and the other unit', async () => {
    expect(input().value).toBe('24');
    await write('23 7/8 - 2*1/2');
    expect([kept(), input().value]).toEqual(['22 7/8 in', '22 7/8']);
    await write('600 mm');
    expect([kept(), input().value]).toEqual(['600 mm', '600 mm']);
  });

  it('leaves what it can’t read as typed, says so, and keeps the last good one', async () => {
    await write('24 1/0');
    expect([kept(), input().value]).toEqual(['24 in', '24 1/0']);
    expect(text()).toContain('Read "24 1/0": the fraction 1/0 divides by nothing.');
    expect(input().getAttribute('aria-invalid')).toBe('true');
    await write('0');
    expect([kept(), text().includes('more than nothing')]).toEqual(['24 in', true]);
    input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    await fixture.whenStable();
    expect([input().value, input().getAttribute('aria-invalid')]).toEqual(['24', 'false']);
  });

  it('leaves what it can’t read as typed while another field changes the job', async () => {
    await write('24 x');
    input().dispatchEvent(new Event('blur'));
    const document = { ...newJob('in'), name: 'Another name' };
    store.dispatch(JobActions.edited({ name: 'job name', document }));
    await fixture.whenStable();
    expect([kept(), input().value]).toEqual(['24 in', '24 x']);
    expect(text()).toContain('Read "24 x"');
  });

  const type = (value: string): void => {
    input().value = value;
    input().dispatchEvent(new Event('input'));
  };
  const pause = async (): Promise<void> => {
    jest.advanceTimersByTime(2000);
    await fixture.whenStable();
  };

  describe('while someone writes', () => {
    beforeEach(() => jest.useFakeTimers());
    afterEach(() => jest.useRealTimers());

    it.each([
      ['2', 'another size altogether: 25 3/8 is on its way'],
      ['25 ', 'it ends open'],
      ['25 -', 'it ends open'],
      ['25 3/', 'it ends open'],
      ['25 3/0', 'it can’t be read'],
      ['250', 'another size altogether'],
    ])('a pause at %j takes nothing: %s', async (text) => {
      input().dispatchEvent(new Event('focus'));
      type(text);
      await pause();
      expect([kept(), input().value]).toEqual(['24 in', text]);
    });

    it('a pause at a whole, sane length takes it; Escape puts back what stood before, and leaves nothing to undo', async () => {
      input().dispatchEvent(new Event('focus'));
      type('25 3/8');
      await pause();
      expect(kept()).toBe('25 3/8 in');
      input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
      await pause();
      expect([kept(), input().value]).toEqual(['24 in', '24']);
      expect(store.selectSignal(jobFeature.selectPast)()).toEqual([]);
    });

    it('Escape after Enter leaves what was taken', async () => {
      input().dispatchEvent(new Event('focus'));
      type('25');
      input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
      type('2');
      input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
      await pause();
      expect([kept(), input().value]).toEqual(['25 in', '25']);
    });

    it('what is half typed is put back before anything of the job is undone', async () => {
      const writing = TestBed.inject(Writing);
      input().dispatchEvent(new Event('focus'));
      type('25');
      input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
      expect(writing.putBack()).toBe(false);
      type('3');
      expect(writing.putBack()).toBe(true);
      expect([kept(), input().value]).toEqual(['25 in', '25']);
      store.dispatch(JobActions.undone());
      writing.settle();
      await pause();
      expect([kept(), input().value]).toEqual(['24 in', '24']);
      input().dispatchEvent(new Event('blur'));
      expect(kept()).toBe('24 in');
      expect(writing.putBack()).toBe(false);
    });

    it('shows one length by another, and keeps it so', async () => {
      const as = { shown: (length: number) => length / 2, kept: (length: number) => 2 * length };
      fixture.componentRef.setInput('as', as);
      await pause();
      expect(input().value).toBe('12');
      input().dispatchEvent(new Event('focus'));
      type('12 1/2');
      input().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
      expect(kept()).toBe('25 in');
    });
  });

  it('follows an undo', async () => {
    await write('25');
    input().dispatchEvent(new Event('blur'));
    store.dispatch(JobActions.undone());
    await fixture.whenStable();
    expect(input().value).toBe('24');
  });
});
