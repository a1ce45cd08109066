import { createServer } from 'node:net';

function tryPort(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(undefined));
    server.listen(port, '127.0.0.1', () => {
      const { port: taken } = server.address();
      server.close(() => resolve(taken));
    });
  });
}

export const isFree = async (port) => (await tryPort(port)) !== undefined;
export const freePort = () => tryPort(0);
