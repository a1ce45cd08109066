import { Agent, request } from 'node:http';

/** So many clients at once, each asking again as soon as it was answered. */
export class Clients {
  #agent;

  /** `cookie` is of a session, where people sign in. */
  constructor(url, count, cookie) {
    this.url = new URL(url);
    this.cookie = cookie;
    this.count = count;
    this.#agent = new Agent({ keepAlive: true, maxSockets: count });
  }

  /** Answers a second while `each(client, turn)` is asked by every client over and over, for so many milliseconds. */
  async rate(each, milliseconds) {
    const began = performance.now();
    let answered = 0;
    await Promise.all(
      Array.from({ length: this.count }, async (_, client) => {
        for (let turn = 0; performance.now() - began < milliseconds; turn += 1) {
          await each(client, turn);
          answered += 1;
        }
      }),
    );
    return (1000 * answered) / (performance.now() - began);
  }

  /** What is answered, as JSON; an answer other than `status` is an error. */
  ask(method, path, body, status) {
    const text = body === undefined ? undefined : JSON.stringify(body);
    return this.send(method, path, text, status);
  }

  send(method, path, text, status) {
    return new Promise((resolve, reject) => {
      const asked = request(
        {
          agent: this.#agent,
          host: this.url.hostname,
          port: this.url.port,
          method,
          path,
          headers: {
            'x-zabble': '1',
            ...(this.cookie === undefined ? {} : { cookie: this.cookie }),
            ...(text === undefined
              ? {}
              : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }),
          },
        },
        (answer) => {
          const parts = [];
          answer.on('data', (part) => parts.push(part));
          answer.on('error', reject);
          answer.on('end', () => {
            const said = Buffer.concat(parts).toString();
            if (answer.statusCode === status) resolve(said === '' ? undefined : JSON.parse(said));
            else reject(new Error(`${method} ${path}: ${answer.statusCode} ${said.slice(0, 200)}`));
          });
        },
      );
      asked.on('error', reject);
      asked.end(text);
    });
  }

  end() {
    this.#agent.destroy();
  }
}
