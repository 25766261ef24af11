import { createHmac, randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';

const derive = promisify(scrypt) as (secret: string, salt: Buffer, length: number) => Promise<Buffer>;
const FILE = 'arcus-access.json';
/** No passphrase is shorter. */
export const SHORTEST = 8;
/** How long one stays signed in, ms. */
export const SESSION = 30 * 24 * 60 * 60 * 1000;

/** What lets people in who are not on this machine: a passphrase, kept only as a scrypt hash, and the sessions it opened. */
export class Passphrase {
  private constructor(
    private readonly salt: Buffer,
    private readonly hash: Buffer,
    /** Signs sessions; new with every passphrase, so that changing it signs everybody out. */
    private readonly key: Buffer,
  ) {}

  static async of(text: string): Promise<Passphrase> {
    const salt = randomBytes(16);
    return new Passphrase(salt, await derive(text, salt, 64), randomBytes(32));
  }

  /** The one kept in a data folder; undefined where none is. */
  static kept(folder: string): Passphrase | undefined {
    const path = join(folder, FILE);
    if (!existsSync(path)) return undefined;
    const { salt, hash, key } = JSON.parse(readFileSync(path, 'utf8')) as Record<'salt' | 'hash' | 'key', string>;
    return new Passphrase(...([salt, hash, key].map((each) => Buffer.from(each, 'base64')) as [Buffer, Buffer, Buffer]));
  }

  keep(folder: string): void {
    const { salt, hash, key } = this;
    const text = JSON.stringify({ salt: salt.toString('base64'), hash: hash.toString('base64'), key: key.toString('base64') });
    writeFileSync(join(folder, FILE), text, { mode: 0o600 });
  }

  async matches(text: string): Promise<boolean> {
    return timingSafeEqual(await derive(text, this.salt, this.hash.length), this.hash);
  }

  newSession(now = Date.now()): string {
    const until = String(now + SESSION);
    return `${until}.${this.sign(until)}`;
  }

  holds(session: string | undefined, now = Date.now()): boolean {
    const [until = '', signature = ''] = (session ?? '').split('.');
    const [given, due] = [Buffer.from(signature), Buffer.from(this.sign(until))];
    return Number(until) > now && given.length === due.length && timingSafeEqual(given, due);
  }

  private sign(text: string): string {
    return createHmac('sha256', this.key).update(text).digest('base64url');
  }
}
