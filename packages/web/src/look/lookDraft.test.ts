import {
  CELL_MM,
  HIVE_KINDS,
  bandCells,
  cellOf,
  faceLattice,
  faceShares,
  fillOrder,
  packFace,
  unpackFace,
  type Hive,
  type Shares,
  type CombPlace,
} from '@furrow/core';
import { describe, expect, it } from 'vitest';
import {
  asDraft,
  beginAlike,
  beginDraft,
  cellsOf,
  draftSeen,
  droneShare,
  lookPayload,
  mirrored,
  otherSide,
  setBands,
  setFace,
  tellsOfOthers,
} from './lookDraft.js';

const hive = {
  kind: 'top-bar',
  geometry: HIVE_KINDS['top-bar'].defaults,
  boxes: [],
} as unknown as Hive;
const bar = {
  carrierId: 'a',
  slot: 1,
  inBox: 1,
  boxId: null,
  comb: { id: 'c', builtOn: '2025-12-01', emptied: null, looks: [], marks: [] },
} as CombPlace;
const lattice = faceLattice({ topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 }, CELL_MM);
const shares = (capped: number): Shares => ({
  capped,
  open: 1 - capped,
  pollen: 0,
  brood: 0,
  empty: 0,
});
const face = (capped: number) =>
  packFace(lattice, bandCells(fillOrder(lattice, 1), shares(capped)));

describe('a comb like the one before it', () => {
  it('is given what was seen in general, not its cells, photo or water', () => {
    const read = { ...beginDraft(hive, bar), A: shares(0.8), attachment: 'capped-below' as const };
    setFace(read, 'B', face(0.5), 'photo');
    read.readings = [{ scale: 'percent', value: 18 }] as unknown as typeof read.readings;
    const next = beginAlike(read, hive, { ...bar, comb: { ...bar.comb, id: 'd' } });
    expect([next.combId, next.A, next.attachment]).toEqual(['d', shares(0.8), 'capped-below']);
    expect(next.B?.capped).toBeCloseTo(read.B!.capped, 6);
    expect([next.faces.B, next.photos.B, next.readings]).toEqual([null, null, []]);
    expect(tellsOfOthers(next)).toBe(true);
    expect(tellsOfOthers(beginDraft(hive, bar))).toBe(false);
  });
});

describe('a look being made', () => {
  it('begins with nothing seen, from the measures of the hive', () =>
    expect(beginDraft(hive, bar)).toMatchObject({
      combId: 'c',
      A: null,
      B: null,
      depthMm: 204,
      thicknessMm: 28,
      readings: [],
    }));
  it('kept by an earlier Furrow gets what came since', () =>
    expect(asDraft({ combId: 'c', A: shares(0.5) }, beginDraft(hive, bar))).toMatchObject({
      A: shares(0.5),
      faces: { A: null, B: null },
      pots: null,
    }));
  it('painted cells set the bands, and say so where the bands said otherwise', () => {
    const d = beginDraft(hive, bar);
    setBands(d, 'A', shares(0.3));
    setFace(d, 'A', face(0.7), 'hand');
    expect(d.A!.capped).toBeCloseTo(0.7, 2);
    expect(d.said).toMatch(/goes by its cells now: 70 % capped, the bands said 30 %/);
  });
  it('bands set later put the cells and the photo aside, and that is said', () => {
    const d = beginDraft(hive, bar);
    setFace(d, 'B', face(0.7), 'photo');
    d.photos.B = 'p';
    setBands(d, 'B', shares(0.2));
    expect(d).toMatchObject({
      faces: { B: null },
      photos: { B: null },
      seenBy: { B: 'hand' },
      B: shares(0.2),
    });
    expect(d.said).toMatch(/put aside: the bands are newer/);
    setBands(d, 'B', null);
    expect(d.seenBy.B).toBeNull();
  });
  it('offers the bands as cells to paint on, and its own cells once there are some', () => {
    const d = beginDraft(hive, bar);
    setBands(d, 'A', shares(0.4));
    expect(faceShares(cellsOf(d, hive, 'A', 3, null, 204, d.A).cells).capped).toBeCloseTo(0.4, 2);
    setFace(d, 'A', face(0.9), 'hand');
    expect(faceShares(cellsOf(d, hive, 'A', 3, null, 204, d.A).cells).capped).toBeCloseTo(0.9, 2);
  });
  it('mirrors to the other side', () => {
    expect([otherSide('A'), otherSide('B')]).toEqual(['B', 'A']);
    const cells = bandCells(fillOrder(lattice, 1), shares(0.5));
    expect(unpackFace(mirrored(lattice, cells)).cells).not.toEqual(cells);
    expect(faceShares(unpackFace(mirrored(lattice, cells)).cells)).toEqual(faceShares(cells));
  });
  it('tells how much of the painted brood is drone', () => {
    const d = beginDraft(hive, bar);
    expect(droneShare(d)).toBeNull();
    const cells = new Uint8Array(lattice.xMm.length).fill(cellOf('brood'));
    cells.fill(cellOf('drone'), 0, Math.floor(cells.length / 4));
    setFace(d, 'A', packFace(lattice, cells), 'hand');
    expect(droneShare(d)).toBeCloseTo(0.25, 2);
  });
  it('is sent whole, without what was only said on screen', () => {
    const d = beginDraft(hive, bar);
    setFace(d, 'A', face(0.8), 'photo');
    const payload = lookPayload(d, 'id');
    expect(payload).not.toHaveProperty('said');
    expect(payload).toMatchObject({
      id: 'id',
      combId: 'c',
      sides: { A: d.A, B: null },
      seenBy: { A: 'photo', B: null },
    });
    expect(draftSeen(d).sides).toEqual(payload.sides);
  });
});
