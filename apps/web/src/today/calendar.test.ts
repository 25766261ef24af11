import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { scheduleOf, type ToDo } from '@arcus/core';
import { calendarOf } from './calendar.ts';

const todo: ToDo[] = [
  {
    id: 'skirt',
    name: 'Skirt; for Tove, “rust”',
    dueOn: '2027-04-10',
    steps: [
      { id: 'seams', title: 'Sew the sides, press', minutes: 90 },
      { id: 'hang', title: 'Let it hang', minutes: 0, waitHours: 24 },
      { id: 'hem', title: 'Hem', minutes: 60 },
    ],
  },
  { id: 'apron', name: 'Apron', dueOn: null, steps: [{ id: 'all', title: 'All of it', minutes: 30 }] },
];

describe('the calendar, read back by a general-purpose calendar library (RFC 5545)', () => {
  const plan = scheduleOf(todo, '2027-04-05', [60, 60, 60, 60, 60, 60, 60]);
  const root = new ICAL.Component(ICAL.parse(calendarOf(plan, todo)) as never);
  const events = root.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));

  it('holds every sitting with its minutes, none over another', () => {
    const sewing = events.filter(({ summary }) => summary.startsWith('Sew: '));
    const minutes = sewing.reduce((sum, { duration }) => sum + duration.toSeconds() / 60, 0);
    expect(minutes).toBe(180);
    const spans = sewing.map(({ startDate, endDate }) => [startDate.toString(), endDate.toString()]).sort();
    for (let i = 1; i < spans.length; i++) expect(spans[i]![0]! >= spans[i - 1]![1]!).toBe(true);
    expect(sewing[0]!.summary).toBe('Sew: Skirt; for Tove, “rust”');
    expect(sewing[0]!.description).toContain('Sew the sides, press (60 min)');
  });

  it('holds the wait, a day long, with a reminder when it ends, and the day it is wanted', () => {
    const wait = events.find(({ summary }) => summary.includes('Let it hang'))!;
    expect(wait.duration.toSeconds() / 3600).toBe(24);
    const alarm = wait.component.getFirstSubcomponent('valarm')!;
    // counted from its beginning
    expect((alarm.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds()).toBe(wait.duration.toSeconds());
    const due = events.find(({ summary }) => summary.endsWith('is wanted'))!;
    expect(due.startDate.isDate).toBe(true);
    expect(due.startDate.toString()).toBe('2027-04-10');
  });

  it('names every event by itself, so that taken in twice it stands there once', () => {
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  });
});
