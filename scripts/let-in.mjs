import { main, say, Stop } from './lib/say.mjs';

/** Lets one phone or tablet in where there is no screen at the machine itself: what the page there does. */
const at = `http://127.0.0.1:${process.env.PORT ?? 4870}/api/network`;

await main(async () => {
  const { open, address } = await ask('');
  if (!open && address === null) await ask('', 'PUT', { open: true });
  const { code, until, page } = await ask('/code', 'POST', {});
  say(`Open ${page.replace(/\?.*$/, '')} on the device and write ${code.slice(0, 3)} ${code.slice(3)}.`);
  say(`It is good for one device, until ${new Date(until).toLocaleTimeString()}.`);
});

async function ask(path, method = 'GET', body = undefined) {
  const sent = { method, headers: { 'content-type': 'application/json' }, body: body && JSON.stringify(body) };
  const answer = await fetch(at + path, sent).catch(() => {
    throw new Stop(`No Zabble answers at ${at}: start it, or say its PORT.`);
  });
  const said = await answer.json();
  if (!answer.ok) throw new Stop(said.says);
  return said;
}
