import { KeepMoney, LARGEST_BODY } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { validated } from '../http/validate';
import { whose } from '../whose/decide';
import type { MoneyService } from './service';

/** /api/shop/money: in what the shop's prices are. */
export function moneyRouter(money: MoneyService): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await money.read(whose(response)));
  });
  router.put('/', jsonBody(LARGEST_BODY), async (request, response) => {
    const { currency, was } = validated(KeepMoney, request.body);
    response.json(await money.keep(whose(response), { currency }, was));
  });
  return router;
}
