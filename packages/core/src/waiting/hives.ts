import { faceShares, unpackFace } from '../comb/face.js';
import type { JarKindRecord, RulesVersion } from '../records/views.js';
import type { Batch } from '../records/harvestViews.js';
import type { BarView, BoxView, CombView, Hive, Look } from '../records/hiveViews.js';
import type { NewLook } from '../records/look.js';
import { combStays } from '../records/vocabulary/ways.js';
import { weighsOut } from '../records/vocabulary/outcomes.js';
import { placeNumber } from '../hive/kinds.js';
import { judgedLook } from '../look/index.js';
import { isOfBox, withBox } from './boxes.js';
import type { WaitingEntry } from './entries.js';

/**
 * What entries are shown by: the rules in force, the harvests they may belong to, and the boxes that
 * pieces are cut for.
 */
export interface Known {
  rules: Pick<RulesVersion, 'rules' | 'version'>;
  batches: readonly Pick<Batch, 'id' | 'method'>[];
  jars: readonly JarKindRecord[];
}

/**
 * The hives with what waits on the device written on them: looks judged as the house judges them,
 * facts of the colony, bars and boxes that were moved, combs that were taken out. Takes what was read
 * of the house; gives new hives where something waits, the same ones elsewhere.
 */
export const hivesWith = (
  hives: readonly Hive[],
  entries: readonly WaitingEntry[],
  known: Known,
): Hive[] => hives.map((hive) => hiveWith(hive, entries, known));

export const hiveWith = (hive: Hive, entries: readonly WaitingEntry[], known: Known): Hive =>
  entries.reduce((now, entry) => withEntry(now, entry, known), hive);

function withEntry(hive: Hive, entry: WaitingEntry, known: Known): Hive {
  if (isOfBox(entry)) return withBox(hive, entry);
  switch (entry.path) {
    case '/looks':
      return withLook(hive, entry.payload, entry.occurredAt, known);
    case '/looks/several':
      return entry.payload.looks.reduce(
        (now, look) => withLook(now, look, entry.occurredAt, known),
        hive,
      );
    case '/colonyFacts':
      return withFact(hive, entry.payload);
    case '/orders':
      return withOrder(hive, entry.payload);
    case '/takes':
      return weighsOut(entry.payload.outcome)
        ? without(hive, [entry.payload.combId], entry.payload.batchId, known)
        : hive;
    case '/boxTakes':
      return without(hive, entry.payload.combIds, entry.payload.batchId, known);
    default:
      return hive;
  }
}

/** A look as the house keeps it; its cells stay with what waits until they are sent. */
export function lookOf(
  hive: Hive,
  look: NewLook,
  occurredAt: string,
  { rules, version }: Known['rules'],
): Look | null {
  const counted = { ...look, sides: sidesOf(look) };
  const judged = judgedLook(hive, counted, rules, occurredAt);
  if (!judged) return null;
  const { faces, ...seen } = counted;
  return {
    ...seen,
    ...judged,
    occurredAt,
    painted: { A: faces.A !== null, B: faces.B !== null },
    rulesVersion: version,
    revision: 1,
  };
}

/** Shares of both sides: counted from the cells where there are any, else as they were said. */
const sidesOf = ({ faces, sides }: NewLook): NewLook['sides'] => ({
  A: faces.A ? faceShares(unpackFace(faces.A).cells) : sides.A,
  B: faces.B ? faceShares(unpackFace(faces.B).cells) : sides.B,
});

function withLook(hive: Hive, look: NewLook, occurredAt: string, known: Known): Hive {
  const hasIt = hive.bars.some(({ comb }) => comb?.looks.some(({ id }) => id === look.id));
  const seen = hasIt ? null : lookOf(hive, look, occurredAt, known.rules);
  if (!seen) return hive;
  const on = (comb: CombView): CombView => ({
    ...comb,
    emptied: null,
    looks: [...comb.looks, seen],
  });
  return {
    ...hive,
    lastLookOn: seen.date,
    bars: hive.bars.map((bar) =>
      bar.comb?.id === look.combId ? withComb(bar, on(bar.comb)) : bar,
    ),
  };
}

const withComb = (bar: BarView, comb: CombView | null): BarView => ({ ...bar, comb });

function withFact(
  hive: Hive,
  { id, colonyId, on, fact }: Extract<WaitingEntry, { path: '/colonyFacts' }>['payload'],
): Hive {
  const { colony } = hive;
  if (colony?.id !== colonyId || colony.facts.some((known) => known.id === id)) return hive;
  return { ...hive, colony: { ...colony, facts: [...colony.facts, { id, on, fact }] } };
}

const bySlot = (bars: readonly BarView[]): BarView[] => [...bars].sort((a, b) => a.slot - b.slot);

/** A bar at another place of its box, or of the file. */
const at = (bar: BarView, place: number, box: BoxView | null): BarView => ({
  ...bar,
  inBox: place,
  slot: placeNumber(box?.number ?? null, place),
});

/**
 * Bars of a box, or of the file, in a new order. One that was changed meanwhile stays as it is: the
 * house refuses the order, too.
 */
function withOrder(
  hive: Hive,
  { hiveId, boxId, carrierIds }: Extract<WaitingEntry, { path: '/orders' }>['payload'],
): Hive {
  const isOfIt = (bar: BarView): boolean => bar.boxId === boxId;
  const moved = hive.bars.filter(isOfIt);
  const fits =
    moved.length === carrierIds.length &&
    moved.every(({ carrierId }) => carrierIds.includes(carrierId));
  if (hive.id !== hiveId || !fits) return hive;
  const box = hive.boxes.find(({ carrierId }) => carrierId === boxId) ?? null;
  // The order runs from the first place on; a turned box shows its places from the other end.
  const shown = box?.turned ? [...carrierIds].reverse() : carrierIds;
  const inOrder = moved.map((bar) => at(bar, shown.indexOf(bar.carrierId) + 1, box));
  return { ...hive, bars: bySlot([...hive.bars.filter((bar) => !isOfIt(bar)), ...inOrder]) };
}

/** What is cut out hangs there no more; what runs or is drawn off in place goes on living. */
function without(hive: Hive, combIds: readonly string[], batchId: string, known: Known): Hive {
  const batch = known.batches.find(({ id }) => id === batchId);
  if (!batch || combStays(batch.method)) return hive;
  const isOut = ({ comb }: BarView): boolean => comb !== null && combIds.includes(comb.id);
  if (!hive.bars.some(isOut)) return hive;
  return { ...hive, bars: hive.bars.map((bar) => (isOut(bar) ? withComb(bar, null) : bar)) };
}
