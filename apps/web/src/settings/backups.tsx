import { Button, Modal } from 'antd';
import { useState } from 'react';
import useSWR, { useSWRConfig } from 'swr';
import type { Backups, Copy, Inside } from '@arcus/contract';
import { ApiProblem, request } from '../api/client.ts';
import { RequestState } from '../common/request-state.tsx';
import { outbox } from '../outbox/use-outbox.ts';
import { sayMoment } from '../common/dates.ts';
import { useSaid } from '../common/said.tsx';

const WHY: Record<Copy['reason'], string> = {
  daily: 'of the day',
  asked: 'taken by you',
  'before-migration': 'before an update',
  'before-restore': 'before a copy was put back',
};

type Chosen = { inside: Inside; called: string; from: { name: string } | { token: string } };

/** Copies of everything: take one, carry it away, look inside one, put it back. */
export function BackupsSection() {
  const answer = useSWR<Backups>('/api/backups');
  const message = useSaid();
  const { mutate } = useSWRConfig();
  const [chosen, setChosen] = useState<Chosen>();
  const [busy, setBusy] = useState(false);
  const during = async (work: () => Promise<void>) => {
    setBusy(true);
    try {
      await work();
    } catch (error) {
      void message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error));
    } finally {
      setBusy(false);
    }
  };
  const take = () =>
    during(async () => {
      const { fault } = await request<Inside>('POST', '/api/backups', {});
      if (fault) throw new Error(fault);
      await answer.mutate();
      void message.success('A copy is taken, and it is whole.');
    });
  const look = (called: string, from: Chosen['from'], ask: () => Promise<Inside & { token?: string }>) =>
    during(async () => {
      const inside = await ask();
      setChosen({ called, inside, from: inside.token === undefined ? from : { token: inside.token } });
    });
  const putBack = () =>
    during(async () => {
      await request('POST', '/api/backups/restore', chosen!.from);
      outbox.forget();
      setChosen(undefined);
      await mutate(() => true);
      void message.success('Put back. What was there before is among the copies.');
    });
  return (
    <section className="stack" aria-label="Copies">
      <h2>Copies</h2>
      <RequestState of={answer} what="the copies">
        {({ folder, kept, copies }) => (
          <>
            <p style={{ maxWidth: 680 }}>
              A copy of everything is taken every day; the last {kept.daily} stay, and the last {kept.asked} of yours. They are in{' '}
              <code>{folder}/copies</code>. Keep one elsewhere too. Don&apos;t copy the database by hand while Arcus runs: what was saved last may be
              missing from it.
            </p>
            <div className="row">
              <Button type="primary" loading={busy} onClick={() => void take()}>
                Take a copy now
              </Button>
              <label className="file-button">
                Look into a file…
                <input
                  type="file"
                  accept=".db"
                  aria-label="Look into a file"
                  onChange={(event) => {
                    const file = event.target.files?.[0];
                    event.target.value = '';
                    if (file) void look(file.name, { token: '' }, () => request('POST', '/api/backups/look', file));
                  }}
                />
              </label>
              <a href="/api/export" download="arcus.json">
                Save everything as JSON
              </a>
            </div>
            {copies.length === 0 ? (
              <p className="quiet">No copies yet.</p>
            ) : (
              <ul className="list copies">
                {copies.map((copy) => (
                  <li key={copy.name} className="row spread">
                    <span>
                      <b>{sayMoment(copy.takenAt)}</b> <span className="quiet small">{WHY[copy.reason]}</span>
                    </span>
                    <span className="row">
                      <a href={`/api/backups/${copy.name}`} download={copy.name}>
                        Save it
                      </a>
                      <Button
                        size="small"
                        aria-label={`Look inside, ${sayMoment(copy.takenAt)}`}
                        onClick={() =>
                          void look(sayMoment(copy.takenAt), { name: copy.name }, () => request('GET', `/api/backups/${copy.name}/look`))
                        }
                      >
                        Look inside
                      </Button>
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </>
        )}
      </RequestState>
      {chosen && (
        <Modal
          open
          title={`In ${chosen.called}`}
          onCancel={() => setChosen(undefined)}
          okText="Put all of it back"
          okButtonProps={{ disabled: chosen.inside.fault !== undefined, loading: busy }}
          onOk={() => void putBack()}
        >
          <InsideView inside={chosen.inside} />
        </Modal>
      )}
    </section>
  );
}

function InsideView({ inside: { fault, rows, changedAt } }: { inside: Inside }) {
  if (fault !== undefined) return <p className="problem">{fault}</p>;
  return (
    <div className="stack">
      <p>
        {rows.people} people with {rows.measurements} measures, {rows.cloths} cloths, {rows.elastics} elastics, {rows.makes} makes, {rows.logs} log
        entries
        {changedAt ? `; last changed ${sayMoment(changedAt)}.` : '.'}
      </p>
      <p>Putting it back takes the place of everything that is here now; that is copied first, so you can go back.</p>
    </div>
  );
}
