/** One height of a garment as it hangs: how much cloth there is and how wide it is worn, mm. */
export interface ViewLevel {
  /** Below the waist line (or the shoulder, for what hangs from there), mm. */
  drop: number;
  /** Girth of the cloth at this height when spread out, mm. */
  clothGirth: number;
  /** Girth it is held to here: by a band, an elastic or a seam, mm; none where it hangs free. */
  heldGirth?: number;
}

/** What is sewn onto the garment and seen from the front, mm. */
export type ViewPart =
  /** A second layer hanging over the first from the waist, with levels of its own. */
  | { kind: 'over'; levels: ViewLevel[] }
  /** Two pockets: their top below the waist, size, and how far from the middle their nearer edge lies. */
  | { kind: 'pockets'; drop: number; width: number; depth: number; fromMiddle: number }
  /** A strip round the edge at the foot. */
  | { kind: 'binding'; width: number };

/** What the front view needs to know of a garment, part by part; the drawing follows from it and from the body. */
export interface GarmentView {
  hangsFrom: 'waist';
  /** From the top down; a gathered seam is two levels at one drop, the held one first. */
  levels: ViewLevel[];
  /** Height of a separate band above the seam, mm. */
  band: number;
  /** Seams running down, all round. */
  verticalSeams: number;
  /** What is seen on it beyond its own cloth. */
  parts?: ViewPart[];
  /** Pointed corners below the hem (a square skirt), mm beyond the side length. */
  corners?: number;
}
