import type { Cloth } from '../cloth/cloth.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { ClothRole } from '../shapes/piece.ts';

/** A cloth as the main one is, without what only that one has. */
export function likeMain(main: Cloth): Cloth {
  const { lengthOnHand: _, pricePerMetre: __, ...like } = main;
  return { ...like, print: 'none', oneWay: false, sheer: false, repeat: 0 };
}

const SHARES = {
  stretchAcross: ['stretch-across', 'Stretch across the cloth'],
  shrinkAcross: ['shrink-across', 'Shrinkage across'],
  shrinkAlong: ['shrink-along', 'Shrinkage along'],
} as const;

/** The cloths of a garment by what they are for; a role that is not named takes after the main cloth. */
export class Cloths {
  private readonly usable = new Map<ClothRole, Quantity>();
  private readonly plain: Cloth;

  constructor(
    private readonly byRole: { main: Cloth } & Partial<Record<ClothRole, Cloth>>,
    /** What is said of what was tried of a cloth: "cloth.shrinkAlong", "lining.shrinkAlong". */
    private readonly learned: Readonly<Record<string, string>> = {},
  ) {
    this.plain = likeMain(byRole.main);
  }

  /**
   * The cloth of a role. Where none was named it has the main cloth's width and washing, no print, no nap, and is neither sheer nor counted
   * in the cupboard; of a knit it is a knit that stretches as much.
   */
  of(role: ClothRole): Cloth {
    return this.byRole[role] ?? this.plain;
  }

  isNamed(role: ClothRole): boolean {
    return this.byRole[role] !== undefined;
  }

  /** What is left of a length (or width) after the wash: 1 less the shrinkage. */
  keeps(shrinks: 'shrinkAlong' | 'shrinkAcross', role: ClothRole): Quantity {
    return Quantity.constant(1, 'ratio').minus(this.share(shrinks, role));
  }

  /** How far the main cloth opens when it is pulled across: 1 and its stretch. */
  gives(): Quantity {
    return Quantity.constant(1, 'ratio').plus(this.share('stretchAcross', 'main'));
  }

  /** Stretch or shrinkage as a quantity; from strips of the cloth, where some were tried. */
  share(trait: keyof typeof SHARES, role: ClothRole): Quantity {
    const [name, label] = SHARES[trait];
    const own = this.learned[`${role === 'main' || !this.isNamed(role) ? 'cloth' : role}.${trait}`];
    return Quantity.leaf(this.idOf(role, name), own ? `${label} (${own})` : label, this.of(role)[trait], 'ratio', 'cloth');
  }

  /** Another cloth has figures of its own in the tree; one not named takes those of the main cloth. */
  private idOf(role: ClothRole, name: string): string {
    return role === 'main' || !this.isNamed(role) ? name : `${role}-${name}`;
  }

  /** Between the selvedges after washing, mm. */
  usableWidth(role: ClothRole): Quantity {
    const known = this.usable.get(role);
    if (known) return known;
    const { width, selvedge, prewashed } = this.of(role);
    const id = (name: string) => this.idOf(role, name);
    const wide = Quantity.leaf(id('cloth-width'), 'Cloth width', width, 'mm', 'cloth');
    const washed = prewashed ? wide : wide.times(this.keeps('shrinkAcross', role));
    const usable = washed
      .minus(Quantity.constant(2, 'ratio').times(Quantity.leaf(id('selvedge'), 'Selvedge', selvedge, 'mm', 'cloth')))
      .named(id('usable-width'), 'Usable width', 'down');
    this.usable.set(role, usable);
    return usable;
  }
}
