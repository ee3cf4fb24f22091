import ical, { ICalAlarmType } from 'ical-generator';
import type { Caution, TimetableStep } from '@furrow/core';
import { DateTime } from 'luxon';

/** Minutes before a step of the hands that the calendar rings; a wait rings where it ends. */
const RING_BEFORE = 15;

/**
 * The timetable as an iCalendar file with alarms, instants in UTC, so that every calendar reads them alike. Each
 * event keeps its id over changes, so that a newer file replaces the older one. Cautions stand in the event of
 * their step.
 */
export function timetableCalendar(
  name: string,
  steps: readonly TimetableStep[],
  {
    cautions = new Map(),
    sites = new Map(),
    now,
  }: {
    cautions?: ReadonlyMap<string, readonly Caution[]>;
    /** Where a harvest's hive stands, by the harvest. */
    sites?: ReadonlyMap<string, string>;
    /** A later file outranks an earlier one, so that a step that was moved moves. */
    now: Date;
  },
): string {
  const calendar = ical({ name });
  const sequence = Math.floor(now.getTime() / 60_000);
  for (const step of steps) {
    const said = (cautions.get(step.harvestId) ?? [])
      .filter((c) => c.step === step.id)
      .map((c) => `${c.text}${c.ask ? ` Ask: ${c.ask}` : ''}`);
    const event = calendar.createEvent({
      id: `${step.harvestId}-${step.id}@furrow`,
      start: DateTime.fromISO(step.startsAt).toUTC(),
      end: DateTime.fromISO(step.endsAt).toUTC(),
      sequence,
      stamp: now,
      location: step.where === 'hive' ? (sites.get(step.harvestId) ?? null) : null,
      summary: `${step.harvestName}: ${step.title}`,
      description: [step.note, ...step.conflicts.map((c) => c.sentence), ...said].join('\n'),
    });
    if (step.handsOnMinutes > 0)
      event.createAlarm({
        type: ICalAlarmType.display,
        trigger: RING_BEFORE * 60,
        description: `${step.harvestName}: ${step.title}`,
      });
    else
      event.createAlarm({
        type: ICalAlarmType.display,
        // As an instant: counted from an edge of the event, the library rings a whole wait too late.
        trigger: DateTime.fromISO(step.endsAt).toUTC(),
        description: `${step.harvestName}: ${step.title} is over`,
      });
  }
  return calendar.toString();
}
