import { IsBoolean, IsIn, IsOptional } from 'class-validator';
import { OptionalFigure } from './validators.ts';

export const CLOTH_KINDS = ['woven', 'knit'] as const;
export const CLOTH_WEIGHTS = ['light', 'medium', 'heavy'] as const;
export const CLOTH_PRINTS = ['none', 'up', 'across'] as const;
export const ELASTIC_KINDS = ['woven-non-roll', 'knitted', 'braided', 'exposed', 'clear'] as const;

/** What is known of a cloth beside its width and kind. Lengths mm, stretch and shrinkage as shares. */
export class ClothTraits {
  @OptionalFigure(0, 200) selvedge?: number;
  @IsOptional() @IsIn(CLOTH_WEIGHTS) weight?: (typeof CLOTH_WEIGHTS)[number];
  @OptionalFigure(0, 4) stretchAcross?: number;
  @OptionalFigure(0, 4) stretchAlong?: number;
  @OptionalFigure(0, 0.5) shrinkAcross?: number;
  @OptionalFigure(0, 0.5) shrinkAlong?: number;
  @IsOptional() @IsIn(CLOTH_PRINTS) print?: (typeof CLOTH_PRINTS)[number];
  @IsOptional() @IsBoolean() oneWay?: boolean;
  @IsOptional() @IsBoolean() sheer?: boolean;
  @IsOptional() @IsBoolean() frays?: boolean;
  @IsOptional() @IsBoolean() prewashed?: boolean;
  /** Length of the print's repeat, mm; 0: nothing to match. */
  @OptionalFigure(0, 2000) repeat?: number;
  @OptionalFigure(0, 1_000_000) lengthOnHand?: number;
  @OptionalFigure(0, 100_000) pricePerMetre?: number;
}

/** A cloth as a plan sees it; what is left out takes the construction's default. Width mm. */
export class ClothFigures extends ClothTraits {
  @OptionalFigure(50, 10_000) width?: number;
  @IsOptional() @IsIn(CLOTH_KINDS) kind?: (typeof CLOTH_KINDS)[number];
}

/** An elastic as a plan sees it. Width mm; greatest stretch = stretched over rest length. */
export class ElasticFigures {
  @OptionalFigure(2, 200) width?: number;
  @IsOptional() @IsIn(ELASTIC_KINDS) kind?: (typeof ELASTIC_KINDS)[number];
  @OptionalFigure(1.01, 6) greatestStretch?: number;
}
