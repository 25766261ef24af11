import { Button } from 'antd';
import { lazy, Suspense } from 'react';
import { useLog, makesActions } from '../../api/makes.ts';
import { sayDate } from '../../common/dates.ts';
import { useMakeState } from '../make-context.ts';
import { LogEntry } from './wear/log-entry.tsx';
import { LogForm } from './wear/log-form.tsx';
import { Photos } from './wear/photos.tsx';
import { stepTimes } from './wear/step-times.ts';
import { TryOn } from './wear/try-on.tsx';
import { VERDICTS } from './wear/verdicts.ts';
import { useSaid } from '../../common/said.tsx';

const StepTimesChart = lazy(() => import('./wear/step-times-chart.tsx'));

/** What really came out, beside what was planned, and what one would change. */
export default function WearStation() {
  const { make, draft, plan } = useMakeState();
  const { data: all = [] } = useLog(make.id);
  const message = useSaid();
  const entries = all.filter(({ struck }) => !struck);
  const out = all.filter(({ struck }) => struck);
  const times = plan ? stepTimes(plan, draft.tally, Date.now()) : [];
  const strike = (id: number, away: boolean) =>
    void makesActions.strike(make.id, draft.name, id, away).catch((error: unknown) => message.error(String(error)));
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Wear</h2>
          <p>Write down what came out, so that next time you know.</p>
        </header>
        <LogForm />
      </div>
      <div className="board wear-board" role="region" aria-label="What came out" tabIndex={0}>
        <div className="wear-pages stack">
          <Photos makeId={make.id} name={draft.name} />
          {entries.length === 0 && plan && <TryOn plan={plan} />}
          {entries
            .map((entry) => <LogEntry key={entry.id} entry={entry} {...(entry.id > 0 ? { onStrike: () => strike(entry.id, true) } : {})} />)
            .reverse()}
          {times.length > 0 && (
            <Suspense fallback={null}>
              <StepTimesChart times={times} />
            </Suspense>
          )}
          {out.length > 0 && (
            <ul className="taken-out">
              {out.map(({ id, finishedOn, verdict }) => (
                <li key={id} className="row">
                  Taken out: {sayDate(finishedOn)}, “{VERDICTS.find((each) => each.id === verdict)?.label}”
                  <Button className="on-table" size="small" onClick={() => strike(id, false)}>
                    Put it back
                  </Button>
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </>
  );
}
