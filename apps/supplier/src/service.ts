import express, { type Express, type Response } from 'express';
import { listOf } from './articles';
import { MOODS, type AskedLine, type Mood, type Warehouse } from './warehouse';

/** A supplier’s counter over HTTP: its list, orders and what became of them, and the clock and moods of a stand-in. */
export function supplierService(warehouse: Warehouse, supplier: string): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(express.json({ limit: '2mb' }));
  app.get('/day', (_request, response) => tell(response, warehouse));
  app.post('/day', (request, response) => {
    const { mood, forward } = (request.body ?? {}) as { readonly mood?: Mood; readonly forward?: number };
    if (mood !== undefined && MOODS.includes(mood)) warehouse.mood = mood;
    if (Number.isInteger(forward) && (forward ?? 0) > 0) warehouse.turn(forward as number);
    tell(response, warehouse);
  });
  app.get('/prices.csv', (_request, response) => {
    if (warehouse.mood === 'silent') return;
    response.type('text/csv').send(listOf(warehouse.list(), supplier, warehouse.today));
  });
  app.get('/orders/:id', (request, response) => {
    if (warehouse.mood === 'silent') return;
    answer(response, warehouse.stands(request.params.id));
  });
  app.post('/orders', (request, response) => {
    const { id, lines } = (request.body ?? {}) as { readonly id?: string; readonly lines?: readonly AskedLine[] };
    if (typeof id !== 'string' || !Array.isArray(lines) || lines.length === 0) {
      response.status(400).json({ why: 'unread' });
      return;
    }
    const said = warehouse.order(id, lines);
    // The worst of all: it has the order, and nobody hears so.
    if (warehouse.mood !== 'silent') answer(response, said);
  });
  return app;
}

function tell(response: Response, { today, mood }: Warehouse): void {
  response.json({ today, mood, simulated: true });
}

function answer(response: Response, said: ReturnType<Warehouse['stands']>): void {
  if (!said) response.status(404).json({ why: 'unknown' });
  else if (said.is === 'taken') response.json(said);
  else response.status(409).json({ ...said, why: said.is });
}
