import type { HouseRules } from '../records/houseRules.js';
import type { ChoiceUnit } from './choiceUnits.js';
import { wayIn } from '../records/vocabulary/waySays.js';
import type { Say, SayValue } from '../say/say.js';
import { chooseSay } from './says.js';
import { takesPots, type Way } from '../records/vocabulary/ways.js';

/** What lots are kept apart by, beside the way, which always parts them. */
export interface KeepApart {
  hive: boolean;
  box: boolean;
  /** By when the comb was built: this season's flow from what stood before. */
  season: boolean;
  /** Fully capped combs from those with open honey. */
  capped: boolean;
  /** Every comb or frame by itself. */
  comb: boolean;
}
export const KEEP_BY_HIVE: KeepApart = {
  hive: true,
  box: false,
  season: false,
  capped: false,
  comb: false,
};
/**
 * What lots are kept apart by the household's own rule. Whatever else parts them, hives stay apart
 * unless all is mixed. Colour is seen when comb is cut: it parts nothing before the bench.
 */
export function keepApartBy(lotsBy: HouseRules['lotsBy']): KeepApart {
  if (lotsBy === 'mixed') return { ...KEEP_BY_HIVE, hive: false };
  if (lotsBy === 'hive' || lotsBy === 'colour') return { ...KEEP_BY_HIVE };
  return { ...KEEP_BY_HIVE, [lotsBy]: true };
}
/** From this share of capped honey on a comb counts as capped when lots are parted by it. */
const CAPPED_LOT = 0.95;

export interface PlannedLot {
  key: string;
  way: Way;
  hiveIds: string[];
  units: ChoiceUnit[];
  /** Such as "Ipê 11, 12: crush and strain". */
  name: Say;
  /**
   * What cannot be told any more because hives, seasons or water were put together; empty where
   * nothing is lost.
   */
  lost: Say[];
}

/**
 * How near to the hand the outermost of these lies; -Infinity where they can be reached in any
 * order.
 */
const outermost = (units: readonly ChoiceUnit[]): number =>
  Math.max(...units.map((u) => u.order ?? -Infinity));

const builtWhen = (unit: ChoiceUnit, seasonStart: string): 'before' | 'this' =>
  unit.builtOn !== null && unit.builtOn < seasonStart ? 'before' : 'this';
const cappedOrOpen = (unit: ChoiceUnit): 'capped' | 'open' =>
  (unit.estimate?.cappedShareOfHoney ?? 0) >= CAPPED_LOT ? 'capped' : 'open';

/**
 * Parts what was chosen into lots: each goes one way into one vessel. They stand in the order they
 * are reached in the hive, which is the order of the visit. Takes the units with their ways and
 * what is kept apart; `seasonStart` (YYYY-MM-DD) parts old comb from new.
 */
export function planLots(
  chosen: readonly { unit: ChoiceUnit; way: Way }[],
  keep: KeepApart,
  seasonStart: string,
): PlannedLot[] {
  const lots = new Map<string, { way: Way; units: ChoiceUnit[] }>();
  for (const { unit, way } of chosen) {
    const key = [
      way,
      // Pots and frames that run in the hive cannot meet another hive's honey on the way.
      keep.hive || way === 'drain-hive' || takesPots(way) ? unit.hiveId : '',
      keep.box ? (unit.boxId ?? unit.hiveId) : '',
      keep.season ? builtWhen(unit, seasonStart) : '',
      keep.capped ? cappedOrOpen(unit) : '',
      keep.comb ? unit.id : '',
    ].join('|');
    lots.set(key, { way, units: [...(lots.get(key)?.units ?? []), unit] });
  }
  const asReached = [...lots].sort(([, a], [, b]) => {
    const [first, second] = [outermost(a.units), outermost(b.units)];
    return first === second ? 0 : second - first;
  });
  return asReached.map(([key, { way, units }]) => ({
    key,
    way,
    units,
    hiveIds: [...new Set(units.map((u) => u.hiveId))],
    name: chooseSay('choose.lot', { places: placesOf(units), way: wayIn(way) }),
    lost: whatIsLost(units, seasonStart),
  }));
}

function placesOf(units: readonly ChoiceUnit[]): SayValue {
  const hives = [...new Set(units.map((u) => u.hiveName))];
  const places = hives.map((hive) => {
    const labels = units.filter((u) => u.hiveName === hive).map((u) => u.label);
    return chooseSay('choose.lot-place', { hive, units: { and: labels } });
  });
  return { and: places };
}

const waterLost = (water: { mean: SayValue; top: SayValue }, unmeasured: number): Say =>
  unmeasured
    ? chooseSay('choose.lost.water-some', { ...water, unmeasured })
    : chooseSay('choose.lost.water', water);

/**
 * What putting these into one vessel costs: the jar that names its hive, one sick hive holding back
 * all, water averaged, seasons mixed.
 */
export function whatIsLost(units: readonly ChoiceUnit[], seasonStart: string): Say[] {
  const lost: Say[] = [];
  const hives = [...new Set(units.map((u) => u.hiveName))];
  if (hives.length > 1) lost.push(chooseSay('choose.lost.hive', { hives: { or: hives } }));
  const boxes = new Set(units.map((u) => u.boxId));
  if (hives.length === 1 && boxes.size > 1) lost.push(chooseSay('choose.lost.box'));
  const old = units.filter((u) => u.builtOn !== null && u.builtOn < seasonStart).length;
  if (old > 0 && old < units.length) lost.push(chooseSay('choose.lost.season'));
  const wet = units.flatMap((u) =>
    u.wettestPercent === null
      ? []
      : [{ percent: u.wettestPercent, kg: u.estimate?.honeyKg.mid ?? 0 }],
  );
  const unmeasured = units.length - wet.length;
  if (units.length > 1 && wet.length) {
    const kg = wet.reduce((sum, w) => sum + w.kg, 0);
    const mean = kg > 0 ? wet.reduce((sum, w) => sum + w.percent * w.kg, 0) / kg : wet[0].percent;
    const top = Math.max(...wet.map((w) => w.percent));
    if (top - mean > 0.3 || unmeasured)
      lost.push(waterLost({ mean: { percent: mean }, top: { percent: top } }, unmeasured));
  }
  return lost;
}
