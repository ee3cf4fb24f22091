import { together, type Say } from '../say/say.js';
import { readySay } from './says.js';
import { between } from '../units/between.js';
import { freezeHours, USUAL_PIECE } from '../comb/cooling.js';
import { crushMethodOf, isCutOpen } from '../choose/index.js';
import { isStirred } from '../drain/index.js';
import { hiveKind } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import type { CrushMethod } from '../records/vocabulary/bench.js';
import { crushesComb, cutsComb, runsInPlace, takesPots } from '../records/vocabulary/ways.js';
import { drainHours, settleHours } from './bench.js';
import type { HarvestToPlan } from './planTask.js';
import { hands, type TaskList } from './taskList.js';

/**
 * Combs frozen whole in the plan, before anybody measured them: large and a little thicker than
 * usual, mm.
 */
const COMB_IN_THE_COLD = { packing: 'frame', widthMm: 400, heightMm: 200, depthMm: 40 } as const;

/** Less honey than this is none to fill, kg. */
const NO_HONEY_KG = 0.05;

/**
 * What is done with wet gear, and with wet frames where the hive has some, by the household's
 * schools.
 */
function wetGearNote(kind: HiveKindName, rules: HouseRules): Say {
  const gear =
    rules.wetGear === 'open'
      ? readySay('ready.benchTasks.in-open-it-calls-robbers')
      : readySay('ready.benchTasks.robbing-and-disease-start-at');
  return hiveKind(kind).carrier === 'frame' ? together(gear, WET_FRAMES[rules.wetFrames]) : gear;
}
const WET_FRAMES: Record<HouseRules['wetFrames'], Say> = {
  'at-once': readySay('ready.benchTasks.wet-frames-back-into-their'),
  later: readySay('ready.benchTasks.wet-frames-stay-closed-in'),
  washed: readySay('ready.benchTasks.wet-frames-are-washed-and'),
};

/** The household's own pace beside what was planned by it; nothing where it is not known. */
const paceText = ({ crushMinutesPerKg }: HarvestToPlan): Say | null =>
  crushMinutesPerKg === null
    ? null
    : readySay('ready.benchTasks.by-your-own-pace-min', {
        crushMinutesPerKg: crushMinutesPerKg.toFixed(0),
      });

/** So long a drain is planned with its stirs; how long it will run nobody knows yet. */
const STIRRED_FOR_HOURS = 72;
/** Which stirs stand in the timetable: two, or as many as fit until it ends. */
function stirsPlanned(rules: Pick<HouseRules, 'stirs' | 'stirEveryHours'>): number[] {
  const fit = between(1, 6, Math.floor(STIRRED_FOR_HOURS / rules.stirEveryHours));
  return Array.from({ length: rules.stirs === 'twice' ? 2 : fit }, (_, i) => i + 1);
}

/** Straining, pressing and filling ask for honey that runs: a starting value, °C at the bench. */
const WARM_ENOUGH_C = 18;

const BREAKING_WORDS: Record<CrushMethod, Say> = {
  mash: readySay('ready.benchTasks.mash-comb'),
  chop: readySay('ready.benchTasks.chop-comb'),
  slice: readySay('ready.benchTasks.slice-comb'),
};
/**
 * How it is strained by the house rule: what the step is called, and the minutes of hands (starting
 * values).
 */
const STRAINING: Record<HouseRules['strain'], { title: Say; minutes: number }> = {
  none: { title: readySay('ready.benchTasks.pour-together'), minutes: 15 },
  once: { title: readySay('ready.benchTasks.strain'), minutes: 15 },
  twice: { title: readySay('ready.benchTasks.strain-twice'), minutes: 25 },
  cloth: { title: readySay('ready.benchTasks.strain-through-cloth'), minutes: 30 },
};

/**
 * Every step at the bench in order, from what runs or is cut to the last label and the residue.
 */
export function atTheBench(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  if (h.way === 'drain-off') runOut(list, h);
  if (cutsComb(h.way)) {
    const cut = cutTheComb(list, h, rules);
    if (h.honeyKg.high < NO_HONEY_KG) return;
    // The trimmings are crushed at once, while the pieces drip on the rack.
    list.goOnFrom(cut);
  }
  if (h.way === 'press') pressTheComb(list, h, rules);
  else if (crushesComb(h.way)) crushTheComb(list, h, rules);
  strainAndSettle(list, h, rules);
  fillAndLabel(list, h, rules);
  cleanUp(list, h, rules);
}

