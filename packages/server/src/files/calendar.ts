import type { AskedRow } from '../store/asked.js';
import { z } from 'zod';
import ical, { ICalAlarmType, ICalEventStatus, type ICalCalendar } from 'ical-generator';
import { type Caution, type Clock, type TimetableStep, todaySay } from '@furrow/core';
import { fromKept, kept } from '../store/kept.js';
import { readySay, type Say } from '@furrow/core';
import { houseSay, speak, type Reader } from '../words.js';
import { DateTime } from 'luxon';

/** Minutes before a step of the hands that the calendar rings; a wait rings where it ends. */
const RING_BEFORE = 15;

/** A step as a calendar was given it, to be cancelled there once it is dropped. */
export const GIVEN_STEP = {
  uid: z.string(),
  harvestId: z.string(),
  startsAt: z.string(),
  endsAt: z.string(),
  summary: z.string(),
};
export type GivenStep = AskedRow<typeof GIVEN_STEP>;
/** A step's name in a calendar, the same over all changes. */
const stepUid = (step: Pick<TimetableStep, 'harvestId' | 'id'>): string =>
  `${step.harvestId}-${step.id}@furrow`;
/** "Ipê: take 5 combs". */
const titleOf = ({ harvestName, title }: TimetableStep): Say =>
  readySay('ready.calendar.step', { harvest: harvestName, step: title });
/** What is remembered of a step that a calendar was given. */
export const givenStep = (step: TimetableStep): GivenStep => ({
  uid: stepUid(step),
  harvestId: step.harvestId,
  startsAt: step.startsAt,
  endsAt: step.endsAt,
  summary: kept(titleOf(step)),
});

/**
 * The timetable as an iCalendar file with alarms, instants in UTC, so that every calendar reads
 * them alike. Each event keeps its id over changes, so that a newer file replaces the older one.
 * Cautions stand in the event of their step.
 */
export function timetableCalendar(
  name: string,
  steps: readonly TimetableStep[],
  {
    cautions = new Map(),
    sites = new Map(),
    dropped = [],
    clocks = [],
    reader,
    now,
  }: {
    cautions?: ReadonlyMap<string, readonly Caution[]>;
    /** Where a harvest's hive stands, by the harvest. */
    sites?: ReadonlyMap<string, string>;
    /** Steps that were given before and are not done any more. */
    dropped?: readonly GivenStep[];
    /** What runs at the bench, such as a drain or comb in the cold: it rings when it is due. */
    clocks?: readonly Clock[];
    /** Who reads it: the household. */
    reader: Reader;
    /** A later file outranks an earlier one, so that a step that was moved moves. */
    now: Date;
  },
): string {
  const calendar = ical({
    name,
    prodId: { company: 'Furrow', product: 'Furrow', language: reader.language.toUpperCase() },
  });
  const sequence = Math.floor(now.getTime() / 60_000);
  for (const step of steps) {
    const said = (cautions.get(step.harvestId) ?? [])
      .filter((c) => c.step === step.id)
      .map(({ text, ask }) =>
        speak(ask ? houseSay('paper.event-ask', { text, ask }) : text, reader),
      );
    const event = calendar.createEvent({
      id: stepUid(step),
      start: DateTime.fromISO(step.startsAt).toUTC(),
      end: DateTime.fromISO(step.endsAt).toUTC(),
      sequence,
      stamp: now,
      location: step.where === 'hive' ? (sites.get(step.harvestId) ?? null) : null,
      summary: speak(titleOf(step), reader),
      description: [
        ...[step.note, ...step.conflicts.map((c) => c.sentence)].map((says) => speak(says, reader)),
        ...said,
      ].join('\n'),
    });
    if (step.handsOnMinutes > 0)
      event.createAlarm({
        type: ICalAlarmType.display,
        trigger: RING_BEFORE * 60,
        description: speak(titleOf(step), reader),
      });
    else
      event.createAlarm({
        type: ICalAlarmType.display,
        // As an instant: counted from an edge of the event, the library rings a whole wait too
        // late.
        trigger: DateTime.fromISO(step.endsAt).toUTC(),
        description: speak(readySay('ready.calendar.step-over', { step: titleOf(step) }), reader),
      });
  }
  for (const step of dropped)
    calendar.createEvent({
      id: step.uid,
      start: DateTime.fromISO(step.startsAt).toUTC(),
      end: DateTime.fromISO(step.endsAt).toUTC(),
      sequence,
      stamp: now,
      status: ICalEventStatus.CANCELLED,
      summary: speak(fromKept(step.summary), reader),
    });
  addClocks(calendar, clocks, { sequence, now, reader });
  return calendar.toString();
}

/** What is due at the bench, a quarter of an hour each, rung when it begins. */
function addClocks(
  calendar: ICalCalendar,
  clocks: readonly Clock[],
  { sequence, now, reader }: { sequence: number; now: Date; reader: Reader },
): void {
  for (const clock of clocks) {
    if (!clock.dueAt || !clock.dueWhat) continue;
    const start = DateTime.fromISO(clock.dueAt).toUTC();
    const said = speak(
      todaySay('today.clock', { hive: clock.hiveName, what: clock.dueWhat }),
      reader,
    );
    calendar
      .createEvent({
        id: `clock-${clock.id}@furrow`,
        start,
        end: start.plus({ minutes: RING_BEFORE }),
        sequence,
        stamp: now,
        summary: said,
      })
      .createAlarm({
        type: ICalAlarmType.display,
        trigger: start,
        description: said,
      });
  }
}
