import '@angular/localize/init';
import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { ROUTES } from '@zabble/contract/routes';
import { PriceBookView } from './price-book';

const EMPTY = { settings: {}, revision: 0, prices: [] };
const FOOT = { key: 'foot', unit: 'piece', pack: 4, cents: 960 };
const LIST = 'key,unit,pack,price\nfoot,piece,4,9.60\n';

describe('the price book', () => {
  let fixture: ComponentFixture<PriceBookView>;
  let server: HttpTestingController;
  const shown = (): string => (fixture.nativeElement as HTMLElement).textContent ?? '';
  const button = (label: string): HTMLButtonElement =>
    [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')].find(({ textContent }) =>
      textContent.includes(label),
    )!;

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting()],
    });
    fixture = TestBed.createComponent(PriceBookView);
    server = TestBed.inject(HttpTestingController);
    server.expectOne(ROUTES.costing).flush(EMPTY);
    // A file is read as a browser does, which is not there.
    const file = { name: 'yard.csv', size: LIST.length, text: () => Promise.resolve(LIST) } as File;
    await (fixture.componentInstance as unknown as { take(files: readonly File[]): Promise<void> }).take([file]);
    await fixture.whenStable();
    button('understood').click();
    await fixture.whenStable();
  });

  it('says that prices are in it once they are', async () => {
    expect(shown()).not.toContain('in the book.');
    server.expectOne(ROUTES.costingPrices).flush({ ...EMPTY, prices: [FOOT] });
    await fixture.whenStable();
    expect(shown()).toContain('1 price of yard.csv is in the book.');
    expect(button('understood')).toBeUndefined();
  });

  it('keeps the list where they could not be kept, and says why', async () => {
    const says = 'The book is closed.';
    server.expectOne(ROUTES.costingPrices).flush({ status: 503, says }, { status: 503, statusText: '' });
    await fixture.whenStable();
    expect(shown()).toContain(says);
    expect(shown()).not.toContain('in the book.');
    expect(button('understood')).toBeDefined();
  });
});
