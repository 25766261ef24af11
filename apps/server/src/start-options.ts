import { resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { isLoopback, ownAddresses } from './access/loopback.ts';
import { Passphrase, SHORTEST } from './access/passphrase.ts';
import { StartupProblem } from './database/startup-problem.ts';

export interface StartOptions {
  port: number;
  host: string;
  data: string;
  hosts: string[];
  /** Where it can be opened in a browser. */
  addresses: string[];
}

/** What the environment asks for. Throws StartupProblem naming the variable and what would do. */
export function startOptions(env: Readonly<Record<string, string | undefined>>): StartOptions {
  const asked = env['PORT'] ?? '4870';
  if (!/^\d{1,5}$/.test(asked.trim()) || Number(asked) > 65_535)
    throw new StartupProblem(`PORT must be a whole number from 0 to 65535, such as 4870; it is “${asked}”.`);
  const port = Number(asked);
  const host = (env['HOST'] ?? '127.0.0.1').trim();
  if (host === '')
    throw new StartupProblem('HOST is empty: leave it out for this machine only, or set it to the address to listen on, such as 0.0.0.0.');
  const data = env['ARCUS_DATA'] ?? './data';
  if (data.trim() === '') throw new StartupProblem('ARCUS_DATA is empty: leave it out for ./data, or name the folder the database is to be in.');
  const named = (env['ARCUS_HOSTS'] ?? '')
    .split(',')
    .map((each) => each.trim())
    .filter((each) => each !== '');
  const everywhere = host === '0.0.0.0' || host === '::';
  const reached = everywhere ? ownAddresses() : isLoopback(host) ? [] : [host];
  const url = (name: string) => `http://${name.includes(':') && !name.startsWith('[') ? `[${name}]` : name}:${port}`;
  return {
    port,
    host,
    data: resolve(data),
    hosts: [...named, ...reached],
    addresses: [...(everywhere || isLoopback(host) ? [url(isLoopback(host) ? host : '127.0.0.1')] : []), ...reached.map(url)],
  };
}

/**
 * The passphrase others in the house need, where they can reach this server; undefined on loopback. From ARCUS_PASSPHRASE, else the kept
 * one, else asked for once and kept as a hash. Throws StartupProblem where none can be had.
 */
export async function passphraseFor(
  { host, data }: StartOptions,
  env: Readonly<Record<string, string | undefined>>,
): Promise<Passphrase | undefined> {
  if (isLoopback(host)) return undefined;
  const given = env['ARCUS_PASSPHRASE'];
  if (given !== undefined) {
    if (given.trim().length < SHORTEST) throw new StartupProblem(`ARCUS_PASSPHRASE must have at least ${SHORTEST} letters.`);
    return Passphrase.of(given);
  }
  const kept = Passphrase.kept(data);
  if (kept) return kept;
  if (!process.stdin.isTTY)
    throw new StartupProblem(
      `On ${host} others can reach this Arcus: set ARCUS_PASSPHRASE to a passphrase of at least ${SHORTEST} letters they have to give, or leave HOST out for this machine only.`,
    );
  const asking = createInterface({ input: process.stdin, output: process.stdout });
  const answer = (await asking.question('Others can reach this Arcus. A passphrase they have to give: ')).trim();
  asking.close();
  if (answer.length < SHORTEST) throw new StartupProblem(`A passphrase needs at least ${SHORTEST} letters.`);
  const passphrase = await Passphrase.of(answer);
  return passphrase;
}
