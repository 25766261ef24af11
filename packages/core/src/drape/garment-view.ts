/** One height of a garment as it hangs: how much cloth there is and how wide it is worn, mm. */
export interface ViewLevel {
  /** Below the waist line, mm; less than 0 above it. */
  drop: number;
  /** Girth of the cloth at this height when spread out, mm. */
  clothGirth: number;
  /** Girth it is held to here: by a band, an elastic, rows or a seam, mm; none where it hangs free. */
  heldGirth?: number;
}

/** What is sewn onto the garment and seen from the outside, mm. Drops count from the waist, less than 0 above it. */
type Part =
  /** A second layer hanging over the first from the waist, with levels of its own. */
  | { kind: 'over'; levels: ViewLevel[] }
  /** Two pockets: their top below the waist, size, and how far from the middle their nearer edge lies. */
  | { kind: 'pockets'; drop: number; width: number; depth: number; fromMiddle: number }
  /** A strip round the edge at the foot. */
  | { kind: 'binding'; width: number }
  /** Lines running round: rows of shirring, strips of cloth, a seam. */
  | { kind: 'rows'; how: 'shirr' | 'strip' | 'seam'; drops: number[] }
  /** Front or back above the first level: neck, shoulders, armholes. */
  | { kind: 'shoulders'; top: number; neckHalf: number; neckDepth: number; shoulderHalf: number; slope: number }
  /** The top edge rises (or dips) in the middle. */
  | { kind: 'top-curve'; rise: number }
  /** Two straps from the top edge over the shoulders: how far from the middle; ties end in a bow. */
  | { kind: 'straps'; from: number; fromMiddle: number; width: number; tie: boolean }
  /** Both sleeves: where they are sewn on (top and underarm), how long from there, how wide flat at both ends; full ones are drawn in. */
  | { kind: 'sleeves'; top: number; under: number; out: number; length: number; start: number; end: number; gathered: boolean }
  /** A collar standing or rolled round the neck. */
  | { kind: 'collar'; top: number; half: number; height: number }
  /** Open all the way down the front, edged with a band. */
  | { kind: 'open-front'; top: number; neckHalf: number; neckDrop: number; band: number }
  /** A slit from the neck, closed with a button. */
  | { kind: 'keyhole'; top: number; long: number }
  /** A piece set in at each side: from this drop down. */
  | { kind: 'side-gores'; from: number; width: number }
  /** One front edge over the other, all the way down. */
  | { kind: 'wrap' }
  /** Ties of a band, hanging. */
  | { kind: 'bow'; drop: number };

/** A part, seen from both sides or from one. */
export type ViewPart = Part & { only?: 'front' | 'back' };

/** What the front and back view need to know of a garment, part by part; the drawing follows from it and from the body. */
export interface GarmentView {
  hangsFrom: 'waist' | 'shoulder';
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
