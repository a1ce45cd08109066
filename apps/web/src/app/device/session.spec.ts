import { provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { DOCUMENT } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { SessionState } from '@zabble/contract';
import { OWN_HEADER, ROUTES } from '@zabble/contract/routes';
import { ownRequests } from '../server-api/own-requests';
import { DeviceStore } from './device-store';
import { Session } from './session';

const SHOP = { id: 's1', name: 'Skerry Point', role: 'maker' } as const;
const RUNA: SessionState = {
  mode: 'shared',
  person: { id: 'p1', name: 'Runa', email: 'runa@loft.example', secondFactor: false, shop: SHOP, shops: [SHOP] },
};

describe('who is signed in', () => {
  const went: string[] = [];
  const location = { reload: () => went.push('again'), assign: (to: string) => went.push(to) };
  let http: HttpTestingController;

  beforeEach(() => {
    localStorage.clear();
    went.length = 0;
    const page = { defaultView: { location }, querySelectorAll: () => [] };
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(withInterceptors([ownRequests])),
        provideHttpClientTesting(),
        { provide: DOCUMENT, useValue: page },
      ],
    });
    http = TestBed.inject(HttpTestingController);
  });

  const answer = (state: SessionState) => http.expectOne(ROUTES.session).flush(state);
  const settled = () => new Promise((resolve) => setTimeout(resolve));

  it('on a device of one’s own is nobody: everybody enters, and what is kept is where it always was', async () => {
    const kept = jest.spyOn(TestBed.inject(DeviceStore), 'keepFor');
    const session = TestBed.inject(Session);
    const loaded = session.load();
    answer({ mode: 'own' });
    await loaded;
    expect([session.shared(), session.mayEnter(), kept.mock.calls]).toEqual([false, true, []]);
  });

  it('is told before anything is read from the device, which keeps for that person in that shop', async () => {
    const kept = jest.spyOn(TestBed.inject(DeviceStore), 'keepFor');
    const session = TestBed.inject(Session);
    const loaded = session.load();
    expect(session.shared()).toBe(false);
    answer(RUNA);
    await loaded;
    expect([session.role(), session.mayEnter(), kept.mock.calls]).toEqual(['maker', true, [['p1.s1']]]);
    // What is changed from now on is said to be of this shop.
    session['api'].signOut().subscribe();
    expect(http.expectOne({ method: 'DELETE' }).request.headers.get(OWN_HEADER)).toBe('s1');
  });

  it('as last told counts while the server is away; who is not a member may not enter', async () => {
    localStorage.setItem('zabble.session', JSON.stringify(RUNA));
    const session = TestBed.inject(Session);
    await session.load();
    http.expectOne(ROUTES.session).error(new ProgressEvent('error'));
    await settled();
    expect([session.person()?.name, session.mayEnter(), went]).toEqual(['Runa', true, []]);
  });

  const { shop: _shop, ...OF_NO_SHOP } = RUNA.person ?? {};
  it.each([
    ['belongs to a shop', RUNA.person, true],
    ['belongs to none', OF_NO_SHOP, false],
    ['belongs to one that is deleted', { ...RUNA.person, deletedFor: 3 }, false],
    ['belongs to one that was deleted today', { ...RUNA.person, deletedFor: 0 }, false],
    ['nobody is', undefined, false],
  ])('who signed in and %s: whether that one may enter', async (_, person, may) => {
    const session = TestBed.inject(Session);
    const loaded = session.load();
    answer({ mode: 'shared', ...(person ? { person } : {}) } as SessionState);
    await loaded;
    expect(session.mayEnter()).toBe(may);
  });

  it.each([
    ['somebody else', { ...RUNA, person: { ...RUNA.person, id: 'p2' } } as SessionState, ['again']],
    ['nobody', { mode: 'shared' } as const, ['again']],
    ['the same person with another role', { ...RUNA, person: { ...RUNA.person, name: 'R' } } as SessionState, []],
  ])('that it is %s by now begins the page anew where it must', async (_, now, goes) => {
    localStorage.setItem('zabble.session', JSON.stringify(RUNA));
    await TestBed.inject(Session).load();
    answer(now);
    await settled();
    expect(went).toEqual(goes);
    expect(JSON.parse(localStorage.getItem('zabble.session') ?? '')).toEqual(now);
  });
});
