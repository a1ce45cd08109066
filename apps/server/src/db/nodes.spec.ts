import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { Nodes } from './nodes';
import { reachedBy } from './reached';

const urls = (...all: readonly string[]) => all.map((each) => new URL(each));

describe('the nodes of a database', () => {
  it('are asked in the order they are liked, by their names and ports', () => {
    const next = (url: string) => new Nodes(urls(url)).next();
    expect(next('mysql://u:p@one.example:3307/zabble')).toEqual({ host: 'one.example', port: 3307 });
    expect(next('mysql://u:p@one.example/zabble')).toEqual({ host: 'one.example', port: 3306 });
    expect(next('mysql://u:p@[fd00::7]:3308/zabble')).toEqual({ host: 'fd00::7', port: 3308 });
  });

  it('rest for two seconds when they were not to be had; where all do, the one that was so first is asked', async () => {
    let now = 1000;
    const refused = createServer().listen(0, '127.0.0.1');
    await once(refused, 'listening');
    const { port } = refused.address() as AddressInfo;
    refused.close();
    await once(refused, 'close');
    const nodes = new Nodes(urls(`mysql://127.0.0.1:${port}/z`, 'mysql://127.0.0.1:3999/z'), () => now);
    expect(nodes.next().port).toBe(port);
    const socket = nodes.stream();
    await once(socket, 'error');
    expect(nodes.next().port).toBe(3999);
    now += 1999;
    expect(nodes.next().port).toBe(3999);
    now += 1;
    expect(nodes.next().port).toBe(port);
    // What is of no node says nothing of any.
    nodes.failed({});
    expect(nodes.next().port).toBe(port);
    nodes.failed(socket);
    now += 1;
    const other = nodes.stream();
    other.on('error', () => undefined).destroy();
    nodes.failed(other);
    expect(nodes.next().port).toBe(port);
  });

  it('are known by a socket that another went over into, as long as that is there', async () => {
    const server = createServer().listen(0, '127.0.0.1');
    await once(server, 'listening');
    const { port } = server.address() as AddressInfo;
    const nodes = new Nodes(urls(`mysql://127.0.0.1:${port}/z`, 'mysql://127.0.0.1:3999/z'), () => 5000);
    const socket = nodes.stream();
    await once(socket, 'connect');
    const over = { localPort: socket.localPort };
    nodes.secured(over as never);
    nodes.failed(over);
    expect(nodes.next().port).toBe(3999);
    socket.destroy();
    await once(socket, 'close');
    const later = { localPort: over.localPort };
    const fresh = new Nodes(urls(`mysql://127.0.0.1:${port}/z`, 'mysql://127.0.0.1:3999/z'), () => 5000);
    fresh.secured(later as never);
    fresh.failed(later);
    expect(fresh.next().port).toBe(port);
    server.close();
  });
});

describe('how a database is reached', () => {
  it('is by one URL, its times those of UTC', () => {
    const { options, nodes } = reachedBy('mysql://u:p@127.0.0.1:3307/zabble');
    expect(options).toEqual({
      ...{ uri: 'mysql://u:p@127.0.0.1:3307/zabble', charset: 'utf8mb4', timezone: 'Z', supportBigNumbers: true },
    });
    expect(nodes).toBeUndefined();
  });

  it('is by several, with commas between, made by the first that is there', () => {
    const { options, nodes } = reachedBy('mysql://u:p@one/zabble, mysql://two:3307/x');
    expect(nodes?.next()).toEqual({ host: 'one', port: 3306 });
    expect(options).toMatchObject({ uri: 'mysql://u:p@one/zabble', stream: nodes?.stream });
  });

  it('is said not to be where the authority’s file can’t be read', () => {
    expect(() => reachedBy('mysql://one/zabble?ca=/no/such/file.pem')).toThrow(
      'the file of ca=/no/such/file.pem can’t be read (ENOENT)',
    );
  });
});
