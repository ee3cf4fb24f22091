import type { HoldView } from '../records/holds.js';
import { HOLD_WORDS } from '../records/vocabulary/holdCauses.js';
import type { Site } from '../records/hiveViews.js';
import type { Gear } from '../records/plan.js';
import type { TodayLine } from '../records/views.js';
import { together } from '../say/say.js';
import { dateIn, line, morningOf, noonOf } from './line.js';
import { todaySay } from './says.js';

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
            title: todaySay('today.mend', { thing: name, repair }),
            dueAt: noonOf(dueOn),
            ifLeft: todaySay('today.mend.left'),
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
        title: todaySay('today.site-task', { site: site.name, what: task.what }),
        dueAt: task.dueOn ? morningOf(task.dueOn, site.zone) : null,
        ifLeft: todaySay('today.site-task.left'),
      }),
    );
}

/** What is held back, and what that bars. */
export function holdLine(hold: HoldView): TodayLine {
  const { name, left, bars, ask } = HOLD_WORDS[hold.cause];
  const leftSo = together(left, bars, ask);
  const isGone = hold.lots.length === 0;
  return line({
    id: `${hold.id}-hold`,
    kind: 'hold',
    stage: 'book',
    batchId: hold.batchId,
    hiveId: null,
    title: todaySay('today.held-back', {
      hive: hold.hiveName,
      on: { date: hold.harvestedOn },
      cause: name,
    }),
    dueAt: null,
    ifLeft: isGone ? todaySay('today.hold.gone.left', { left: leftSo }) : leftSo,
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
    title: todaySay('today.late-entry', { why: held.why }),
    dueAt: held.recordedAt,
    ifLeft: todaySay('today.late-entry.left'),
    urgent: true,
  });