/** A super taken off, run out over its tray. */
function runOut(list: TaskList, h: HarvestToPlan): void {
  list.step({
    id: 'run',
    title: readySay('ready.benchTasks.run-out-over-tray'),
    note: readySay('ready.benchTasks.by-days-warmth'),
    where: 'bench',
    minutes: (at) => drainHours(at, h.climate, 'slice', h.moisturePercent) * 60,
    handsOnMinutes: 0,
    holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
  });
}

const isFrozenWhole = (h: HarvestToPlan, rules: HouseRules): boolean =>
  rules.freeze === 'whole' && h.freezerL > 0;

/** Into the freezer, whole or in pieces, and out again. */
function freezeAndThaw(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'freeze',
    title: readySay('ready.benchTasks.freeze-to-core'),
    note: readySay('ready.benchTasks.at-until-core-cold-and', {
      freezerTemperatureC: { temperatureC: rules.freezerTemperatureC },
    }),
    where: 'home',
    minutes: (at) =>
      freezeHours({
        ...(isFrozenWhole(h, rules)
          ? COMB_IN_THE_COLD
          : { packing: 'piece' as const, ...USUAL_PIECE }),
        startC: at.hour >= 8 && at.hour < 20 ? h.climate.dayC : h.climate.nightC,
        freezerC: rules.freezerTemperatureC,
      }).high * 60,
    handsOnMinutes: 5,
    people: 0,
    freezerL: h.freezerL,
  });
  list.step({
    id: 'thaw',
    title: readySay('ready.benchTasks.thaw-closed'),
    note: readySay('ready.benchTasks.in-its-wrap-so-that'),
    where: 'bench',
    minutes: () => 12 * 60,
    handsOnMinutes: 0,
  });
}

/** Comb cut, dripped, frozen, packed; gives the step after which its trimmings are crushed. */
function cutTheComb(list: TaskList, h: HarvestToPlan, rules: HouseRules): string[] {
  const frozenFirst = isFrozenWhole(h, rules);
  if (frozenFirst) freezeAndThaw(list, h, rules);
  list.step({
    id: 'cut',
    title:
      h.way === 'chunk'
        ? readySay('ready.benchTasks.cut-strips')
        : readySay('ready.benchTasks.cut-about-pieces', { pieces: h.pieces }),
    note: readySay('ready.benchTasks.sharp-dry-knife-away-from'),
    where: 'bench',
    ...hands(10 + (h.pieces + h.chunkJars) * rules.minutesPerPiece),
    scale: true,
  });
  const cut = list.last;
  if (h.way === 'cut')
    list.step({
      id: 'rack',
      title: readySay('ready.benchTasks.drip-on-rack'),
      note: readySay('ready.benchTasks.cut-edges-run-dry-under'),
      where: 'bench',
      minutes: () => 12 * 60,
      handsOnMinutes: 0,
    });
  list.step({
    id: 'pack',
    title: readySay('ready.benchTasks.pack-and-weigh-pieces'),
    note: readySay('ready.benchTasks.net-weight-each-to-scales'),
    where: 'bench',
    ...hands(10 + (h.pieces + h.chunkJars) * 1),
    scale: true,
  });
  if (!frozenFirst && h.freezerL > 0) freezeAndThaw(list, h, rules);
  if (h.pieces > 0)
    list.step({
      id: 'label-pieces',
      title: readySay('ready.benchTasks.label-pieces', { pieces: h.pieces }),
      note: readySay('ready.benchTasks.from-record-never-typed'),
      where: 'bench',
      ...hands(Math.max(5, h.pieces * 0.5)),
    });
  return cut;
}

/** Comb pressed alone. */
function pressTheComb(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'crush',
    title: readySay('ready.benchTasks.press'),
    note: readySay('ready.benchTasks.through-cloth-slowly-warm-comb'),
    where: 'bench',
    ...hands(10 + rules.minutesPerPressing),
    warmthC: WARM_ENOUGH_C,
    holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
  });
}

