import { idIn } from './id';
import type { Refusal } from './refusal';

describe('the id in a path', () => {
  const ID = '3f1d2c7a-8f0e-4c55-9b21-0d5f3f6f2a10';
  const refused = (params: object, field?: string): unknown => {
    try {
      return idIn(params as Record<string, unknown>, field);
    } catch (problem) {
      return (problem as Refusal).problem;
    }
  };

  it('is taken as it is, by the name it has there', () => {
    expect([refused({ id: ID }), refused({ row: ID }, 'row')]).toEqual([ID, ID]);
  });

  it.each(['7', '', undefined, 7, `${ID}x`])('%p is refused, with what it should be', (id) => {
    const said = { code: 'fields-refused', params: { fields: [{ field: 'id', rule: 'isUuid' }] } };
    expect(refused({ id })).toMatchObject({ status: 400, said });
    expect(refused({ id: ID, row: id }, 'row')).toMatchObject({ said: { params: { fields: [{ field: 'row' }] } } });
  });
});
