import { hiveSay } from '../hive/says.js';
import type { Say } from '../say/say.js';
import { entryOf } from '../units/known.js';
import { type CombEstimate, correctedEstimate } from '../comb/estimate.js';
import { combStoresKg } from '../comb/stores.js';
import { compartmentShape, hiveKind, isLong } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import {
  BROOD_FRAME_KIND,
  type ColonyState,
  judgeBox,
  type JudgedComb,
  lastFlowOn,
  potsToSpare,
  standingAgainst,
} from '../look/index.js';
import type { Hive } from '../records/hiveViews.js';
import { drawnPots } from './drawnPots.js';
import { winterCase, type WinterCase } from '../rules/winter.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Range } from '../units/format.js';
import { NO_RANGE, rangeOf, sumRanges } from '../units/ranges.js';
import type { CombVerdict, Finding } from '../records/vocabulary/verdict.js';

/** One thing that goes one way: a comb, a frame, a whole box, or a group of pots. */
export interface ChoiceUnit {
  /** The comb's id; of a box the box's. */
  id: string;
  hiveId: string;
  hiveName: string;
  kind: HiveKindName;
  /** Whether its colony is gone: no nest to keep the rest in one block with. */
  dead: boolean;
  what: 'comb' | 'frame' | 'box' | 'pots';
  combIds: string[];
  slots: number[];
  label: Say | string;
  boxId: string | null;
  /**
   * Higher is taken first where the kind goes from one end: bars from the back, boxes from the top.
   * Null: any order.
   */
  order: number | null;
  estimate: CombEstimate | null;
  /** Winter stores in it, kg of honey equivalent. */
  storesKg: Range;
  /** What is lifted at once, kg: for a box with its wood. */
  liftKg: Range;
  verdict: Pick<CombVerdict, 'verdict' | 'headline' | 'decidedBy'>;
  /** Every question about it; of a box those about the comb that decides. */
  findings: Finding[];
  /** Findings that stand against taking it, the gravest first; empty where it may be taken. */
  against: Finding[];
  /** Sealed pots that may be drawn of a group; null for comb. */
  potsToDraw: number | null;
  hasBrood: boolean;
  /** Share of its faces that is capped, 0 to 1. */
  cappedArea: number;
  wettestPercent: number | null;
  combAge: 'new' | 'used' | 'brood-used';
  straight: boolean | null;
  builtOn: string | null;
}

/** One hive as the chooser sees it: its units and what its winter asks. */
export interface ChoiceHive {
  hiveId: string;
  name: string;
  kind: HiveKindName;
  units: ChoiceUnit[];
  /** Stores of all combs read, low edge, kg. */
  storesLowKg: number;
  winter: WinterCase;
  dead: boolean;
}

/** Several combs taken as one: sums of their ranges, the capped share by honey. Null of none. */
export const joinEstimates = (estimates: readonly CombEstimate[]): CombEstimate | null => {
  if (!estimates.length) return null;
  const honeyKg = sumRanges(estimates.map((e) => e.honeyKg));
  return {
    honeyKg,
    cappedHoneyKg: sumRanges(estimates.map((e) => e.cappedHoneyKg)),
    openHoneyKg: sumRanges(estimates.map((e) => e.openHoneyKg)),
    waxKg: sumRanges(estimates.map((e) => e.waxKg)),
    cappedShareOfHoney:
      honeyKg.mid > 0
        ? estimates.reduce((sum, e) => sum + e.cappedShareOfHoney * e.honeyKg.mid, 0) / honeyKg.mid
        : 0,
  };
};
const cappedAreaOf = (j: JudgedComb): number => {
  const sides = [j.seen?.sides.A, j.seen?.sides.B].filter((s) => s !== null && s !== undefined);
  return sides.length ? sides.reduce((sum, s) => sum + s.capped, 0) / sides.length : 0;
};
const broodIn = (j: JudgedComb): boolean =>
  (j.seen?.sides.A?.brood ?? 0) + (j.seen?.sides.B?.brood ?? 0) > 0;

/**
 * Wood of a box, kg: four walls of 18 to 30 mm at 0.40 to 0.65 kg/L, the range of common box timber
 * air dry. The household's own scale replaces it.
 */
function boxWoodKg(widthMm: number, depthMm: number): Range {
  const wallsDm2 = (4 * widthMm * depthMm) / 1e4;
  return rangeOf(
    (e) =>
      wallsDm2 * { low: 0.18, mid: 0.22, high: 0.3 }[e] * { low: 0.4, mid: 0.5, high: 0.65 }[e],
  );
}

/**
 * What can be chosen from a hive: comb by comb, or box by box where the household takes whole boxes
 * (a pile box always). Takes the hive, its combs as judged, what is known of its colony, the rules,
 * the kilograms of flow still counted on and the date.
 */
