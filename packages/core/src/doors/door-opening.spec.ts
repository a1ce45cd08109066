import type { CaseworkPlan } from '../casework';
import { doorOpening } from './door-opening';
import type { Door } from './written';

it('a door over what is nowhere on the front has no opening', () => {
  const front = { compartments: [{ id: 'a', within: ['front', 'a'] }] } as unknown as CaseworkPlan['front'];
  expect(doorOpening({ front }, { over: 'b' } as Door, 'cases[0].doors[0]')).toBeUndefined();
});
