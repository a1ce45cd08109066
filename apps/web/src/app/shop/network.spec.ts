import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideHttpClient } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { LetInDevice, NetworkState } from '@zabble/contract';
import { ShopNetwork } from './network';

const device = (id: string): LetInDevice => ({ id, name: id, letInAt: '', seenAt: '' });
const state = (ids: readonly string[]): NetworkState => ({
  ...{ near: true, open: true, address: 'http://192.0.2.7:4871', addresses: [] },
  devices: ids.map(device),
});
const CODE = { code: '123456', until: '2026-11-28T09:10:00Z', page: 'http://192.0.2.7/', outline: '', across: 21 };

describe('how Zabble is reached from phones', () => {
  let network: ShopNetwork;
  let server: HttpTestingController;
  const answer = (body: object | null): void => server.expectOne(() => true).flush(body);
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    network = TestBed.inject(ShopNetwork);
    server = TestBed.inject(HttpTestingController);
  });

  it('a code is shown until the device it was for has come in', () => {
    network.fetch();
    answer(state(['old']));
    network.askCode();
    answer(CODE);
    network.look();
    answer(state(['old']));
    expect([network.code()?.code, network.came()]).toEqual(['123456', undefined]);
    network.look();
    answer(state(['old', 'new']));
    expect([network.code(), network.came()?.id]).toEqual([undefined, 'new']);
  });

  it('one that is sent away is no longer told as the one that came', () => {
    network.fetch();
    answer(state([]));
    network.look();
    answer(state(['new']));
    network.withdraw(device('new'));
    answer(null);
    answer(state([]));
    expect([network.came(), network.state()?.devices]).toEqual([undefined, []]);
  });

  it('where this machine alone calls it so, others are led to the address it was given; to none while there is none', () => {
    expect(network.reached()).toBeUndefined();
    network.know();
    answer(state([]));
    expect(network.reached()).toBe('http://192.0.2.7:4871');
    network.know();
    server.verify();
  });

  it('what is refused is said', () => {
    network.set(true);
    server.expectOne(() => true).flush({ says: 'Port 4871 is taken.' }, { status: 503, statusText: 'no' });
    answer(state([]));
    expect(network.says()).toBe('Port 4871 is taken.');
  });
});
