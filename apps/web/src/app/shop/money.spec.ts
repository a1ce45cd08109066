import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { ShopMoney } from './money';

it('tells amounts in the shop’s currency, and that it has said none', () => {
  TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
  const [money, http] = [TestBed.inject(ShopMoney), TestBed.inject(HttpTestingController)];
  expect(money.say(74)).toBe('¤74.00');
  http.expectOne('/api/shop/money').flush({ currency: 'EUR' });
  expect(money.say(1234.5)).toBe('€1,234.50');
  money.keep('JPY');
  http.expectOne({ method: 'PUT', url: '/api/shop/money' }).flush({ currency: 'JPY' });
  // Yen have no hundredths; common practice.
  expect(money.say(1234)).toBe('¥1,234');
});
