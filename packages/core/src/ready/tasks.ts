import { countedCombsText } from '../hive/kinds.js';
import type { HouseRules } from '../records/houseRules.js';
import { cutsComb, takesPots } from '../records/vocabulary/ways.js';
import { atTheBench } from './benchTasks.js';
import { type HarvestToPlan, type PlanTask, withoutTwice } from './planTask.js';
import { hands, inPairs, TaskList } from './taskList.js';

const NOTE_STEPS: Record<string, { title: string; note: string }> = {
  neighbours: {
    title: 'Tell the neighbours',
    note: 'Windows shut and washing in, from an hour before to two after.',
  },
  children: { title: 'Children indoors', note: 'Until the hive is closed and quiet again.' },
  dog: {
    title: 'Dog and animals away',
    note: 'Shut in or led off before the smoker is lit; a tethered animal cannot flee.',
  },
  roof: {
    title: 'Secure yourself on the roof',
    note: 'Never alone on a roof, nothing carried while climbing; combs go down by rope.',
  },
  ladder: {
    title: 'Set and hold the ladder',
    note: 'One person holds it; combs come down in a closed tub on a rope, not in the hand.',
  },
};
export const SITE_NOTES = Object.keys(NOTE_STEPS);
/** Notes of a place that add no step, but weigh in a judgement. */
export const PLACE_NOTES = ['humid', 'heather'] as const;

/**
 * Every step of one harvest in order, from sanitising gear to the last label and the residue, with
 * what each needs. Minutes are the household's own; draining, settling and freezing come from the
 * core.
 */
export function harvestTasks(h: HarvestToPlan, rules: HouseRules): PlanTask[] {
  const tasks = allTasks(h, rules);
  return h.followsId ? withoutTwice(tasks) : tasks;
}

/** "5 combs, then 4 of another lot". */
function combsText({ combs, taken, takenText, hiveKind: kind }: HarvestToPlan): string {
  const first = takenText ?? countedCombsText(combs, kind);
  if (!taken.laterLots) return first;
  const others = taken.laterLots === 1 ? 'another lot' : `${taken.laterLots} other lots`;
  return `${first}, then ${taken.laterCombs} of ${others}`;
}

/** The step at which the tub of the hive is free again. */
function tubUntil(h: HarvestToPlan): string {
  if (h.joins) return 'join';
  if (cutsComb(h.way)) return 'cut';
  return h.way === 'drain-off' ? 'run' : 'crush';
}
function allTasks(h: HarvestToPlan, rules: HouseRules): PlanTask[] {
  const list = new TaskList();
  beforeTheHive(list, h);
  if (h.way === 'drain-hive') atTheFrames(list, h, rules);
  else if (takesPots(h.way)) atThePots(list, h, rules);
  else atTheCombs(list, h, rules);
  intoOneVessel(list, h);
  lookBack(list);
  if (!h.joins) atTheBench(list, h, rules);
  return list.tasks;
}

/** What is done before the first smoke: gear, the place, its tasks, the entrance. */
function beforeTheHive(list: TaskList, h: HarvestToPlan): void {
  list.step({
    id: 'sanitise',
    title: 'Wash and dry the gear',
    note: 'Hot water, no scent; dry, or the honey takes up water.',
    where: 'home',
    ...hands(20 + Math.min(40, h.jars)),
    beforeStart: 14,
  });
  for (const note of h.siteNotes)
    if (NOTE_STEPS[note])
      list.step({
        id: `site-${note}`,
        ...NOTE_STEPS[note],
        where: 'hive',
        ...hands(10),
        beforeStart: 1,
      });
  for (const [i, task] of h.siteTasks.entries())
    list.step({
      id: `site-task-${i}`,
      title: task,
      note: 'To be done at the site before this visit.',
      where: 'hive',
      ...hands(15),
      beforeStart: 1,
    });
  if (h.dearth)
    list.step({
      id: 'reduce',
      title: 'Reduce the entrance',
      note: 'Dearth: robbers. Never close it; open it again tomorrow evening.',
      where: 'hive',
      ...hands(5),
      beforeStart: 0.5,
    });
}

