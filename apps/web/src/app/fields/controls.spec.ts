import { type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { patched, valueAt, type JobDocument, type Patch } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';
import { logFeature } from '../store/log/log.reducer';
import { sessionFeature } from '../store/session/session';
import { Choice } from './choice';
import { LengthsField } from './lengths-field';
import { NumberField } from './number-field';
import { Pick } from './pick';
import { TextField } from './text-field';
import { Toggle } from './toggle';

const BANK = 'cases[0].banks[0]';

async function control<T>(
  type: Type<T>,
  inputs: Readonly<Record<string, unknown>>,
  { unit = 'in', patches = [] }: { unit?: 'in' | 'mm'; patches?: readonly Patch[] } = {},
) {
  TestBed.configureTestingModule({
    providers: [provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer })],
  });
  const store = TestBed.inject(Store);
  const document: JobDocument = patched(newJob(unit), patches);
  const job = { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' };
  store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
  const fixture = TestBed.createComponent(type);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  const element = fixture.nativeElement as HTMLElement;
  const find = <E extends HTMLElement>(selector: string): E => element.querySelector<E>(selector)!;
  const write = async (text: string): Promise<void> => {
    const field = find<HTMLInputElement>('input, textarea');
    field.dispatchEvent(new Event('focus'));
    field.value = text;
    field.dispatchEvent(new Event('input'));
    field.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  };
  const press = async (key: string): Promise<void> => {
    find('input, textarea').dispatchEvent(new KeyboardEvent('keydown', { key }));
    await fixture.whenStable();
  };
  const text = (): string => (element.textContent ?? '').replace(/\s+/g, ' ');
  const kept = (path = String(inputs['path'])): unknown =>
    valueAt(store.selectSignal(jobFeature.selectDocument)(), path);
  const undo = (): string | undefined => store.selectSignal(jobFeature.selectPast)().at(-1)?.name;
  return { element, find, write, press, text, kept, undo, fixture, store };
}

describe('a field for a number', () => {
  const ratio = { path: `${BANK}.division.ratio`, label: 'Ratio', optional: true };

  it('writes what is read, leaves what is not as typed, and takes an empty one out where it may be', async () => {
    const { write, kept, text, find, undo } = await control(NumberField, ratio);
    await write('1.3');
    expect([kept(), undo()]).toEqual([1.3, 'ratio']);
    await write('wide');
    expect([kept(), find<HTMLInputElement>('input').value]).toEqual([1.3, 'wide']);
    expect(text()).toContain('Read "wide": a plain number is wanted');
    await write('');
    expect(kept()).toBeUndefined();
  });

  it('wants a number where one must stand, and puts back what stood on Escape', async () => {
    const { write, kept, text, find, press } = await control(
      NumberField,
      { ...ratio, optional: false },
      { patches: [{ path: ratio.path, value: 1.25 }] },
    );
    await write('');
    expect([kept(), text().includes('a plain number is wanted')]).toEqual([1.25, true]);
    await press('Escape');
    expect(find<HTMLInputElement>('input').value).toBe('1.25');
  });

  const density = { path: 'materials[0].density_kg_m3', label: 'Weight', measures: 'density', optional: true };

  it('is told in pounds in a job of inches and held in kilograms', async () => {
    const { write, kept, text, find } = await control(NumberField, { ...density, placeholder: '680' });
    expect(text()).toContain('Weight, lb/cu ft');
    expect(find<HTMLInputElement>('input').placeholder).toBe('42.45');
    // 16.018 463 kg/m³ to the pound a cubic foot (NIST SP 811).
    await write('40');
    expect(kept()).toBeCloseTo(640.7385, 4);
    expect(find<HTMLInputElement>('input').value).toBe('40');
    await write('2');
    expect(text()).toContain('2 lb/cu ft is 32.04 kg/m³ in the file.');
    expect(kept()).toBeCloseTo(640.7385, 4);
  });

  it('is told as it is held in a job of millimetres', async () => {
    const { write, kept, text } = await control(NumberField, density, { unit: 'mm' });
    expect(text()).toContain('Weight, kg/m³');
    await write('640');
    expect(kept()).toBe(640);
  });
});

describe('a field for words', () => {
  it('writes them, refuses none where a name must be, and keeps the last good one', async () => {
    const { write, kept, text } = await control(TextField, { path: 'name', label: 'Name' });
    await write('Oar rack');
    expect(kept()).toBe('Oar rack');
    await write('  ');
    expect([kept(), text().includes('must not be empty')]).toEqual(['Oar rack', true]);
  });

  it('takes an empty one out where it may be', async () => {
    const { write, kept } = await control(TextField, { path: 'notes', label: 'Notes', lines: 4, optional: true });
    await write('by the door');
    expect(kept()).toBe('by the door');
    await write('');
    expect(kept()).toBeUndefined();
  });
});

describe('a field for several lengths', () => {
  const lengths = { path: `${BANK}.slide.lengths`, label: 'On offer', unit: 'in' };

  it('says which of them can’t be read, and changes nothing', async () => {
    const { write, kept, text, find } = await control(LengthsField, lengths);
    const before = kept();
    await write('10; 12x; 14');
    expect([kept(), find<HTMLInputElement>('input').value]).toEqual([before, '10; 12x; 14']);
    expect(text()).toContain('Read "12x"');
  });
});

describe('a choice, a list and a tick', () => {
  const mount = {
    path: `${BANK}.front.mount`,
    label: 'Fronts',
    options: [
      { value: 'overlay', label: 'Overlay' },
      { value: 'inset', label: 'Inset' },
    ],
  };

  it('of a row of buttons is written with what goes along, by name', async () => {
    const along = (): readonly Patch[] => [{ path: `${BANK}.front.gap`, value: '3/16 in' }];
    const { element, kept, undo, fixture } = await control(Choice, { ...mount, along: () => along() });
    const [, inset] = [...element.querySelectorAll<HTMLInputElement>('input')];
    inset!.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect([kept(), kept(`${BANK}.front.gap`), undo()]).toEqual(['inset', '3/16 in', 'fronts: inset']);
    expect(element.querySelector('.press-main')?.textContent).toContain('Inset');
  });

  it('of a list goes back to what holds when it is refused', async () => {
    const { find, kept, fixture, text } = await control(Pick, {
      path: `${BANK}.slide.family`,
      label: 'Slide',
      options: [
        { value: 'side-ball-bearing', label: 'Ball bearing' },
        { value: 'none-such', label: 'None such' },
      ],
    });
    const list = find<HTMLSelectElement>('select');
    list.value = 'none-such';
    list.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect([kept(), list.value]).toEqual(['side-ball-bearing', 'side-ball-bearing']);
    expect(text()).toContain('none-such');
  });

  it('of a tick writes only what is not so by itself', async () => {
    const grain = { path: 'materials[0].grain', label: 'Its grain shows', fallback: true };
    const { find, kept, fixture, undo } = await control(Toggle, grain);
    const tick = find<HTMLInputElement>('input');
    expect(tick.checked).toBe(true);
    tick.checked = false;
    tick.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect([kept(), undo()]).toEqual([false, 'not its grain shows']);
    tick.checked = true;
    tick.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(kept()).toBeUndefined();
  });
});
