import { describe, expect, it } from 'vitest';
import { ASTM_D5585, EN_13402_WOMEN } from './size-tables.ts';
import { wearerFor, wearerOf } from './wearer.ts';

describe('who a body is (limits: common practice, no source; tables: EN 13402-3 and ASTM D5585, from memory)', () => {
  it('no woman of the published tables is taken for a child', () => {
    for (const { size, bust, waist, hip } of [...EN_13402_WOMEN, ...ASTM_D5585]) {
      expect(wearerOf({ 'waist-girth': waist, 'hip-girth': hip }), size).toBe('adult');
      expect(wearerOf({ 'bust-girth': bust }), size).toBe('adult');
    }
  });

  it('a small waist is a child’s, a smaller one that of a child under three', () => {
    expect(wearerOf({ 'waist-girth': 530 })).toBe('child');
    expect(wearerOf({ 'waist-girth': 460 })).toBe('infant');
    expect(wearerOf({ flatWaist: 230 })).toBe('infant');
  });

  it('where no waist was taken the hip tells, then the bust; where nothing was, it is an adult', () => {
    expect(wearerOf({ 'hip-girth': 620 })).toBe('child');
    expect(wearerOf({ flatChest: 320 })).toBe('child');
    expect(wearerOf({ 'bust-girth': 900 })).toBe('adult');
    expect(wearerOf({})).toBe('adult');
    // the waist goes before the others
    expect(wearerOf({ 'waist-girth': 700, 'hip-girth': 620 })).toBe('adult');
  });

  it('a child by her own word is one, however tall; a body that small is one whoever says otherwise', () => {
    expect(wearerFor({ 'waist-girth': 640 }, true)).toBe('child');
    expect(wearerFor({ 'waist-girth': 640 }, false)).toBe('adult');
    expect(wearerFor({ 'waist-girth': 460 }, false)).toBe('infant');
  });
});
