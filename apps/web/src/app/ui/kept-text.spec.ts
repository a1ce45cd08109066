import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { keptText } from './kept-text';

describe('the text of a field', () => {
  it('follows what is kept, knows when it is half typed, and goes back with what was wrong forgotten', () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const kept = signal('12');
    const { control, says, written } = TestBed.runInInjectionContext(() => keptText(kept));
    TestBed.tick();
    expect([control.value, written.half()]).toEqual(['12', false]);
    control.setValue('12 ell');
    says.set('Read "12 ell".');
    expect(written.half()).toBe(true);
    written.settle();
    expect([control.value, says(), written.half()]).toEqual(['12', '', false]);
    kept.set('14');
    TestBed.tick();
    expect(control.value).toBe('14');
  });
});
