import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { draftFor, stepPicture } from '@arcus/core';
import { TickList } from '../common/tick-list.tsx';
import { Sketch } from './sketch.tsx';

const { sheet } = draftFor({ construction: 'gathered-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: { waist: 'fitted-band' } });

describe('a step’s picture', () => {
  it('says in words what it shows, also where nothing can be seen', () => {
    const step = sheet.steps.find(({ id }) => id === 'band')!;
    const markup = renderToStaticMarkup(<Sketch drawing={stepPicture(sheet, step)!} colour="#b96a5a" />);
    expect(markup).toContain('<figcaption');
    expect(markup).toMatch(/top edge of skirt width.* meets the lower edge of waistband/i);
  });
});

describe('things to do in order', () => {
  const markup = renderToStaticMarkup(
    <TickList
      items={sheet.steps.slice(0, 3).map(({ id, title }) => ({ id, title }))}
      done={new Set(['test'])}
      onToggle={() => undefined}
      onCurrent={() => undefined}
    />,
  );

  it('has a button to read a row and another to tick it', () => {
    expect(markup.match(/class="tick-box"/g)).toHaveLength(3);
    expect(markup.match(/class="tick-text"/g)).toHaveLength(3);
    expect(markup.match(/aria-pressed="true"/g)).toHaveLength(1);
  });

  it('has the first that is not done in hand', () => {
    expect(markup).toMatch(/aria-current="step"[^>]*><span class="tick-title">Chalk/);
  });
});
