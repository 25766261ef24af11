declare const performance: { now(): number };

/** Milliseconds on a clock that nobody can set: only differences mean something. The same in Node, the page and its workers. */
export const clock = (): number => performance.now();
