import type { Wearer } from './wearer.ts';

/** From the side of the neck to the waist line where that was not measured, mm (common practice, no source). */
export const SHOULDER_TO_WAIST: Readonly<Record<Wearer, number>> = { adult: 420, child: 290, infant: 220 };

/** How far above the waist the bust and the line under it lie, as shares of the way to the shoulder (common practice, no source). */
export const UP_TO_SHOULDER = { bust: 0.42, 'under-bust': 0.24, underarm: 0.5 } as const;
