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
  const fit = between(1, 6, Math.floor(STIRRED_FOR_HOURS / rules.stirEveryHours));
  return Array.from({ length: rules.stirs === 'twice' ? 2 : fit }, (_, i) => i + 1);
}

/** Straining, pressing and filling ask for honey that runs: a starting value, °C at the bench. */
const WARM_ENOUGH_C = 18;

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
    title: 'Run out over the tray',
    note: "By the day's warmth.",
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
    title: 'Freeze to the core',
    note: `At ${rules.freezerTemperatureC} °C until the core is cold and has stayed so: moth in every stage is ended.`,
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
    title: 'Thaw, closed',
    note: 'In its wrap, so that water settles on the wrap and not on the comb.',
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
    title: h.way === 'chunk' ? 'Cut the strips' : `Cut about ${h.pieces} pieces`,
    note: 'A sharp dry knife; away from the hand.',
    where: 'bench',
    ...hands(10 + (h.pieces + h.chunkJars) * rules.minutesPerPiece),
    scale: true,
  });
  const cut = list.last;
  if (h.way === 'cut')
    list.step({
      id: 'rack',
      title: 'Drip on the rack',
      note: 'Cut edges run dry; under a cover against bees and damp.',
      where: 'bench',
      minutes: () => 12 * 60,
      handsOnMinutes: 0,
    });
  list.step({
    id: 'pack',
    title: 'Pack and weigh the pieces',
    note: "Net weight of each, to the scale's step.",
    where: 'bench',
    ...hands(10 + (h.pieces + h.chunkJars) * 1),
    scale: true,
  });
  if (!frozenFirst && h.freezerL > 0) freezeAndThaw(list, h, rules);
  if (h.pieces > 0)
    list.step({
      id: 'label-pieces',
      title: `Label ${h.pieces} pieces`,
      note: 'From the record, never typed.',
      where: 'bench',
      ...hands(Math.max(5, h.pieces * 0.5)),
    });
  return cut;
}

/** Comb pressed alone. */
function pressTheComb(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'crush',
    title: 'Press',
    note: 'Through cloth, slowly; warm comb presses better.',
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
  const broken = cutOpen ? 'Cut the combs open' : BREAKING_WORDS[method];
  const word = cutsComb(h.way) ? 'Crush the trimmings' : broken;
  list.step({
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
    ...hands(10 + (h.crushMinutesPerKg === null ? h.combs * 5 : h.crushMinutesPerKg * h.combKg)),
    holds: { role: 'upper', litres: h.litres.upper, until: 'close-drain' },
  });
  list.step({
    id: 'drain',
    title: 'Drain to nine tenths',
    note: `By the kitchen's ${h.climate.dayC.toFixed(0)} °C by day and ${h.climate.nightC.toFixed(0)} °C by night, at the slow edge.`,
    where: 'bench',
    minutes: (at) => drainHours(at, h.climate, method, h.moisturePercent) * 60,
    handsOnMinutes: 0,
    holds: { role: 'lower', litres: h.litres.out, until: 'strain' },
  });
  if (isStirred(method, rules))
    for (const n of stirsPlanned(rules))
      list.aside({
        id: `stir-${n}`,
        title: n === 1 ? 'Stir' : 'Stir again',
        note: 'Opens what is still closed.',
        where: 'bench',
        ...hands(5),
        after: ['crush'],
        whileRunning: { of: 'drain', afterMinutes: n * rules.stirEveryHours * 60 },
      });
  list.step({
    id: 'close-drain',
    title: 'Weigh, close the drain',
    note: 'By the flow rate: you decide.',
    where: 'bench',
    ...hands(15),
    scale: true,
  });
  if (h.way === 'drip-press')
    list.step({
      id: 'press',
      title: 'Press the rest',
      note: 'What drained is put aside first: pressed honey is cloudier.',
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
    note: 'Covered against bees and damp.',
    where: 'bench',
    ...hands(STRAINING[rules.strain].minutes),
    warmthC: takesPots(h.way) ? undefined : WARM_ENOUGH_C,
  });
  if (!takesPots(h.way))
    list.step({
      id: 'settle',
      title: 'Settle, then skim',
      note: `Until the scum is up through ${Math.max(1, Math.round(h.depthMm / 10))} cm, at the slow edge.`,
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
    list.step({
      id: 'label',
      title: `Label ${h.jars} ${h.jars === 1 ? 'jar' : 'jars'}`,
      note: 'From the record, never typed.',
      where: 'bench',
      ...hands(Math.max(5, h.jars * 0.5)),
    });
}

/** Gear and wax, at the end. */
function cleanUp(list: TaskList, h: HarvestToPlan, rules: HouseRules): void {
  list.step({
    id: 'wash',
    title: rules.wetGear === 'wash' ? 'Wash the gear' : 'Gear back to the bees',
    note: wetGearNote(h.hiveKind, rules),
    where: 'bench',
    ...hands(20),
  });
  if (!runsInPlace(h.way))
    list.step({
      id: 'residue',
      title: 'Wax and residue',
      note: 'Rinse, melt in a water bath, or freeze until the next melting: moth finds wet wax.',
      where: 'bench',
      ...hands(45),
    });
}
