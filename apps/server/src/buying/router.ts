import { CountDrawer, LARGEST_BODY, LayAside, MakeOrder, OrderArrived, QuotePaper } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { validated, validatedQuery } from '../http/validate';
import { printed } from '../print/printed';
import type { Printer } from '../print/printer';
import { doneBy, whose } from '../whose/decide';
import type { BuyingService } from './service';

/** /api/shop/buying: the drawer, what is laid aside of it, and orders: made, asked for, here, called off, on paper. */
export function buyingRouter(buying: BuyingService, printer: Printer): Router {
  const router = Router();
  const json = jsonBody(LARGEST_BODY);
  router.get('/', async (_request, response) => {
    response.json(await buying.read(whose(response)));
  });
  router.put('/drawer', json, async (request, response) => {
    response.json(await buying.count(whose(response), validated(CountDrawer, request.body)));
  });
  router.post('/aside', json, async (request, response) => {
    response.json(await buying.layAside(whose(response), doneBy(response, validated(LayAside, request.body))));
  });
  router.delete('/aside/:id', async (request, response) => {
    response.json(await buying.putBack(whose(response), idIn(request.params)));
  });
  router.post('/orders', json, async (request, response) => {
    response
      .status(201)
      .json(await buying.order(whose(response), doneBy(response, validated(MakeOrder, request.body))));
  });
  router.post('/orders/:id/asked', async (request, response) => {
    response.json(await buying.ask(whose(response), idIn(request.params)));
  });
  router.post('/orders/:id/off', async (request, response) => {
    response.json(await buying.callOff(whose(response), idIn(request.params)));
  });
  router.post('/orders/:id/arrived', json, async (request, response) => {
    const wish = doneBy(response, validated(OrderArrived, request.body));
    response.json(await buying.arrived(whose(response), idIn(request.params), wish));
  });
  router.post('/orders/:id/not-arrived', json, async (request, response) => {
    const wish = doneBy(response, validated(OrderArrived, request.body));
    response.json(await buying.notArrived(whose(response), idIn(request.params), wish));
  });
  router.get('/orders/:id/order.pdf', async (request, response) => {
    const { paper } = validatedQuery(QuotePaper, request.query);
    const order = await buying.find(whose(response), idIn(request.params));
    await printed(response, printer, { name: 'order.pdf', sent: Buffer.from(JSON.stringify({ order, paper })) });
  });
  return router;
}
