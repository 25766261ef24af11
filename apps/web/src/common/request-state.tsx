import { Button } from 'antd';
import type { ReactNode } from 'react';
import { ApiProblem } from '../api/client.ts';

interface Answer<T> {
  data: T | undefined;
  error: unknown;
  mutate(): unknown;
}

/** Draws what a request has come to: failed (first, even with nothing to show), still loading, or its data. */
export function RequestState<T>({ of, what, children }: { of: Answer<T>; what: string; children: (data: T) => ReactNode }) {
  const { data, error, mutate } = of;
  const problem = error ? <ProblemNote error={error} retry={() => void mutate()} /> : null;
  if (data === undefined)
    return (
      problem ?? (
        <p className="quiet" role="status">
          Fetching {what}…
        </p>
      )
    );
  return (
    <>
      {problem}
      {children(data)}
    </>
  );
}

/** An error said plainly, with a way to try again. */
export function ProblemNote({ error, retry }: { error: unknown; retry?: () => void }) {
  const messages = error instanceof ApiProblem ? error.messages : [error instanceof Error ? error.message : String(error)];
  return (
    <div className="problem stack" role="alert">
      {messages.map((message) => (
        <p key={message}>{message}</p>
      ))}
      {retry && (
        <div>
          <Button size="small" onClick={retry}>
            Try again
          </Button>
        </div>
      )}
    </div>
  );
}
