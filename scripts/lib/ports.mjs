import { createServer } from 'node:net';

/** Holds a port until it is let go of; undefined where it is another's. */
function hold(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(undefined));
    server.listen(port, '127.0.0.1', () => {
      const { port: held } = server.address();
      resolve({ port: held, letGo: () => new Promise((done) => server.close(done)) });
    });
  });
}

export async function isFree(port) {
  const held = await hold(port);
  await held?.letGo();
  return held !== undefined;
}

/** So many ports that are free, none of them twice: each is held until all are found. */
export async function freePorts(count) {
  const held = await Promise.all(Array.from({ length: count }, () => hold(0)));
  await Promise.all(held.map((each) => each.letGo()));
  return held.map(({ port }) => port);
}

export const freePort = async () => (await freePorts(1))[0];
