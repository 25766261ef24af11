import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { DOOR_PORT } from './ports.ts';

const data = mkdtempSync(join(tmpdir(), 'arcus-door-'));
const base = `http://127.0.0.1:${DOOR_PORT}`;
let server: ChildProcess;
test.beforeAll(async () => {
  server = spawn(process.execPath, ['apps/server/dist/main.js', '--demo'], {
    cwd: join(import.meta.dirname, '..'),
    env: { ...process.env, HOST: '0.0.0.0', PORT: String(DOOR_PORT), ARCUS_DATA: data, ARCUS_PASSPHRASE: 'tide and thimble' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((ready) => server.stdout!.on('data', (said: Buffer) => String(said).includes('ready') && ready()));
});
test.afterAll(async () => {
  const ended = new Promise((done) => server.on('exit', done));
  server.kill('SIGTERM');
  await ended;
  rmSync(data, { recursive: true, force: true });
});

test('where others can reach it one gives the passphrase first, and gets to where one was going', async ({ page }) => {
  await page.goto(`${base}/people`);
  await page.getByLabel('Passphrase').fill('another one');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('alert')).toContainText('is not the one');
  await page.getByLabel('Passphrase').fill('tide and thimble');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByText('Maren').first()).toBeVisible();
  await page.goto(`${base}/settings`);
  await page.getByRole('button', { name: 'Sign out on this device' }).click();
  await expect(page.getByLabel('Passphrase')).toBeVisible();
  expect((await page.request.get(`${base}/api/people`)).status()).toBe(401);
});
