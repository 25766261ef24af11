/* global document, requestAnimationFrame, MouseEvent, MutationObserver */
// What the page costs: script fetched for a make opened by its address, how soon it is usable on a slow machine, and how soon a dragged choice is redrawn.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { median, table } from '../scripts/bench/median.mjs';
import { findChromium } from '../scripts/chromium.mjs';
import { root } from '../scripts/prepare.mjs';

const PORT = 4896;
const base = `http://127.0.0.1:${PORT}`;
const ARGS = ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'];
const FRAME = 1000 / 60;

export async function run() {
  const data = mkdtempSync(join(tmpdir(), 'arcus-bench-'));
  const server = spawn(process.execPath, [join(root, 'apps/server/dist/main.js'), '--demo'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, PORT: String(PORT), ARCUS_DATA: data },
  });
  await new Promise((ready) => server.stdout.on('data', (said) => String(said).includes('ready') && ready()));
  const browser = await chromium.launch({ executablePath: findChromium(), args: ARGS });
  try {
    const makes = await (await fetch(`${base}/api/makes`)).json();
    const at = (name, station) => `${base}/makes/${makes.find((make) => make.name === name).id}/${station}`;
    await deepLinks(browser, at);
    await drags(browser, at);
  } finally {
    await browser.close();
    server.kill('SIGTERM');
    await new Promise((ended) => server.on('exit', ended));
    rmSync(data, { recursive: true, force: true });
  }
}

async function deepLinks(browser, at) {
  const rows = [['make opened by its address', 'script, kB', 'usable, ms', 'usable at a quarter of the speed, ms', 'x']];
  for (const [name, station] of [
    ['Concert skirt', 'shape'],
    ['Trumpet skirt', 'cloth'],
    ['Rehearsal skirt', 'sew'],
  ]) {
    const [full, slow] = [[], []];
    let script = 0;
    for (let i = 0; i < 5; i++) {
      const one = await opened(browser, at(name, station), 1);
      full.push(one.took);
      script = one.script;
      slow.push((await opened(browser, at(name, station), 4)).took);
    }
    rows.push([
      `${name}, ${station}`,
      (script / 1000).toFixed(0),
      median(full).toFixed(0),
      median(slow).toFixed(0),
      (median(slow) / median(full)).toFixed(1),
    ]);
  }
  table('Deep links', rows);
}

/** A page in a browser that has nothing yet: until its docket can be read and its page scrolls and clicks. */
async function opened(browser, address, slower) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slower });
  const scripts = [];
  page.on('response', (answer) => /\.js($|\?)/.test(answer.url()) && scripts.push(answer));
  const from = performance.now();
  await page.goto(address, { waitUntil: 'commit' });
  await page.locator('[data-quantity="cloth-to-buy"] strong').waitFor();
  await page.evaluate(() => new Promise((idle) => requestAnimationFrame(() => setTimeout(idle, 0))));
  const took = performance.now() - from;
  let script = 0;
  for (const each of scripts) script += (await each.request().sizes()).responseBodySize;
  await context.close();
  return { took, script };
}

async function drags(browser, at) {
  const rows = [['dragged choice', 'redrawn in half of cases, ms', 'in 95 of 100, ms', 'frames']];
  for (const name of ['Concert skirt', 'Tiers for the encore', 'Trumpet skirt']) {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await page.goto(at(name, 'shape'));
    await page.locator('[data-quantity="cloth-to-buy"] strong').waitFor();
    await page.waitForTimeout(3000);
    const times = await page.evaluate(async () => {
      const handle = document.querySelector('[data-choice="length"] .ant-slider-handle');
      const track = document.querySelector('[data-choice="length"] .ant-slider').getBoundingClientRect();
      const y = track.top + track.height / 2;
      const fire = (type, x) =>
        (type === 'mousedown' ? handle : document).dispatchEvent(
          new MouseEvent(type, { bubbles: true, clientX: x, clientY: y, pageX: x, pageY: y, button: 0, buttons: 1 }),
        );
      const start = handle.getBoundingClientRect().left + 7;
      fire('mousedown', start);
      const out = [];
      for (let i = 1; i <= 120; i++) {
        await new Promise((next) => requestAnimationFrame(next));
        const from = performance.now();
        // until what follows from the move stands in the page, ready to be painted
        const drawn = new Promise((done) => {
          const watch = new MutationObserver(() => {
            watch.disconnect();
            done(performance.now() - from);
          });
          watch.observe(document.querySelector('.docket'), { subtree: true, characterData: true, childList: true });
          setTimeout(() => done(undefined), 400);
        });
        fire('mousemove', start + (i % 60) * 1.5);
        const took = await drawn;
        if (took !== undefined) out.push(took);
      }
      fire('mouseup', start);
      return out;
    });
    times.sort((a, b) => a - b);
    const p95 = times[Math.floor(times.length * 0.95)];
    rows.push([`${name}, length (${times.length} moves)`, median(times).toFixed(1), p95.toFixed(1), (p95 / FRAME).toFixed(1)]);
    await page.context().close();
  }
  table('A choice dragged along', rows);
}
