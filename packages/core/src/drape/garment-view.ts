/** One height of a garment as it hangs: how much cloth there is and how wide it is worn, mm. */
export interface ViewLevel {
  /** Below the waist line (or the shoulder, for what hangs from there), mm. */
  drop: number;
  /** Girth of the cloth at this height when spread out, mm. */
  clothGirth: number;
  /** Girth it is held to here: by a band, an elastic or a seam, mm; none where it hangs free. */
  heldGirth?: number;
}

/** What the front view needs to know of a skirt; the drawing follows from it and from the body. */
export interface GarmentView {
  hangsFrom: 'waist';
  /** From the top down; a gathered seam is two levels at one drop, the held one first. */
  levels: ViewLevel[];
  /** Height of a separate band above the seam, mm. */
  band: number;
  /** Seams running down, all round. */
  verticalSeams: number;
  /** Pointed corners below the hem (a square skirt), mm beyond the side length. */
  corners?: number;
}
