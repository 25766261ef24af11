import type { LogCreate } from '@arcus/contract';

/** What one says of a garment once it is worn. */
export const VERDICTS: ReadonlyArray<{ id: LogCreate['verdict']; label: string }> = [
  { id: 'love', label: 'I love it' },
  { id: 'wear', label: 'I will wear it' },
  { id: 'mend', label: 'To be mended' },
  { id: 'pass-on', label: 'Not for me' },
];