/** Comb broken up, drained with its stirs, closed, and pressed where that is the way. */
function crushTheComb(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  const method = crushMethodOf(h.way, rules, h.hiveKind);
  const cutOpen = isCutOpen(h.way, h.hiveKind);
  const broken = cutOpen ? readySay('ready.benchTasks.cut-combs-open') : BREAKING_WORDS[method];
  const word = cutsComb(h.way) ? readySay('ready.benchTasks.crush-trimmings') : broken;
  list.step({
    id: 'crush',
    title: word,
    note: together(
      readySay('ready.benchTasks.while-honey-still-hive-warm'),
      cutOpen && readySay('ready.benchTasks.across-cells-not-mashed-what'),
      paceText(h),
    ),
    where: 'bench',
    ...hands(10 + (h.crushMinutesPerKg === null ? h.combs * 5 : h.crushMinutesPerKg * h.combKg)),
    holds: { role: 'upper', litres: h.litres.upper, until: 'close-drain' },
  });
  list.step({
    id: 'drain',
    title: readySay('ready.benchTasks.drain-to-nine-tenths'),
    note: readySay('ready.benchTasks.by-kitchens-by-day-and', {
      dayC: { temperatureC: h.climate.dayC },
      nightC: { temperatureC: h.climate.nightC },
    }),
    where: 'bench',
    minutes: (at) => drainHours(at, h.climate, method, h.moisturePercent) * 60,
    handsOnMinutes: 0,
    holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
  });
  if (isStirred(method, rules))
    for (const n of stirsPlanned(rules))
      list.aside({
        id: `stir-${n}`,
        title:
          n === 1 ? readySay('ready.benchTasks.stir') : readySay('ready.benchTasks.stir-again'),
        note: readySay('ready.benchTasks.opens-what-still-closed'),
        where: 'bench',
        ...hands(5),
        after: ['crush'],
        whileRunning: { of: 'drain', afterMinutes: n * rules.stirEveryHours * 60 },
      });
  list.step({
    id: 'close-drain',
    title: readySay('ready.benchTasks.weigh-close-drain'),
    note: readySay('ready.benchTasks.by-flow-rate-you-decide'),
    where: 'bench',
    ...hands(15),
    scale: true,
  });
  if (h.way === 'drip-press')
    list.step({
      id: 'press',
      title: readySay('ready.benchTasks.press-rest'),
      note: readySay('ready.benchTasks.what-drained-put-aside-first'),
      where: 'bench',
      ...hands(rules.minutesPerPressing),
      warmthC: WARM_ENOUGH_C,
    });
}

/** Strained and settled. */
function strainAndSettle(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'strain',
    title: h.way === 'draw-pots' ? STRAINING.none.title : STRAINING[rules.strain].title,
    note: readySay('ready.benchTasks.covered-against-bees-and-damp'),
    where: 'bench',
    ...hands(STRAINING[rules.strain].minutes),
    warmthC: takesPots(h.way) ? undefined : WARM_ENOUGH_C,
  });
  if (!takesPots(h.way))
    list.step({
      id: 'settle',
      title: readySay('ready.benchTasks.settle-then-skim'),
      note: readySay('ready.benchTasks.until-scum-up-through-at', {
        max: { lengthMm: Math.max(1, Math.round(h.depthMm / 10)) * 10 },
      }),
      where: 'bench',
      minutes: (at) => settleHours(at, h.climate, h.depthMm, h.moisturePercent) * 60,
      handsOnMinutes: 5,
      people: 0,
      holds: { role: 'settling', litres: h.litres.out, until: 'jar' },
    });
}

/** Filled and labelled. */
function fillAndLabel(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'jar',
    title: readySay('ready.benchTasks.fill-jars', { jars: h.jars }),
    note: takesPots(h.way)
      ? readySay('ready.benchTasks.vented-lids-into-cold')
      : readySay('ready.benchTasks.measure-water-before-lids-go'),
    where: 'bench',
    ...hands(Math.max(10, h.jars * rules.minutesPerJar)),
    scale: true,
    warmthC: takesPots(h.way) ? undefined : WARM_ENOUGH_C,
  });
  if (h.jars > 0)
    list.step({
      id: 'label',
      title: readySay('ready.benchTasks.label-jars', { jars: h.jars }),
      note: readySay('ready.benchTasks.from-record-never-typed'),
      where: 'bench',
      ...hands(Math.max(5, h.jars * 0.5)),
    });
}

/** Gear and wax, at the end. */
function cleanUp(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'wash',
    title:
      rules.wetGear === 'wash'
        ? readySay('ready.benchTasks.wash-gear')
        : readySay('ready.benchTasks.gear-back-to-bees'),
    note: wetGearNote(h.hiveKind, rules),
    where: 'bench',
    ...hands(20),
  });
  if (!runsInPlace(h.way))
    list.step({
      id: 'residue',
      title: readySay('ready.benchTasks.wax-and-residue'),
      note: readySay('ready.benchTasks.rinse-melt-in-water-bath'),
      where: 'bench',
      ...hands(45),
    });
}
