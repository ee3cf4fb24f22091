import { freezeHours, USUAL_PIECE } from '../comb/cooling.js';
import { crushMethodOf, isCutOpen } from '../choose/index.js';
import { isStirred } from '../drain/index.js';
import { countedCombsText, hiveKind } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import { drainHours, settleHours } from './bench.js';
import { type HarvestToPlan, type PlanTask, withoutTwice } from './planTask.js';
import { crushesComb, cutsComb, runsInPlace, takesPots } from '../records/vocabulary/ways.js';
import type { CrushMethod } from '../records/vocabulary/bench.js';

/**
 * Combs frozen whole in the plan, before anybody measured them: large and a little thicker than
 * usual, mm.
 */
const COMB_IN_THE_COLD = { packing: 'frame', widthMm: 400, heightMm: 200, depthMm: 40 } as const;

/**
 * What is done with wet gear, and with wet frames where the hive has some, by the household's
 * schools.
 */
function wetGearNote(kind: HiveKindName, rules: HouseRules): string {
  const gear =
    rules.wetGear === 'open'
      ? 'In the open it calls robbers, and many places forbid it.'
      : 'Robbing and disease start at wet gear.';
  return hiveKind(kind).carrier === 'frame' ? `${gear} ${WET_FRAMES[rules.wetFrames]}` : gear;
}
const WET_FRAMES: Record<HouseRules['wetFrames'], string> = {
  'at-once': 'Wet frames back into their own hive at once.',
  later: 'Wet frames stay closed in, and go back at dusk.',
  washed: 'Wet frames are washed and dried before they go back.',
};

/** The household's own pace beside what was planned by it; nothing where it is not known. */
const paceText = ({ crushMinutesPerKg }: HarvestToPlan): string =>
  crushMinutesPerKg === null ? '' : `By your own pace, ${crushMinutesPerKg.toFixed(0)} min a kg.`;

/** So long a drain is planned with its stirs; how long it will run nobody knows yet. */
const STIRRED_FOR_HOURS = 72;
/** Which stirs stand in the timetable: two, or as many as fit until it ends. */
function stirsPlanned(rules: Pick<HouseRules, 'stirs' | 'stirEveryHours'>): number[] {
  const fit = Math.min(6, Math.max(1, Math.floor(STIRRED_FOR_HOURS / rules.stirEveryHours)));
  return Array.from({ length: rules.stirs === 'twice' ? 2 : fit }, (_, i) => i + 1);
}

/** Straining, pressing and filling ask for honey that runs: a starting value, °C at the bench. */
const WARM_ENOUGH_C = 18;

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
const BREAKING_WORDS: Record<CrushMethod, string> = {
  mash: 'Mash the comb',
  chop: 'Chop the comb',
  slice: 'Slice the comb',
};
/**
 * How it is strained by the house rule: what the step is called, and the minutes of hands (starting
 * values).
 */
const STRAINING: Record<HouseRules['strain'], { title: string; minutes: number }> = {
  none: { title: 'Pour together', minutes: 15 },
  once: { title: 'Strain', minutes: 15 },
  twice: { title: 'Strain twice', minutes: 25 },
  cloth: { title: 'Strain through cloth', minutes: 30 },
};

