import ical from 'ical-generator';
import { DateTime } from 'luxon';
import type { TimetableStep } from '@furrow/core';

/** The timetable as an iCalendar file, instants in UTC, so that every calendar reads them alike. */
export function timetableCalendar(name: string, steps: readonly TimetableStep[]): string {
  const calendar = ical({ name });
  for (const step of steps) {
    calendar.createEvent({ id: `${name}-${step.id}`, start: DateTime.fromISO(step.startsAt).toUTC(), end: DateTime.fromISO(step.endsAt).toUTC(), summary: step.title, description: step.note });
  }
  return calendar.toString();
}
