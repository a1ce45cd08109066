import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { withApplication } from './lib/application.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, say } from './lib/say.mjs';

/** A frame of a screen that shows sixty a second, in milliseconds. */
const FRAME = 1000 / 60;
const DRAGS = 3;
const MOVES = 120;
const SCROLLS = 120;
/** A frame so long is felt. */
const HELD_UP = 50;

/**
 * Drags a joint of sixteen drawers in four banks, and a divider of a case they stand in; looks for layouts of three hundred parts, and reads from the
 * browser's own trace how long each frame took.
 */
await main(() =>
  withApplication(async (browser, url) => {
    await measure(browser, url);
    await draggingDivider(browser, url);
    await turningSolid(browser, url);
    await searchingFrames(browser, url);
  }),
);

async function measure(browser, url) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const answer = await page.request.post(`${url}/api/jobs`, { data: { document: sixteen() } });
  const { id } = await answer.json();
  const scripts = [];
  page.on('response', async (response) => {
    if (response.request().resourceType() === 'script')
      scripts.push((await response.request().sizes()).responseBodySize);
  });
  const started = Date.now();
  await page.goto(`${url}/jobs/${id}/divide`);
  await page.getByRole('slider', { name: 'Joint below drawer 2' }).waitFor();
  say(
    `usable after ${Date.now() - started} ms; scripts ${Math.round(scripts.reduce((a, b) => a + b, 0) / 1024)} kB over the wire`,
  );
  const frames = [];
  const joint = { of: 'Joint below drawer 2', at: [0.25, 0.5], by: [0, 18] };
  for (let drag = 0; drag < DRAGS; drag += 1) frames.push(...(await draggedFrames(browser, page, joint)));
  await page.close();
  tell('dragging', frames, 'wall');
  tell('the same by the thread’s own clock, without what else ran on the machine', frames, 'own');
}

/** A divider of a whole case with four banks, in the step Case. */
async function draggingDivider(browser, url) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const answer = await page.request.post(`${url}/api/jobs`, { data: { document: wholeCase() } });
  const { id } = await answer.json();
  await page.goto(`${url}/jobs/${id}/case`);
  const divider = { of: 'What stands right of n2', at: [0.5, 0.25], by: [18, 0] };
  await page.getByRole('slider', { name: divider.of }).waitFor();
  const frames = [];
  for (let drag = 0; drag < DRAGS; drag += 1) frames.push(...(await draggedFrames(browser, page, divider)));
  await page.close();
  tell('dragging a divider of a case', frames, 'wall');
  tell('the same by the thread’s own clock', frames, 'own');
}

/** A case of four banks with doors, turned as a solid: our own work in each frame, the drawing by the machine apart. */
async function turningSolid(browser, url) {
  // What the browser keeps of the application would bring its scripts from elsewhere.
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  // What runs in a frame, by the page's own clock.
  await page.addInitScript(() => {
    const ask = globalThis.requestAnimationFrame.bind(globalThis);
    globalThis.frames = [];
    globalThis.requestAnimationFrame = (frame) =>
      ask((now) => {
        const from = performance.now();
        frame(now);
        globalThis.frames.push(performance.now() - from);
      });
  });
  const answer = await page.request.post(`${url}/api/jobs`, { data: { document: fourBanksWithDoors() } });
  const { id } = await answer.json();
  const scripts = [];
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script') scripts.push(response);
  });
  await page.goto(`${url}/jobs/${id}/case`);
  const solid = page.getByRole('button', { name: 'Solid', exact: true });
  await solid.waitFor();
  const before = scripts.length;
  await solid.click();
  await page.getByRole('button', { name: 'Larger' }).click();
  await page.waitForTimeout(1500);
  const sizes = await Promise.all(
    scripts.slice(before).map(async (one) => (await one.request().sizes()).responseBodySize),
  );
  say(
    `the solid view brings ${Math.round(sizes.reduce((a, b) => a + b, 0) / 1024)} kB over the wire when it is opened`,
  );
  await page.evaluate(() => void globalThis.frames.splice(0));
  await page.mouse.move(400, 400);
  await page.mouse.down();
  for (let move = 0; move < MOVES; move += 1) {
    await page.mouse.move(400 + 200 * Math.sin(move / 9), 400 + 60 * Math.cos(move / 7));
    await page.waitForTimeout(FRAME);
  }
  await page.mouse.up();
  const frames = await page.evaluate(() => globalThis.frames);
  await page.close();
  tell(
    'turning a solid of four banks with doors',
    frames.map((own) => ({ own })),
    'own',
  );
}

function tell(what, frames, clock) {
  const times = frames.map((each) => each[clock]).sort((a, b) => a - b);
  const under = (100 * times.filter((each) => each <= FRAME).length) / times.length;
  const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))].toFixed(1);
  say(
    `${what}, ${times.length} frames: work in a frame ${at(0.5)} ms median, ${at(0.95)} ms for 95 %, ${at(1)} ms worst; ` +
      `${under.toFixed(1)} % under ${FRAME.toFixed(1)} ms`,
  );
}

