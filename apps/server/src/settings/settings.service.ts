import { Injectable } from '@nestjs/common';
import type { SettingsView } from '@arcus/contract';
import { Database } from '../database/database.ts';
import { settings } from './settings.table.ts';

/** How it is taken to be until somebody says. */
const USUAL: SettingsView = {
  table: { machine: 'zigzag', finish: 'zigzag', pace: 'beginner' },
  hours: { weekday: 45, weekend: 120 },
  box: { tools: [], threads: [] },
};

/** What stands on the table, what lies in the sewing box, how much time there is: the same on every device. */
@Injectable()
export class SettingsService {
  constructor(private readonly database: Database) {}

  async all(): Promise<SettingsView> {
    const rows = await this.database.orm.select().from(settings);
    return { ...USUAL, ...Object.fromEntries(rows.map(({ name, value }) => [name, value])) };
  }

  /** Takes one of them in place of what was there. */
  async set<K extends keyof SettingsView>(name: K, value: SettingsView[K]): Promise<SettingsView> {
    await this.database.write((orm) => orm.insert(settings).values({ name, value }).onConflictDoUpdate({ target: settings.name, set: { value } }));
    return this.all();
  }
}
