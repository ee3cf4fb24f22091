import { coreCoolingHours, mothHoldHours } from '../comb/cooling.js';
import type { Range } from '../units/format.js';
import { rangeOf } from '../units/ranges.js';

export const PESTS = ['moth', 'beetle', 'both'] as const;
export type Pest = (typeof PESTS)[number];
export const PEST_WORDS: Record<Pest, string> = {
  moth: 'wax moth',
  beetle: 'small hive beetle',
  both: 'wax moth and small hive beetle',
};

/** Core temperature and hours that end small hive beetle in comb (SCIENCE 8). */
const BEETLE = { coreC: -12, hours: 24 };
/** Load of a domestic freezer in a day, as a share of its litres; above it, or pieces touching, the core takes twice as long (SCIENCE 8). */
const LOAD_SHARE = 0.1;
/** How near the room a core has to be before its wrap may come off: no more dew. A starting value. */
const DEW_MARGIN_C = 2;

export interface FreezingInput {
  pest: Pest;
  /** One piece or one comb, mm; whole combs standing apart count as one comb. */
  thicknessMm: number;
  apart: boolean;
  /** Litres that go in at once, and of the freezer; null: not said. */
  litres: number;
  freezerL: number | null;
  freezerC: number;
  startC: number;
  roomC: number;
}
export interface FreezingPlan {
  possible: boolean;
  coolingHours: Range;
  holdHours: number;
  /** Until it may come out, and from then until it may be unwrapped. */
  freezeHours: Range;
  thawHours: Range;
  /** The core that is waited for, °C. */
  coreC: number;
  /** Goes in at once by the tenth; more waits for the next day. */
  litresAtOnce: number | null;
  days: number;
  sentence: string;
}

const hours = (h: number): string => (h < 48 ? `${Math.ceil(h)} h` : `${Math.ceil(h / 24)} days`);

/**
 * A freezing plan for comb against pests: until the CORE is cold, then held, then thawed closed (SCIENCE 8). Goes by
 * the slow edge for what is said. Above a tenth of the freezer's litres, or with pieces touching, cooling takes twice
 * as long. Not possible where the freezer is not cold enough for the pest.
 */
export function freezingPlan(input: FreezingInput): FreezingPlan {
  const { pest, thicknessMm, freezerC, startC, roomC, litres, freezerL } = input;
  const coreC = pest === 'moth' ? Math.max(-12, freezerC + 2) : BEETLE.coreC;
  const moth = mothHoldHours(coreC);
  const holdHours =
    pest === 'moth'
      ? (moth ?? Infinity)
      : pest === 'beetle'
        ? BEETLE.hours
        : Math.max(BEETLE.hours, moth ?? Infinity);
  const litresAtOnce = freezerL === null ? null : freezerL * LOAD_SHARE;
  const overloaded = !input.apart || (litresAtOnce !== null && litres > litresAtOnce + 1e-9);
  const cooling = coreCoolingHours({ thicknessMm, startC, freezerC, coreC });
  const coolingHours = rangeOf((e) => cooling[e] * (overloaded ? 2 : 1));
  const freezeHours = rangeOf((e) => coolingHours[e] + holdHours);
  const thawHours = coreWarmingHours({ thicknessMm, freezerC, roomC });
  const possible = Number.isFinite(freezeHours.high) && freezerC <= coreC - 1;
  const days =
    litresAtOnce === null || litresAtOnce === 0
      ? 1
      : Math.max(1, Math.ceil(litres / litresAtOnce - 1e-9));
  const sentence = !possible
    ? `A freezer at ${freezerC} °C does not get the core to ${coreC} °C: colder, or another freezer.`
    : `${hours(freezeHours.high)} in the freezer: core at ${coreC} °C after at most ${hours(coolingHours.high)}, then ${hours(holdHours)} for ${PEST_WORDS[pest]}. Then ${hours(thawHours.high)} closed, so that water settles on the wrap and not on the comb.${overloaded ? ` ${input.apart ? 'More than a tenth of the freezer at once' : 'Pieces that touch'}: it takes twice as long.` : ''}`;
  return {
    possible,
    coolingHours,
    holdHours,
    freezeHours,
    thawHours,
    coreC,
    litresAtOnce,
    days,
    sentence,
  };
}

