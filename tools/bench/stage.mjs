/*
 * What a hand sees: from a pointer's move to the lamp that changed on the screen, pictures a second while dragging, and what a
 * stage costs to open. Usage: stage.mjs BASE; prints rows of the benchmarks' table.
 */
import { chromium } from '@playwright/test';
import { createServer, connect } from 'node:net';

const base = process.argv[2];
const port = Number(new URL(base).port);
const share = (times, part) => times.toSorted((one, other) => one - other)[Math.floor(part * (times.length - 1))];
const row = (what, figure, goal) => console.log(`| ${what} | ${figure} | ${goal} |`);

/** A network of so many milliseconds there and back, in front of Rigger. */
async function slowNetwork(milliseconds) {
  const late = (from, to) => {
    from.on('data', (data) => setTimeout(() => to.writable && to.write(data), milliseconds / 2));
    from.on('close', () => setTimeout(() => to.destroy(), milliseconds / 2));
    from.on('error', () => to.destroy());
  };
  const server = createServer((socket) => {
    socket.setNoDelay(true);
    const other = connect(port, '127.0.0.1');
    other.setNoDelay(true);
    late(socket, other);
    late(other, socket);
  });
  await new Promise((done) => server.listen(0, '127.0.0.1', done));
  return { url: `http://127.0.0.1:${server.address().port}`, end: () => server.close() };
}

/** In the page: notes when a pointer moved, and when the strip that it changed was painted. */
function watch() {
  window.bench = { moves: [], seen: [], pictures: 0, longest: 0 };
  addEventListener('pointermove', (event) => window.bench.moves.push(event.timeStamp), true);
  const picture = () => {
    window.bench.pictures += 1;
    requestAnimationFrame(picture);
  };
  requestAnimationFrame(picture);
  new PerformanceObserver((list) => {
    for (const one of list.getEntries()) window.bench.longest = Math.max(window.bench.longest, one.duration);
  }).observe({ type: 'longtask', buffered: true });
  addEventListener('DOMContentLoaded', () => {
    const observer = new MutationObserver((changes) => {
      if (!changes.some((one) => one.target.closest?.('[aria-label="Stage"] .lamps') && one.attributeName === 'style'))
        return;
      // The picture in which it shows is there once its frame is over.
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => window.bench.seen.push(performance.now());
        port2.postMessage(0);
      });
    });
    observer.observe(document.body, { subtree: true, attributes: true, attributeFilter: ['style'] });
  });
}

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const rigs = (await (await fetch(`${base}/api/rigs?limit=200`)).json()).rigs;
const named = (name) => rigs.find((one) => one.name === name).id;

async function open(rig, url = base) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addInitScript(watch);
  // Everybody as bright as it goes, as far as the desk reaches.
  const { steps } = await (await fetch(`${base}/api/rigs/${rig}/desk/walk?by=units`)).json();
  const slots = Object.assign({}, ...steps.map((one) => one.slots));
  await context.addInitScript(
    ([id, kept]) => localStorage.setItem(`rigger.desk.${id}`, kept),
    [rig, JSON.stringify({ slots })],
  );
  const page = await context.newPage();
  await page.goto(`${url}/rigs/${rig}/desk`);
  await page.getByRole('main').getByRole('slider').first().waitFor({ state: 'attached' });
  await page.waitForTimeout(1500);
  const dimmers = page.getByRole('main').getByRole('slider', { name: /: Dimmer/ });
  if ((await dimmers.count()) === 0) await page.getByRole('button', { name: /^Page outer/ }).click();
  const slider = dimmers.first();
  const box = await slider.boundingBox();
  return { context, page, x: box.x + box.width / 2, top: box.y, height: box.height };
}

