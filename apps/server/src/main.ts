import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './create-app.ts';
import { FolderInUse } from './database/folder-lock.ts';

const port = Number(process.env['PORT'] ?? 4870);
const host = process.env['HOST'] ?? '127.0.0.1';
const data = resolve(process.env['ARCUS_DATA'] ?? './data');
const web = fileURLToPath(new URL('../../web/dist', import.meta.url));

try {
  const app = await createApp({ data, web });
  if (process.argv.includes('--demo')) {
    const [{ scenario }, { isEmpty, seed }] = await Promise.all([import('@arcus/demo'), import('./seed.ts')]);
    if (await isEmpty(app)) await seed(app, scenario);
  }
  await app.listen(port, host);
  console.log(`Arcus is ready: http://${host === '0.0.0.0' ? 'localhost' : host}:${port}  (data in ${data}; Ctrl-C ends it)`);
} catch (error) {
  if (error instanceof FolderInUse) console.error(error.message);
  else if ((error as { code?: string }).code === 'EADDRINUSE') console.error(`Port ${port} is taken. Stop what uses it, or set PORT to another one.`);
  else console.error(error);
  process.exit(1);
}
