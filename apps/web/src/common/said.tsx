import { message } from 'antd';
import { createContext, useContext, type ReactNode } from 'react';

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
