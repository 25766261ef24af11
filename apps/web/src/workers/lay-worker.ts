import { layPieces, type LayRequest } from '@arcus/core';
import { expose } from 'comlink';

const worker = { lay: (request: LayRequest) => layPieces(request) };
export type LayWorker = typeof worker;

expose(worker);