/** Drain frames, opened and run out where they stand. */
function atTheFrames(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'smoke',
    title: 'Smoke and wait',
    note: 'Tilt measured, tray up, floor closed, covers on the vessels.',
    where: 'hive',
    ...hands(20),
    people: inPairs(rules),
  });
  list.step({
    id: 'take',
    title: `Open ${h.combs} ${h.combs === 1 ? 'frame' : 'frames'}, part by part`,
    note: 'Vessels for the high estimate stand ready first; once opened it cannot be stopped.',
    where: 'hive',
    ...hands(10 + h.combs * 8),
    people: inPairs(rules),
    holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
  });
  list.step({
    id: 'run',
    title: 'Run out',
    note: "7 minutes to overnight a frame in others' hands; look at the vessels every hour.",
    where: 'hive',
    minutes: () => 240,
    handsOnMinutes: 0,
  });
  list.step({
    id: 'reset',
    title: 'Reset, plug, look at the tray',
    note: 'The plug that only then fits is the proof. Wipe the channel: what stays in it ferments.',
    where: 'hive',
    ...hands(20),
    people: inPairs(rules),
  });
}

/** Sealed pots, drawn off or cut out, and into the cold. */
function atThePots(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'smoke',
    title: 'Lay all ready beside the box',
    note: `${h.way === 'draw-pots' ? 'Suction' : 'Lidded bowl'}, cold box, wet cloth, knife. No smoke.`,
    where: 'hive',
    ...hands(10),
  });
  list.step({
    id: 'take',
    title: h.way === 'draw-pots' ? 'Draw off the sealed pots' : 'Cut the sealed pots out',
    note: 'Sealed pots only; torn ones out, spills wiped, closed within minutes.',
    where: 'hive',
    ...hands(Math.min(15, 5 + h.combs * 4)),
    people: inPairs(rules),
  });
  list.step({
    id: 'chill',
    title: 'Into the cold',
    note: 'The honey is thin: cold at once, vented lid.',
    where: 'home',
    ...hands(10),
  });
}

/** Combs taken and carried home. */
function atTheCombs(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'smoke',
    title: 'Smoke and wait',
    note: 'Lit, smoked, waited, opened.',
    where: 'hive',
    ...hands(15),
    people: inPairs(rules),
  });
  list.step({
    id: 'take',
    title: h.way === 'drain-off' ? 'Take the super off' : `Take ${combsText(h)}, close the hive`,
    note: `${rules.minutesPerComb} min a comb by your rules, 15 min to close.${
      h.taken.laterLots ? ' Another tub for each lot.' : ''
    }`,
    where: 'hive',
    ...hands((h.combs + h.taken.laterCombs) * rules.minutesPerComb + 15 + 2 * h.taken.laterLots),
    people: inPairs(rules),
    holds: {
      role: 'tub',
      litres: h.litres.tub,
      until: tubUntil(h),
    },
  });
  list.step({
    id: 'carry',
    title: 'Carry it home, covered',
    note: 'Shut tub, out of the sun.',
    where: 'home',
    ...hands(20),
  });
}

/** A harvest that goes into the vessel of another: its last step. */
function intoOneVessel(list: TaskList, h: HarvestToPlan): void {
  if (!h.joins) return;
  list.step({
    id: 'join',
    title: `Into one vessel with ${h.joins.name}`,
    note: 'Weighed apart before they meet: afterwards no jar can say which hive it came from.',
    where: 'bench',
    ...hands(10),
    scale: true,
  });
}

/** The hive looked at again, a day and some days later. */
function lookBack(list: TaskList): void {
  list.aside({
    id: 'look-back',
    title: 'Look back at the hive',
    note: 'After a day: robbing, drips, fallen comb, board moved.',
    where: 'hive',
    ...hands(10),
    after: ['take'],
    whileRunning: { of: 'take', afterMinutes: 24 * 60 },
  });
  list.aside({
    id: 'look-back-2',
    title: 'Look back again',
    note: 'After some days: new comb begun, quiet at the entrance.',
    where: 'hive',
    ...hands(10),
    after: ['look-back'],
    whileRunning: { of: 'take', afterMinutes: 4 * 24 * 60 },
  });
}
