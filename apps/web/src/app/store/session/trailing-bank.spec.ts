import { TestBed } from '@angular/core/testing';
import { provideMockStore, MockStore } from '@ngrx/store/testing';
import { selectBank } from './session';
import { TrailingBank } from './trailing-bank';

it('the bank beside its drawing is the newest; held, it stays behind until it is to catch up or is let go', () => {
  TestBed.configureTestingModule({ providers: [provideMockStore()] });
  const store = TestBed.inject(MockStore);
  const bank = (name: string) => ({ name }) as never;
  const now = (value: unknown): void => {
    store.overrideSelector(selectBank, value as never);
    store.refreshState();
  };
  now(bank('one'));
  const trailing = TestBed.inject(TrailingBank);
  const shown = (): unknown => trailing.bank();
  expect(shown()).toEqual({ name: 'one' });
  now(bank('two'));
  expect(shown()).toEqual({ name: 'two' });
  trailing.catchUp();
  now(bank('three'));
  expect(shown()).toEqual({ name: 'two' });
  trailing.catchUp();
  expect(shown()).toEqual({ name: 'three' });
  now(undefined);
  trailing.catchUp();
  expect(shown()).toBeUndefined();
  now(bank('four'));
  expect(shown()).toBeUndefined();
  trailing.letGo();
  expect(shown()).toEqual({ name: 'four' });
});
