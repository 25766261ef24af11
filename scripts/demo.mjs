// npm run demo: install, build, a demo database of its own, serve.
import { build, install } from './prepare.mjs';
import { serve } from './serve.mjs';

install();
build();
serve(['--demo'], { ARCUS_DATA: process.env.ARCUS_DATA ?? './.demo-data' });
