import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scheduleOf, type Hours, type ToDo } from './schedule.ts';

const everyDay = (minutes: number): Hours => [minutes, minutes, minutes, minutes, minutes, minutes, minutes];
const sew = (id: string, minutes: number) => ({ id, title: id, minutes });
const hang = (id: string, waitHours: number) => ({ id, title: id, minutes: 0, waitHours });
const make = (id: string, dueOn: string | null, ...steps: ToDo['steps'][number][]): ToDo => ({ id, name: id, dueOn, steps });

// 2027-04-05 is a Monday
const MONDAY = '2027-04-05';

describe('when it can be done', () => {
  it('sews an hour a day, hangs a night, and goes on: a circle skirt of 150 minutes and its 24 hours is done on Thursday', () => {
    const { sessions, waits, finishes } = scheduleOf(
      [make('skirt', '2027-04-10', sew('seams', 90), hang('hang', 24), sew('hem', 60))],
      MONDAY,
      everyDay(60),
    );
    expect(sessions.map(({ step, day, minutes }) => [step, day, minutes])).toEqual([
      ['seams', '2027-04-05', 60],
      ['seams', '2027-04-06', 30],
      ['hem', '2027-04-07', 60],
    ]);
    expect(waits).toMatchObject([{ from: '2027-04-06', to: '2027-04-07' }]);
    expect(finishes[0]).toMatchObject({ on: '2027-04-07', late: 0, startBy: '2027-04-08' });
  });

  it('uses the wait of one for the other', () => {
    const { sessions } = scheduleOf(
      [make('a', '2027-04-08', sew('a1', 30), hang('h', 48), sew('a2', 30)), make('b', '2027-04-20', sew('b1', 60))],
      MONDAY,
      everyDay(60),
    );
    expect(sessions.map(({ step, day }) => `${step} ${day}`)).toEqual(['a1 2027-04-05', 'b1 2027-04-05', 'b1 2027-04-06', 'a2 2027-04-07']);
  });

  it('says early that a date can’t be kept, by how much, and what would give', () => {
    const urgent = make('concert', '2027-04-07', sew('all', 240));
    const other = make('apron', '2027-04-06', sew('apron', 60));
    const { finishes } = scheduleOf([urgent, other], MONDAY, everyDay(60));
    // 300 minutes at an hour a day: Friday the 9th, two days late
    expect(finishes[0]).toMatchObject({ on: '2027-04-09', late: 2 });
    expect(finishes[0]!.startBy).toBeUndefined();
    // three days have to hold 300 minutes: 45 more each
    expect(finishes[0]!.wouldGive).toEqual(['45 minutes more every day']);
    const light = scheduleOf([make('concert', '2027-04-07', sew('all', 170)), other], MONDAY, everyDay(60)).finishes[0]!;
    expect(light.wouldGive[0]).toContain('let the others wait (apron)');
  });

  it('a wait that is under way counts from when it began', () => {
    const { sessions } = scheduleOf(
      [{ ...make('skirt', null, hang('hang', 24), sew('hem', 30)), waitsUntil: Date.parse('2027-04-06T18:00:00Z') }],
      MONDAY,
      everyDay(60),
    );
    expect(sessions[0]!.day).toBe('2027-04-07');
  });

  it('days without time hold no work, and with no time at all nothing is ever done', () => {
    const weekend: Hours = [120, 0, 0, 0, 0, 0, 120];
    expect(scheduleOf([make('a', null, sew('x', 200))], MONDAY, weekend).sessions.map(({ day }) => day)).toEqual(['2027-04-10', '2027-04-11']);
    const never = scheduleOf([make('a', '2027-05-01', sew('x', 20))], MONDAY, everyDay(0)).finishes[0]!;
    expect(never.on).toBeUndefined();
    expect(never.late).toBeGreaterThan(0);
  });

  it('begun on the last day it says it is in time, a day later it is not', () => {
    const given = fc.record({
      minutes: fc.array(fc.integer({ min: 5, max: 200 }), { minLength: 1, maxLength: 4 }),
      wait: fc.boolean(),
      week: fc.array(fc.integer({ min: 0, max: 150 }), { minLength: 7, maxLength: 7 }),
    });
    fc.assert(
      fc.property(given, ({ minutes, wait, week }) => {
        const steps = minutes.flatMap((each, i) => [sew(`s${i}`, each), ...(wait && i === 0 ? [hang('w', 24)] : [])]);
        const [todo, hours] = [make('a', '2027-05-20', ...steps), week as unknown as Hours];
        const { startBy } = scheduleOf([todo], MONDAY, hours).finishes[0]!;
        if (!startBy) return expect(scheduleOf([todo], MONDAY, hours).finishes[0]!.late).toBeGreaterThan(0);
        expect(scheduleOf([todo], startBy, hours).finishes[0]!.late).toBe(0);
        const next = new Date(Date.parse(`${startBy}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);
        expect(scheduleOf([todo], next, hours).finishes[0]!.late).toBeGreaterThan(0);
      }),
      { numRuns: 100 },
    );
  });

  it('no day holds more than its time, every minute is sewn once, steps keep their order, waits last', () => {
    const makes = fc.array(
      fc.record({
        dueOn: fc.constantFrom(null, '2027-04-12', '2027-05-01'),
        steps: fc.array(fc.oneof(fc.integer({ min: 1, max: 300 }), fc.constantFrom('w24', 'w48')), { minLength: 1, maxLength: 7 }),
      }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(makes, fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 7, maxLength: 7 }), (given, week) => {
        const todo = given.map(({ dueOn, steps }, m) =>
          make(
            `m${m}`,
            dueOn,
            ...steps.map((each, s) => (typeof each === 'number' ? sew(`m${m}s${s}`, each) : hang(`m${m}s${s}`, Number(each.slice(1))))),
          ),
        );
        const hours = week as unknown as Hours;
        const { sessions, waits, finishes } = scheduleOf(todo, MONDAY, hours);
        const perDay = new Map<string, number>();
        for (const { day, minutes } of sessions) perDay.set(day, (perDay.get(day) ?? 0) + minutes);
        for (const [day, minutes] of perDay) expect(minutes).toBeLessThanOrEqual(hours[new Date(`${day}T00:00:00Z`).getUTCDay()]! + 1e-6);
        for (const each of todo) {
          if (!finishes.find((finish) => finish.make === each.id)!.on) continue;
          let reached = MONDAY;
          for (const step of each.steps) {
            const own = sessions.filter((session) => session.step === step.id);
            if (step.waitHours === undefined) {
              expect(own.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(step.minutes, 6);
              expect(own[0]!.day >= reached).toBe(true);
              reached = own.at(-1)!.day;
            } else {
              const wait = waits.find((span) => span.step === step.id)!;
              expect(wait.from >= reached).toBe(true);
              expect((Date.parse(wait.to) - Date.parse(wait.from)) / 3_600_000).toBeGreaterThanOrEqual(step.waitHours);
              reached = wait.to;
            }
          }
        }
      }),
      { numRuns: 150 },
    );
  });
});
