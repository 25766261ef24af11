// What a plan costs beside the bare arithmetic, and a preview beside an endpoint that only validates.
import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Body, Controller, HttpCode, Module, Post, ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { CONSTRUCTIONS, planFor, previewOf } from '@arcus/core';
import { PlanPreviewRequest } from '@arcus/contract';
import { createApp } from '../../apps/server/dist/create-app.js';
import { median, medianOf, table } from './median.mjs';

const BODY = {
  'waist-girth': 700,
  'hip-girth': 960,
  'waist-to-hip': 200,
  'waist-to-knee': 580,
  'bust-girth': 880,
  'under-bust-girth': 760,
  'neck-girth': 360,
  'upper-arm-girth': 280,
  'wrist-girth': 160,
  'shoulder-width': 380,
  'shoulder-to-waist': 410,
  'shoulder-to-floor': 1420,
  'wrist-span': 1480,
  'back-neck-width': 176,
};
/** The largest plans there are. */
const LARGE = [
  ['gored-skirt', { lining: true, godets: true }],
  ['circle-skirt', { lining: true }],
  ['shirred-dress', { sleeves: true, ruffle: true, pockets: true }],
];
const noLay = () => ({ length: 1, utilisation: 0, placements: [] });

/** The circle skirt as one would type it into a calculator. */
function bareCircle(waist, length) {
  const r = waist / (2 * Math.PI);
  return [r, r - 15, r + length, r + length + 12, 2 * Math.PI * (r + length), waist + 25 + 30, 90];
}

export async function run() {
  let sink = 0;
  const bare = medianOf((i) => (sink += bareCircle(700 + (i % 50), 600)[4]));
  const rows = [['construction', 'plan, ms', 'x bare arithmetic']];
  const plan = (construction, choices = {}) =>
    medianOf((i) => previewOf(planFor({ construction, body: { ...BODY, 'waist-girth': 700 + (i % 50) }, choices }, noLay)));
  for (const { id } of CONSTRUCTIONS) {
    const time = plan(id);
    rows.push([id, time.toFixed(3), Math.round(time / bare)]);
  }
  for (const [id, choices] of LARGE) {
    const time = plan(id, choices);
    rows.push([`${id}, ${Object.keys(choices).join(', ')}`, time.toFixed(3), Math.round(time / bare)]);
  }
  table(`A plan, lay aside (bare arithmetic of a circle skirt: ${(bare * 1e6).toFixed(0)} ns)`, rows);
  if (!Number.isFinite(sink)) throw new Error('the bare arithmetic gave nothing');
  await throughput();
}

async function throughput() {
  class Bare {
    take(request) {
      return { construction: request.construction };
    }
  }
  Controller('bare')(Bare);
  const method = Object.getOwnPropertyDescriptor(Bare.prototype, 'take');
  Post()(Bare.prototype, 'take', method);
  HttpCode(200)(Bare.prototype, 'take', method);
  Body()(Bare.prototype, 'take', 0);
  Reflect.defineMetadata('design:paramtypes', [PlanPreviewRequest], Bare.prototype, 'take');
  class BareModule {}
  Module({ controllers: [Bare] })(BareModule);
  const bare = await NestFactory.create(BareModule, { logger: false });
  bare.useGlobalPipes(new ValidationPipe({ whitelist: true, forbidNonWhitelisted: true, transform: true }));
  const data = mkdtempSync(join(tmpdir(), 'arcus-bench-'));
  const real = await createApp({ data, quiet: true });
  await Promise.all([bare.listen(0, '127.0.0.1'), real.listen(0, '127.0.0.1')]);
  const address = (app, path) => `http://127.0.0.1:${app.getHttpServer().address().port}${path}`;
  const rates = { bare: [], real: [] };
  const times = { real: [], refused: [] };
  for (let round = 0; round < 7; round++) {
    rates.bare.push(await rate(address(bare, '/bare'), round));
    rates.real.push(await rate(address(real, '/api/plans/preview'), round, times.real));
  }
  await rate(address(real, '/api/plans/preview'), 99, times.refused, { fraction: 'all' });
  const [bareRate, realRate] = [median(rates.bare), median(rates.real)];
  table('POST circle skirts, each unlike the others, answers a second', [
    ['endpoint', 'a second', 'share'],
    ['validates and answers', Math.round(bareRate), 1],
    ['works out the plan with its lay', Math.round(realRate), (realRate / bareRate).toFixed(2)],
  ]);
  const p99 = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length * 0.99)];
  table('The slowest of a hundred answers, four at a time', [
    ['answer', 'ms', 'x refused'],
    ['refused by name', p99(times.refused).toFixed(1), 1],
    ['a plan with its lay', p99(times.real).toFixed(1), (p99(times.real) / p99(times.refused)).toFixed(1)],
  ]);
  await Promise.all([bare.close(), real.close()]);
  rmSync(data, { recursive: true, force: true });
}

/** Answers a second; every request is for another waist. `times` takes how long each took, ms. */
async function rate(url, round, times = [], choices = {}, calls = 200) {
  const from = performance.now();
  let left = calls;
  await Promise.all(
    Array.from({ length: 4 }, async () => {
      while (left-- > 0) {
        const body = JSON.stringify({ construction: 'circle-skirt', body: { ...BODY, 'waist-girth': 600 + round * 20 + left / 10 }, choices });
        const asked = performance.now();
        const answer = await fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
        if (answer.status !== (choices.fraction ? 400 : 200)) throw new Error(`${url} answered ${answer.status}`);
        await answer.arrayBuffer();
        times.push(performance.now() - asked);
      }
    }),
  );
  return (calls * 1000) / (performance.now() - from);
}
