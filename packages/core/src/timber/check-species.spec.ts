import { nearestSpecies, readShopMaterial } from '.';

describe('a species nobody knows', () => {
  it.each([
    ['oak, red', 'Oak, northern red'],
    ['white ashe', 'Ash, white'],
    ['cherri', 'Cherry, black'],
    ['Walnutt', 'Walnut, black'],
    ['sugar mapel', 'Maple, sugar'],
    ['duglas fir', 'Douglas-fir, coast'],
    ['beach', 'Beech, American'],
  ])('%s is answered with %s first', (written, name) => {
    expect(nearestSpecies(written)[0]?.name).toBe(name);
  });

  it('is refused in the shop’s list too', () => {
    const row = { id: 'ash', name: 'Ash boards', kind: 'solid', thickness: '19 mm' };
    expect(readShopMaterial({ ...row, species: 'Ash, white' })).toMatchObject({ ok: true });
    expect(readShopMaterial({ ...row, species: 'ashes' })).toMatchObject({
      ok: false,
      errors: [{ path: 'row.species' }],
    });
    expect(readShopMaterial({ ...row, thickness: '19' })).toMatchObject({
      ok: false,
      errors: [{ path: 'row.thickness' }],
    });
  });

  it('is answered whatever is written', () => {
    for (const written of ['', '???', 'x'.repeat(200), 'ÄÖ', 'a b c d e f g h'])
      expect(nearestSpecies(written)).toHaveLength(3);
  });
});
