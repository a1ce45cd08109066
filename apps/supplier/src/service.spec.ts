import request from 'supertest';
import { articlesOf } from './articles';
import { supplierService } from './service';
import { Warehouse } from './warehouse';

const LIST = `key,unit,pack,price,supplier,date
hour,h,1,58.00,,2026-11-02
slide:side:450,pair,1,31.00,Hardware,2026-11-02
catch,piece,10,12.00,Hardware,2026-11-02
material:ply,sheet,1,60,Timber,2026-11-02`;

function begun() {
  const warehouse = new Warehouse(articlesOf(LIST, 'Hardware'), () => new Date('2026-11-29T10:00:00Z'));
  return { warehouse, app: supplierService(warehouse, 'Hardware') };
}
const slides = (packs = 2, cents = 3100) => ({ key: 'slide:side:450', packs, cents });

it('sells its own articles, as a list of its own day', async () => {
  const { text } = await request(begun().app).get('/prices.csv').expect(200);
  expect(text.trim().split('\r\n')).toEqual([
    'key,unit,pack,price,supplier,date',
    'slide:side:450,pair,1,31.00,Hardware,2026-11-29',
    'catch,piece,10,12.00,Hardware,2026-11-29',
  ]);
});

it('takes an order once, promises a day, and delivers when its clock comes to it', async () => {
  const { app, warehouse } = begun();
  const order = { id: 'o1', lines: [slides()] };
  for (let times = 0; times < 3; times += 1)
    expect((await request(app).post('/orders').send(order).expect(200)).body).toEqual({
      ...{ is: 'taken', expectedOn: '2026-12-04', delivered: false },
    });
  expect(warehouse.taken).toBe(1);
  await request(app).post('/day').send({ forward: 4 }).expect(200);
  expect((await request(app).get('/orders/o1')).body).toMatchObject({ delivered: false });
  await request(app).post('/day').send({ forward: 1 }).expect(200);
  expect((await request(app).get('/orders/o1')).body).toMatchObject({ delivered: true });
  await request(app).get('/orders/o2').expect(404);
});

it('refuses what it has not, in whole, and what is priced otherwise', async () => {
  const { app, warehouse } = begun();
  const ask = (...lines: object[]) => request(app).post('/orders').send({ id: 'o1', lines });
  expect((await ask(slides(), { key: 'no-such', packs: 1 }).expect(409)).body).toMatchObject({ keys: ['no-such'] });
  expect((await ask(slides(5000)).expect(409)).body).toMatchObject({ why: 'out-of-stock' });
  expect((await ask(slides(1, 2900)).expect(409)).body).toMatchObject({
    ...{ why: 'wrong-price', prices: [{ key: 'slide:side:450', cents: 3100 }] },
  });
  await request(app).post('/orders').send({ lines: [] }).expect(400);
  expect(warehouse.taken).toBe(0);
});

it('behaves as it is told', async () => {
  const { app, warehouse } = begun();
  const mood = (name: string) => request(app).post('/day').send({ mood: name }).expect(200);
  const ask = (id: string) =>
    request(app)
      .post('/orders')
      .send({ id, lines: [slides()] });
  await mood('late');
  expect((await ask('late')).body).toMatchObject({ expectedOn: '2026-12-25' });
  await mood('out-of-stock');
  await ask('none').expect(409);
  await mood('wrong-price');
  expect((await ask('dear').expect(409)).body).toMatchObject({ prices: [{ cents: 3224 }] });
  expect((await request(app).get('/prices.csv')).text).toContain('32.24');
  await mood('silent');
  await expect(ask('lost').timeout(200)).rejects.toThrow();
  // It took it all the same.
  expect(warehouse.stands('lost')).toBeDefined();
  await mood('no such mood');
  expect(warehouse.mood).toBe('silent');
});
