import { fileURLToPath } from 'node:url';
import { Passphrase } from './access/passphrase.ts';
import { announce, newToken } from './backup/running-server.ts';
import { createApp } from './create-app.ts';
import { Engine } from './engine/engine.ts';
import { StartupProblem } from './database/startup-problem.ts';
import { passphraseFor, startOptions } from './start-options.ts';

/** Whoever is not done by then when the server ends has lost their answer, not their data, ms. */
const LONGEST_END = 2500;

process.umask(0o077);
try {
  const options = startOptions(process.env);
  const { port, host, data, hosts, addresses } = options;
  const passphrase = await passphraseFor(options, process.env);
  const token = newToken();
  const web = fileURLToPath(new URL('../../web/dist', import.meta.url));
  const app = await createApp({ data, web, hosts, passphrase, token });
  if (passphrase && process.env['ARCUS_PASSPHRASE'] === undefined && !Passphrase.kept(data)) passphrase.keep(data);
  if (process.argv.includes('--demo')) {
    const [{ scenario }, { isEmpty, seedWhole }] = await Promise.all([import('@arcus/demo'), import('./seed.ts')]);
    if (await isEmpty(app)) await seedWhole(app, scenario);
  }
  await app.listen(port, host);
  app.get(Engine).warm();
  const { port: heard } = app.getHttpServer().address() as { port: number };
  const at = addresses.map((each) => each.replace(/:0$/, `:${heard}`));
  const silence = announce(data, { url: `http://${host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host}:${heard}`, token });
  const end = (): void => {
    setTimeout(() => process.exit(0), LONGEST_END).unref();
    silence();
    app.close().then(
      () => process.exit(0),
      () => process.exit(1),
    );
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, end);
  console.log(`Arcus is ready: ${at.join(' or ')}  (data in ${data}; Ctrl-C ends it)`);
} catch (error) {
  const { code, message } = error as { code?: string; message?: string };
  const { PORT: port = '4870', HOST: host = '127.0.0.1' } = process.env;
  if (error instanceof StartupProblem) console.error(message);
  else if (code === 'EADDRINUSE') console.error(`Port ${port} is taken. Stop what uses it, or set PORT to another one.`);
  else if (code === 'EACCES') console.error(`Port ${port} may not be used by this user. Set PORT to one above 1023.`);
  else if (code === 'EADDRNOTAVAIL' || code === 'ENOTFOUND' || code === 'EAI_AGAIN')
    console.error(`HOST ${host} is no address of this machine. Leave it out, or name one that is.`);
  else console.error(`Arcus could not start: ${message ?? String(error)}`);
  process.exit(1);
}
