import { againWhile } from './again';
import { Nodes } from './nodes';

const trouble = (what: object): Error => Object.assign(new Error('trouble'), what);

/** Fails so often with this, then does it; answers how often it was tried. */
async function tries(problem: object, kind: { several: boolean; looks: boolean }, fails = 2): Promise<number> {
  let tried = 0;
  await againWhile(() => {
    tried += 1;
    return tried <= fails ? Promise.reject(trouble(problem)) : Promise.resolve();
  }, kind).catch(() => undefined);
  return tried;
}

const CHANGE = { several: true, looks: false };
const LOOK = { several: true, looks: true };

describe('something is done again', () => {
  it.each([
    [
      'a conflict with another transaction, on whatever database',
      { code: 'ER_LOCK_DEADLOCK' },
      { several: false, looks: false },
      3,
    ],
    ['a node that is not part of the cluster', { errno: 1047 }, CHANGE, 3],
    ['a node that was never reached', { code: 'ECONNREFUSED', syscall: 'connect' }, CHANGE, 3],
    ['a node that refuses', { code: 'ECONNREFUSED' }, CHANGE, 3],
    ['a node that was not reached in time', { code: 'ETIMEDOUT', syscall: 'connect' }, CHANGE, 3],
    ['what was put behind one that was lost', { code: 'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR' }, CHANGE, 3],
    ['not a change that was on its way', { code: 'ETIMEDOUT', syscall: 'read' }, CHANGE, 1],
    ['not what lost no connection, whatever it did', { code: 'EACCES', syscall: 'connect' }, LOOK, 1],
    ['what only looks, whose connection is gone', { code: 'PROTOCOL_CONNECTION_LOST' }, LOOK, 3],
    ['a transaction that was not to be kept yet', { code: 'ECONNRESET', leftNothing: true }, CHANGE, 3],
    // It may have been done.
    ['not a change whose connection is gone', { code: 'PROTOCOL_CONNECTION_LOST' }, CHANGE, 1],
    [
      'not where there is no other node',
      { code: 'ECONNREFUSED', syscall: 'connect' },
      { several: false, looks: true },
      1,
    ],
    ['not what is wrong', { code: 'ER_DUP_ENTRY' }, LOOK, 1],
  ])('%s', async (_, problem, kind, expected) => expect(await tries(problem, kind)).toBe(expected));

  it('so often at most', async () => {
    expect(await tries({ code: 'ER_LOCK_DEADLOCK' }, CHANGE, 100)).toBe(8);
  });
});

describe('between one time and the next', () => {
  afterEach(() => jest.restoreAllMocks());
  const failing = (what: object) => jest.fn(() => Promise.reject(trouble(what)));
  const pausesAt = async (random: number): Promise<readonly number[]> => {
    const pauses: number[] = [];
    jest.spyOn(Math, 'random').mockReturnValue(random);
    const again = againWhile(failing({ code: 'ER_LOCK_DEADLOCK' }), CHANGE, (pause) =>
      Promise.resolve(pauses.push(pause)),
    );
    await expect(again).rejects.toThrow('trouble');
    return pauses;
  };

  it('a pause may be twice as long as the last, and none is over four tenths of a second', async () => {
    expect(await pausesAt(1)).toEqual([20, 40, 80, 160, 320, 400, 400]);
    expect(await pausesAt(0.5)).toEqual([10, 20, 40, 80, 160, 200, 200]);
  });

  it('nodes that are away are asked for six seconds, not a moment longer', async () => {
    const at = [0, 1, 5999, 6000];
    jest.spyOn(Date, 'now').mockImplementation(() => at.shift() ?? Infinity);
    const work = failing({ errno: 1047 });
    await expect(againWhile(work, CHANGE, () => Promise.resolve())).rejects.toThrow('trouble');
    expect(work).toHaveBeenCalledTimes(3);
  });
});

describe('nodes of one database', () => {
  it('the first that is not away; one that was is liked best again after a while', () => {
    let now = 10_000;
    const nodes = new Nodes([new URL('mysql://u:p@127.0.0.1:9/z'), new URL('mysql://u:p@[::1]:9/z')], () => now);
    const sockets = [nodes.stream(), nodes.stream()];
    for (const socket of sockets) socket.on('error', () => undefined).destroy();
    expect(nodes.next()).toEqual({ host: '127.0.0.1', port: 9 });
    nodes.failed(sockets[0] ?? {});
    expect(nodes.next()).toEqual({ host: '::1', port: 9 });
    const other = nodes.stream().on('error', () => undefined);
    other.destroy();
    now += 500;
    nodes.failed(other);
    // All are away: the one that was so first.
    expect(nodes.next()).toEqual({ host: '127.0.0.1', port: 9 });
    now += 1600;
    nodes.failed(other);
    expect(nodes.next()).toEqual({ host: '127.0.0.1', port: 9 });
  });
});
