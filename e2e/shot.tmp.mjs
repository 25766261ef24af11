import { chromium } from '@playwright/test';
const [, , name, station, out, size = '1280x800', act] = process.argv;
const base = 'http://127.0.0.1:4895';
const [width, height] = size.split('x').map(Number);
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
});
const p = await b.newPage({ viewport: { width, height } });
p.on('console', (m) => m.type() === 'error' && console.log('console:', m.text().slice(0, 300)));
p.on('pageerror', (e) => console.log('error:', e.message));
const makes = await (await fetch(`${base}/api/makes`)).json();
const make = makes.find((m) => m.name === name);
if (!make) {
  console.log(makes.map((m) => `${m.name} [${m.construction}]`).join('\n'));
  process.exit();
}
await p.goto(`${base}/makes/${make.id}/${station}`);
await p.waitForTimeout(1800);
if (act) {
  await eval(`(async () => { ${act} })()`);
  await p.waitForTimeout(600);
}
await p.screenshot({ path: out });
await b.close();
