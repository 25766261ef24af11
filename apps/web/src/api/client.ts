import type { ApiError } from '@arcus/contract';
import { setSignedOut } from '../session/signed-out.ts';

/** Thrown when the server answers with an error, or (status 0) doesn't answer at all. */
export class ApiProblem extends Error {
  override readonly name = 'ApiProblem';
  constructor(
    readonly status: number,
    readonly messages: string[],
    /** 409: the stored state a stale save ran into. */
    readonly current?: unknown,
  ) {
    super(messages.join(' '));
  }
}

/** The server answers within two seconds; the rest is the way there and back, ms. */
const PATIENCE = 20_000;
/** A file may take its time, but not for ever: everything else waits behind it, ms. */
const FOR_A_FILE = 120_000;

const OFFLINE = 'The server does not answer. What you enter is kept on this device and saved when it is back.';

/** One request to the API. Throws ApiProblem. */
export async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  const raw = body instanceof Blob;
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'content-type': raw ? 'application/octet-stream' : 'application/json' },
      body: body === undefined ? undefined : raw ? body : JSON.stringify(body),
      // a server that takes a question and says nothing is away too
      signal: AbortSignal.timeout(raw ? FOR_A_FILE : PATIENCE),
    });
  } catch {
    throw new ApiProblem(0, [OFFLINE]);
  }
  if (response.status === 204) return undefined as T;
  const answer: unknown = await response.json().catch(() => undefined);
  // an answer that broke off on its way is none, whatever it began with
  if (answer === undefined && response.status < 500) throw new ApiProblem(0, [OFFLINE]);
  if (response.ok) return answer as T;
  if (response.status === 401 && path !== '/api/session') setSignedOut(true);
  const { message, current } = (answer ?? {}) as Partial<ApiError>;
  throw new ApiProblem(response.status, message ?? [`The server answered with ${response.status}.`], current);
}

export const read = <T>(path: string) => request<T>('GET', path);
