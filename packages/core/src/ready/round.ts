import { filledShare } from '../comb/contents.js';
import { isStingless } from '../hive/kinds.js';
import type { HouseRules } from '../records/houseRules.js';
import type { BarView, BoxView, Hive } from '../records/hiveViews.js';
import { addDays, daysBetween } from '../units/dates.js';
import { vehicleTrips, allocateSpares } from './bringCounts.js';

/**
 * A box counts as full enough to want the next from this share on, and as begun from that. Starting
 * values.
 */
const [CROWDED, BEGUN] = [0.7, 0.05];
/** Filling slower than this a day says nothing of a day to come back. */
const LEAST_A_DAY = 0.002;
/** One comes back at the latest after so many days: what is foreseen further off is a guess. */
const FURTHEST_DAYS = 60;

/** What the looks of one hive say of its wish for a box or super. */
export interface BoxWish {
  hiveId: string;
  name: string;
  siteName: string;
  /** Empty boxes that stand on it already. */
  there: number;
  /**
   * Of the boxes with comb, the middle of what was seen filled, 0 to 1; null where nobody looked.
   */
  filledShare: number | null;
  seenOn: string | null;
  /** Share of its last box filled a day, by its last two looks; null while there are not two. */
  aDay: number | null;
  /** Boxes it should have in all beyond what it fills; null where nobody looked. */
  suggested: number | null;
  /** Sooner served: 2 in a strong flow, 1 in some, 0 else. */
  urgency: number;
}

/** The boxes of a hive that take honey: its supers, or in a stack without them all its boxes. */
function honeyBoxes(hive: Hive): BoxView[] {
  const supers = hive.boxes.filter((b) => b.compartment === 'super');
  return supers.length ? supers : hive.boxes;
}

const barsOf = (hive: Hive, box: BoxView): BarView[] =>
  hive.bars.filter((b) => b.boxId === box.carrierId);

/**
 * Share of a box that was seen filled on a day, over the combs that were read; null where none was.
 */
function filledOn(bars: readonly BarView[], until: string): number | null {
  const shares = bars.flatMap((bar) => {
    const look = bar.comb?.looks.filter((l) => l.date <= until).at(-1);
    const filled = look ? filledShare(look.sides) : null;
    return filled === null ? [] : [filled];
  });
  return shares.length ? shares.reduce((a, b) => a + b, 0) / shares.length : null;
}

/** Days on which combs of a box were looked at, from old to new. */
const daysSeen = (bars: readonly BarView[]): string[] =>
  [...new Set(bars.flatMap((b) => b.comb?.looks.map((l) => l.date) ?? []))].sort();

/**
 * How much of a box filled a day between its last two days of looks; null while there are not two.
 */
function filledADay(bars: readonly BarView[]): number | null {
  const days = daysSeen(bars);
  const [from, to] = days.slice(-2);
  if (!from || !to) return null;
  const [before, after] = [filledOn(bars, from), filledOn(bars, to)];
  return before === null || after === null ? null : (after - before) / daysBetween(from, to);
}

/**
 * What a hive in boxes wishes for on a day, by its looks. Takes the hive, its flow and the day,
 * YYYY-MM-DD. Null for a hive without boxes, without a colony, and for stingless bees.
 */
export function boxWish(
  hive: Hive,
  flow: 'strong' | 'some' | 'none' | null,
  extraSuper: HouseRules['extraSuper'] = 'by-flow',
): BoxWish | null {
  const stingless = isStingless(hive.kind);
  if (!hive.boxes.length || !hive.colony || hive.colony.endedOn || stingless) return null;
  const boxes = honeyBoxes(hive).map((box) => barsOf(hive, box));
  const withComb = boxes.filter((bars) => bars.some((b) => b.comb));
  const shares = withComb.map((bars) => filledOn(bars, '9999'));
  const seen = shares.filter((s) => s !== null);
  const empty = boxes.length - withComb.length + seen.filter((s) => s < BEGUN).length;
  const working = seen.filter((s) => s >= BEGUN);
  const filled = working.length ? working.reduce((a, b) => a + b, 0) / working.length : null;
  const crowded = seen.length === withComb.length && working.every((s) => s >= CROWDED);
  const last = [...withComb].sort((a, b) =>
    (daysSeen(b).at(-1) ?? '').localeCompare(daysSeen(a).at(-1) ?? ''),
  )[0];
  return {
    hiveId: hive.id,
    name: hive.name,
    siteName: hive.site.name,
    there: empty,
    filledShare: filled ?? (seen.length ? 0 : null),
    seenOn: withComb.flatMap(daysSeen).sort().at(-1) ?? null,
    aDay: last ? filledADay(last) : null,
    suggested: seen.length
      ? Number(crowded && working.length > 0 && flow !== 'none' && extraSuper !== 'crowd')
      : null,
    urgency: flow === 'strong' ? 2 : Number(flow === 'some'),
  };
}

export interface RoundHive extends BoxWish {
  /** What the person says it should get beyond what it fills. */
  need: number;
}
export interface RoundPlan {
  hives: (RoundHive & {
    /** Needs less what is there. */
    wants: number;
    gets: number;
    short: number;
    /**
     * When what it gets is likely crowded, at the pace it fills; null where its pace is not known.
     */
    backOn: string | null;
  })[];
  load: number;
  short: number;
  trips: ReturnType<typeof vehicleTrips>;
  /** The earliest day any of them wants the next. */
  backOn: string | null;
}

/** The day a box given today is crowded at this pace; null without one. */
function crowdedOn(aDay: number | null, today: string): string | null {
  if (aDay === null || aDay < LEAST_A_DAY) return null;
  return addDays(today, Math.min(FURTHEST_DAYS, Math.ceil(CROWDED / aDay)));
}

/**
 * A round of hives: what each wants is what it needs less what is there; what is in stock goes to
 * the most urgent first; how often the vehicle goes; the day to come back by how fast they fill.
 * Takes the hives with what the person said, the empty boxes in stock with litres and kilograms of
 * one, the vehicle, and the day.
 */
export function planRound(input: {
  hives: readonly RoundHive[];
  stock: number;
  box: { volumeL: number; weightKg: number };
  vehicle: { volumeL: number | null; weightKg: number | null };
  today: string;
}): RoundPlan {
  const wanting = input.hives.map((h) => ({ ...h, wants: Math.max(0, h.need - h.there) }));
  const served = allocateSpares(
    wanting.map((h) => ({ ...h, need: h.wants })),
    input.stock,
  );
  const hives = served.map((h, i) => ({
    ...h,
    need: input.hives[i].need,
    backOn: h.gets > 0 ? crowdedOn(h.aDay, input.today) : null,
  }));
  const load = hives.reduce((n, h) => n + h.gets, 0);
  return {
    hives,
    load,
    short: hives.reduce((n, h) => n + h.short, 0),
    trips: load
      ? vehicleTrips(
          Array.from({ length: load }, () => input.box),
          input.vehicle,
        )
      : null,
    backOn:
      hives
        .flatMap((h) => (h.backOn ? [h.backOn] : []))
        .sort()
        .at(0) ?? null,
  };
}