/**
 * Hours until the core of a frozen slab has come within two degrees of the room, closed in still air: the same
 * conduction as cooling, the other way round.
 */
export function coreWarmingHours(input: {
  thicknessMm: number;
  freezerC: number;
  roomC: number;
}): Range {
  // Mirrored about the room: what cools from the room's mirror image to two degrees above it takes as long.
  const { thicknessMm, freezerC, roomC } = input;
  if (freezerC >= roomC - DEW_MARGIN_C) return rangeOf(() => 0);
  return coreCoolingHours({
    thicknessMm,
    startC: 2 * roomC - freezerC,
    freezerC: roomC,
    coreC: roomC + DEW_MARGIN_C,
  });
}

/** Hours comb may lie outside the hive before moth and beetle have had their time: two days in the warm, a week in the cool. Starting values, by practice. */
export function combOutHours(temperatureC: number): number {
  return temperatureC >= 25 ? 24 : temperatureC >= 18 ? 48 : temperatureC >= 12 ? 96 : 168;
}

/** One harvest's run of an order of work: pieces that came under the knife or stood in the cold, and those that cracked at each. */
export interface OrderRun {
  order: 'whole' | 'pieces';
  pieces: number;
  crackedCold: number;
  crackedKnife: number;
}

/**
 * The runs of a household, one a harvest that was frozen: pieces cracked under the knife count to the order the
 * harvest went by (the first freezing says it), those cracked in the cold as they were counted at the freezer. Combs
 * frozen whole count by the pieces cut of them afterwards; without any they are no run yet.
 */
export function orderRuns(
  keepings: readonly {
    batchId: string;
    kind: string;
    order: 'whole' | 'pieces';
    pieces: number;
    cracked: number;
    startedAt: string;
    endedAt: string | null;
  }[],
  pieces: readonly { batchId: string; state: string }[],
): OrderRun[] {
  const frozen = keepings
    .filter((k) => k.kind === 'freeze' && k.endedAt)
    .sort((a, b) => a.startedAt.localeCompare(b.startedAt));
  return [...new Set(frozen.map((k) => k.batchId))].flatMap((batchId) => {
    const own = frozen.filter((k) => k.batchId === batchId);
    const { order } = own[0];
    const tried = pieces.filter((p) => p.batchId === batchId && p.state !== 'planned');
    const inTheCold = order === 'pieces' ? own.reduce((n, k) => n + k.pieces, 0) : 0;
    const all = Math.max(tried.length, inTheCold);
    return all
      ? [
          {
            order,
            pieces: all,
            crackedCold: own.reduce((n, k) => n + k.cracked, 0),
            crackedKnife: tried.filter((p) => p.state === 'cracked').length,
          },
        ]
      : [];
  });
}

export interface OrderCompared {
  order: 'whole' | 'pieces';
  pieces: number;
  crackedCold: number;
  crackedKnife: number;
  share: number | null;
}
/** How much cracked by each order of work in this household, in the cold and under the knife; no share where it was never tried. */
export function orderCompared(runs: readonly OrderRun[]): OrderCompared[] {
  return (['whole', 'pieces'] as const).map((order) => {
    const own = runs.filter((r) => r.order === order);
    const total = (of: (r: OrderRun) => number): number => own.reduce((n, r) => n + of(r), 0);
    const [pieces, crackedCold, crackedKnife] = [
      total((r) => r.pieces),
      total((r) => r.crackedCold),
      total((r) => r.crackedKnife),
    ];
    return {
      order,
      pieces,
      crackedCold,
      crackedKnife,
      share: pieces > 0 ? (crackedCold + crackedKnife) / pieces : null,
    };
  });
}
