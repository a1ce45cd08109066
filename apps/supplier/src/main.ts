import { readFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { articlesOf } from './articles';
import { supplierService } from './service';
import { Warehouse } from './warehouse';

/** The stand-in as a program: `node supplier.js LIST.csv SUPPLIER`, on a free port of this machine that it tells. */
const [, , list = '', supplier = ''] = process.argv;
const warehouse = new Warehouse(articlesOf(readFileSync(list, 'utf8'), supplier), () => new Date());
const server = supplierService(warehouse, supplier).listen(Number(process.env['PORT'] ?? 0), '127.0.0.1', () => {
  // Where nobody hears it, whoever began it went before there was anyone to notice.
  process.send?.({ port: (server.address() as AddressInfo).port }, undefined, undefined, (unheard) => {
    if (unheard) end();
  });
});
// Whoever began it is gone: so is it.
process.once('disconnect', end);

function end(): never {
  process.exit(0);
}
