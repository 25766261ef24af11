// npm run backup [FILE], npm run restore FILE: on the data folder of ARCUS_DATA (./data, or the demo's where only that is there).
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { build, install, root, run } from './prepare.mjs';

install();
build();
const data = process.env.ARCUS_DATA ?? (existsSync(join(root, 'data')) || !existsSync(join(root, '.demo-data')) ? './data' : './.demo-data');
const [what, file] = process.argv.slice(2);
// npm runs scripts in the project; a file is named from where one stands
const named = file === undefined ? [] : [resolve(process.env.INIT_CWD ?? '.', file)];
run(process.execPath, [join(root, 'apps/server/dist/backup/cli.js'), what, ...named], { env: { ...process.env, ARCUS_DATA: resolve(root, data) } });
