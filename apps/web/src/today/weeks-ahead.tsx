import { Button } from 'antd';
import { CalendarDays } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import dayjs from 'dayjs';
import type { MakeView } from '@arcus/contract';
import { formatMinutes, scheduleOf, type Finish, type Schedule, type ToDo } from '@arcus/core';
import { sayDate, today } from '../common/dates.ts';
import { useSketches } from '../makes/use-sketches.ts';
import { useSettings } from '../api/settings.ts';
import { todoOf } from './todo-of.ts';

/** Days shown at a time. */
const SHOWN = 14;

/** When everything on the table can be done in the evenings one has, day by day, with its waits; and what can't be kept. */
export function WeeksAhead({ makes }: { makes: readonly MakeView[] }) {
  const sketches = useSketches(makes);
  const time = useSettings().data?.hours;
  const [from, setFrom] = useState(0);
  const todo = useMemo(() => sketches.flatMap((sketch) => todoOf(sketch) ?? []), [sketches]);
  const plan = useMemo(() => {
    if (!time) return undefined;
    const { weekday, weekend } = time;
    return scheduleOf(todo, today(), [weekend, weekday, weekday, weekday, weekday, weekday, weekend]);
  }, [todo, time]);
  if (todo.length === 0 || !time || !plan) return null;
  const { weekday, weekend } = time;
  const days = Array.from({ length: SHOWN }, (_, i) =>
    dayjs()
      .add(from + i, 'day')
      .format('YYYY-MM-DD'),
  );
  const late = plan.finishes.filter((finish) => finish.late > 0);
  return (
    <section className="stack" aria-label="The weeks ahead">
      <div className="row spread wrap">
        <h2>The weeks ahead</h2>
        <div className="row">
          <Button disabled={from === 0} onClick={() => setFrom(from - SHOWN)}>
            Earlier
          </Button>
          <Button onClick={() => setFrom(from + SHOWN)}>Later</Button>
          <Button icon={<CalendarDays size={17} />} onClick={() => void saveCalendar(plan, todo)}>
            To your calendar
          </Button>
        </div>
      </div>
      <p className="quiet">
        With {formatMinutes(weekday)} on a working day and {formatMinutes(weekend)} at the weekend. <Link to="/settings">Change that</Link>
      </p>
      {late.map((finish) => (
        <Late key={finish.make} finish={finish} todo={todo} />
      ))}
      <div className="weeks-scroll" tabIndex={0} role="region" aria-label="Day by day">
        <table className="weeks">
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Make</span>
              </th>
              {days.map((day) => (
                <th key={day} scope="col" className={[0, 6].includes(dayjs(day).day()) ? 'weekend' : undefined}>
                  <span>{dayjs(day).format('dd')}</span>
                  <b>{dayjs(day).format('D')}</b>
                  {(dayjs(day).date() === 1 || day === days[0]) && <span>{dayjs(day).format('MMM')}</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {todo.map((make) => (
              <tr key={make.id}>
                <th scope="row">
                  <Link to={`/makes/${make.id}/sew`}>{make.name}</Link>
                  <span className="quiet small">
                    {whenSays(
                      plan.finishes.find((finish) => finish.make === make.id)!,
                      make,
                    )}
                  </span>
                </th>
                {days.map((day) => (
                  <Day key={day} day={day} make={make} plan={plan} most={Math.max(weekday, weekend, 1)} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function whenSays({ on, late, startBy }: Finish, { dueOn }: ToDo): string {
  if (!on) return 'no time for it';
  const done = `done ${dayjs(on).format('D MMM')}`;
  if (late > 0) return `${done}, ${late} ${late === 1 ? 'day' : 'days'} late`;
  return dueOn && startBy ? `${done}; begin by ${dayjs(startBy).format('D MMM')}` : done;
}

function Late({ finish, todo }: { finish: Finish; todo: readonly ToDo[] }) {
  const make = todo.find(({ id }) => id === finish.make)!;
  return (
    <p className="late" role="alert">
      <b>
        {make.name} won’t be done by {sayDate(make.dueOn!)}
      </b>
      {finish.on ? `: ${sayDate(finish.on)} is the day as it stands.` : '.'} What would give: {finish.wouldGive.join('; or ')}.
    </p>
  );
}

function Day({ day, make, plan, most }: { day: string; make: ToDo; plan: Schedule; most: number }) {
  const sessions = plan.sessions.filter((session) => session.make === make.id && session.day === day);
  const minutes = sessions.reduce((sum, session) => sum + session.minutes, 0);
  const wait =
    plan.waits.find((span) => span.make === make.id && span.from < day && day <= span.to && minutes === 0) ??
    plan.waits.find((span) => span.make === make.id && span.from <= day && day < span.to);
  const due = make.dueOn === day;
  const says = [
    ...(minutes > 0 ? [`${formatMinutes(minutes)}: ${sessions.map(({ title }) => title).join(', ')}`] : []),
    ...(wait ? [`waits: ${wait.title}`] : []),
    ...(due ? ['wanted today'] : []),
  ].join('; ');
  return (
    <td className={`${[0, 6].includes(dayjs(day).day()) ? 'weekend' : ''}${wait ? ' waits' : ''}${due ? ' due-day' : ''}`} title={says || undefined}>
      {minutes > 0 && <i style={{ height: `${Math.max(12, Math.min(100, (minutes / most) * 100))}%` }} aria-hidden="true" />}
      <span className="visually-hidden">{says}</span>
    </td>
  );
}

async function saveCalendar(plan: Schedule, todo: readonly ToDo[]): Promise<void> {
  const { calendarOf } = await import('./calendar.ts');
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([calendarOf(plan, todo)], { type: 'text/calendar' }));
  link.download = 'sewing.ics';
  link.click();
  URL.revokeObjectURL(link.href);
}