export function choiceHive(input: {
  hive: Hive;
  judged: readonly JudgedComb[];
  colony: ColonyState;
  rules: HouseRules;
  date: string;
  flowKg?: number;
  byBox?: boolean;
  /** What the household's scale says of its estimates; null: nothing yet. */ correction?: Range | null;
}): ChoiceHive {
  const { hive } = input;
  const factor = input.correction;
  const judged = factor
    ? input.judged.map((j) =>
        j.estimate ? { ...j, estimate: correctedEstimate(j.estimate, factor) } : j,
      )
    : input.judged;
  // Winter is counted low: a correction upward is no reason to leave less.
  const stores = new Map(
    input.judged.map((j, i) => {
      const [plain, mended] = [combStoresKg(j.estimate), combStoresKg(judged[i].estimate)];
      return [j.combId, { ...mended, low: Math.min(plain.low, mended.low) }] as const;
    }),
  );
  const kind = hiveKind(hive.kind);
  const builtOn = new Map(
    hive.bars.flatMap((b) => (b.comb ? [[b.comb.id, b.comb.builtOn] as const] : [])),
  );
  const whole = kind.boxesGoWhole || (kind.unitTaken === 'box' && input.byBox === true);
  const base = { hiveId: hive.id, hiveName: hive.name, kind: hive.kind, dead: input.colony.dead };
  const inBrood = new Set(
    hive.boxes.filter((b) => b.compartment === 'brood').map((b) => b.carrierId),
  );
  /** Of pots only those that can be spared are drawn. */
  const potsToDraw = (j: JudgedComb): number | null =>
    j.seen?.pots ? potsToSpare(j.seen.pots.honeySealed, input.rules.potsStayPercent) : null;
  const single = (j: JudgedComb): ChoiceUnit => ({
    ...base,
    ...(j.boxId !== null && inBrood.has(j.boxId) ? { kind: BROOD_FRAME_KIND } : {}),
    id: j.combId,
    what: kind.unitTaken === 'box' ? 'comb' : kind.unitTaken,
    combIds: [j.combId],
    slots: [j.slot],
    label: j.label,
    boxId: j.boxId,
    order: isLong(hive.kind) ? j.slot : null,
    estimate: j.seen?.pots ? drawnPots(j.seen.pots, input.rules) : j.estimate,
    potsToDraw: potsToDraw(j),
    storesKg: entryOf(stores, j.combId),
    liftKg: j.estimate ? sumRanges([j.estimate.honeyKg, j.estimate.waxKg]) : NO_RANGE,
    verdict: j.verdict,
    findings: j.verdict.findings,
    against: standingAgainst(j.verdict.findings),
    hasBrood: broodIn(j),
    cappedArea: cappedAreaOf(j),
    wettestPercent: j.verdict.wettestPercent,
    combAge: j.seen?.combAge ?? 'new',
    straight: j.seen?.straight ?? null,
    builtOn: builtOn.get(j.combId) ?? null,
  });
  const box = (boxId: string, number: number): ChoiceUnit => {
    const combs = judged.filter((j) => j.boxId === boxId);
    const says = judgeBox(combs);
    const brood = combs.some(broodIn);
    const shape = compartmentShape(hive.kind, hive.geometry, 'box');
    const estimate = joinEstimates(combs.flatMap((j) => (j.estimate ? [j.estimate] : [])));
    const wet = combs.flatMap((j) =>
      j.verdict.wettestPercent === null ? [] : [j.verdict.wettestPercent],
    );
    const worst = combs.find((j) => j.verdict.verdict === says.verdict) ?? combs[0];
    return {
      ...base,
      id: boxId,
      what: 'box',
      combIds: combs.map((j) => j.combId),
      slots: combs.map((j) => j.slot),
      label: hiveSay('hive.place', { where: hiveSay('hive.in-box'), number }),
      boxId,
      order: number,
      estimate,
      storesKg: sumRanges(combs.map((j) => entryOf(stores, j.combId))),
      liftKg: sumRanges([
        boxWoodKg(shape.innerWidthMm, shape.innerDepthMm),
        ...(estimate ? [estimate.honeyKg, estimate.waxKg] : []),
      ]),
      verdict: {
        verdict: says.verdict,
        headline: says.sentence,
        decidedBy: brood ? 'brood' : worst.verdict.decidedBy,
      },
      findings: worst.verdict.findings,
      against: combs.flatMap((j) => standingAgainst(j.verdict.findings)),
      potsToDraw: null,
      hasBrood: brood,
      cappedArea: combs.reduce((sum, j) => sum + cappedAreaOf(j), 0) / combs.length,
      wettestPercent: wet.length ? Math.max(...wet) : null,
      combAge: combs.some((j) => j.seen?.combAge === 'brood-used') ? 'brood-used' : 'new',
      straight: null,
      builtOn: builtOn.get(combs[0].combId) ?? null,
    };
  };
  const units = whole
    ? hive.boxes
        .filter((b) => judged.some((j) => j.boxId === b.carrierId))
        .map((b) => box(b.carrierId, b.number))
    : judged.map(single);
  const strength = input.colony.strength?.strength ?? null;
  const winter = winterCase({
    rules: input.rules,
    kind: hive.kind,
    strength,
    flowKg: input.flowKg ?? 0,
    date: input.date,
    lastFlowOn: lastFlowOn(input.colony),
  });
  return {
    hiveId: hive.id,
    name: hive.name,
    kind: hive.kind,
    units,
    dead: input.colony.dead,
    storesLowKg: units.reduce((sum, u) => sum + u.storesKg.low, 0),
    // A colony that is gone has no winter ahead.
    winter: input.colony.dead ? { needKg: null, hardKg: null, months: [], flowKg: 0 } : winter,
  };
}
