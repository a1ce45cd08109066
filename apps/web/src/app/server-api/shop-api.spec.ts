import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { ROUTES } from '@zabble/contract/routes';
import { ShopApi } from './shop-api';

describe('rows of the shop', () => {
  const row = { id: 'own-1', name: 'Loft light', like: 'side-light' };
  const sent = (web: HttpTestingController) =>
    web.expectOne((request) => request.method === 'PUT' && request.url === ROUTES.shopSlides);

  it('take the place of another only as this page was told it', () => {
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    const [api, web] = [TestBed.inject(ShopApi), TestBed.inject(HttpTestingController)];
    const refused = jest.fn();
    api.keep(row).subscribe({ error: refused });
    const first = sent(web);
    expect(first.request.body).toEqual({ row });
    first.flush({ says: 'another', row: { id: 'x', row, revision: 4 } }, { status: 409, statusText: 'Conflict' });
    expect(refused).toHaveBeenCalledTimes(1);

    api.keep(row).subscribe();
    const again = sent(web);
    expect(again.request.body).toEqual({ row, revision: 4 });
    again.flush({ id: 'x', row, revision: 5 });

    api.slides().subscribe();
    web.expectOne(ROUTES.shopSlides).flush({ items: [{ id: 'x', row, revision: 7 }] });
    api.keep(row).subscribe();
    expect((sent(web).request.body as { revision: number }).revision).toBe(7);
  });
});
