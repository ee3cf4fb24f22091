import { randomUUID } from 'node:crypto';
import {
  harvestWith,
  keptPathOf,
  methodOfKept,
  type BatchDetail,
  type Hive,
  type WaitingEntry,
} from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DeviceAndHouse, asShown } from './testing/deviceAndHouse.js';
import { Household } from './testing/household.js';

let home: Household;
let both: DeviceAndHouse;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  both = new DeviceAndHouse(home);
  hive = await home.hive();
});
afterEach(() => home.close());

describe('a comb that is cut out of reach of the house', () => {
  const boxId = randomUUID();
  const [pieceA, pieceB, pieceC, boardId] = Array.from({ length: 4 }, () => randomUUID());
  const piece = (id: string, xMm: number) => ({
    ...{ id, jarKindId: boxId, xMm, yMm: 0, widthMm: 90, heightMm: 90 },
    ...{ lowG: 200, midG: 230, highG: 260, bestSide: 'A' },
  });
  const cut = (x: number) => ({ x1Mm: x, y1Mm: 0, x2Mm: x, y2Mm: 120 });
  const plan = (pieces: object[], cutsDone = 0) => ({
    ...{ flaws: [], thicknessMm: 30, pieces, cuts: [cut(91), cut(184)], cutsDone },
    ...{ value: 60, provenOptimal: true, possiblePieces: 3 },
  });
  const laid = (batchId: string, combId: string) => ({
    ...{ id: boardId, batchId, combId, widthMm: 300, heightMm: 120, thicknessMm: 30 },
    ...{ flaws: [], seen: 'both', sheetSeasons: 1 },
  });

  it('lies, is planned, cut, cracked, weighed and graded as the house writes it', async () => {
    const box = {
      name: 'Flat 230',
      netG: 230,
      tareG: 20,
      stock: 9,
      value: 30,
      minG: 200,
      maxG: 260,
    };
    await both.written('/jars', { id: boxId, ...box, purpose: 'piece' });
    const batchId = await home.harvest(hive);
    const combId = home.comb(hive, 8);
    const acts: [string, object][] = [
      ['/cutBoards', laid(batchId, combId)],
      [`/cutBoards/${boardId}`, { flaws: [{ kind: 'open', ...rect(200, 0, 40, 40) }] }],
      [`/cutBoards/${boardId}/plan`, plan([piece(pieceA, 0), piece(pieceB, 93)])],
      [`/cutBoards/${boardId}`, { cutsDone: 1 }],
      [`/cutPieces/${pieceB}`, { state: 'cracked' }],
      [`/cutBoards/${boardId}/plan`, plan([piece(pieceA, 0), piece(pieceC, 200)], 1)],
      [`/cutBoards/${boardId}`, { cutsDone: 2, done: true }],
      [`/cutPieces/${pieceA}`, { netG: 236 }],
      [`/cutPieces/${pieceC}`, { blemishes: ['wet-top'] }],
      [`/cutPieces/${pieceC}`, { grade: 'sample' }],
    ];
    const all: WaitingEntry[] = [];
    const [first, known] = [await both.harvest(batchId), await both.known()];
    for (const [spoken, payload] of acts) {
      const entry = both.kept(spoken, payload);
      all.push(entry);
      const before = await both.harvest(batchId);
      const shown = harvestWith(before, [entry], known);
      const method = methodOfKept(entry.path);
      const answer = await (method === 'PATCH' ? home.patch : home.post).call(
        home,
        spoken,
        payload,
      );
      expect(answer.status, `${spoken} ${JSON.stringify(answer.body.detail)}`).toBe(201);
      const house = await both.harvest(batchId);
      expect(asShown(shown.boards), spoken).toEqual(asShown(house.boards));
      expect(byId(shown), spoken).toEqual(byId(house));
    }
    // All of it at once, as after an afternoon on the veranda.
    const [shown, house] = [harvestWith(first, all, known), await both.harvest(batchId)];
    expect(asShown(shown.boards)).toEqual(asShown(house.boards));
    expect(byId(shown)).toEqual(byId(house));
  });

  it('that is spoilt has no planned pieces any more', async () => {
    await both.written('/jars', {
      ...{ id: boxId, name: 'Flat 230', netG: 230, tareG: 20, stock: 9, value: 30 },
      purpose: 'piece',
    });
    const batchId = await home.harvest(hive);
    await both.written('/cutBoards', laid(batchId, home.comb(hive, 8)));
    await both.written(`/cutBoards/${boardId}/plan`, plan([piece(pieceA, 0)]));
    const entry = both.kept(`/cutBoards/${boardId}`, { spoilt: 'brood' });
    const [before, known] = [await both.harvest(batchId), await both.known()];
    const shown = harvestWith(before, [entry], known);
    await home.ok(home.patch(`/cutBoards/${boardId}`, { spoilt: 'brood' }));
    const house = await both.harvest(batchId);
    expect([shown.pieces, house.pieces]).toEqual([[], []]);
    expect(asShown(shown.boards)).toEqual(asShown(house.boards));
  });

  it('is not mistaken for all boards that are planned together', () => {
    expect(keptPathOf('/cutBoards/plans')).toBeNull();
    expect(keptPathOf(`/cutBoards/${boardId}`)).toMatchObject({ path: '/cutBoards/:id' });
  });
});

const rect = (xMm: number, yMm: number, widthMm: number, heightMm: number) => ({
  ...{ xMm, yMm, widthMm, heightMm },
});
/** Pieces by their ids: the house and a device may tell them in another order. */
const byId = (detail: BatchDetail): unknown =>
  asShown([...detail.pieces].sort((a, b) => a.id.localeCompare(b.id)));
