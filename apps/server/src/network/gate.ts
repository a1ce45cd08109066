import { said } from '@zabble/core';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { isNear } from '../http/near';
import { refuse } from '../http/refusal';
import { passOf } from './pass';
import type { NetworkService } from './service';

/**
 * Lets in who is at this machine itself, and devices whose pass is good; for all others `refused` answers. What is under
 * way for a device is ended when its pass is withdrawn.
 */
export function gate(network: NetworkService, refused: RequestHandler): RequestHandler {
  return (request, response, next) => {
    if (isNear(request)) {
      next();
      return;
    }
    void admit(network, request, response).then((admitted) => {
      if (admitted) next();
      else void refused(request, response, next);
    }, next);
  };
}

async function admit(network: NetworkService, request: Request, response: Response): Promise<boolean> {
  const pass = passOf(request);
  const holder = pass === undefined ? undefined : await network.holder(pass);
  if (!holder) return false;
  response.once(
    'close',
    network.underWay(holder.id, () => response.destroy()),
  );
  return true;
}

export const refusedHere: RequestHandler = (_request: Request, _response: Response, next: NextFunction) =>
  next(refuse(401, said('not-let-in')));

/** Only for who is at this machine itself: to let others in, and to send them away. */
export const onlyNear: RequestHandler = (request, _response, next) =>
  isNear(request) ? next() : next(refuse(403, said('only-near')));
