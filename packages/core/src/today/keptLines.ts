import { HOLD_WORDS, type HoldView } from '../records/holds.js';
import type { Site } from '../records/hiveViews.js';
import type { Gear } from '../records/plan.js';
import type { TodayLine } from '../records/views.js';
import { dateWords } from '../units/dates.js';
import { dateIn, line, morningOf, noonOf } from './line.js';

/** How many days ahead a repair and a task of a site stand on Today. */
const MEND_AHEAD_DAYS = 14;

/** Things of the kit that are to be mended. Takes the zone of the household. */
export function mendLines(gear: readonly Gear[], zone: string, nowIso: string): TodayLine[] {
  const soon = dateIn(zone, nowIso, MEND_AHEAD_DAYS);
  return gear.flatMap(({ id, name, repair, dueOn }) =>
    repair && dueOn && dueOn <= soon
      ? [
          line({
            stage: 'rules',
            batchId: null,
            hiveId: null,
            id: `${id}-mend`,
            kind: 'mend',
            title: `${name}: ${repair}`,
            dueAt: noonOf(dueOn),
            ifLeft: 'It is missing on the day it is needed.',
          }),
        ]
      : [],
  );
}

/** What is to be done at a site. Takes a hive that stands there, to be opened with it. */
export function siteLines(site: Site, hiveId: string | null, nowIso: string): TodayLine[] {
  const soon = dateIn(site.zone, nowIso, MEND_AHEAD_DAYS);
  return site.tasks
    .filter((task) => task.doneOn === null && (task.dueOn === null || task.dueOn <= soon))
    .map((task) =>
      line({
        id: `${site.id}/tasks/${task.id}-site-task`,
        kind: 'site-task',
        stage: 'look',
        batchId: null,
        hiveId,
        title: `${site.name}: ${task.what}`,
        dueAt: task.dueOn ? morningOf(task.dueOn, site.zone) : null,
        ifLeft: 'It waits there at the next visit.',
      }),
    );
}

/** What is held back, and what that bars. */
export function holdLine(hold: HoldView): TodayLine {
  const { name, left, bars, ask } = HOLD_WORDS[hold.cause];
  const gone = 'Nothing of it stands here any more: tell those who have it.';
  return line({
    id: `${hold.id}-hold`,
    kind: 'hold',
    stage: 'book',
    batchId: hold.batchId,
    hiveId: null,
    title: `Held back: ${hold.hiveName}, harvest of ${dateWords(hold.harvestedOn)}. ${name}`,
    dueAt: null,
    ifLeft: [left, bars, ...(hold.lots.length ? [] : [gone]), ask].join(' '),
    urgent: true,
  });
}

/** An entry that came late and fits no longer. */
export const heldLine = (held: { id: string; why: string; recordedAt: string }): TodayLine =>
  line({
    id: held.id,
    kind: 'held',
    stage: 'book',
    batchId: null,
    hiveId: null,
    title: `A late entry did not fit: ${held.why}`,
    dueAt: held.recordedAt,
    ifLeft: 'It stays kept, and counts for nothing.',
    urgent: true,
  });
