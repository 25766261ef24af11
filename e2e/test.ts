import { test as base } from '@playwright/test';
import { serve } from './serve.ts';

/** How one works until somebody says otherwise: no test begins with what another one said in Settings. */
const USUAL = {
  table: { machine: 'zigzag', finish: 'zigzag', pace: 'beginner' },
  hours: { weekday: 45, weekend: 120 },
  box: { tools: [], threads: [] },
};

/** Every worker has a server of its own with the demo scenario, so that the spec files can run side by side. */
export const test = base.extend<object, { demoServer: string }>({
  demoServer: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads from the pattern what a fixture needs
    async ({}, use) => {
      const { url, stop } = await serve();
      await use(url);
      await stop();
    },
    { scope: 'worker' },
  ],
  baseURL: ({ demoServer }, use) => use(demoServer),
  page: async ({ page }, use) => {
    for (const [name, data] of Object.entries(USUAL)) await page.request.put(`/api/settings/${name}`, { data });
    await use(page);
  },
});
