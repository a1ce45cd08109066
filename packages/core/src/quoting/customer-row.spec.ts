import { readCustomer } from './customer-row';

describe('a row of the book of customers', () => {
  it('is read as it is written', () => {
    const row = { name: 'Skerry Point', address: 'The slip', reach: 'by boat', notes: 'mind the dog' };
    expect(readCustomer(row)).toEqual({ ok: true, row });
    expect(readCustomer({ name: 'S' })).toEqual({ ok: true, row: { name: 'S' } });
  });

  it.each<[string, unknown, string, string]>([
    ['no row', 7, 'row', 'read-wrong'],
    ['one without a name', { address: 'The slip' }, 'row.name', 'field-missing'],
    // It could be read: what is left over is said all the same.
    ['one with something else', { name: 'S', boat: 1 }, 'row.boat', 'unknown-field'],
  ])('%s is refused with where it is wrong', (_, value, path, code) => {
    expect(readCustomer(value)).toMatchObject({ ok: false, errors: [{ path, said: { code } }] });
  });
});
