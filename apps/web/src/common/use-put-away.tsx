import { Button } from 'antd';
import { ApiProblem } from '../api/client.ts';
import { useSaid } from './said.tsx';

interface Actions {
  putAway(id: string): Promise<unknown>;
  takeOut(id: string): Promise<unknown>;
}

/** Puts a thing away and offers to take it out again: nothing is deleted. */
export function usePutAway({ putAway, takeOut }: Actions): (id: string, name: string) => Promise<void> {
  const message = useSaid();
  return async (id, name) => {
    try {
      await putAway(id);
      const key = `away-${id}`;
      const undo = () => {
        message.destroy(key);
        takeOut(id).catch((error: unknown) => void message.error(String(error)));
      };
      void message.open({
        key,
        duration: 8,
        content: (
          <span>
            {name} is put away.{' '}
            <Button size="small" onClick={undo}>
              Undo
            </Button>
          </span>
        ),
      });
    } catch (error) {
      void message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error));
    }
  };
}
