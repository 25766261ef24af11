import { layPieces, type Lay, type LayRequest } from '@arcus/core';
import { expose } from 'comlink';

/** The lay engine, off the page's thread. Everything that goes in and comes out is plain data. */
const worker = {
  lay: (request: LayRequest, onBetter: (lay: Lay) => void): Lay => layPieces(request, onBetter),
};
export type LayWorker = typeof worker;

expose(worker);