/** The page while the search runs beside it: scrolled up and down, nothing may hold it up. */
async function searchingFrames(browser, url) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const answer = await page.request.post(`${url}/api/jobs`, { data: { document: manyParts() } });
  const { id } = await answer.json();
  await page.goto(`${url}/jobs/${id}/cut`);
  await page.getByRole('tab', { name: 'Sheets' }).click();
  await page.getByText('Looking for better').waitFor();
  await browser.startTracing(page, { categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline'] });
  await page.mouse.move(900, 400);
  for (let move = 0; move < SCROLLS; move += 1) {
    await page.mouse.wheel(0, move % 20 < 10 ? 60 : -60);
    await page.waitForTimeout(FRAME * 2);
  }
  const trace = JSON.parse((await browser.stopTracing()).toString());
  const frames = workByFrame(trace.traceEvents);
  await page.close();
  tell('looking for layouts of 300 parts', frames, 'wall');
  tell('the same by the thread’s own clock', frames, 'own');
  for (const clock of ['wall', 'own'])
    say(`frames over ${HELD_UP} ms (${clock}): ${frames.filter((each) => each[clock] > HELD_UP).length}`);
}

/** Work of the page's own thread between one drawn frame and the next, for every frame of a drag. */
async function draggedFrames(browser, page, { of, at, by }) {
  const { x, y, width, height } = await page.getByRole('slider', { name: of }).boundingBox();
  const [from, top] = [x + width * at[0], y + height * at[1]];
  await page.mouse.move(from, top);
  await page.mouse.down();
  await browser.startTracing(page, {
    categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline'],
  });
  for (let move = 0; move < MOVES; move += 1) {
    const along = Math.sin(move / 9);
    await page.mouse.move(from + by[0] * along, top + by[1] * along);
    await page.waitForTimeout(FRAME);
  }
  const trace = JSON.parse((await browser.stopTracing()).toString());
  await page.mouse.up();
  return workByFrame(trace.traceEvents);
}

function workByFrame(events) {
  const begun = events.filter(({ name, ph }) => name === 'AnimationFrame' && ph === 'b').sort((a, b) => a.ts - b.ts);
  const [{ pid, tid }] = begun;
  const tasks = events.filter((each) => each.pid === pid && each.tid === tid && each.name === 'RunTask');
  return begun.slice(0, -1).map(({ ts }, index) => {
    const inside = tasks.filter((task) => task.ts >= ts && task.ts < begun[index + 1].ts);
    const sum = (clock) => inside.reduce((all, task) => all + (task[clock] ?? 0), 0) / 1000;
    return { wall: sum('dur'), own: sum('tdur') };
  });
}

/** Sixteen drawers in four banks of four, after the Notions bank. */
function sixteen() {
  const job = JSON.parse(readFileSync(join(ROOT, 'examples/notions-bank.json'), 'utf8'));
  const [owner] = job.cases;
  const [bank] = owner.banks;
  const banks = ['b1', 'b2', 'b3', 'b4'].map((id) => ({ ...bank, id, drawers: bank.drawers.slice(0, 4) }));
  return { ...job, name: 'Sixteen drawers', cases: [{ ...owner, banks }] };
}

/** The four banks in the columns of a whole case, after the Splicing bench. */
function wholeCase() {
  const bench = JSON.parse(readFileSync(join(ROOT, 'examples/splicing-bench.json'), 'utf8'));
  const [{ doors: _doors, shelves: _shelves, ...owner }] = bench.cases;
  const { place: _place, ...build } = owner.build;
  const across = ['n1', 'n2', 'n3', 'n4'].map((id) => ({ id }));
  const banks = across.map(({ id }) => ({ ...owner.banks[0], id: `b-${id}`, compartment: id }));
  const whole = { ...owner, build: { ...build, width: '84 in' }, layout: { id: 'front', across }, banks };
  return { ...bench, name: 'Four banks in a case', cases: [whole] };
}

/** The same with two columns more, each behind a pair of doors. */
function fourBanksWithDoors() {
  const whole = wholeCase();
  const [owner] = whole.cases;
  const across = ['n1', 'n2', 'n3', 'n4', 'n5', 'n6'].map((id) => ({ id }));
  const door = (id, over) => ({
    ...{ id, over, mount: 'overlay', top: '1/4 in', bottom: '1/4 in', left: '1/4 in', right: '1/4 in' },
    ...{ gap: '1/8 in', leaves: 2, material: owner.build.panel },
  });
  const build = { ...owner.build, width: '120 in' };
  const doors = [door('o5', 'n5'), door('o6', 'n6')];
  return {
    ...whole,
    name: 'Four banks with doors',
    cases: [{ ...owner, build, layout: { id: 'front', across }, doors }],
  };
}

/** Sixty drawers in four banks of fifteen, low enough to fit: three hundred parts. */
function manyParts() {
  const job = sixteen();
  const [owner] = job.cases;
  const banks = owner.banks.map((bank, index) => ({
    ...bank,
    opening: { width: [`${20 + index} in`], height: ['90 in'], depth: ['22 1/2 in'] },
    gates: { slides: { at: '2026-11-02T08:00:00Z' } },
    drawers: Array.from({ length: 15 }, (_, place) => ({ id: `d${place + 1}` })),
  }));
  return { ...job, name: 'Three hundred parts', cases: [{ ...owner, banks }] };
}
