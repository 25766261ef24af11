import { expect, type Page } from '@playwright/test';
import { makeNamed } from './arcus.ts';
import { test } from './test.ts';

const STATIONS = ['measure', 'shape', 'cloth', 'chalk', 'sew', 'wear'];
const CONTROLS = 'button, a[href], input, textarea, summary, [role="slider"], [role="combobox"], [role="switch"]';

/**
 * Controls that no scrolling brings under a finger: each is scrolled to where it can be, and what lies at its middle, or at any of four
 * points beside it, must be the control itself, or what it is drawn with.
 */
function beyondReach(page: Page): Promise<string[]> {
  return page.evaluate((controls) => {
    const shown = [...document.querySelectorAll<HTMLElement>(controls)].filter((each) => {
      const box = each.getBoundingClientRect();
      const style = getComputedStyle(each);
      const drawn = each.checkVisibility() && box.width > 2 && box.height > 2 && style.visibility !== 'hidden' && style.pointerEvents !== 'none';
      return drawn && !each.closest('[inert], .visually-hidden') && !(each as HTMLButtonElement).disabled;
    });
    return shown.flatMap((each) => {
      const reached = (['center', 'end', 'start'] as const).some((block) => {
        each.scrollIntoView({ block, inline: 'center', behavior: 'instant' as ScrollBehavior });
        // a link that runs over two lines is in two places
        return [...each.getClientRects()].some((box) =>
          [0.5, 0.2, 0.8].some((across) =>
            [0.5, 0.2, 0.8].some((down) => {
              const hit = document.elementFromPoint(box.left + box.width * across, box.top + box.height * down);
              if (!hit || (hit !== each && hit.contains(each))) return false;
              return each.contains(hit) || hit.closest('label, .ant-select, .ant-slider, .ant-input-affix-wrapper')?.contains(each) === true;
            }),
          ),
        );
      });
      const name = each.getAttribute('aria-label') ?? each.textContent?.trim().slice(0, 40) ?? '';
      return reached ? [] : [`${each.tagName.toLowerCase()} “${name}”`];
    });
  }, CONTROLS);
}

// 320 x 480: the smallest phone; 640 x 400: a desk of 1280 x 800 at 200 %; the others are phones propped up at the machine
for (const [width, height] of [
  [320, 480],
  [640, 400],
  [390, 664],
  [360, 740],
] as const) {
  test(`every control of every station can be reached at ${width} x ${height}`, async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width, height });
    const make = await makeNamed(page, 'Concert skirt');
    const { clothId } = make;
    for (const place of [
      ...STATIONS.map((station) => `/makes/${make.id}/${station}`),
      // what has no drawing in it is no different on a taller phone
      ...(height < 500 ? ['/', '/makes', '/makes/new', '/people', '/cupboard', `/cupboard/${clothId}/together`, '/settings', '/welcome'] : []),
    ]) {
      await page.goto(place);
      await page.waitForLoadState('networkidle');
      await expect(page.locator('h1').first()).toBeAttached();
      expect(await beyondReach(page), place).toEqual([]);
    }
  });
}
