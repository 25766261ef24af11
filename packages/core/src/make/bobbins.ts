import type { Step } from './step.ts';

/** Rows counted through all pieces, from 1. */
export interface RowsSewn {
  /** Rows that are sewn. */
  sewn: number;
  /** The rows before which a fresh bobbin went in, the very first left out. */
  fresh: readonly number[];
}

export interface BobbinState {
  /** The row in hand, of which piece, and which row of that piece; none when all are sewn. */
  row?: { at: number; piece: number; inPiece: number };
  /** Rows a bobbin lasts: as planned, or fewer where one has already ended sooner. */
  lasts: number;
  /** Rows the bobbin in the machine still sews, counted before the row in hand. */
  left: number;
  /** It will not last for the row in hand: a fresh one goes in first. */
  change: boolean;
  /** Bobbins begun so far. */
  used: number;
}

/** Where the rows of shirring have come to, and whether the bobbin in the machine lasts for the next one (handbook 8: changed before a row, never inside one). */
export function bobbinState({ rows, times, rowsPerBobbin }: NonNullable<Step['bobbins']>, { sewn, fresh }: RowsSewn): BobbinState {
  const total = rows * times;
  const began = [1, ...fresh];
  const lasted = fresh.map((row, i) => row - began[i]!).filter((each) => each > 0);
  const lasts = Math.min(rowsPerBobbin, ...lasted);
  const since = sewn + 1 - began[began.length - 1]!;
  const left = Math.max(0, lasts - since);
  const at = sewn + 1;
  return {
    ...(at <= total ? { row: { at, piece: Math.ceil(at / rows), inPiece: ((at - 1) % rows) + 1 } } : {}),
    lasts,
    left,
    change: at <= total && left === 0,
    used: began.length,
  };
}
