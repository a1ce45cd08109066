import { DeviceQuery } from '@zabble/contract';
import { Router } from 'express';
import { events } from '../http/events';
import { validatedQuery } from '../http/validate';
import type { Device } from './simulated-device';

/** How often a device that is on sends what it reads, in milliseconds. */
const EVERY = 250;

/** /api/devices/NAME: what a measuring device reads, as a stream of events while someone listens. */
export function devicesRouter(devices: Readonly<Record<'laser' | 'caliper', Device>>): Router {
  const router = Router();
  for (const [name, device] of Object.entries(devices))
    router.get(`/${name}`, (request, response) => {
      const at = validatedQuery(DeviceQuery, request.query);
      const send = events(response);
      send(device(at));
      const timer = setInterval(() => send(device(at)), EVERY);
      response.on('close', () => clearInterval(timer));
    });
  return router;
}
