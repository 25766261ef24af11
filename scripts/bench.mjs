// npm run bench [plans|pages|lays]: speed as ratios within one run, on this machine, at this moment.
import { build, install } from './prepare.mjs';

install();
build();
const wanted = process.argv[2];
if (wanted === undefined || wanted === 'plans') await (await import('./bench/plans.mjs')).run();
if (wanted === undefined || wanted === 'pages') await (await import('../e2e/bench-pages.mjs')).run();
if (wanted === undefined || wanted === 'lays') await (await import('./bench/lays.mjs')).run();
