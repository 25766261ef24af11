import type { MakeView, Station } from '@arcus/contract';

const BY_STATION: Record<Station, string> = {
  measure: 'Take the measures',
  shape: 'Decide the shape',
  cloth: 'Settle the cloth',
  chalk: 'Fold and chalk',
  sew: 'Go on sewing',
  wear: 'Try it on and write down what came out',
};

/** What to do next with a make, in words, and where. */
export function nextAction(make: Pick<MakeView, 'station' | 'done' | 'summary' | 'finishedOn'>): { says: string; station: Station; urgent: boolean } {
  if (make.finishedOn) return { says: 'Finished', station: 'wear', urgent: false };
  if (make.summary.verdict === 'unmakeable') {
    const measure = make.summary.says.startsWith('body.');
    return { says: measure ? 'A measure is missing' : "It can't be made as it stands", station: measure ? 'measure' : 'shape', urgent: true };
  }
  if (make.summary.verdict === 'stop') return { says: make.summary.says, station: 'shape', urgent: true };
  return { says: BY_STATION[make.station], station: make.station, urgent: false };
}
