import { HttpClient, provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import type { Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { Observable } from 'rxjs';
import { BuyingApi } from './buying-api';
import { CalendarApi } from './calendar-api';
import { CostingApi } from './costing-api';
import { NetworkApi } from './network-api';
import { PhotosApi } from './photos-api';
import { PresentApi } from './present-api';
import { QuotesApi } from './quotes-api';
import { RackApi } from './rack-api';
import { RecordApi } from './record-api';
import { SessionApi } from './session-api';
import { ShopApi } from './shop-api';

/** What is asked, as the method and path the server knows, and what is sent with it. */
type Asked = readonly [request: string, ask: () => Observable<unknown>, body?: unknown];

const any = (value: object): never => value as never;
const of = <Api>(api: Type<Api>, asks: (api: Api) => readonly Asked[]): [string, () => readonly Asked[]] => [
  api.name.replace(/^_/, ''),
  () => asks(TestBed.inject(api)),
];
const seen = any({ paper: 'a4', zone: -60 });
const sheet = any({ material: 'ply', kind: 'sheet' });
const settings = any({ temperature: 18 });

describe('what the server is asked', () => {
  let http: HttpTestingController;
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    http = TestBed.inject(HttpTestingController);
    TestBed.inject(HttpClient);
  });

  it.each([
    of(BuyingApi, (api) => [
      ['GET /api/shop/buying', () => api.read()],
      ['PUT /api/shop/buying/drawer', () => api.count(any({ key: 'catch' })), { key: 'catch' }],
      ['POST /api/shop/buying/aside', () => api.layAside(any({ id: 'l1' })), { id: 'l1' }],
      ['DELETE /api/shop/buying/aside/l1', () => api.putBack('l1')],
      ['POST /api/shop/buying/orders', () => api.order(any({ id: 'o1' })), { id: 'o1' }],
      ['POST /api/shop/buying/orders/o1/asked', () => api.ask('o1'), {}],
      ['POST /api/shop/buying/orders/o1/off', () => api.callOff('o1'), {}],
      ['POST /api/shop/buying/orders/o1/arrived', () => api.arrived('o1', any({ key: 'catch' })), { key: 'catch' }],
      [
        'POST /api/shop/buying/orders/o1/not-arrived',
        () => api.notArrived('o1', any({ key: 'catch' })),
        { key: 'catch' },
      ],
      ['GET blob /api/shop/buying/orders/o1/order.pdf?paper=letter', () => api.pdf('o1', 'letter')],
      ['GET /api/shop/supplier/prices', () => api.supplierPrices()],
      ['GET /api/shop/supplier', () => api.supplier()],
      ['POST /api/shop/supplier', () => api.turn({ mood: 'late' }), { mood: 'late' }],
    ]),
    of(CalendarApi, (api) => [
      ['GET /api/calendar', () => api.read()],
      ['PUT /api/calendar', () => api.keep(settings, 7), { calendar: settings, revision: 7 }],
      ['PUT /api/calendar/jobs/j1', () => api.sayJob('j1', { atWork: true }), { atWork: true }],
      ['PUT /api/calendar/jobs/j1/fixed', () => api.fix('j1', any({ task: 'glue' })), { task: 'glue' }],
      ['PUT /api/calendar/feed', () => api.link(), {}],
      ['DELETE /api/calendar/feed', () => api.withdraw()],
      ['POST blob /api/calendar/week.pdf', () => api.file('week.pdf', seen), seen],
    ]),
    of(CostingApi, (api) => [
      ['GET /api/shop/costing', () => api.read()],
      ['PUT /api/shop/costing', () => api.say(settings, 7), { settings, revision: 7 }],
      ['GET /api/shop/costing/learned', () => api.learned()],
      ['PUT /api/shop/costing/settled/j1', () => api.settle('j1', any({ minutes: [] })), { minutes: [] }],
      ['PUT /api/shop/costing/prices', () => api.keep([any({ key: 'catch' })]), { prices: [{ key: 'catch' }] }],
      ['POST /api/shop/costing/prices/dropped', () => api.drop(['catch']), { keys: ['catch'] }],
    ]),
    of(NetworkApi, (api) => [
      ['GET /api/network', () => api.state()],
      ['PUT /api/network', () => api.set(false), { open: false }],
      ['PUT /api/network', () => api.set(true, '10.0.0.7'), { open: true, address: '10.0.0.7' }],
      ['POST /api/network/code', () => api.code(), {}],
      ['DELETE /api/network/devices/d%2F1', () => api.withdraw('d/1')],
    ]),
    of(PhotosApi, (api) => [
      ['PUT /api/jobs/j1/photos/p1', () => api.keep('j1', 'p1', new File(['x'], 'x.png', { type: 'image/png' }))],
    ]),
    of(PresentApi, (api) => [['POST /api/jobs/j1/here', () => api.here('j1', any({ page: 'p1' })), { page: 'p1' }]]),
    of(QuotesApi, (api) => [
      ['GET /api/jobs/j1/quotes', () => api.list('j1')],
      ['POST /api/jobs/j1/quotes', () => api.make('j1', any({ id: 'q1' })), { id: 'q1' }],
      ['PUT /api/quotes/q1/state', () => api.move('q1', any({ state: 'sent' })), { state: 'sent' }],
      ['POST /api/quotes/q1/link', () => api.link('q1'), {}],
      ['DELETE /api/quotes/q1/link', () => api.withdraw('q1')],
      ['GET blob /api/quotes/q1/quote.pdf?paper=a4', () => api.pdf('q1', 'a4')],
    ]),
    of(RackApi, (api) => [
      ['GET /api/shop/stock', () => api.stock()],
      ['PUT /api/shop/stock/s1', () => api.keep('s1', sheet), { item: sheet }],
      ['POST /api/shop/stock/s1/count', () => api.change('s1', -2), { by: -2 }],
      ['POST /api/shop/stock/list', () => api.add([sheet]), { items: [sheet] }],
      ['GET /api/shop/bookings?job=j1', () => api.bookings('j1')],
      ['POST /api/shop/bookings', () => api.book(any({ id: 'b1' })), { id: 'b1' }],
      ['POST /api/shop/bookings/b1/undo', () => api.undo('b1'), {}],
      ['GET /api/shop/prices', () => api.prices()],
      ['POST /api/shop/prices/refresh', () => api.refreshPrices(), {}],
    ]),
    of(RecordApi, (api) => [
      ['GET /api/record?search=waxed', () => api.find('waxed', '')],
      ['GET /api/record?search=&kind=fault&after=x~1', () => api.find('', 'fault', 'x~1')],
      ['GET /api/record/made', () => api.made()],
      ['GET /api/record/made/box-width', () => api.readings('box-width')],
      ['GET /api/shop/habits', () => api.habits()],
      [
        'PATCH /api/shop/habits',
        () => api.keepHabits({ ease: '1 mm' }, { ease: '2 mm' }),
        { ease: '1 mm', was: { ease: '2 mm' } },
      ],
    ]),
    of(SessionApi, (api) => [
      ['GET /api/session', () => api.state()],
      ['POST /api/session', () => api.signIn(any({ email: 'a@b.example' })), { email: 'a@b.example' }],
      ['DELETE /api/session', () => api.signOut()],
      ['POST /api/session/invitation', () => api.invited('t'), { token: 't' }],
      ['POST /api/session/join', () => api.join(any({ token: 't' })), { token: 't' }],
      ['POST /api/session/forgotten', () => api.forgotten('a@b.example'), { email: 'a@b.example' }],
      ['POST /api/session/new-password', () => api.newPassword('t', 'p'), { token: 't', password: 'p' }],
      ['PUT /api/session/shop', () => api.lookAt('s1'), { shop: 's1' }],
      ['GET /api/session/all', () => api.sessions()],
      ['DELETE /api/session/all/x1', () => api.endSession('x1')],
      ['PUT /api/session/password', () => api.changePassword({ was: 'w', password: 'p' }), { was: 'w', password: 'p' }],
      ['POST /api/session/second-factor', () => api.beginFactor('p'), { password: 'p' }],
      ['PUT /api/session/second-factor', () => api.factorOn('123456'), { code: '123456' }],
      ['DELETE /api/session/second-factor', () => api.factorOff('p'), { password: 'p' }],
      ['GET /api/shop/crew', () => api.crew()],
      [
        'POST /api/shop/crew/invitations',
        () => api.invite({ email: 'a@b.example', role: 'maker' }),
        { email: 'a@b.example', role: 'maker' },
      ],
      ['DELETE /api/shop/crew/invitations/i1', () => api.withdraw('i1')],
      ['PUT /api/shop/crew/members/m1', () => api.changeRole('m1', 'helper'), { role: 'helper' }],
      ['DELETE /api/shop/crew/members/m1', () => api.remove('m1')],
      ['POST /api/shop/crew/deleted', () => api.deleteShop('p'), { password: 'p' }],
      ['POST /api/session/shop/restored', () => api.restoreShop(), {}],
      ['GET /api/shop/crew/audit', () => api.audit()],
      ['GET /api/shop/crew/audit?before=9', () => api.audit(9)],
    ]),
    of(ShopApi, (api) => [
      ['GET /api/shop/money', () => api.money()],
      ['PUT /api/shop/money', () => api.keepMoney('EUR', null), { currency: 'EUR', was: null }],
      ['GET /api/shop/slides', () => api.slides()],
      ['PUT /api/shop/slides', () => api.keep(any({ name: 'Long' })), { row: { name: 'Long' } }],
      ['DELETE /api/shop/slides/s1?revision=3', () => api.delete(any({ id: 's1', revision: 3 }))],
      ['GET /api/shop/materials', () => api.materials()],
      ['PUT /api/shop/materials', () => api.keepMaterial(any({ name: 'Ply' })), { row: { name: 'Ply' } }],
      ['DELETE /api/shop/materials/m1?revision=3', () => api.deleteMaterial({ id: 'm1', revision: 3 })],
      ['GET /api/shop/suppliers', () => api.suppliers()],
      ['PUT /api/shop/suppliers', () => api.keepSupplier(any({ name: 'Loft' })), { row: { name: 'Loft' } }],
      ['DELETE /api/shop/suppliers/s1?revision=3', () => api.deleteSupplier(any({ id: 's1', revision: 3 }))],
      ['GET /api/shop/customers', () => api.customers()],
      ['PUT /api/shop/customers', () => api.keepCustomer(any({ name: 'Holm' })), { row: { name: 'Holm' } }],
      ['DELETE /api/shop/customers/c1?revision=3', () => api.deleteCustomer(any({ id: 'c1', revision: 3 }))],
    ]),
  ])('by %s', (_, asks) => {
    for (const [wanted, ask, body] of asks()) {
      ask().subscribe();
      const { request } = http.expectOne(() => true);
      const blob = request.responseType === 'blob' ? 'blob ' : '';
      expect(`${request.method} ${blob}${request.urlWithParams}`).toBe(wanted);
      if (!(request.body instanceof Blob)) expect(request.body ?? undefined).toEqual(body);
    }
  });

  it('a picture is sent as what it is, or as it may be', () => {
    const api = TestBed.inject(PhotosApi);
    for (const [type, sent] of [
      ['image/webp', 'image/webp'],
      ['', 'application/octet-stream'],
    ] as const) {
      const file = new File(['x'], 'x', { type });
      api.keep('j1', 'p1', file).subscribe();
      const { request } = http.expectOne('/api/jobs/j1/photos/p1');
      expect([request.body, request.headers.get('content-type')]).toEqual([file, sent]);
    }
  });

  it('a shop’s file is sent as it was taken out', () => {
    const file = new Blob(['x']);
    TestBed.inject(SessionApi).bringShop(file).subscribe();
    const { request } = http.expectOne({ method: 'POST', url: '/api/shop/crew/file' });
    expect([request.body, request.headers.get('content-type')]).toEqual([file, 'application/gzip']);
  });
});
