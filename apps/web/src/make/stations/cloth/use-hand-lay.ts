import { useCallback, useRef, useState } from 'react';
import { boundsOf, HandLay, layRequestOf, type Placement } from '@arcus/core';
import type { HeldPlacement } from '../../../table/lay-board.tsx';
import { LayEngine } from '../../../workers/engine.ts';
import { useMakeState } from '../../make-context.ts';

/** How long the rest is laid again around what is locked, seconds. */
const AGAIN = { seconds: 5, idle: 1 };
/** A turned piece is pushed to the nearest place where it fits, at most this far, mm. */
const GIVES = 60;

export interface HandLayState {
  placements: readonly HeldPlacement[];
  selected: number | undefined;
  select(index: number | undefined): void;
  change(placements: HeldPlacement[], about: string): void;
  /** Turns the selected piece to its next permitted turn; false where it fits nowhere near. */
  turn(): boolean;
  toggleLock(): void;
  /** Lays everything that isn't locked anew. */
  again(): Promise<void>;
  busy: boolean;
  /** Gives the lay back to Arcus. */
  letGo(): void;
  /** The pieces have changed since they were laid by hand. */
  outdated: boolean;
}

/** The main cloth's lay in the person's hands. It is part of the make: saved, undone and redone like any decision. */
export function useHandLay(): HandLayState {
  const { plan, draft, change: changeDraft, byHand } = useMakeState();
  const [selected, select] = useState<number>();
  const [busy, setBusy] = useState(false);
  const engine = useRef(new LayEngine());
  const placements: readonly HeldPlacement[] = byHand && draft.lay ? draft.lay : (plan?.lay.placements ?? []);
  const change = useCallback((lay: HeldPlacement[], about: string) => changeDraft({ lay }, `lay:${about}`), [changeDraft]);
  const turn = () => {
    if (!plan || selected === undefined) return false;
    const now = placements[selected]!;
    const piece = plan.pieces.find(({ id }) => id === now.piece)!;
    const next = piece.turns[(piece.turns.indexOf(now.turn as never) + 1) % piece.turns.length]!;
    const [a, b] = [boundsOf(piece.cut, now.turn), boundsOf(piece.cut, next)];
    const middle = { x: now.x + (a.minX + a.maxX) / 2 - (b.minX + b.maxX) / 2, y: now.y + (a.minY + a.maxY) / 2 - (b.minY + b.maxY) / 2 };
    const { width, pieces, gap } = layRequestOf(plan);
    const table = new HandLay(width, pieces, gap);
    const turned = { ...now, ...middle, turn: next, locked: true };
    const placed = table.snapped(
      placements.map((each, i) => (i === selected ? turned : each)),
      selected,
      GIVES,
    );
    const all = placements.map((each, i) => (i === selected ? { ...placed, locked: true } : { ...each }));
    const { overlapping, outside } = table.faults(all);
    if (overlapping.has(selected) || outside.has(selected)) return false;
    change(all, `turn:${selected}`);
    return true;
  };
  const toggleLock = () => {
    if (selected === undefined) return;
    change(
      placements.map((each, i) => (i === selected ? { ...each, locked: !each.locked } : { ...each })),
      `lock:${selected}`,
    );
  };
  const now = useRef(plan);
  now.current = plan;
  const again = async () => {
    if (!plan) return;
    setBusy(true);
    const asked = layRequestOf(plan);
    try {
      const plain = ({ piece, copy, turn: turned, x, y }: Placement) => ({ piece, copy, turn: turned, x, y });
      const locked = placements.filter((each) => each.locked).map(plain);
      const lay = await engine.current.lay(
        { ...asked, effort: 'thorough', ...AGAIN, locked, start: placements.map(plain), seed: Math.floor(Math.random() * 1e6) },
        () => undefined,
      );
      // chosen anew while it was being laid: this lay is of pieces that are no more
      if (!now.current || JSON.stringify(layRequestOf(now.current)) !== JSON.stringify(asked)) return;
      const isLocked = (piece: string, copy: number) => locked.some((each) => each.piece === piece && each.copy === copy);
      change(
        lay.placements.map((each) => ({ ...each, locked: isLocked(each.piece, each.copy) })),
        `again:${Date.now()}`,
      );
    } finally {
      setBusy(false);
    }
  };
  const letGo = () => {
    select(undefined);
    changeDraft({ lay: null }, 'lay:let-go');
  };
  return { placements, selected, select, change, turn, toggleLock, again, busy, letGo, outdated: draft.lay !== null && !byHand };
}
