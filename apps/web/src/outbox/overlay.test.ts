import { describe, expect, it } from 'vitest';
import type { ExperienceView, LogView, MeasureView, SettingsView } from '@arcus/contract';
import type { Entry } from './entry.ts';
import { experienceWith, ledgerWith, logWith, settingsWith } from './overlay.ts';

const measured = (value: number, key: string, more = {}): Entry => ({
  kind: 'call',
  id: key,
  says: 'Waist of Tove',
  method: 'POST',
  path: '/api/people/tove/measures',
  body: { key, entries: [{ measure: 'waist-girth', value, takenOn: '2027-02-01', ...more }] },
});
const line = (id: number, value: number, takenOn: string, key: string | null = null): MeasureView => ({
  id,
  measure: 'waist-girth',
  value,
  takenOn,
  note: '',
  key,
  struck: false,
});
const shown = (lines: MeasureView[] | undefined) => lines!.map(({ value, struck }) => [value, struck]);

describe('what was entered, laid over what was read', () => {
  it('stands there once, also while the answer has come and the entry has not gone yet', () => {
    const entry = measured(700, 'k1');
    expect(shown(ledgerWith('tove', [], [entry]))).toEqual([[700, false]]);
    expect(shown(ledgerWith('tove', [line(4, 700, '2027-02-01', 'k1')], [entry]))).toEqual([[700, false]]);
    const log: Entry = {
      kind: 'call',
      id: 'l',
      says: '',
      method: 'POST',
      path: '/api/makes/m/log',
      body: { key: 'k2', finishedOn: '2027-02-01', verdict: 'love', actuals: {} },
    };
    expect(logWith('m', [], [log])).toHaveLength(1);
    expect(logWith('m', [{ id: 3, key: 'k2', struck: false } as LogView], [log])).toHaveLength(1);
  });

  it('what puts a slip of the same day right strikes it out at once, unsaved slips too; another day’s stays', () => {
    const read = [line(1, 690, '2026-02-01'), line(2, 270, '2027-02-01')];
    expect(shown(ledgerWith('tove', read, [measured(700, 'a', { putsRight: true })]))).toEqual([
      [690, false],
      [270, true],
      [700, false],
    ]);
    expect(shown(ledgerWith('tove', [], [measured(27, 'a'), measured(700, 'b', { putsRight: true })]))).toEqual([
      [27, true],
      [700, false],
    ]);
  });

  it('a swatch kept while the server is away counts at once, one put away no more, and of defaults the last word', () => {
    const call = (method: 'POST' | 'DELETE' | 'PUT', path: string, body?: object): Entry =>
      ({ kind: 'call', id: `${method}${path}`, says: '', method, path: `/api/experience/${path}`, ...(body ? { body } : {}) }) as Entry;
    const strip = { id: 'new', kind: 'stretch', clothId: 'jersey', before: 100, after: 127, takenOn: '2027-02-01' };
    const read = { swatches: [{ ...strip, id: 'old', steamed: null }], outcomes: [], declined: ['time'] } as unknown as ExperienceView;
    const entries = [
      call('POST', 'swatches', strip),
      call('DELETE', 'swatches/old'),
      call('PUT', 'declined', { ids: ['takeUp'] }),
      call('PUT', 'declined', { ids: [] }),
    ];
    const now = experienceWith(read, entries)!;
    expect(now.swatches).toMatchObject([{ id: 'new', steamed: null, way: 'across' }]);
    expect(now.declined).toEqual([]);
    // saved, and not gone from the outbox yet: it stands there once
    expect(experienceWith({ ...read, swatches: now.swatches }, entries)!.swatches).toHaveLength(1);
    expect(experienceWith(undefined, entries)).toBeUndefined();
  });

  it('of settings the last word on each counts, the rest stays', () => {
    const read = { table: { pace: 'beginner' }, hours: { weekday: 45, weekend: 120 }, box: { tools: [], threads: [] } } as unknown as SettingsView;
    const put = (weekday: number): Entry => ({
      kind: 'call',
      id: String(weekday),
      says: '',
      method: 'PUT',
      path: '/api/settings/hours',
      body: { weekday, weekend: 0 },
    });
    const entries = [put(10), put(20)];
    expect(settingsWith(read, entries)).toEqual({ ...read, hours: { weekday: 20, weekend: 0 } });
    expect(settingsWith(undefined, entries)).toBeUndefined();
  });
});
