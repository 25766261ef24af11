export * from './cloth.dto.ts';
export * from './plan.dto.ts';
export * from './lay.dto.ts';
export * from './people.dto.ts';
export * from './cupboard.dto.ts';
export * from './makes.dto.ts';
export * from './backup.dto.ts';
export * from './experience.dto.ts';
export type { ApiError } from './error.ts';
