import { Button } from 'antd';
import { useSearchParams } from 'react-router';
import { RequestState } from './request-state.tsx';
import { useSaid } from './said.tsx';

interface Props {
  of: { data: Array<{ id: string; name: string }> | undefined; error: unknown; mutate(): unknown };
  /** "makes", "people". */
  what: string;
  takeOut(id: string): Promise<unknown>;
}

/** What was put away, each with the way back; opened by the address, closed to begin with. */
export function PutAwayList({ of, what, takeOut }: Props) {
  const [query, setQuery] = useSearchParams();
  const message = useSaid();
  const open = query.has('away');
  const count = of.data?.length ?? 0;
  if (count === 0 && !open) return null;
  const toggle = () => {
    const next = new URLSearchParams(query);
    if (open) next.delete('away');
    else next.set('away', '');
    setQuery(next, { replace: true });
  };
  return (
    <section className="stack" style={{ gap: 8 }}>
      <button type="button" className="plain-button quiet put-away-open" aria-expanded={open} onClick={toggle}>
        {open ? `Close what was put away` : `Put away: ${count}`}
      </button>
      {open && (
        <RequestState of={of} what={`what was put away of ${what}`}>
          {(all) =>
            all.length === 0 ? (
              <p className="quiet">Nothing is put away.</p>
            ) : (
              <ul className="list">
                {all.map(({ id, name }) => (
                  <li key={id} className="row spread" style={{ padding: '8px 4px' }}>
                    <span>{name}</span>
                    <Button size="small" onClick={() => void takeOut(id).catch((error: unknown) => message.error(String(error)))}>
                      Take out again
                    </Button>
                  </li>
                ))}
              </ul>
            )
          }
        </RequestState>
      )}
    </section>
  );
}
