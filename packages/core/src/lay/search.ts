import { clock } from './clock.ts';
import { lengthOfLay, type Put } from './outlines/put.ts';
import { randomFrom } from './random.ts';

/** Less than this is no gain, mm. */
const GAIN = 1e-6;

/** The best lay so far, and how long there is to better it. */
export class Search {
  best: Put[];
  length: number;
  readonly random: () => number;
  private readonly started: number;
  /** When the last gain was made, seconds since the start. */
  private gained = 0;
  private looked = 0;
  private late = false;

  /**
   * `seconds`: the whole budget, counted from `since` (now, where left out). `idle`: seconds without a gain after which more is not
   * worth the wait. `steps`: looks at the clock after which a quick search ends, so that it gives the same answer on a slow machine as
   * on a fast one, unless its seconds are over before. `since`: a time of `clock`. `better` hears of every improvement. `sound`: whether a lay can be cut; what is not is never taken.
   */
  constructor(
    start: Put[],
    private readonly limit: { seconds: number; idle?: number; steps?: number; since?: number },
    seed = 1,
    private readonly better?: (best: readonly Put[]) => void,
    private readonly sound: (put: readonly Put[]) => boolean = () => true,
  ) {
    this.started = limit.since ?? clock();
    this.best = start;
    this.length = lengthOfLay(start);
    this.random = randomFrom(seed);
  }

  /** Whether to stop now. Cheap enough to ask in every inner loop; `dear` where each step takes long enough to look at the clock every time. */
  over(dear = false): boolean {
    this.looked++;
    if (this.limit.steps !== undefined && this.looked > this.limit.steps) return true;
    if ((dear || (this.looked & 15) === 0) && !this.late)
      this.late = this.elapsed() >= Math.min(this.limit.seconds, this.gained + (this.limit.idle ?? Infinity));
    return this.late;
  }

  /** Whether its seconds are over: where a single look takes long. Counts as no look. */
  isLate(): boolean {
    return this.elapsed() >= this.limit.seconds;
  }

  /** The share of its budget a search has used, 0 to 1. */
  spent(): number {
    return Math.max(this.looked / (this.limit.steps ?? Infinity), this.elapsed() / this.limit.seconds);
  }

  /** Seconds since the start. */
  elapsed(): number {
    return (clock() - this.started) / 1000;
  }

  /** Takes a lay that is shorter than the best and sound. */
  offer(put: Put[]): boolean {
    const length = lengthOfLay(put);
    if (!(length < this.length - GAIN) || !this.sound(put)) return false;
    this.best = put;
    this.length = length;
    this.gained = this.elapsed();
    this.better?.(put);
    return true;
  }
}
