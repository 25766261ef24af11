import { Button } from 'antd';
import type { Step } from '@arcus/core';
import { sayMoment } from '../../../common/dates.ts';
import { useNow } from '../../../common/use-now.ts';
import { useTally } from '../../use-tally.ts';
import { minutesSay } from './clock.ts';

const HOUR = 3_600_000;

/** A wait: begun here, it says when it is over, here and on every page. */
export function Wait({ step, hours }: { step: Step; hours: number }) {
  const [kept, set] = useTally(`wait:${step.id}`);
  const begun = kept?.[0];
  const now = useNow(begun === undefined ? undefined : 30_000);
  if (begun === undefined)
    return (
      <div className="step-clock no-print">
        <Button className="on-table" onClick={() => set([Date.now(), hours])}>
          It hangs or dries from now
        </Button>
        <span>
          over <b>{sayMoment(now + hours * HOUR)}</b>
        </span>
      </div>
    );
  const end = begun + hours * HOUR;
  return (
    <div className="step-clock no-print" role="status">
      <span>
        {now >= end ? (
          <b>The wait is over, since {sayMoment(end)}.</b>
        ) : (
          <>
            Until <b>{sayMoment(end)}</b>: {minutesSay(end - now)} to go. You will be told here, on whichever page you are.
          </>
        )}
      </span>
      <Button type="text" className="on-table-text" onClick={() => set(undefined)}>
        It did not begin then
      </Button>
    </div>
  );
}
