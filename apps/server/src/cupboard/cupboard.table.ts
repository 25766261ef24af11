import { integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { kept } from '../database/kept.ts';

/** Lengths mm, stretch and shrinkage as shares. */
export const cloths = sqliteTable('cloths', {
  ...kept(),
  name: text('name').notNull(),
  fibre: text('fibre').notNull().default(''),
  colour: text('colour').notNull().default('#b96a5a'),
  note: text('note').notNull().default(''),
  width: real('width').notNull(),
  selvedge: real('selvedge').notNull().default(10),
  kind: text('kind', { enum: ['woven', 'knit'] }).notNull(),
  weight: text('weight', { enum: ['light', 'medium', 'heavy'] })
    .notNull()
    .default('medium'),
  stretchAcross: real('stretch_across').notNull().default(0),
  stretchAlong: real('stretch_along').notNull().default(0),
  shrinkAcross: real('shrink_across').notNull().default(0),
  shrinkAlong: real('shrink_along').notNull().default(0),
  print: text('print', { enum: ['none', 'up', 'across'] })
    .notNull()
    .default('none'),
  oneWay: integer('one_way', { mode: 'boolean' }).notNull().default(false),
  sheer: integer('sheer', { mode: 'boolean' }).notNull().default(false),
  frays: integer('frays', { mode: 'boolean' }).notNull().default(true),
  prewashed: integer('prewashed', { mode: 'boolean' }).notNull().default(false),
  /** Length of the print's repeat, mm. */
  repeat: real('repeat').notNull().default(0),
  lengthOnHand: real('length_on_hand'),
  pricePerMetre: real('price_per_metre'),
});

export const elastics = sqliteTable('elastics', {
  ...kept(),
  name: text('name').notNull(),
  kind: text('kind', { enum: ['woven-non-roll', 'knitted', 'braided', 'exposed', 'clear'] }).notNull(),
  width: real('width').notNull(),
  greatestStretch: real('greatest_stretch').notNull(),
  lengthOnHand: real('length_on_hand'),
  note: text('note').notNull().default(''),
});
