import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ActionSearch } from './action-search';

/** jsdom scrolls nothing. */
Element.prototype.scrollIntoView = () => undefined;

describe('the search of actions', () => {
  async function opened(names: readonly string[]) {
    const done: string[] = [];
    const all = signal(names.map((name) => ({ name, group: 'Job', run: () => done.push(name) })));
    TestBed.configureTestingModule({
      providers: [
        { provide: DIALOG_DATA, useValue: all },
        { provide: DialogRef, useValue: { close: () => undefined } },
      ],
    });
    const fixture = TestBed.createComponent(ActionSearch);
    await fixture.whenStable();
    const input = (fixture.nativeElement as HTMLElement).querySelector('input');
    if (!input) throw new Error('no field to write in');
    return {
      done,
      drawn: () => fixture.whenStable(),
      write: (words: string) => {
        input.value = words;
        input.dispatchEvent(new Event('input'));
      },
      press: (key: string, keyCode = 0) => input.dispatchEvent(new KeyboardEvent('keydown', { key, keyCode })),
      lit: () => (fixture.nativeElement as HTMLElement).querySelector('[aria-selected="true"]')?.textContent.trim(),
    };
  }

  it('Enter does what is written, though its list is not drawn yet', async () => {
    const { write, press, done } = await opened(['Rename', 'Delete', 'Duplicate']);
    write('del');
    press('Enter');
    expect(done).toEqual(['Delete']);
  });

  it('Enter does nothing where nothing is called what is written', async () => {
    const { write, press, done } = await opened(['Rename', 'Delete']);
    write('varnish');
    press('Enter');
    expect(done).toEqual([]);
  });

  it('arrows choose among what is found; other words begin at its first again', async () => {
    const { write, press, done, drawn, lit } = await opened(['Delete', 'Deliver', 'Print', 'Press']);
    write('de');
    await drawn();
    press('ArrowDown', 40);
    await drawn();
    expect(lit()).toContain('Deliver');
    write('pr');
    await drawn();
    expect(lit()).toContain('Print');
    press('Enter');
    expect(done).toEqual(['Print']);
  });
});
