import { TestBed } from '@angular/core/testing';
import { type ActivatedRouteSnapshot, type RouterStateSnapshot } from '@angular/router';
import { Session } from '../device/session';
import { entered } from './entered';
import { ownPath } from './own-path';

const at = (url: string, session: object): string => {
  TestBed.configureTestingModule({ providers: [{ provide: Session, useValue: session }] });
  return TestBed.runInInjectionContext(() =>
    String(entered({} as ActivatedRouteSnapshot, { url } as RouterStateSnapshot)),
  );
};

describe('who may enter', () => {
  it('does', () => expect(at('/weeks', { mayEnter: () => true })).toBe('true'));

  it('signs in first, and is led back', () => {
    const nobody = { mayEnter: () => false, person: () => undefined };
    expect(at('/jobs/7', nobody)).toBe('/sign-in?to=%2Fjobs%2F7');
  });

  it('belongs to a shop; else there is only one’s account', () => {
    const shopless = { mayEnter: () => false, person: () => ({ name: 'Runa' }) };
    expect(at('/jobs', shopless)).toBe('/account');
    TestBed.resetTestingModule();
    expect(at('/account', shopless)).toBe('true');
  });
});

describe('where somebody is led to after signing in', () => {
  it.each([
    ['/weeks?from=2', '/weeks?from=2'],
    ['https://elsewhere.example', '/jobs'],
    ['//elsewhere.example', '/jobs'],
    ['/\\elsewhere.example', '/jobs'],
    ['/sign-in?to=/sign-in', '/jobs'],
    [undefined, '/jobs'],
  ])('%s: %s', (to, goes) => expect(ownPath(to)).toBe(goes));
});
