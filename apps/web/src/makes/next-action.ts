import { measureById } from '@arcus/core';
import type { MakeView, Station } from '@arcus/contract';
import { STATION_ORDER } from '../make/stations.ts';

const BY_STATION: Record<Station, string> = {
  measure: 'Take the measures',
  shape: 'Decide the shape',
  cloth: 'Settle the cloth',
  chalk: 'Fold and chalk',
  sew: 'Go on sewing',
  wear: 'Try it on and write down what came out',
};

/** How far a make has come: the station after the last that was passed or worked at. Looking at one is no work. */
export function reached({ done }: Pick<MakeView, 'done'>): Station {
  const order = STATION_ORDER.map(({ id }) => id);
  const passed = order.findLastIndex((id) => done.includes(`station:${id}`)) + 1;
  const worked = order.findLastIndex((id) => done.some((tick) => tick.startsWith(`${id}:`)));
  return order[Math.min(order.length - 1, Math.max(passed, worked))]!;
}

/** What to do next with a make, in words, and where. */
export function nextAction(make: Pick<MakeView, 'done' | 'summary' | 'finishedOn'>): { says: string; station: Station; urgent: boolean } {
  if (make.finishedOn) return { says: 'Finished', station: 'wear', urgent: false };
  if (make.summary.verdict === 'unmakeable') {
    const [, measure] = /^body\.([A-Za-z-]+)/.exec(make.summary.says) ?? [];
    return {
      says: measure ? `To be measured: ${measureById(measure)?.label.toLowerCase() ?? measure}` : "It can't be made as it stands",
      station: measure ? 'measure' : 'shape',
      urgent: true,
    };
  }
  if (make.summary.verdict === 'stop') return { says: make.summary.says, station: 'shape', urgent: true };
  const station = reached(make);
  return { says: BY_STATION[station], station, urgent: false };
}
