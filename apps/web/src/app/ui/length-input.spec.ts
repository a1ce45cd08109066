import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ReactiveFormsModule } from '@angular/forms';
import { inches, millimetres, type Unit } from '@zabble/core';
import { lengthControl, LengthInput, wrongLength } from './length-input';

@Component({
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthInput, ReactiveFormsModule],
  template: '<input [zLength]="unit()" [positive]="positive()" [formControl]="control" />',
})
class Host {
  readonly unit = signal<Unit>('in');
  readonly positive = signal(false);
  readonly control = lengthControl();
}

describe('a field for a length', () => {
  async function field() {
    const fixture = TestBed.createComponent(Host);
    await fixture.whenStable();
    const host = fixture.componentInstance;
    const input = (fixture.nativeElement as HTMLElement).querySelector('input')!;
    const type = async (text: string) => {
      input.value = text;
      input.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    return { fixture, host, input, type };
  }

  it('gives the length of what is written as on wood, bare numbers in its unit', async () => {
    const { fixture, host, type } = await field();
    await type('23 5/8');
    expect(host.control.value).toBe(inches(189, 8));
    await type('600 mm');
    expect(host.control.value).toBe(millimetres(600));
    host.unit.set('mm');
    await fixture.whenStable();
    await type('18');
    expect(host.control.value).toBe(millimetres(18));
  });

  it('keeps what can’t be read as typed, has no length then, and says what is wrong', async () => {
    const { host, input, type } = await field();
    await type('24');
    await type('24 1/0');
    expect([input.value, host.control.value, host.control.valid]).toEqual(['24 1/0', undefined, false]);
    expect(wrongLength(host.control)).toMatchObject({ code: 'wrong-field' });
    expect(input.getAttribute('aria-invalid')).toBe('true');
    await type('24 1/4');
    expect([host.control.valid, wrongLength(host.control)]).toEqual([true, undefined]);
    expect(input.getAttribute('aria-invalid')).toBe('false');
  });

  it('has no length at all before anything is written', async () => {
    const { host } = await field();
    expect(host.control.value).toBeUndefined();
    host.control.reset();
    expect(host.control.value).toBeUndefined();
  });

  it('stays what it is where the unit becomes another', async () => {
    const { fixture, host, input, type } = await field();
    await type('26 1/2');
    host.unit.set('mm');
    await fixture.whenStable();
    expect([input.value, host.control.value]).toEqual(['673.1', inches(53, 2)]);
    await type('no size');
    host.unit.set('in');
    await fixture.whenStable();
    expect(input.value).toBe('no size');
  });

  it('is more than nothing where it must be', async () => {
    const { fixture, host, type } = await field();
    await type('0');
    expect(host.control.value).toBe(0);
    host.positive.set(true);
    await fixture.whenStable();
    await type('0 in');
    expect([host.control.value, wrongLength(host.control)]).toMatchObject([undefined, { code: 'read-wrong' }]);
  });

  it('has no length, and nothing wrong, while nothing is written', async () => {
    const { host, type } = await field();
    await type('24');
    await type('  ');
    expect([host.control.value, host.control.valid]).toEqual([undefined, true]);
  });

  it('shows a length it is given exactly, and is empty without one', async () => {
    const { fixture, host, input, type } = await field();
    host.control.setValue(inches(47, 4));
    expect(input.value).toBe('11 3/4');
    await type('x');
    host.control.setValue(millimetres(11.8));
    await fixture.whenStable();
    expect([input.value, input.getAttribute('aria-invalid')]).toEqual(['11.8 mm', 'false']);
    host.control.reset();
    expect(input.value).toBe('');
    host.control.disable();
    expect(input.disabled).toBe(true);
  });
});
