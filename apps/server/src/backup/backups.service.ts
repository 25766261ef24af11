import {
  Injectable,
  Logger,
  NotFoundException,
  UnprocessableEntityException,
  type OnApplicationBootstrap,
  type OnApplicationShutdown,
} from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { copyFile, mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Backups, Inside } from '@arcus/contract';
import { createClient } from '@libsql/client';
import { drizzle } from 'drizzle-orm/libsql';
import { copiesIn, KEPT_COPIES, listCopies } from '../database/copies.ts';
import { Database } from '../database/database.ts';
import { DATA_VERSION, migrateFile } from '../database/migrations.ts';
import { lookInside } from './look-inside.ts';

/** How often it is looked whether today's copy is there, ms. */
const LOOK_EVERY = 10 * 60 * 1000;

/** Copies of everything that is kept: taken by the day and when asked for, looked into, put back. */
@Injectable()
export class BackupsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('backups');
  private timer: NodeJS.Timeout | undefined;
  /** Files that were sent here to be looked into, by their token. */
  private readonly incoming = new Map<string, string>();

  constructor(private readonly database: Database) {}

  onApplicationBootstrap(): void {
    const look = () => void this.daily().catch((error: unknown) => this.log.error(`No daily copy could be taken: ${String(error)}`));
    this.timer = setInterval(look, LOOK_EVERY);
    this.timer.unref();
    look();
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.timer);
    await Promise.all([...this.incoming.values()].map((path) => rm(path, { force: true })));
  }

  async list(): Promise<Backups> {
    return { folder: this.database.folder, dataVersion: DATA_VERSION, kept: KEPT_COPIES, copies: await listCopies(this.database.folder) };
  }

  /** Takes a copy and looks whether it is whole. */
  async take(): Promise<{ name: string } & Inside> {
    const path = await this.database.copy('asked');
    return { name: path.slice(path.lastIndexOf('/') + 1), ...(await lookInside(path)) };
  }

  /** Where a copy of that name lies. Throws 404. */
  async pathOf(name: string): Promise<string> {
    const found = (await listCopies(this.database.folder)).find((copy) => copy.name === name);
    if (!found) throw new NotFoundException(`There is no copy called ${name}.`);
    return join(copiesIn(this.database.folder), found.name);
  }

  /** Takes in a file to look what is inside; nothing is put back yet. */
  async receive(file: Readable): Promise<{ token: string } & Inside> {
    const token = randomUUID();
    const path = await this.scratch(token);
    await pipeline(file, createWriteStream(path, { mode: 0o600 }));
    for (const [old, at] of this.incoming) {
      this.incoming.delete(old);
      await rm(at, { force: true });
    }
    this.incoming.set(token, path);
    return { token, ...(await lookInside(path)) };
  }

  async look(name: string): Promise<Inside> {
    return lookInside(await this.pathOf(name));
  }

  /** Puts a copy back, all of it or nothing; what is there now is copied first. Throws 404, or 422 where it is no whole copy. */
  async restore({ name, token }: { name?: string; token?: string }): Promise<Inside & { before: string }> {
    const from = token !== undefined ? this.incoming.get(token) : name !== undefined ? await this.pathOf(name) : undefined;
    if (from === undefined) throw new NotFoundException('There is no such file; send it again.');
    const result = await this.restoreFile(from);
    if (token !== undefined) {
      this.incoming.delete(token);
      await rm(from, { force: true });
    }
    return result;
  }

  private async restoreFile(from: string): Promise<Inside & { before: string }> {
    const inside = await lookInside(from);
    if (inside.fault !== undefined) throw new UnprocessableEntityException(inside.fault);
    const before = await this.database.copy('before-restore');
    const path = await this.scratch(randomUUID());
    try {
      await copyFile(from, path);
      const client = createClient({ url: `file:${path}` });
      await migrateFile(drizzle(client));
      client.close();
      await this.database.replaceWith(path);
    } finally {
      await rm(path, { force: true });
    }
    return { ...inside, before: before.slice(before.lastIndexOf('/') + 1) };
  }

  private async scratch(name: string): Promise<string> {
    await mkdir(copiesIn(this.database.folder), { recursive: true, mode: 0o700 });
    return join(copiesIn(this.database.folder), `.${name}.db`);
  }

  private async daily(): Promise<void> {
    // a copy of nothing would stand for the whole day
    const [kept] = (await this.database.orm.run('SELECT (SELECT count(*) FROM people) + (SELECT count(*) FROM cloths)')).rows;
    if (Number(kept![0]) === 0) return;
    const newest = (await listCopies(this.database.folder)).find(({ reason }) => reason === 'daily');
    const today = new Date().toISOString().slice(0, 10);
    if (newest?.takenAt.slice(0, 10) !== today) await this.database.copy('daily');
  }
}
