import type { Cloth } from '../cloth/cloth.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { ClothRole } from '../shapes/piece.ts';

/** A cloth as the main one is, without what only that one has. */
export function likeMain(main: Cloth): Cloth {
  const { lengthOnHand: _, pricePerMetre: __, ...like } = main;
  return { ...like, print: 'none', oneWay: false, sheer: false, repeat: 0 };
}

/** The cloths of a garment by what they are for; a role that is not named takes after the main cloth. */
export class Cloths {
  private readonly usable = new Map<ClothRole, Quantity>();
  private readonly plain: Cloth;

  constructor(private readonly byRole: { main: Cloth } & Partial<Record<ClothRole, Cloth>>) {
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

  /** Between the selvedges after washing, mm. */
  usableWidth(role: ClothRole): Quantity {
    const known = this.usable.get(role);
    if (known) return known;
    const { width, selvedge, shrinkAcross, prewashed } = this.of(role);
    // another cloth has figures of its own in the tree; one not named takes those of the main cloth
    const id = (name: string) => (role === 'main' || !this.isNamed(role) ? name : `${role}-${name}`);
    const wide = Quantity.leaf(id('cloth-width'), 'Cloth width', width, 'mm', 'cloth');
    const washed = prewashed
      ? wide
      : wide.times(Quantity.constant(1, 'ratio').minus(Quantity.leaf(id('shrink-across'), 'Shrinkage across', shrinkAcross, 'ratio', 'cloth')));
    const usable = washed
      .minus(Quantity.constant(2, 'ratio').times(Quantity.leaf(id('selvedge'), 'Selvedge', selvedge, 'mm', 'cloth')))
      .named(id('usable-width'), 'Usable width', 'down');
    this.usable.set(role, usable);
    return usable;
  }
}
