import { listSay } from '../records/vocabulary/listSays.js';
import { together, type Say } from '../say/say.js';
import { freezingSay } from './freezingSays.js';
import { firstOf } from '../units/known.js';
import { COLDER_BY_C, coreHours, mothCoreC, mothHoldHours, USUAL_PIECE } from '../comb/cooling.js';
import type { Packing, Pest } from '../records/vocabulary/pieces.js';
import type { Range } from '../units/format.js';
import { rangeOf } from '../units/ranges.js';

export const PEST_WORDS: Record<Pest, Say> = {
  moth: listSay('list.pest.moth'),
  beetle: listSay('list.pest.beetle'),
  both: listSay('list.pest.both'),
};

/** Core temperature and hours that end small hive beetle in comb (SCIENCE 8). */
const BEETLE = { coreC: -12, hours: 24 };
/**
 * Load of a domestic freezer in a day, as a share of its litres; above it, or pieces touching, the
 * core takes twice as long (SCIENCE 8).
 */
const LOAD_SHARE = 0.1;
/**
 * How near the room a core has to be before its wrap may come off: no more dew. A starting value.
 */
const DEW_MARGIN_C = 2;

export interface FreezingInput {
  pest: Pest;
  /** One piece, one comb standing by itself, or a whole box, which cools as one body. */
  packing: Packing;
  /**
   * Its sides, mm; null: a piece as it is usually packed, or a comb so large that its edges do not
   * count.
   */
  widthMm: number | null;
  heightMm: number | null;
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
  sentence: Say;
}

/**
 * A comb of which nobody knows the size: large enough that cold comes through its faces alone, mm.
 */
const LARGE_MM = 400;

/** The three sides of what stands in the cold, mm. */
function blockOf({ packing, widthMm, heightMm, thicknessMm }: Block) {
  const usual = packing === 'piece' ? USUAL_PIECE : { widthMm: LARGE_MM, heightMm: LARGE_MM };
  return {
    packing,
    widthMm: widthMm ?? usual.widthMm,
    heightMm: heightMm ?? usual.heightMm,
    depthMm: thicknessMm,
  };
}
type Block = Pick<FreezingInput, 'packing' | 'widthMm' | 'heightMm' | 'thicknessMm'>;

/** The core that ends the pest, °C, and how long it has to stay so. */
function coldFor(pest: Pest, freezerC: number): { coreC: number; holdHours: number } {
  if (pest === 'moth') {
    const coreC = mothCoreC(freezerC);
    return { coreC, holdHours: mothHoldHours(coreC)! };
  }
  // A core cold enough for beetle, for a day, has ended moth hours before.
  return { coreC: BEETLE.coreC, holdHours: BEETLE.hours };
}

/** Whole hours, from two days on whole days, never less than it takes. */
const upTo = (h: number): { hours: number } => ({
  hours: h < 48 ? Math.ceil(h) : Math.ceil(h / 24) * 24,
});

/**
 * A freezing plan for comb against pests: until the CORE is cold, then held, then thawed closed
 * (SCIENCE 8). Goes by the slow edge for what is said. A whole box cools as one body. Above a tenth
 * of the freezer's litres, or with pieces touching, cooling takes twice as long. Not possible where
 * the freezer is not cold enough for the pest.
 */
export function freezingPlan(input: FreezingInput): FreezingPlan {
  const { pest, freezerC, startC, roomC, litres, freezerL } = input;
  const { coreC, holdHours } = coldFor(pest, freezerC);
  const block = blockOf(input);
  const litresAtOnce = freezerL === null ? null : freezerL * LOAD_SHARE;
  const overloaded = !input.apart || (litresAtOnce !== null && litres > litresAtOnce + 1e-9);
  const cooling = coreHours({ ...block, startC, freezerC, targetC: coreC });
  const coolingHours = rangeOf((e) => cooling[e] * (overloaded ? 2 : 1));
  const freezeHours = rangeOf((e) => coolingHours[e] + holdHours);
  const thawHours = coreWarmingHours({ ...input, freezerC, roomC });
  const possible = freezerC <= coreC - COLDER_BY_C;
  const days =
    litresAtOnce === null || litresAtOnce === 0
      ? 1
      : Math.max(1, Math.ceil(litres / litresAtOnce - 1e-9));
  const sentence = possible
    ? together(
        freezingSay('freeze.plan', {
          all: upTo(freezeHours.high),
          core: { temperatureC: coreC },
          cooling: upTo(coolingHours.high),
          hold: upTo(holdHours),
          pest: PEST_WORDS[pest],
          thaw: upTo(thawHours.high),
        }),
        overloaded && freezingSay(input.apart ? 'freeze.overloaded' : 'freeze.touching'),
      )
    : tooWarm(pest, freezerC, coreC);
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

/** What a freezer that is too warm can still do, and what it cannot. */
function tooWarm(pest: Pest, freezerC: number, coreC: number): Say {
  const endsMoth = pest !== 'moth' && freezerC <= mothCoreC(freezerC) - COLDER_BY_C;
  return together(
    freezingSay('freeze.too-warm', {
      freezer: { temperatureC: freezerC },
      core: { temperatureC: coreC },
      pest: PEST_WORDS[pest],
    }),
    endsMoth && freezingSay('freeze.moth-alone'),
  );
}

/**
 * Hours until the core of frozen comb has come within two degrees of the room, closed in still air:
 * the same conduction as cooling, the other way round.
 */
export function coreWarmingHours(input: Block & { freezerC: number; roomC: number }): Range {
  const { freezerC, roomC } = input;
  if (freezerC >= roomC - DEW_MARGIN_C) return rangeOf(() => 0);
  return coreHours({
    ...blockOf(input),
    startC: freezerC,
    freezerC: roomC,
    targetC: roomC - DEW_MARGIN_C,
  });
}

/** How long, from which warmth on; the last holds for all that is cooler. */
const OUT_HOURS: readonly { fromC: number; hours: number }[] = [
  { fromC: 25, hours: 24 },
  { fromC: 18, hours: 48 },
  { fromC: 12, hours: 96 },
  { fromC: -Infinity, hours: 168 },
];

/**
 * Hours comb may lie outside the hive before moth and beetle have had their time: two days in the
 * warm, a week in the cool. Starting values, by practice.
 */
export function combOutHours(temperatureC: number): number {
  return firstOf(OUT_HOURS, ({ fromC }) => temperatureC >= fromC).hours;
}

/**
 * One harvest's run of an order of work: pieces that came under the knife or stood in the cold, and
 * those that cracked at each.
 */
export interface OrderRun {
  order: 'whole' | 'pieces';
  pieces: number;
  crackedCold: number;
  crackedKnife: number;
}

/**
 * The runs of a household, one a harvest that was frozen: pieces cracked under the knife count to
 * the order the harvest went by (the first freezing says it), those cracked in the cold as they
 * were counted at the freezer. Combs frozen whole count by the pieces cut of them afterwards;
 * without any they are no run yet.
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
/**
 * How much cracked by each order of work in this household, in the cold and under the knife; no
 * share where it was never tried.
 */
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
