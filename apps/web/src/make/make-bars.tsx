import { Button } from 'antd';
import { makesActions } from '../api/makes.ts';
import { useAttempt } from '../common/said.tsx';
import { useUnits } from '../settings/units.tsx';
import { changedUnder, conflictsIn, figuresOfTick, staleTicks, type Difference } from './differences.ts';
import type { MakeDraft } from './draft.ts';
import { useMakeState } from './make-context.ts';

/** What stands above a station when something is the matter: not saved, changed by both, changed underneath. */
export function MakeBars() {
  return (
    <>
      <Refused />
      <Conflict />
      <ChangedUnder />
    </>
  );
}

function Refused() {
  const { stuck } = useMakeState();
  if (!stuck?.refused) return null;
  return (
    <div className="problem" role="alert">
      Not saved: {stuck.messages?.join(' ')} What you entered stays here.
    </div>
  );
}

function Conflict() {
  const { stuck, decide, draft, construction, people, cloths, elastics } = useMakeState();
  const { units } = useUnits();
  if (!stuck?.theirs) return null;
  const rows = conflictsIn(stuck.theirs, draft, { construction, people, cloths, elastics, units });
  return (
    <div className="problem row" role="alert">
      <div style={{ flex: 1 }}>
        This was changed somewhere else in the meantime, and by you too:
        <Differences rows={rows} was="theirs" is="yours" />
      </div>
      <Button onClick={() => decide('theirs')}>Take theirs</Button>
      <Button type="primary" onClick={() => decide('mine')}>
        Keep mine
      </Button>
    </div>
  );
}

/** A measure, the cloth or the elastic is another than when this make was last looked at: what that undoes. */
function ChangedUnder() {
  const { make, plan, draft, settle, person, cloth, others, elastic, construction } = useMakeState();
  const { units } = useUnits();
  const attempt = useAttempt();
  const rows = changedUnder(make, { body: person?.body ?? {}, cloth, others, elastic }, construction, units);
  const stale = plan ? staleTicks(plan, draft) : [];
  if (rows.length === 0 && stale.length === 0) return null;
  const seen = () => attempt(makesActions.seen(make.id, draft.name));
  const ticks = new Set(stale.map(({ tick }) => tick));
  const without = (chalked: MakeDraft['chalked']) => Object.fromEntries(Object.entries(chalked).filter(([tick]) => !ticks.has(tick)));
  const untick = () => {
    settle((state) => ({ ...state, done: state.done.filter((tick) => !ticks.has(tick)), chalked: without(state.chalked) }));
    seen();
  };
  const leave = () => {
    const now = Object.fromEntries(
      [...ticks].flatMap((tick) => (plan && figuresOfTick(plan, tick) ? [[tick, figuresOfTick(plan, tick)!.figures] as const] : [])),
    );
    settle((state) => ({ ...state, chalked: { ...without(state.chalked), ...now } }));
    seen();
  };
  return (
    <div className="problem changed row" role="status" data-testid="changed-under">
      <div style={{ flex: 1 }}>
        {rows.length > 0 && (
          <>
            Since you last looked at this:
            <Differences rows={rows} was="was" is="is" />
          </>
        )}
        {stale.length > 0 && (
          <>
            {stale.length === 1 ? 'One mark is' : `${stale.length} marks are`} ticked at other figures than today&apos;s. If the cloth is cut, leave
            them; if not, chalk again:
            <ul>
              {stale.map(({ tick, says }) => (
                <li key={tick}>{says}</li>
              ))}
            </ul>
          </>
        )}
      </div>
      {stale.length > 0 ? (
        <span className="row">
          <Button onClick={leave}>Leave them ticked</Button>
          <Button type="primary" onClick={untick}>
            Untick {stale.length === 1 ? 'it' : 'them'}, chalk again
          </Button>
        </span>
      ) : (
        <Button onClick={seen}>I have seen it</Button>
      )}
    </div>
  );
}

function Differences({ rows, was, is }: { rows: readonly Difference[]; was: string; is: string }) {
  return (
    <ul>
      {rows.map((row) => (
        <li key={row.what}>
          <b>{row.what}</b>: {was} {row.was}, {is} {row.is}
        </li>
      ))}
    </ul>
  );
}
