import ical, { ICalAlarmType } from 'ical-generator';
import type { Schedule, ToDo } from '@arcus/core';

const MINUTE = 60_000;
const DAY = 86_400_000;
/** Evenings begin then where nobody says otherwise, hours. */
const BEGINS = 19;

/**
 * A schedule as a calendar (RFC 5545): every sitting of sewing with what is done in it, one after the other in the evening, each wait with
 * a reminder at its end, and the day each make is wanted as a whole day. Local times: it is the clock on the wall that counts.
 */
export function calendarOf({ sessions, waits }: Schedule, todo: readonly ToDo[]): string {
  const calendar = ical({ name: 'Sewing', prodId: { company: 'arcus', product: 'arcus', language: 'EN' } });
  const nameOf = (id: string) => todo.find((make) => make.id === id)!.name;
  for (const day of new Set(sessions.map((session) => session.day))) {
    let at = new Date(`${day}T${BEGINS}:00:00`).getTime();
    for (const make of todo) {
      const own = sessions.filter((session) => session.day === day && session.make === make.id);
      if (own.length === 0) continue;
      const end = at + own.reduce((sum, { minutes }) => sum + minutes, 0) * MINUTE;
      calendar.createEvent({
        id: `${make.id}-${day}@arcus`,
        start: new Date(at),
        end: new Date(end),
        floating: true,
        summary: `Sew: ${make.name}`,
        description: own.map(({ title, minutes }) => `${title} (${Math.round(minutes)} min)`).join('\n'),
      });
      at = end;
    }
  }
  for (const { make, step, title, from, to } of waits) {
    const event = calendar.createEvent({
      id: `${make}-${step}@arcus`,
      start: new Date(`${from}T${BEGINS}:00:00`),
      end: new Date(`${to}T${BEGINS}:00:00`),
      floating: true,
      summary: `${nameOf(make)}: ${title}`,
      description: 'It can hang or dry by itself meanwhile.',
    });
    const days = (Date.parse(to) - Date.parse(from)) / DAY;
    // at its end, counted from its beginning
    event.createAlarm({ type: ICalAlarmType.display, triggerAfter: days * (DAY / 1000) });
  }
  for (const { id, name, dueOn } of todo)
    if (dueOn) calendar.createEvent({ id: `${id}-due@arcus`, start: new Date(`${dueOn}T00:00:00`), allDay: true, summary: `${name} is wanted` });
  return calendar.toString();
}
