import type { Request, Response } from 'express';
import { asking, decideWhose, doneBy, OWN_DEVICE, whose, type Asking } from './decide';
import { OWN_SHOP, type ShopId } from './shop';

const request = {} as Request;
const answer = (): Response => ({ locals: {} }) as Response;
const HELPER: Asking = { shop: 'there' as ShopId, role: 'helper', person: { id: 'p', name: 'Runa' } };

/** What a request is gone on with, as soon as it is. */
const decided = (handler: ReturnType<typeof decideWhose>, response: Response): Promise<unknown> =>
  new Promise((done) => void handler(request, response, done as never));

describe('whose data a request may touch', () => {
  it('is the own shop’s on a device of one’s own, by whom the device says', async () => {
    const response = answer();
    expect(await decided(decideWhose(), response)).toBeUndefined();
    expect([whose(response), asking(response)]).toEqual([OWN_SHOP, OWN_DEVICE]);
    expect(doneBy(response, { by: 'Ada', note: 'n' })).toEqual({ by: 'Ada', note: 'n' });
  });

  it('is who asks’ where people sign in, and what is done is theirs', async () => {
    const response = answer();
    const asked = jest.fn(() => Promise.resolve(HELPER));
    expect(await decided(decideWhose(asked), response)).toBeUndefined();
    expect(asked).toHaveBeenCalledWith(request, response);
    expect([whose(response), asking(response)]).toEqual(['there', HELPER]);
    expect(doneBy(response, { by: 'somebody else', note: 'n' })).toEqual({ by: 'Runa', note: 'n' });
  });

  it('is nobody’s where it is refused, and where nobody decided', async () => {
    const [response, refusal] = [answer(), new Error('who are you?')];
    expect(
      await decided(
        decideWhose(() => Promise.reject(refusal)),
        response,
      ),
    ).toBe(refusal);
    for (const each of [response, answer()]) expect(() => whose(each)).toThrow('nobody decided');
  });
});