/** One move at a time, each seen before the next. */
async function latency({ page, x, top, height }) {
  const y = (turn) => top + height * (0.35 + (0.3 * ((turn * 7) % 20)) / 20);
  await page.mouse.move(x, y(0));
  await page.mouse.down();
  await page.waitForTimeout(300);
  const times = [];
  for (let turn = 1; turn <= 60; turn++) {
    await page.evaluate(() => {
      window.bench.moves = [];
      window.bench.seen = [];
    });
    await page.mouse.move(x, y(turn));
    await page.waitForTimeout(220);
    const { moves, seen } = await page.evaluate(() => window.bench);
    if (moves.length && seen.length) times.push(seen[0] - moves[0]);
  }
  await page.mouse.up();
  return times;
}

async function pictures({ page, x, top, height }) {
  await page.mouse.move(x, top + height * 0.5);
  await page.mouse.down();
  const before = await page.evaluate(() => [window.bench.pictures, performance.now()]);
  for (let turn = 0; turn < 180; turn++) {
    await page.mouse.move(x, top + height * (0.5 + 0.3 * Math.sin(turn / 6)));
    await page.waitForTimeout(8);
  }
  const after = await page.evaluate(() => [window.bench.pictures, performance.now()]);
  await page.mouse.up();
  return ((after[0] - before[0]) / (after[1] - before[1])) * 1000;
}

for (const [words, name, goal] of [
  ['14 units', 'The Tidekeeper', '30 (50) ms'],
  ['100 units × 16 channels', 'Bench', '33 (60) ms'],
  ['500 units', 'Five hundred', '50 (90) ms'],
]) {
  const at = await open(named(name));
  const times = await latency(at);
  row(
    `pointer to changed lamp on screen, ${words}, p50 (p95)`,
    `${share(times, 0.5).toFixed(0)} (${share(times, 0.95).toFixed(0)}) ms, ${times.length} of 60 seen`,
    goal,
  );
  if (name !== 'The Tidekeeper')
    row(`pictures a second while dragging, ${words}`, (await pictures(at)).toFixed(0), name === 'Bench' ? '60' : '55');
  await at.context.close();
}
const slow = await slowNetwork(50);
for (const [words, name, goal] of [
  ['14 units', 'The Tidekeeper', '90 ms'],
  ['100 units × 16 channels', 'Bench', '100 ms'],
]) {
  const at = await open(named(name), slow.url);
  await at.page.waitForTimeout(2000);
  const times = await latency(at);
  row(
    `the same with 50 ms of network, ${words}, p50`,
    `${share(times, 0.5)?.toFixed(0)} ms, ${times.length} of 60 seen`,
    goal,
  );
  await at.context.close();
}
slow.end();

// What it costs to open a stage with 500 units.
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
await context.addInitScript(watch);
const page = await context.newPage();
await page.goto(`${base}/rigs/${named('Five hundred')}/patch`);
await page.waitForTimeout(3000);
const { longest, nodes } = await page.evaluate(() => ({
  longest: window.bench.longest,
  nodes: document.querySelectorAll('*').length,
}));
row('longest task when Patch opens, 500 units', `${longest.toFixed(0)} ms`, '80 ms');
row('DOM nodes on Patch, 500 units', String(nodes), '2,000');
await context.close();

for (const [words, name, goal] of [
  ['14 units', 'The Tidekeeper', '1.4 s'],
  ['500 units', 'Five hundred', '2.0 s'],
]) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await client.send('Network.enable');
  let bytes = 0;
  client.on('Network.loadingFinished', (event) => (bytes += event.encodedDataLength));
  await page.addInitScript(() => {
    const look = () => {
      if (document.querySelector('[aria-label="Stage"] .lamps button')) window.readyAt = performance.now();
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  await page.goto(`${base}/rigs/${named(name)}/patch`);
  const readyAt = await page.waitForFunction(() => window.readyAt).then((handle) => handle.jsonValue());
  row(`first view at four times slower CPU, ${words}`, `${(readyAt / 1000).toFixed(1)} s`, goal);
  if (name === 'The Tidekeeper') {
    await page.waitForTimeout(1500);
    row('first view on the wire', `${(bytes / 1000).toFixed(0)} kB`, '170 kB');
  }
  await context.close();
}
await browser.close();
