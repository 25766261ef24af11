import { BadInput } from '@arcus/core';
import type { NextFunction, Request, Response } from 'express';

/** What no request needs more of: so that what checks and converts a body is never given more than it can do in a moment. */
const DEEPEST = 12;
const MOST_ITEMS = 5000;
const MOST_FIELDS = 500;

/** Looks at the size of a body before anything is made of it. Names the field that is too large, too deep, or no field at all. */
export function bodyLimits(request: Request, _response: Response, next: NextFunction): void {
  try {
    assertReasonable(request.body);
    next();
  } catch (error) {
    next(error);
  }
}

/** Throws BadInput. Walks level by level: what is nested thousands deep can't overflow it. */
export function assertReasonable(body: unknown): void {
  let level: Array<readonly [path: string, value: object]> = isObject(body) ? [['', body]] : [];
  for (let depth = 0; level.length > 0; depth++) {
    const below: typeof level = [];
    for (const [path, value] of level) {
      const name = path === '' ? 'body' : path;
      if (depth >= DEEPEST) throw new BadInput(name, `is nested more than ${DEEPEST} deep`);
      if (Array.isArray(value)) {
        if (value.length > MOST_ITEMS) throw new BadInput(name, `has ${value.length} items; at most ${MOST_ITEMS} can be taken`);
        // corners and the like: pairs of numbers hold nothing further
        value.forEach((item: unknown, i) => isObject(item) && below.push([`${path}${path === '' ? '' : '.'}${i}`, item]));
      } else {
        const keys = Object.keys(value);
        if (keys.length > MOST_FIELDS) throw new BadInput(name, `has ${keys.length} fields; at most ${MOST_FIELDS} can be taken`);
        for (const key of keys) {
          const field = path === '' ? key : `${path}.${key}`;
          if (key === '__proto__') throw new BadInput(field, 'is not a field we know');
          const item = (value as Record<string, unknown>)[key];
          if (isObject(item)) below.push([field, item]);
        }
      }
    }
    level = below;
  }
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;
