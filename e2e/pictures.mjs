// npm run pictures [name ...]: one current picture of each main view, taken from the demo data by the built app.
import { spawn } from 'node:child_process';
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { findChromium } from '../scripts/chromium.mjs';
import { build, install, root } from '../scripts/prepare.mjs';

const PORT = 4898;
const base = `http://127.0.0.1:${PORT}`;
const out = process.env.PICTURES ?? join(root, 'docs/screenshots');
const phone = { width: 390, height: 844 };

const make = (name, station) => async (page) => {
  const makes = await (await fetch(`${base}/api/makes`)).json();
  await page.goto(`${base}/makes/${makes.find((each) => each.name === name).id}/${station}`);
};
const becomes = async (page) => {
  const [cloths, people] = await Promise.all(['cloths', 'people'].map(async (what) => (await fetch(`${base}/api/${what}`)).json()));
  const id = (list, name) => list.find((each) => each.name === name).id;
  await page.goto(`${base}/cupboard/${id(cloths, 'Harbour blue poplin')}/becomes?person=${id(people, 'Maren')}`);
};
const together = async (page) => {
  const cloths = await (await fetch(`${base}/api/cloths`)).json();
  await page.goto(`${base}/cupboard/${cloths.find((each) => each.name === 'Rust linen').id}/together`);
};
const mishap = async (page) => {
  await make('Concert skirt', 'sew?step=hem')(page);
  await page.getByRole('button', { name: 'It went wrong…' }).click();
  await page.getByRole('button', { name: 'It was cut too short' }).click();
  await page.locator('.went-wrong').scrollIntoViewIfNeeded();
};
const to = (path) => (page) => page.goto(base + path);

/** Which views, how to get there, and how large where it isn't a desk. */
const VIEWS = {
  today: { go: to('/') },
  makes: { go: to('/makes') },
  'new-make': { go: to('/makes/new') },
  people: { go: to('/people') },
  cupboard: { go: to('/cupboard') },
  measure: { go: make('Pim’s smock', 'measure') },
  'shape-circle': { go: make('Concert skirt', 'shape') },
  'cloth-gored': { go: make('Trumpet skirt', 'cloth'), wait: 4000 },
  'chalk-circle': { go: make('Concert skirt', 'chalk') },
  'sew-phone': { go: make('Rehearsal skirt', 'sew?step=sides'), size: phone },
  sew: { go: make('Shirred sundress', 'sew?step=shirring') },
  wear: { go: make('Ilka’s summer half-circle', 'wear') },
  'shape-dress': { go: make('Shirred sundress', 'shape') },
  settings: { go: to('/settings') },
  print: { go: make('Concert skirt', 'print'), size: { width: 900, height: 1100 }, wait: 2500 },
  folds: { go: make('Concert skirt', 'cloth?view=folds'), wait: 2500 },
  mishap: { go: mishap },
  becomes: { go: becomes, wait: 5000 },
  together: { go: together, wait: 2500 },
};

install();
build();
const wanted = process.argv.slice(2);
const data = mkdtempSync(join(tmpdir(), 'arcus-pictures-'));
mkdirSync(out, { recursive: true });
const server = spawn(process.execPath, [join(root, 'apps/server/dist/main.js'), '--demo'], {
  cwd: root,
  stdio: 'ignore',
  env: { ...process.env, PORT: String(PORT), ARCUS_DATA: data },
});
try {
  for (let tries = 0; tries < 100; tries++) {
    if (
      await fetch(`${base}/api/health`).then(
        (answer) => answer.ok,
        () => false,
      )
    )
      break;
    await new Promise((later) => setTimeout(later, 100));
  }
  const browser = await chromium.launch({
    executablePath: findChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
  });
  for (const [name, { go, size = { width: 1280, height: 800 }, wait = 1200 }] of Object.entries(VIEWS)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const page = await browser.newPage({ viewport: size });
    await go(page);
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(wait);
    await page.screenshot({ path: join(out, `${name}.png`) });
    await page.close();
  }
  await browser.close();
} finally {
  server.kill('SIGTERM');
  await new Promise((done) => server.on('exit', done));
  rmSync(data, { recursive: true, force: true });
}