function allTasks(h: HarvestToPlan, rules: HouseRules): PlanTask[] {
  const tasks: PlanTask[] = [];
  const hands = (minutes: number): Pick<PlanTask, 'minutes' | 'handsOnMinutes'> => ({
    minutes: () => minutes,
    handsOnMinutes: Math.round(minutes),
  });
  let last: string[] = [];
  const step = (
    task: Omit<PlanTask, 'after' | 'people'> & Partial<Pick<PlanTask, 'after' | 'people'>>,
  ): string => {
    tasks.push({ after: last, people: task.handsOnMinutes > 0 ? 1 : 0, ...task });
    last = [task.id];
    return task.id;
  };
  const aside = (task: Omit<PlanTask, 'people'> & Partial<Pick<PlanTask, 'people'>>): void =>
    void tasks.push({ people: task.handsOnMinutes > 0 ? 1 : 0, ...task });
  const two = Math.min(2, rules.people);
  const inPlace = runsInPlace(h.way);

  step({
    id: 'sanitise',
    title: 'Wash and dry the gear',
    note: 'Hot water, no scent; dry, or the honey takes up water.',
    where: 'home',
    ...hands(20 + Math.min(40, h.jars)),
    beforeStart: 14,
  });
  for (const note of h.siteNotes)
    if (NOTE_STEPS[note])
      step({
        id: `site-${note}`,
        ...NOTE_STEPS[note],
        where: 'hive',
        ...hands(10),
        beforeStart: 1,
      });
  for (const [i, task] of h.siteTasks.entries())
    step({
      id: `site-task-${i}`,
      title: task,
      note: 'To be done at the site before this visit.',
      where: 'hive',
      ...hands(15),
      beforeStart: 1,
    });
  if (h.dearth)
    step({
      id: 'reduce',
      title: 'Reduce the entrance',
      note: 'Dearth: robbers. Never close it; open it again tomorrow evening.',
      where: 'hive',
      ...hands(5),
      beforeStart: 0.5,
    });
  if (h.way === 'drain-hive') {
    step({
      id: 'smoke',
      title: 'Smoke and wait',
      note: 'Tilt measured, tray up, floor closed, covers on the vessels.',
      where: 'hive',
      ...hands(20),
      people: two,
    });
    step({
      id: 'take',
      title: `Open ${h.combs} ${h.combs === 1 ? 'frame' : 'frames'}, part by part`,
      note: 'Vessels for the high estimate stand ready first; once opened it cannot be stopped.',
      where: 'hive',
      ...hands(10 + h.combs * 8),
      people: two,
      holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
    });
    step({
      id: 'run',
      title: 'Run out',
      note: "7 minutes to overnight a frame in others' hands; look at the vessels every hour.",
      where: 'hive',
      minutes: () => 240,
      handsOnMinutes: 0,
    });
    step({
      id: 'reset',
      title: 'Reset, plug, look at the tray',
      note: 'The plug that only then fits is the proof. Wipe the channel: what stays in it ferments.',
      where: 'hive',
      ...hands(20),
      people: two,
    });
  } else if (takesPots(h.way)) {
    step({
      id: 'smoke',
      title: 'Lay all ready beside the box',
      note: `${h.way === 'draw-pots' ? 'Suction' : 'Lidded bowl'}, cold box, wet cloth, knife. No smoke.`,
      where: 'hive',
      ...hands(10),
    });
    step({
      id: 'take',
      title: h.way === 'draw-pots' ? 'Draw off the sealed pots' : 'Cut the sealed pots out',
      note: 'Sealed pots only; torn ones out, spills wiped, closed within minutes.',
      where: 'hive',
      ...hands(Math.min(15, 5 + h.combs * 4)),
      people: two,
    });
    step({
      id: 'chill',
      title: 'Into the cold',
      note: 'The honey is thin: cold at once, vented lid.',
      where: 'home',
      ...hands(10),
    });
  } else {
    step({
      id: 'smoke',
      title: 'Smoke and wait',
      note: 'Lit, smoked, waited, opened.',
      where: 'hive',
      ...hands(15),
      people: two,
    });
    step({
      id: 'take',
      title: h.way === 'drain-off' ? 'Take the super off' : `Take ${combsText(h)}, close the hive`,
      note: `${rules.minutesPerComb} min a comb by your rules, 15 min to close.${
        h.taken.laterLots ? ' Another tub for each lot.' : ''
      }`,
      where: 'hive',
      ...hands((h.combs + h.taken.laterCombs) * rules.minutesPerComb + 15 + 2 * h.taken.laterLots),
      people: two,
      holds: {
        role: 'tub',
        litres: h.litres.tub,
        until: tubUntil(h),
      },
    });
    step({
      id: 'carry',
      title: 'Carry it home, covered',
      note: 'Shut tub, out of the sun.',
      where: 'home',
      ...hands(20),
    });
  }
  if (h.joins)
    step({
      id: 'join',
      title: `Into one vessel with ${h.joins.name}`,
      note: 'Weighed apart before they meet: afterwards no jar can say which hive it came from.',
      where: 'bench',
      ...hands(10),
      scale: true,
    });
  aside({
    id: 'look-back',
    title: 'Look back at the hive',
    note: 'After a day: robbing, drips, fallen comb, board moved.',
    where: 'hive',
    ...hands(10),
    after: ['take'],
    whileRunning: { of: 'take', afterMinutes: 24 * 60 },
  });
  aside({
    id: 'look-back-2',
    title: 'Look back again',
    note: 'After some days: new comb begun, quiet at the entrance.',
    where: 'hive',
    ...hands(10),
    after: ['look-back'],
    whileRunning: { of: 'take', afterMinutes: 4 * 24 * 60 },
  });

  if (h.joins) return tasks;
  if (h.way === 'drain-off')
    step({
      id: 'run',
      title: 'Run out over the tray',
      note: "By the day's warmth.",
      where: 'bench',
      minutes: (at) => drainHours(at, h.climate, 'slice', h.moisturePercent) * 60,
      handsOnMinutes: 0,
      holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
    });
  if (cutsComb(h.way)) {
    const frozenFirst = rules.freeze === 'whole' && h.freezerL > 0;
    const freeze = (): void => {
      step({
        id: 'freeze',
        title: 'Freeze to the core',
        note: `At ${rules.freezerTemperatureC} °C until the core is cold and has stayed so: moth in every stage is ended.`,
        where: 'home',
        minutes: (at) =>
          freezeHours({
            ...(frozenFirst ? COMB_IN_THE_COLD : { packing: 'piece' as const, ...USUAL_PIECE }),
            startC: at.hour >= 8 && at.hour < 20 ? h.climate.dayC : h.climate.nightC,
            freezerC: rules.freezerTemperatureC,
          }).high * 60,
        handsOnMinutes: 5,
        people: 0,
        freezerL: h.freezerL,
      });
      step({
        id: 'thaw',
        title: 'Thaw, closed',
        note: 'In its wrap, so that water settles on the wrap and not on the comb.',
        where: 'bench',
        minutes: () => 12 * 60,
        handsOnMinutes: 0,
      });
    };
    if (frozenFirst) freeze();
    step({
      id: 'cut',
      title: h.way === 'chunk' ? 'Cut the strips' : `Cut about ${h.pieces} pieces`,
      note: 'A sharp dry knife; away from the hand.',
      where: 'bench',
      ...hands(10 + (h.pieces + h.chunkJars) * rules.minutesPerPiece),
      scale: true,
    });
    const cut = last;
    if (h.way === 'cut')
      step({
        id: 'rack',
        title: 'Drip on the rack',
        note: 'Cut edges run dry; under a cover against bees and damp.',
        where: 'bench',
        minutes: () => 12 * 60,
        handsOnMinutes: 0,
      });
    step({
      id: 'pack',
      title: 'Pack and weigh the pieces',
      note: "Net weight of each, to the scale's step.",
      where: 'bench',
      ...hands(10 + (h.pieces + h.chunkJars) * 1),
      scale: true,
    });
    if (!frozenFirst && h.freezerL > 0) freeze();
    if (h.pieces > 0)
      step({
        id: 'label-pieces',
        title: `Label ${h.pieces} pieces`,
        note: 'From the record, never typed.',
        where: 'bench',
        ...hands(Math.max(5, h.pieces * 0.5)),
      });
    if (h.honeyKg.high < 0.05) return tasks;
    // The trimmings are crushed at once, while the pieces drip on the rack.
    last = cut;
  }
  if (crushesComb(h.way)) {
    const method = crushMethodOf(h.way, rules, h.hiveKind);
    const cutOpen = isCutOpen(h.way, h.hiveKind);
    const broken = cutOpen ? 'Cut the combs open' : BREAKING_WORDS[method];
    const word = cutsComb(h.way) ? 'Crush the trimmings' : broken;
    if (h.way === 'press')
      step({
        id: 'crush',
        title: 'Press',
        note: 'Through cloth, slowly; warm comb presses better.',
        where: 'bench',
        ...hands(10 + rules.minutesPerPressing),
        warmthC: WARM_ENOUGH_C,
        holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
      });
    else {
      step({
        id: 'crush',
        title: word,
        note: [
          'While the honey is still hive-warm.',
          cutOpen
            ? 'Across the cells, not mashed: what drips stays clear, the press finds the rest.'
            : '',
          paceText(h),
        ]
          .filter(Boolean)
          .join(' '),
        where: 'bench',
        ...hands(
          10 + (h.crushMinutesPerKg === null ? h.combs * 5 : h.crushMinutesPerKg * h.combKg),
        ),
        holds: { role: 'upper', litres: h.litres.upper, until: 'close-drain' },
      });
      step({
        id: 'drain',
        title: 'Drain to nine tenths',
        note: `By the kitchen's ${h.climate.dayC.toFixed(0)} °C by day and ${h.climate.nightC.toFixed(0)} °C by night, at the slow edge.`,
        where: 'bench',
        minutes: (at) => drainHours(at, h.climate, method, h.moisturePercent) * 60,
        handsOnMinutes: 0,
        holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
      });
      const drained = last;
      if (isStirred(method, rules))
        for (const n of stirsPlanned(rules))
          aside({
            id: `stir-${n}`,
            title: n === 1 ? 'Stir' : 'Stir again',
            note: 'Opens what is still closed.',
            where: 'bench',
            ...hands(5),
            after: ['crush'],
            whileRunning: { of: 'drain', afterMinutes: n * rules.stirEveryHours * 60 },
          });
      last = drained;
      step({
        id: 'close-drain',
        title: 'Weigh, close the drain',
        note: 'By the flow rate: you decide.',
        where: 'bench',
        ...hands(15),
        scale: true,
      });
      if (h.way === 'drip-press')
        step({
          id: 'press',
          title: 'Press the rest',
          note: 'What drained is put aside first: pressed honey is cloudier.',
          where: 'bench',
          ...hands(rules.minutesPerPressing),
          warmthC: WARM_ENOUGH_C,
        });
    }
  }
  step({
    id: 'strain',
    title: h.way === 'draw-pots' ? STRAINING.none.title : STRAINING[rules.strain].title,
    note: 'Covered against bees and damp.',
    where: 'bench',
    ...hands(STRAINING[rules.strain].minutes),
    warmthC: takesPots(h.way) ? undefined : WARM_ENOUGH_C,
  });
  if (!takesPots(h.way))
    step({
      id: 'settle',
      title: 'Settle, then skim',
      note: `Until the scum is up through ${Math.max(1, Math.round(h.depthMm / 10))} cm, at the slow edge.`,
      where: 'bench',
      minutes: (at) => settleHours(at, h.climate, h.depthMm, h.moisturePercent) * 60,
      handsOnMinutes: 5,
      people: 0,
      holds: { role: 'settling', litres: h.litres.out, until: 'jar' },
    });
  step({
    id: 'jar',
    title: `Fill ${h.jars} ${h.jars === 1 ? 'jar' : 'jars'}`,
    note: takesPots(h.way)
      ? 'Vented lids, into the cold.'
      : 'Measure the water before the lids go on.',
    where: 'bench',
    ...hands(Math.max(10, h.jars * rules.minutesPerJar)),
    scale: true,
    warmthC: takesPots(h.way) ? undefined : WARM_ENOUGH_C,
  });
  if (h.jars > 0)
    step({
      id: 'label',
      title: `Label ${h.jars} ${h.jars === 1 ? 'jar' : 'jars'}`,
      note: 'From the record, never typed.',
      where: 'bench',
      ...hands(Math.max(5, h.jars * 0.5)),
    });
  step({
    id: 'wash',
    title: rules.wetGear === 'wash' ? 'Wash the gear' : 'Gear back to the bees',
    note: wetGearNote(h.hiveKind, rules),
    where: 'bench',
    ...hands(20),
  });
  if (!inPlace)
    step({
      id: 'residue',
      title: 'Wax and residue',
      note: 'Rinse, melt in a water bath, or freeze until the next melting: moth finds wet wax.',
      where: 'bench',
      ...hands(45),
    });
  return tasks;
}
