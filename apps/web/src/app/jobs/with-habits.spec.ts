import { newJob } from '../store/job/new-job';
import { withHabits } from './with-habits';

describe('a new job as the shop begins one', () => {
  it('has what the shop has said, and the rest as it was', () => {
    const plain = newJob('mm');
    const made = withHabits(plain, { ease: '0.8 mm', kerf: '3 mm' });
    const [bank] = made.cases[0]!.banks;
    expect(bank!.box).toEqual({ ...plain.cases[0]!.banks[0]!.box, ease: '0.8 mm' });
    expect(made.saw).toEqual({ kerf: '3 mm' });
    expect(bank!.front).toEqual(plain.cases[0]!.banks[0]!.front);
    expect(withHabits(plain, {})).toEqual(plain);
  });

  it('takes play and gap too', () => {
    const [bank] = withHabits(newJob('in'), { play: '3/32 in', gap: '3/16 in' }).cases[0]!.banks;
    expect([bank!.box.play, bank!.front.gap]).toEqual(['3/32 in', '3/16 in']);
  });
});
