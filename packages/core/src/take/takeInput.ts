import { hiveKind, readShape } from '../hive/kinds.js';
import { BROOD_FRAME_KIND, estimateSeen, forageAt, siteDate, stateAt } from '../look/index.js';
import type { BatchDetail } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { sumRanges } from '../units/ranges.js';
import { wasOpenedUnsmoked } from './progress.js';
import type { TakeInput } from './step.js';
import type { InVisit } from './visit.js';
import { runsInPlace } from '../records/vocabulary/ways.js';

/** Boxes, bars and frames weigh something too: kg of a box without comb, a starting value. */
const BOX_WOOD_KG = 3;
/** Bees that are still in a box when it is lifted, kg: a starting value. */
const BOX_BEES_KG = 1;

/**
 * One box as it is lifted, kg at the high end: wood, bees and every comb in it; null where one was
 * never looked at.
 */
function boxKg(hive: BatchDetail['hive'], number: number): number | null {
  const combs = hive.bars.flatMap((b) =>
    Math.floor(b.slot / 100) === number && b.comb ? [b.comb] : [],
  );
  const estimates = combs.map((comb) => {
    const look = comb.looks.at(-1);
    return look ? estimateSeen(look, hive) : null;
  });
  if (estimates.some((e) => e === null)) return null;
  const bees = hive.colony ? BOX_BEES_KG : 0;
  return sumRanges(estimates.flatMap((e) => [e!.honeyKg, e!.waxKg])).high + BOX_WOOD_KG + bees;
}

/**
 * Places of a batch's combs, hive-wide numbers, in the order they were chosen; those whose place
 * nobody knows are left out.
 */
export function placesOf(
  detail: Pick<BatchDetail, 'batch' | 'hive' | 'looks' | 'takes'>,
): { combId: string; slot: number }[] {
  const now = new Map(
    detail.hive.bars.flatMap((b) => (b.comb ? [[b.comb.id, b.slot] as const] : [])),
  );
  const seen = new Map(detail.looks.map((l) => [l.combId, l.slot]));
  const taken = new Map(detail.takes.map((t) => [t.combId, t.slot]));
  return detail.batch.combIds
    .map((combId) => ({
      combId,
      slot: taken.get(combId) || now.get(combId) || seen.get(combId) || 0,
    }))
    .filter((p) => p.slot > 0);
}

const AT_THE_HIVE = ['ready', 'take'];
/**
 * Where a harvest stands among the others of its visit: what left the hive unshut keeps it open for
 * the next.
 */
function inVisit(others: BatchDetail['sameVisit']): InVisit {
  return {
    hiveOpen: others.some((o) => !AT_THE_HIVE.includes(o.stage) && o.leftOpen),
    moreToCome: others.some((o) => AT_THE_HIVE.includes(o.stage)),
  };
}

/**
 * Everything the steps of one harvest are made from. Takes the harvest with its hive, the house
 * rules and today's instant.
 */
export function takeInputOf(detail: BatchDetail, rules: HouseRules, nowIso: string): TakeInput {
  const { batch, hive } = detail;
  const places = placesOf(detail);
  const state = stateAt(hive, nowIso, rules);
  const slots = places.map((p) => p.slot);
  const kind = hiveKind(hive.kind);
  const taken = new Set(detail.takes.map((t) => t.slot));
  const numbers = [...new Set(slots.filter((s) => s >= 100).map((s) => Math.floor(s / 100)))];
  // A box is taken whole where nothing of it stays: what is gone already does not count.
  const wholeBoxes =
    kind.unitTaken === 'box'
      ? numbers.filter((n) =>
          hive.bars.every(
            (b) =>
              Math.floor(b.slot / 100) !== n ||
              !b.comb ||
              slots.includes(b.slot) ||
              taken.has(b.slot),
          ),
        )
      : [];
  const looks = places.map((p) => detail.looks.filter((l) => l.combId === p.combId).at(-1) ?? null);
  const sheet = (hive.geometry as Record<string, unknown>).sheet;
  return {
    // Frames of an opened brood box are cut out and crushed like any framed comb.
    kind: kind.drainsInPlace && !runsInPlace(batch.method) ? BROOD_FRAME_KIND : hive.kind,
    way: batch.method,
    places: slots,
    lastCombPlace: Math.max(0, ...slots, ...hive.bars.filter((b) => b.comb).map((b) => b.slot)),
    wholeBoxes,
    rules,
    temper: state.dead ? null : (state.temper?.temper ?? null),
    visit: inVisit(detail.sameVisit),
    unsmoked: wasOpenedUnsmoked(detail.marks),
    alive: !state.dead && hive.colony !== null,
    dearth: !state.dead && forageAt(hive, state, nowIso) === 'dearth',
    siteNotes: hive.site.notes,
    sheet: sheet === 'none' || sheet === 'starter' || sheet === 'plastic' ? sheet : null,
    unseen: places
      .filter((_, i) => {
        const l = looks[i];
        return !l || !l.sides.A || !l.sides.B;
      })
      .map((p) => p.slot),
    excluder: state.excluder?.fitted ?? false,
    tiltDegrees: state.tilt?.degrees ?? null,
    tiltIsToday: state.tilt?.on === siteDate(hive, nowIso),
    supportsMm: Math.round(readShape(hive).outline.topWidthMm + 60),
    floor: state.floor?.floor ?? null,
    boxKg: Object.fromEntries(numbers.map((n) => [n, boxKg(hive, n)])),
  };
}
