import { tell } from '../words/tell.js';
import {
  compartmentShape,
  CELL_MM,
  EMPTY_SHARES,
  bandCells,
  classOf,
  faceLattice,
  faceShares,
  fillOrder,
  mirrorFace,
  packFace,
  readShape,
  seenOutline,
  unpackFace,
  type Hive,
  type NewLook,
  type Seen,
  type SeenBy,
  type Shares,
  type StoredFace,
  type CombPlace,
} from '@furrow/core';

/** A look being made: kept on this device until it is written down or put down. */
export interface LookDraft {
  combId: string;
  A: Shares | null;
  B: Shares | null;
  faces: { A: StoredFace | null; B: StoredFace | null };
  seenBy: { A: SeenBy | null; B: SeenBy | null };
  photos: { A: string | null; B: string | null };
  pane: NewLook['pane'];
  attachment: NewLook['attachment'];
  pots: NewLook['pots'];
  straight: boolean | null;
  readings: NewLook['readings'];
  combAge: Seen['combAge'];
  depthMm: number;
  thicknessMm: number;
  /** What was put aside because something newer contradicts it. */
  said: string | null;
}
export type Side = 'A' | 'B';
export const otherSide = (side: Side): Side => (side === 'A' ? 'B' : 'A');

/** A look begun from what is known of the comb's measures; its sides are not seen until touched. */
export function beginDraft(hive: Hive, bar: CombPlace): LookDraft {
  const { comb } = bar;
  const last = comb.looks.at(-1) ?? null;
  const box = hive.boxes.find((b) => b.carrierId === bar.boxId);
  const inBrood = box?.compartment === 'brood';
  const shape = inBrood ? compartmentShape(hive.kind, hive.geometry, 'brood') : readShape(hive);
  return {
    combId: comb.id,
    A: null,
    B: null,
    faces: { A: null, B: null },
    seenBy: { A: null, B: null },
    photos: { A: null, B: null },
    pane: null,
    attachment: null,
    pots: null,
    straight: last?.straight ?? null,
    readings: [],
    combAge: last?.combAge ?? (inBrood ? 'brood-used' : 'new'),
    depthMm: last?.depthMm ?? shape.outline.depthMm,
    thicknessMm: last?.thicknessMm ?? shape.thicknessMm,
    said: null,
  };
}

/**
 * A look at another comb that looks like one that was read. Only what was seen in general is said
 * of it: no cells, no photo, no sample, no measures.
 */
export const beginAlike = (read: LookDraft, hive: Hive, bar: CombPlace): LookDraft => ({
  ...beginDraft(hive, bar),
  A: read.A && { ...read.A },
  B: read.B && { ...read.B },
  seenBy: { ...read.seenBy },
  pane: read.pane,
  attachment: read.attachment,
});
/** Whether something was seen that another comb can be like. */
export const tellsOfOthers = (d: LookDraft): boolean =>
  Boolean(d.A ?? d.B ?? d.pane ?? d.attachment);

/** A draft kept by an earlier Furrow lacks what came since. */
export const asDraft = (
  kept: Partial<LookDraft> & Pick<LookDraft, 'combId'>,
  fresh: LookDraft,
): LookDraft => ({ ...fresh, ...kept });

/**
 * Bands set by hand: newer than any cells of that side, so those are put aside, and that is said.
 */
export function setBands(draft: LookDraft, side: Side, shares: Shares | null): void {
  if (draft.faces[side]) draft.said = tell('lookDraft.painted-cells-side-were-put', { side });
  draft[side] = shares;
  draft.faces[side] = null;
  draft.photos[side] = null;
  draft.seenBy[side] = shares ? 'hand' : null;
}

/** Cells painted or read: newer than the bands, which now follow them. */
export function setFace(draft: LookDraft, side: Side, face: StoredFace, seenBy: SeenBy): void {
  const shares = faceShares(unpackFace(face).cells);
  const before = draft[side];
  if (before && !draft.faces[side] && Math.abs(before.capped - shares.capped) > 0.02)
    draft.said = tell('lookDraft.side-goes-by-its-cells', {
      side,
      capped: Math.round(shares.capped * 100),
      capped2: Math.round(before.capped * 100),
    });
  draft.faces[side] = face;
  draft[side] = shares;
  draft.seenBy[side] = seenBy;
}

/**
 * The cells of a side to paint on: its own, else its bands as they lie in a comb, else bare comb.
 */
export function cellsOf(
  draft: LookDraft | null,
  hive: Hive,
  side: Side,
  seed: number,
  kept: StoredFace | null,
  depthMm: number,
  shares: Shares | null,
): { lattice: ReturnType<typeof faceLattice>; cells: Uint8Array } {
  const face = draft?.faces[side] ?? kept;
  if (face) return unpackFace(face);
  const lattice = faceLattice(seenOutline(hive, depthMm), CELL_MM);
  return { lattice, cells: bandCells(fillOrder(lattice, seed), shares ?? EMPTY_SHARES) };
}

/** The other side's cells as they lie behind this face. */
export function mirrored(lattice: ReturnType<typeof faceLattice>, cells: Uint8Array): StoredFace {
  return packFace(lattice, mirrorFace(lattice, cells));
}

/** Share of drone cells among the brood that was painted; null where nothing was painted. */
export function droneShare(draft: LookDraft | null): number | null {
  const painted = [draft?.faces.A, draft?.faces.B].filter((f): f is StoredFace => Boolean(f));
  if (!painted.length) return null;
  let [brood, drone] = [0, 0];
  for (const face of painted)
    for (const cell of unpackFace(face).cells) {
      if (classOf(cell) === 'drone') drone++;
      if (classOf(cell) === 'brood' || classOf(cell) === 'drone') brood++;
    }
  return brood ? drone / brood : 0;
}

export const draftSeen = (d: LookDraft): Seen => ({
  sides: { A: d.A, B: d.B },
  readings: d.readings,
  combAge: d.combAge,
  depthMm: d.depthMm,
  thicknessMm: d.thicknessMm,
  pane: d.pane,
  attachment: d.attachment,
  pots: d.pots,
  straight: d.straight,
  seenBy: d.seenBy,
  painted: { A: d.faces.A !== null, B: d.faces.B !== null },
});

/** What is sent to be written down. */
export function lookPayload(d: LookDraft, id: string): NewLook {
  return {
    id,
    combId: d.combId,
    sides: { A: d.A, B: d.B },
    faces: d.faces,
    seenBy: d.seenBy,
    photos: d.photos,
    pane: d.pane,
    attachment: d.attachment,
    pots: d.pots,
    straight: d.straight,
    readings: d.readings,
    combAge: d.combAge,
    depthMm: d.depthMm,
    thicknessMm: d.thicknessMm,
  };
}
