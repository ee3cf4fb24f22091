import { asWritten, type Say, type SayValue } from '../say/say.js';
import { readySay } from './says.js';
import { countedCombs } from '../hive/kinds.js';
import type { HouseRules } from '../records/houseRules.js';
import { cutsComb, takesPots } from '../records/vocabulary/ways.js';
import { atTheBench } from './benchTasks.js';
import { type HarvestToPlan, type PlanTask, withoutTwice } from './planTask.js';
import { hands, inPairs, TaskList } from './taskList.js';

const NOTE_STEPS: Record<string, { title: Say; note: Say }> = {
  neighbours: {
    title: readySay('ready.tasks.tell-neighbours'),
    note: readySay('ready.tasks.windows-shut-and-washing-in'),
  },
  children: {
    title: readySay('ready.tasks.children-indoors'),
    note: readySay('ready.tasks.until-hive-closed-and-quiet'),
  },
  dog: {
    title: readySay('ready.tasks.dog-and-animals-away'),
    note: readySay('ready.tasks.shut-in-or-led-off'),
  },
  roof: {
    title: readySay('ready.tasks.secure-yourself-on-roof'),
    note: readySay('ready.tasks.never-alone-on-roof-nothing'),
  },
  ladder: {
    title: readySay('ready.tasks.set-and-hold-ladder'),
    note: readySay('ready.tasks.one-person-holds-it-combs'),
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
function combsText({ combs, taken, takenSaid, hiveKind: kind }: HarvestToPlan): SayValue {
  const first = takenSaid ?? countedCombs(combs, kind);
  if (!taken.laterLots) return first;
  const others =
    taken.laterLots === 1
      ? readySay('ready.tasks.another-lot')
      : readySay('ready.tasks.other-lots', { laterLots: taken.laterLots });
  return readySay('ready.tasks.then', { first, laterCombs: taken.laterCombs, others });
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
    title: readySay('ready.tasks.wash-and-dry-gear'),
    note: readySay('ready.tasks.hot-water-no-scent-dry'),
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
      title: asWritten(task),
      note: readySay('ready.tasks.to-be-done-at-site'),
      where: 'hive',
      ...hands(15),
      beforeStart: 1,
    });
  if (h.dearth)
    list.step({
      id: 'reduce',
      title: readySay('ready.tasks.reduce-entrance'),
      note: readySay('ready.tasks.dearth-robbers-never-close-it'),
      where: 'hive',
      ...hands(5),
      beforeStart: 0.5,
    });
}

/** Drain frames, opened and run out where they stand. */
function atTheFrames(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'smoke',
    title: readySay('ready.tasks.smoke-and-wait'),
    note: readySay('ready.tasks.tilt-measured-tray-up-floor'),
    where: 'hive',
    ...hands(20),
    people: inPairs(rules),
  });
  list.step({
    id: 'take',
    title: readySay('ready.tasks.open-frames-part-by-part', { combs: h.combs }),
    note: readySay('ready.tasks.vessels-for-high-estimate-stand'),
    where: 'hive',
    ...hands(10 + h.combs * 8),
    people: inPairs(rules),
    holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
  });
  list.step({
    id: 'run',
    title: readySay('ready.tasks.run-out'),
    note: readySay('ready.tasks.7-minutes-to-overnight-frame'),
    where: 'hive',
    minutes: () => 240,
    handsOnMinutes: 0,
  });
  list.step({
    id: 'reset',
    title: readySay('ready.tasks.reset-plug-look-at-tray'),
    note: readySay('ready.tasks.plug-that-only-then-fits'),
    where: 'hive',
    ...hands(20),
    people: inPairs(rules),
  });
}

/** Sealed pots, drawn off or cut out, and into the cold. */
function atThePots(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'smoke',
    title: readySay('ready.tasks.lay-all-ready-beside-box'),
    note: readySay('ready.tasks.cold-box-wet-cloth-knife', {
      way:
        h.way === 'draw-pots'
          ? readySay('ready.tasks.suction')
          : readySay('ready.tasks.lidded-bowl'),
    }),
    where: 'hive',
    ...hands(10),
  });
  list.step({
    id: 'take',
    title:
      h.way === 'draw-pots'
        ? readySay('ready.tasks.draw-off-sealed-pots')
        : readySay('ready.tasks.cut-sealed-pots-out'),
    note: readySay('ready.tasks.sealed-pots-only-torn-ones'),
    where: 'hive',
    ...hands(Math.min(15, 5 + h.combs * 4)),
    people: inPairs(rules),
  });
  list.step({
    id: 'chill',
    title: readySay('ready.tasks.into-cold'),
    note: readySay('ready.tasks.honey-thin-cold-at-once'),
    where: 'home',
    ...hands(10),
  });
}

/** Combs taken and carried home. */
function atTheCombs(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'smoke',
    title: readySay('ready.tasks.smoke-and-wait'),
    note: readySay('ready.tasks.lit-smoked-waited-opened'),
    where: 'hive',
    ...hands(15),
    people: inPairs(rules),
  });
  list.step({
    id: 'take',
    title:
      h.way === 'drain-off'
        ? readySay('ready.tasks.take-super-off')
        : readySay('ready.tasks.take-close-hive', { h: combsText(h) }),
    note: readySay('ready.tasks.min-comb-by-your-rules', {
      minutesPerComb: rules.minutesPerComb,
      laterLots: h.taken.laterLots ? readySay('ready.tasks.another-tub-for-each-lot') : '',
    }),
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
    title: readySay('ready.tasks.carry-it-home-covered'),
    note: readySay('ready.tasks.shut-tub-out-sun'),
    where: 'home',
    ...hands(20),
  });
}

/** A harvest that goes into the vessel of another: its last step. */
function intoOneVessel(list: TaskList, h: HarvestToPlan): void {
  if (!h.joins) return;
  list.step({
    id: 'join',
    title: readySay('ready.tasks.into-one-vessel-with', { joins: h.joins.name }),
    note: readySay('ready.tasks.weighed-apart-before-they-meet'),
    where: 'bench',
    ...hands(10),
    scale: true,
  });
}

/** The hive looked at again, a day and some days later. */
function lookBack(list: TaskList): void {
  list.aside({
    id: 'look-back',
    title: readySay('ready.tasks.look-back-at-hive'),
    note: readySay('ready.tasks.after-day-robbing-drips-fallen'),
    where: 'hive',
    ...hands(10),
    after: ['take'],
    whileRunning: { of: 'take', afterMinutes: 24 * 60 },
  });
  list.aside({
    id: 'look-back-2',
    title: readySay('ready.tasks.look-back-again'),
    note: readySay('ready.tasks.after-some-days-new-comb'),
    where: 'hive',
    ...hands(10),
    after: ['look-back'],
    whileRunning: { of: 'take', afterMinutes: 4 * 24 * 60 },
  });
}
