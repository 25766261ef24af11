import { message } from 'antd';
import { createContext, useContext, type ReactNode } from 'react';
import { ApiProblem } from '../api/client.ts';

type Saying = ReturnType<typeof message.useMessage>[0];

const Said = createContext<Saying | undefined>(undefined);

/** Where short messages appear: above the thumb, beside nothing that is being used. */
export function SaidProvider({ children }: { children: ReactNode }) {
  const [saying, place] = message.useMessage({ top: 'calc(100dvh - 200px)' });
  return (
    <Said value={saying}>
      {place}
      {children}
    </Said>
  );
}

/** To say in passing what happened. */
export function useSaid(): Saying {
  const saying = useContext(Said);
  if (!saying) throw new Error('nothing can be said outside SaidProvider');
  return saying;
}

/** Does something that may be refused, and says why where it is. */
export function useAttempt(): (work: Promise<unknown>) => void {
  const message = useSaid();
  return (work) => void work.catch((error: unknown) => message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error)));
}
