/** What is still to be done of one make. */
export interface ToDo {
  id: string;
  name: string;
  /** The day it is wanted, ISO 8601; none where there is no hurry. */
  dueOn: string | null;
  /** Steps that are left, in order; a wait has hours instead of minutes. */
  steps: ReadonlyArray<{ id: string; title: string; minutes: number; waitHours?: number }>;
  /** A wait of its first step is under way until then, epoch ms. */
  waitsUntil?: number;
}

/** A stretch of work on one day. */
export interface Session {
  make: string;
  step: string;
  title: string;
  /** ISO 8601. */
  day: string;
  minutes: number;
}

/** A wait: from the evening of the first day on; work goes on on the second. */
export interface WaitSpan {
  make: string;
  step: string;
  title: string;
  from: string;
  to: string;
}

export interface Finish {
  make: string;
  /** The day it is done; none where it is not done within a year. */
  on?: string;
  /** Days after it was wanted; 0 when in time. */
  late: number;
  /** The last day to begin it, with nothing else on the table, so that it is done in time; none where even today is too late, or nothing is due. */
  startBy?: string;
  /** What would make it be in time, each tried. */
  wouldGive: string[];
}

export interface Schedule {
  sessions: Session[];
  waits: WaitSpan[];
  finishes: Finish[];
}

/** Minutes one has on a day of the week, Sunday first. */
export type Hours = readonly [number, number, number, number, number, number, number];

const DAY = 86_400_000;
/** Nobody plans further ahead, days. */
const AHEAD = 366;
/** More time a day that is tried where a date can't be kept, minutes. */
const MORE = [15, 30, 45, 60, 90, 120, 180, 240];

const dayOf = (iso: string) => Math.round(Date.parse(`${iso}T00:00:00Z`) / DAY);
const isoOf = (day: number) => new Date(day * DAY).toISOString().slice(0, 10);
const weekday = (day: number) => new Date(day * DAY).getUTCDay();

/**
 * When what is left of several makes can be done: the soonest due first, each step on the days that have time for it, waits in between.
 * `from` is the first day (ISO 8601). Late dates say what would give; every remedy was tried.
 */
export function scheduleOf(makes: readonly ToDo[], from: string, hours: Hours): Schedule {
  const found = laidOut(makes, from, hours);
  return {
    ...found,
    finishes: makes.map((make) => {
      const on = found.ends.get(make.id);
      const late = lateness(make, on);
      const startBy = lastStart(make, from, hours);
      return {
        make: make.id,
        ...(on === undefined ? {} : { on: isoOf(on) }),
        late,
        ...(startBy === undefined ? {} : { startBy: isoOf(startBy) }),
        wouldGive: late > 0 ? wouldGive(make, makes, from, hours) : [],
      };
    }),
  };
}

function laidOut(makes: readonly ToDo[], from: string, hours: Hours): { sessions: Session[]; waits: WaitSpan[]; ends: Map<string, number> } {
  const first = dayOf(from);
  const [sessions, waits]: [Session[], WaitSpan[]] = [[], []];
  const ends = new Map<string, number>();
  const queue = [...makes]
    .sort((a, b) => (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9'))
    .map(({ id, steps, waitsUntil }) => {
      const waiting = waitsUntil !== undefined && steps[0]?.waitHours !== undefined;
      const ready = waiting ? Math.max(first, Math.ceil(waitsUntil / DAY)) : first;
      return { id, steps: waiting ? steps.slice(1) : steps, at: 0, left: (waiting ? steps[1] : steps[0])?.minutes ?? 0, ready };
    });
  for (let day = first; day < first + AHEAD && queue.some(({ id }) => !ends.has(id)); day++) {
    let time = hours[weekday(day)]!;
    for (const make of queue) {
      while (!ends.has(make.id) && make.ready <= day) {
        const step = make.steps[make.at];
        if (!step) {
          ends.set(make.id, Math.max(first, make.ready, day));
          break;
        }
        if (step.waitHours !== undefined) {
          make.ready = day + Math.ceil(step.waitHours / 24);
          waits.push({ make: make.id, step: step.id, title: step.title, from: isoOf(day), to: isoOf(make.ready) });
        } else {
          const minutes = Math.min(time, make.left);
          if (minutes > 0) sessions.push({ make: make.id, step: step.id, title: step.title, day: isoOf(day), minutes });
          time -= minutes;
          make.left -= minutes;
          if (make.left > 1e-9) break;
        }
        make.at++;
        make.left = make.steps[make.at]?.minutes ?? 0;
        if (!make.steps[make.at]) ends.set(make.id, Math.max(day, make.ready));
      }
    }
  }
  return { sessions, waits, ends };
}

function lateness({ dueOn }: ToDo, end: number | undefined): number {
  if (dueOn === null) return 0;
  return Math.max(0, (end ?? dayOf(dueOn) + AHEAD) - dayOf(dueOn));
}

const inTime = (make: ToDo, makes: readonly ToDo[], from: string, hours: Hours) =>
  lateness(make, laidOut(makes, from, hours).ends.get(make.id)) === 0;

/** Reckoned back from the day it is wanted. */
function lastStart(make: ToDo, from: string, hours: Hours): number | undefined {
  if (make.dueOn === null) return undefined;
  const [first, due] = [dayOf(from), dayOf(make.dueOn)];
  for (let day = Math.min(due, first + AHEAD); day >= first; day--) if (inTime(make, [make], isoOf(day), hours)) return day;
  return undefined;
}

function wouldGive(make: ToDo, makes: readonly ToDo[], from: string, hours: Hours): string[] {
  const ways: string[] = [];
  const sooner = makes.filter((each) => each !== make && (each.dueOn ?? '9') <= (make.dueOn ?? '9'));
  if (sooner.length > 0 && inTime(make, [make], from, hours)) ways.push(`let the others wait (${sooner.map(({ name }) => name).join(', ')})`);
  const more = MORE.find((minutes) => inTime(make, makes, from, hours.map((each) => each + minutes) as unknown as Hours));
  if (more !== undefined) ways.push(`${more} minutes more every day`);
  const waits = make.steps.some(({ waitHours }) => waitHours !== undefined);
  if (ways.length === 0 && waits && inTime({ ...make, steps: make.steps.filter(({ waitHours }) => waitHours === undefined) }, [make], from, hours))
    ways.push('its waits can’t be kept: hang it a shorter time and level it again later');
  if (ways.length === 0) ways.push('a later day, or a simpler version: fewer pieces, an elastic instead of a zip');
  return ways;
}
