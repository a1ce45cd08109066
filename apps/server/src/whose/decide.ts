import type { Role } from '@zabble/contract';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { OWN_SHOP, type ShopId } from './shop';

const WHOSE = 'whose';

/** Who asks, and in which shop: what a request may touch, and what it may do there. */
export interface Asking {
  readonly shop: ShopId;
  readonly role: Role;
  /** None on a device of one's own, where nobody signs in. */
  readonly person?: { readonly id: string; readonly name: string };
}

/** Who asks on one's own device. */
export const OWN_DEVICE: Asking = { shop: OWN_SHOP, role: 'owner' };

/** Finds out who asks. Refuses where it is nobody who may. */
export type WhoAsks = (request: Request, response: Response) => Promise<Asking>;

/** Decides, once for each request and nowhere else, whose data it may touch. */
export function decideWhose(whoAsks?: WhoAsks): RequestHandler {
  if (!whoAsks)
    return (_request, response, next) => {
      response.locals[WHOSE] = OWN_DEVICE;
      next();
    };
  return (request: Request, response: Response, next: NextFunction): void => {
    whoAsks(request, response).then((asking) => {
      response.locals[WHOSE] = asking;
      next();
    }, next);
  };
}

/** Whose data the request being answered may touch. A request nobody decided about touches none. */
export function whose(response: Response): ShopId {
  return asking(response).shop;
}

/** Who asks: for what is written down of it. A request nobody decided about is nobody's. */
export function asking(response: Response): Asking {
  const found = response.locals[WHOSE] as Asking | undefined;
  if (found === undefined) throw new Error('nobody decided whose data this request may touch');
  return found;
}

/** What was sent, done by who is signed in; on a device of one’s own by whom the device says. */
export function doneBy<T extends object>(response: Response, sent: T): T {
  const { person } = asking(response);
  return person ? { ...sent, by: person.name } : sent;
}
