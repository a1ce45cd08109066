import { LaserQuery } from '@zabble/contract';
import { Router } from 'express';
import { validated } from '../http/validate';
import type { Device } from './simulated-laser';

/** How often a device that is on sends what it reads, in milliseconds. */
const EVERY = 250;

/** /api/devices/laser: what the laser measure reads, as a stream of events while someone listens. */
export function devicesRouter(laser: Device): Router {
  const router = Router();
  router.get('/laser', (request, response) => {
    const at = validated(LaserQuery, { ...request.query });
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
    const send = (): void => void response.write(`data: ${JSON.stringify(laser(at))}\n\n`);
    send();
    const timer = setInterval(send, EVERY);
    response.on('close', () => clearInterval(timer));
  });
  return router;
}
