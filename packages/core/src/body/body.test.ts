import { describe, expect, it } from 'vitest';
import { INCH } from '../units/units.ts';
import { MEASURES, measureById } from './measures.ts';
import { doubtsAbout } from './plausibility.ts';
import { figureOf, halfWidth } from './proportions.ts';
import { ASTM_D5585, EN_13402_WOMEN, standIn } from './size-tables.ts';

const about = (body: Record<string, number>, before?: Record<string, number>) => doubtsAbout(body, 'cm', before).map((doubt) => doubt.measure);

describe('doubts about a measure (handbook 1: warn, never block)', () => {
  it('asks about a waist of 27 “cm”', () => {
    const [doubt] = doubtsAbout({ 'waist-girth': 270 }, 'cm');
    expect(doubt?.says).toMatch(/inches/);
  });

  it('asks about centimetres read as inches', () => {
    expect(doubtsAbout({ 'waist-girth': 72 * INCH }, 'in')[0]?.says).toMatch(/centimetres/);
  });

  it('asks when the hip is smaller than the waist', () => expect(about({ 'waist-girth': 960, 'hip-girth': 900 })).toContain('hip-girth'));
  it('asks about a waist-to-hip outside 15 to 25 cm on an adult only', () => {
    expect(about({ 'hip-girth': 1000, 'waist-to-hip': 290 })).toContain('waist-to-hip');
    expect(about({ 'hip-girth': 620, 'waist-to-hip': 128 })).toEqual([]);
  });
  it('asks when a girth moved by more than 5 %', () => {
    expect(about({ 'waist-girth': 740 }, { 'waist-girth': 700 })).toContain('waist-girth');
    expect(about({ 'waist-girth': 734 }, { 'waist-girth': 700 })).toEqual([]);
  });
  it('has nothing to ask about any row of the published tables', () => {
    for (const { bust, waist, hip } of [...EN_13402_WOMEN, ...ASTM_D5585])
      expect(about({ 'bust-girth': bust, 'waist-girth': waist, 'hip-girth': hip })).toEqual([]);
  });
});

describe('size tables as stand-ins', () => {
  // EN 13402-3 and ASTM D5585 (1995), both from memory of the handbook's tables
  it('takes a missing hip from the nearest row and says where from', () => {
    expect(standIn('hip-girth', { 'waist-girth': 722 })).toMatchObject({ value: 960, from: expect.stringContaining('EN 13402-3') });
    expect(standIn('hip-girth', { 'waist-girth': 28 * INCH }, ASTM_D5585)?.value).toBeCloseTo(38.5 * INCH, 9);
  });
  it('stands in for nothing it has no column for, and not out of thin air', () => {
    expect(standIn('knee-girth', { 'waist-girth': 700 })).toBeUndefined();
    expect(standIn('hip-girth', {})).toBeUndefined();
  });
});

describe('the catalogue of measures', () => {
  const CONTRACT =
    'bust-girth under-bust-girth waist-girth hip-girth neck-girth head-girth upper-arm-girth wrist-girth thigh-girth knee-girth legs-girth shoulder-girth waist-to-hip waist-to-knee waist-to-floor shoulder-to-waist shoulder-to-floor wrist-span back-neck-width shoulder-width shoulder-to-wrist over-shoulder crotch-depth flatWaist flatHem flatChest flatLength';
  it('has every id the contract names, each with a way to take it', () => {
    for (const id of CONTRACT.split(' ')) expect(measureById(id)?.how.length, id).toBeGreaterThan(20);
    expect(MEASURES).toHaveLength(CONTRACT.split(' ').length);
  });
});

describe('the drawn figure', () => {
  it('stands as high as its measures and is as wide as an ellipse of its girths', () => {
    const figure = figureOf({ 'waist-girth': 700, 'hip-girth': 960, 'waist-to-floor': 1040, 'waist-to-hip': 200 });
    expect(figure.heights.waist - figure.heights.hip).toBe(200);
    // Ramanujan's perimeter of the ellipse with that half width and 0.72 of it as depth
    const [a, b] = [halfWidth(960), 0.72 * halfWidth(960)];
    const h = ((a - b) / (a + b)) ** 2;
    const perimeter = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
    expect(Math.abs(perimeter - 960)).toBeLessThan(960 * 0.01);
  });
});
