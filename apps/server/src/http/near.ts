import type { IncomingMessage } from 'node:http';

/** Names this machine has for itself. */
const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]']);
/** What whoever passes a request on says of itself. */
const PASSED_ON = [
  'forwarded',
  'via',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-port',
  'x-forwarded-proto',
  'x-forwarded-server',
  'x-real-ip',
  'x-client-ip',
] as const;

const throughDoor = new WeakSet<IncomingMessage>();

/** Marks what came in by the door for the network: it is from elsewhere, whatever it says of itself. */
export function cameThroughDoor(request: IncomingMessage): void {
  throughDoor.add(request);
}

/** Whether a request came in by the door for the network. */
export function isThroughDoor(request: IncomingMessage): boolean {
  return throughDoor.has(request);
}

/** The name of a `Host` header, in small letters and without its port. */
export function nameOf(host: string): string {
  return host.replace(/:\d*$/, '').toLowerCase();
}

export function isLoopbackName(name: string): boolean {
  return LOOPBACK.has(name);
}

/**
 * Whether a person at this very machine asks: from its own address, by a name only it has for itself, and not passed on by
 * anything. A proxy on this machine never counts as such a person.
 */
export function isNear(request: IncomingMessage): boolean {
  const { headers, socket } = request;
  return (
    !throughDoor.has(request) &&
    isLoopbackAddress(socket.remoteAddress) &&
    isLoopbackName(nameOf(headers.host ?? '')) &&
    PASSED_ON.every((name) => headers[name] === undefined)
  );
}

function isLoopbackAddress(address: string | undefined): boolean {
  return address !== undefined && (/^(?:::ffff:)?127\./.test(address) || address === '::1');
}
