import type { NextFunction, Request, Response } from 'express';
import { OWN_SHOP, type ShopId } from './shop';

const WHOSE = 'whose';

/** Decides, once for each request and nowhere else, whose data it may touch: on one's own device the shop's own. */
export function decideWhose() {
  return (_request: Request, response: Response, next: NextFunction): void => {
    response.locals[WHOSE] = OWN_SHOP;
    next();
  };
}

/** Whose data the request being answered may touch. A request nobody decided about touches none. */
export function whose(response: Response): ShopId {
  const shop = response.locals[WHOSE] as ShopId | undefined;
  if (shop === undefined) throw new Error('nobody decided whose data this request may touch');
  return shop;
}
