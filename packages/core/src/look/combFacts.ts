import type { Shares } from '../records/vocabulary/combShapes.js';
import { hiveKind, isStingless } from '../hive/kinds.js';
import type { Hemisphere, HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import { daysBetween } from '../units/dates.js';
import type { Say } from '../say/say.js';
import type { ColonyState, Health } from './colonyState.js';

/** One drop from a comb, already turned into water content. */
export interface MoistureSample {
  side: 'A' | 'B';
  cells: 'open' | 'sealed';
  moisturePercent: number;
  /** The day it was drawn, YYYY-MM-DD. */
  on: string;
}
export interface SidesSeen {
  A: Shares | null;
  B: Shares | null;
}
/** Pots of a group, counted. */
export interface PotCounts {
  honeySealed: number;
  honeyOpen: number;
  pollen: number;
  empty: number;
}

/** Everything known that a comb is judged by. What nobody said is null and stays unknown. */
export interface CombFacts {
  kind: HiveKindName;
  /** The day of the judgement, YYYY-MM-DD at the site. */
  date: string;
  hemisphere: Hemisphere;
  rules: HouseRules;
  colony: ColonyState;
  comb: {
    builtOn: string | null;
    combAge: 'new' | 'used' | 'brood-used';
    straight: boolean | null;
    /** Drone share among brood cells where cells were painted. */
    droneShare: number | null;
    sides: SidesSeen;
    /** The day the sides were seen; null where they never were. */
    seenOn: string | null;
    /** What was seen of it from outside, a guess. */
    glimpse: Say | null;
    samples: readonly MoistureSample[];
    earlier: readonly { on: string; sides: SidesSeen }[];
    /** Honey in it, kg, best estimate; null where it was not reckoned. */
    honeyKg: number | null;
    pots: PotCounts | null;
    /** What is known of the health of colonies it hung with before. */
    carriedHealth: Health | null;
    /** Whether it hangs in the super that is kept for the bees. */
    reserved: boolean;
  };
  /**
   * Stores that would stay without this comb, counted low, against the need; a need of null was
   * never said.
   */
  stores: {
    staysLowKg: number;
    needKg: number | null;
    /**
     * Other combs that nobody read, and the most that one of them can hold, kg; none where left
     * out.
     */
    unreadCombs?: number;
    fullStoresKg?: number;
  } | null;
  humidPlace: boolean;
  /** Whether the site is noted as heather, whose honey is wetter by nature. */
  heather: boolean;
  /** When pots were last drawn from this colony; null where never. */
  potsDrawnOn: string | null;
}

export const drainsInPlace = (facts: Pick<CombFacts, 'kind'>): boolean =>
  hiveKind(facts.kind).drainsInPlace;

export interface ReadSide {
  side: 'A' | 'B';
  shares: Shares;
}
/** The sides that were seen. */
export const seenSides = (sides: SidesSeen): ReadSide[] =>
  (['A', 'B'] as const).flatMap((side) =>
    sides[side] === null ? [] : [{ side, shares: sides[side] }],
  );
/** Whether anything was seen of what this kind of hive is judged by. */
export const wasRead = (facts: CombFacts): boolean =>
  isStingless(facts.kind) ? facts.comb.pots !== null : seenSides(facts.comb.sides).length > 0;

/** Sum of one content over the sides seen. */
export const sumOf = (sides: readonly ReadSide[], content: keyof Shares): number =>
  sides.reduce((sum, s) => sum + s.shares[content], 0);
/** Capped share of the honey of one side; 0 where it holds none. */
export const cappedOfHoney = (shares: Shares): number =>
  shares.capped + shares.open > 0 ? shares.capped / (shares.capped + shares.open) : 0;

/**
 * Capped share of the honey over the sides seen, on the worse of those that hold any, and how high
 * the whole could be where a side was not seen.
 */
export function cappedShares(sides: readonly ReadSide[]): {
  all: number;
  worst: number;
  highest: number;
} {
  const capped = sumOf(sides, 'capped');
  const honey = capped + sumOf(sides, 'open');
  const all = honey > 0 ? capped / honey : 0;
  const withHoney = sides.filter((s) => s.shares.capped + s.shares.open > 0);
  const unseen = 2 - sides.length;
  return {
    all,
    worst: withHoney.length ? Math.min(...withHoney.map((s) => cappedOfHoney(s.shares))) : 0,
    highest: honey + unseen > 0 ? (capped + unseen) / (honey + unseen) : 0,
  };
}

/**
 * Water as far as it is known on the day: the wettest fresh sample, and whether the sampling rule
 * is met by them.
 */
export interface KnownWater {
  wettestPercent: number | null;
  on: string | null;
  count: number;
  openCount: number;
  /** Three samples from open cells of both sides (SCIENCE 1). */
  sampled: boolean;
  /** The wettest of samples too old to count, where none is fresh. */
  stale: { wettestPercent: number; on: string } | null;
}

/** One drop proves nothing: so many samples from open cells, of both sides (SCIENCE 1). */
export const LEAST_OPEN_SAMPLES = 3;

/**
 * What the samples of a comb say on the day: those older than the shelf life of water count no
 * longer.
 */
export function knownWater(facts: CombFacts): KnownWater {
  const { samples } = facts.comb;
  const fresh = samples.filter((s) => daysBetween(s.on, facts.date) <= facts.rules.shelfDays.water);
  const open = fresh.filter((s) => s.cells === 'open');
  const wettest = wettestOf(fresh);
  const old = fresh.length ? null : wettestOf(samples);
  return {
    wettestPercent: wettest?.moisturePercent ?? null,
    on: wettest?.on ?? null,
    count: fresh.length,
    openCount: open.length,
    sampled: open.length >= LEAST_OPEN_SAMPLES && new Set(open.map((s) => s.side)).size === 2,
    stale: old && { wettestPercent: old.moisturePercent, on: old.on },
  };
}

const wettestOf = (samples: readonly MoistureSample[]): MoistureSample | null =>
  samples.length
    ? samples.reduce((wet, s) => (s.moisturePercent > wet.moisturePercent ? s : wet))
    : null;

/**
 * Water above which honey is at risk whatever the caps say: Codex Alimentarius, 20 % in general, 23
 * % for heather (SCIENCE 5).
 */
export const WET_PERCENT = { general: 20, heather: 23 } as const;
export const wetLimitPercent = (facts: Pick<CombFacts, 'heather'>): number =>
  facts.heather ? WET_PERCENT.heather : WET_PERCENT.general;
