import { BadInput, layPieces, Unmakeable, type Lay, type LayRequest } from '@arcus/core';

/** What comes back from the worker: errors lose their class on the way, so they travel as data. */
export type LayAnswer =
  { lay: Lay } | { unmakeable: ConstructorParameters<typeof Unmakeable> } | { badInput: ConstructorParameters<typeof BadInput> };

/** Lays pieces in a thread of its own, so that the server goes on answering. */
export default function lay(request: LayRequest): LayAnswer {
  try {
    return { lay: layPieces(request) };
  } catch (error) {
    if (error instanceof Unmakeable) return { unmakeable: [error.field, error.says, error.nearest] };
    if (error instanceof BadInput) return { badInput: [error.field, error.says] };
    throw error;
  }
}
