import { randomUUID } from 'node:crypto';
import {
  batchesWith,
  harvestWith,
  hivesWith,
  keptPathOf,
  methodOfKept,
  ticksWith,
  waitingEntry,
  type Batch,
  type BatchDetail,
  type Hive,
  type JarKindRecord,
  type Known,
  type OpenPlans,
  type RulesVersion,
  type WaitingEntry,
} from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household, SEALED } from './testing/household.js';
import * as stacks from './testing/stacks.js';

let home: Household;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive();
});
afterEach(() => home.close());

const hivesNow = async (): Promise<Hive[]> =>
  (await home.get<{ items: Hive[] }>('/hives', { 'x-furrow-says': 'keys' })).items;
const batchesNow = async (): Promise<Batch[]> =>
  (await home.get<{ items: Batch[] }>('/harvests')).items;
const detailNow = (id: string): Promise<BatchDetail> =>
  home.get(`/harvests/${id}`, { 'x-furrow-says': 'keys' });
/** What a device shows entries by. */
const knownNow = async (): Promise<Known> => ({
  rules: await home.get<RulesVersion>('/rules'),
  batches: await batchesNow(),
  jars: (await home.get<{ items: JarKindRecord[] }>('/jars')).items,
});

/** What the house alone knows of a row: when it wrote it, and how often it changed. */
function asShown<T>(value: T): T {
  const bare = (each: unknown): unknown => {
    if (Array.isArray(each)) return each.map(bare);
    if (typeof each !== 'object' || each === null) return each;
    const fields = Object.entries(each).filter(
      ([name]) => name !== 'recordedAt' && name !== 'revision',
    );
    return Object.fromEntries(fields.map(([name, inner]) => [name, bare(inner)]));
  };
  return bare(value) as T;
}

/** An entry as a device keeps it, and as the house is sent it. */
function kept(spoken: string, payload: object): WaitingEntry {
  const at = keptPathOf(spoken)!;
  return waitingEntry(at, payload, { id: randomUUID(), occurredAt: home.now.toISOString() });
}
async function written(spoken: string, payload: object): Promise<void> {
  await home.ok(home.post(spoken, payload));
}

const lookAt = (combId: string, more: object = {}) => ({
  id: randomUUID(),
  combId,
  sides: { A: SEALED, B: { ...SEALED, capped: 0.5, open: 0.46 } },
  readings: [],
  combAge: 'new',
  depthMm: 204,
  thicknessMm: 28,
  ...more,
});
/** A hive's picture of itself with an entry, beside what the house makes of it. */
async function bothHives(spoken: string, payload: object): Promise<[Hive, Hive]> {
  const [before, known] = [await hivesNow(), await knownNow()];
  const [shown] = hivesWith(before, [kept(spoken, payload)], known);
  await written(spoken, payload);
  const [house] = await hivesNow();
  return [asShown(shown), asShown(house)];
}

/** An empty box as a device sets it on: its places have their ids. */
const newBox = <More extends object>(more: More) => ({
  id: randomUUID(),
  carrierIds: Array.from({ length: 40 }, () => randomUUID()),
  ...more,
});
/** A hive with an entry is as the house makes it, and stays so where the entry is known already. */
async function expectSame(hiveId: string, spoken: string, payload: object): Promise<void> {
  const now = async (): Promise<Hive> => (await hivesNow()).find(({ id }) => id === hiveId)!;
  const [before, known] = [await now(), await knownNow()];
  const entry = kept(spoken, payload);
  const [shown] = hivesWith([before], [entry], known);
  await written(spoken, payload);
  expect(asShown(shown)).toEqual(asShown(await now()));
  const isSaidWhole = !spoken.endsWith('/turn') || 'sideToEntrance' in payload;
  if (isSaidWhole) expect(hivesWith([await now()], [entry], known)).toEqual([await now()]);
}

describe('what waits on a device looks as the house will write it', () => {
  it('a look, judged by the rules of the day', async () => {
    const [shown, house] = await bothHives('/looks', lookAt(home.comb(hive, 8)));
    expect(shown).toEqual(house);
    expect(shown.bars[7].comb!.looks).toHaveLength(1);
  });
  it('a second look at the same comb, where the first is in the house', async () => {
    await written('/looks', lookAt(home.comb(hive, 8)));
    home.later(24 * 9);
    const [shown, house] = await bothHives(
      '/looks',
      lookAt(home.comb(hive, 8), { straight: true }),
    );
    // Of earlier looks the house answers without their reasons.
    const lastLook = ({ bars }: Hive) => bars[7].comb!.looks.at(-1);
    expect(lastLook(shown)).toEqual(lastLook(house));
    expect(shown.bars[7].comb!.looks).toHaveLength(2);
  });
  it('several looks in one go', async () => {
    const looks = [8, 7].map((slot) => lookAt(home.comb(hive, slot)));
    const [shown, house] = await bothHives('/looks/several', { looks });
    expect(shown).toEqual(house);
  });
  it('two bars of the file, and two frames of a box, that changed their places', async () => {
    const file = hive.bars.map(({ carrierId }) => carrierId);
    [file[7], file[8]] = [file[8], file[7]];
    const order = { hiveId: hive.id, boxId: null, carrierIds: file, what: 'shift' };
    const [shown, house] = await bothHives('/orders', order);
    expect(shown).toEqual(house);
    expect(shown.bars[8].comb?.id).toBe(hive.bars[7].comb?.id);
  });
  it.each([
    ['as it was set on', false],
    ['turned round', true],
  ])('frames of a super %s', async (_how, isTurned) => {
    const other = await stacks.stack(home, 'cut-comb', 'Cedro');
    const box = other.boxes.at(-1)!;
    if (isTurned) await written(`/boxes/${box.carrierId}/turn`, {});
    const now = async (): Promise<Hive> => (await hivesNow()).find(({ id }) => id === other.id)!;
    const carrierIds = (await now()).bars
      .filter(({ boxId }) => boxId === box.carrierId)
      .map(({ carrierId }) => carrierId);
    // What is stored runs from the first place on.
    if (isTurned) carrierIds.reverse();
    [carrierIds[0], carrierIds[1]] = [carrierIds[1], carrierIds[0]];
    const order = { hiveId: other.id, boxId: box.carrierId, carrierIds, what: 'swap' };
    const known = await knownNow();
    const entry = kept('/orders', order);
    const [shown] = hivesWith([await now()], [entry], known);
    await written('/orders', order);
    expect(asShown(shown)).toEqual(asShown(await now()));
    // Known already, it stays.
    expect(hivesWith([await now()], [entry], known)).toEqual([await now()]);
  });
  it.each<[string, (boxes: Hive['boxes'], hiveId: string) => [string, object]]>([
    [
      'turned round',
      (boxes) => [`/boxes/${boxes.at(-1)!.carrierId}/turn`, { sideToEntrance: 'B' }],
    ],
    ['turned, whichever side', (boxes) => [`/boxes/${boxes.at(-1)!.carrierId}/turn`, {}]],
    ['taken off', (boxes) => [`/boxes/${boxes.at(-1)!.carrierId}/off`, { reason: 'other' }]],
    [
      'set on top',
      (boxes, hiveId) => ['/boxes', newBox({ hiveId, at: boxes.length + 1, what: 'add-on-top' })],
    ],
    [
      'set in between',
      (_boxes, hiveId) => ['/boxes', newBox({ hiveId, at: 2, what: 'add-between' })],
    ],
  ])('a super that is %s', async (_what, made) => {
    const other = await stacks.stack(home, 'cut-comb', 'Cedro');
    await expectSame(other.id, ...made(other.boxes, other.id));
  });
  it.each<[string, (boxes: Hive['boxes'], hiveId: string) => [string, object]]>([
    ['set in below', (_boxes, hiveId) => ['/boxes', newBox({ hiveId, at: 1, what: 'add-below' })]],
    ['taken off', (boxes) => [`/boxes/${boxes[0].carrierId}/off`, { reason: 'other' }]],
  ])('a box of a pile without frames that is %s', async (_what, made) => {
    const other = await stacks.stack(home, 'warre', 'Cedro');
    await expectSame(other.id, ...made(other.boxes, other.id));
  });
  it('an empty box that goes in below the others', async () => {
    const other = await stacks.stack(home, 'warre', 'Cedro');
    const at = other.boxes.length + 1;
    const empty = newBox({ hiveId: other.id, at, what: 'add-on-top' });
    await written('/boxes', empty);
    await expectSame(other.id, `/boxes/${empty.id}/below`, {});
  });
  it('a super turned by two who knew nothing of each other: the second is told', async () => {
    const other = await stacks.stack(home, 'cut-comb', 'Cedro');
    const turn = `/boxes/${other.boxes.at(-1)!.carrierId}/turn`;
    await written(turn, { sideToEntrance: 'B' });
    const second = await home.post(turn, { sideToEntrance: 'B' });
    expect([second.status, second.body.code]).toEqual([409, 'turned-already']);
    await written(turn, { sideToEntrance: 'A' });
  });
  it('frames of a box that is not in the house yet change their places', async () => {
    const other = await stacks.stack(home, 'cut-comb', 'Cedro');
    const at = other.boxes.length + 1;
    const places = other.bars.filter(({ boxId }) => boxId === other.boxes.at(-1)!.carrierId).length;
    const set = newBox({ hiveId: other.id, at, what: 'add-on-top' });
    const box = { ...set, carrierIds: set.carrierIds.slice(0, places) };
    const [first, second, ...rest] = box.carrierIds;
    const carrierIds = [second, first, ...rest];
    const order = { hiveId: other.id, boxId: box.id, carrierIds, what: 'swap' };
    const entries = [kept('/boxes', box), kept('/orders', order)];
    const known = await knownNow();
    const [shown] = hivesWith([other], entries, known);
    await written('/boxes', box);
    await written('/orders', order);
    const house = (await hivesNow()).find(({ id }) => id === other.id)!;
    expect(asShown(shown)).toEqual(asShown(house));
  });
  it('a fact of the colony', async () => {
    const [shown, house] = await bothHives('/colonyFacts', {
      id: randomUUID(),
      colonyId: hive.colony!.id,
      on: '2026-03-14',
      fact: { kind: 'strength', strength: 'strong' },
    });
    expect(shown).toEqual(house);
  });
});

describe('a harvest that is taken out of reach of the house', () => {
  let batchId: string;
  beforeEach(async () => {
    ({ batchId } = await stacks.chosen(home, hive, [8, 7], 'crush'));
  });
  async function bothDetails(spoken: string, payload: object): Promise<[BatchDetail, BatchDetail]> {
    const [before, known] = [await detailNow(batchId), await knownNow()];
    const shown = harvestWith(before, [kept(spoken, payload)], known);
    await written(spoken, payload);
    return [asShown(shown), asShown(await detailNow(batchId))];
  }
  const take = (slot: number, more: object) => ({
    id: randomUUID(),
    batchId,
    combId: home.comb(hive, slot),
    vesselId: null,
    ...more,
  });

  it.each([
    ['weighed', { outcome: 'taken', grossG: 3200, tareG: 1200, guessG: 2100 }],
    ['broken', { outcome: 'broke', grossG: 3200, tareG: 1200 }],
    ['to be weighed later', { outcome: 'taken', grossG: null, tareG: null, later: true }],
    ['put back', { outcome: 'put-back', grossG: null, tareG: null }],
  ])('a comb %s: what was taken, and what hangs there still', async (_how, more) => {
    const [shown, house] = await bothDetails('/takes', take(8, more));
    expect(shown.takes).toEqual(house.takes);
    const combs = ({ hive: { bars } }: BatchDetail) => bars.map((bar) => bar.comb?.id ?? null);
    expect(combs(shown)).toEqual(combs(house));
  });
  it('a box weighed whole, shared out over its combs, which hang there no more', async () => {
    const pile = await stacks.stack(home, 'pile-box', 'Cedro');
    const slots = pile.bars.map(({ slot }) => slot).filter((slot) => Math.floor(slot / 100) === 4);
    const box = await stacks.chosen(home, pile, slots, 'drip-press');
    batchId = box.batchId;
    const [shown, house] = await bothDetails('/boxTakes', {
      id: randomUUID(),
      ...box,
      grossG: 15_003,
      emptyG: 3200,
      vesselId: null,
      guessG: 11_000,
    });
    // All but the first are named by the house.
    const unnamed = ({ takes }: BatchDetail) => takes.map(({ id: _id, ...take }) => take);
    expect(unnamed(shown)).toEqual(unnamed(house));
    expect(shown.takes[0].id).toBe(house.takes[0].id);
    const combs = ({ hive: { bars } }: BatchDetail) => bars.map((bar) => bar.comb?.id ?? null);
    expect(combs(shown)).toEqual(combs(house));
  });
  it('a step, a sting, how far it came', async () => {
    const [marked, markedThere] = await bothDetails('/stepMarks', {
      id: randomUUID(),
      batchId,
      stepId: 'ready',
      answer: {},
    });
    expect(marked.marks).toEqual(markedThere.marks);
    const [stung, stungThere] = await bothDetails('/incidents', {
      id: randomUUID(),
      batchId,
      kind: 'sting',
      stepId: 'ready',
      combId: null,
      count: 2,
      note: '',
    });
    expect(stung.incidents).toEqual(stungThere.incidents);
    await written('/takes', take(8, { outcome: 'taken', grossG: 3200, tareG: 1200 }));
    const stage = { stage: 'drain', handsOnMinutes: 40 };
    const shown = batchesWith(await batchesNow(), [kept(`/harvests/${batchId}/stage`, stage)]);
    await written(`/harvests/${batchId}/stage`, stage);
    expect(shown[0].stage).toBe((await batchesNow())[0].stage);
  });
  it('is shown once where the house has it already', async () => {
    const payload = take(8, { outcome: 'taken', grossG: 3200, tareG: 1200 });
    const entry = kept('/takes', payload);
    await written('/takes', payload);
    const [detail, known] = [await detailNow(batchId), await knownNow()];
    expect(harvestWith(detail, [entry], known)).toEqual(detail);
    const hives = await hivesNow();
    expect(hivesWith(hives, [entry], known)).toEqual(hives);
  });
  it('ticks of the list, the last one of a line', async () => {
    const tick = (state: string) => ({ id: randomUUID(), batchId, line: 'veil', state });
    const entries = [kept('/ticks', tick('missing')), kept('/ticks', tick('have'))];
    const ticksNow = async () => (await home.get<OpenPlans>('/plans')).ticks;
    const shown = ticksWith(await ticksNow(), entries);
    for (const { payload } of entries) await written('/ticks', payload);
    const states = (ticks: { line: string; state: string }[]) =>
      ticks.map(({ line, state }) => ({ line, state }));
    expect(states(shown)).toEqual(states(await ticksNow()));
  });
});

describe('a drain that is minded out of reach of the house', () => {
  it('a weighing, a stir, a draw-off: on the drain as the house writes them', async () => {
    const batchId = await home.harvest(hive);
    const drainId = await home.drain(batchId);
    home.later(2);
    const entries: [string, object][] = [
      [
        '/weighings',
        { id: randomUUID(), drainId, of: 'lower', grossG: 2100, tareG: 900, source: 'hand' },
      ],
      ['/drainEvents', { id: randomUUID(), drainId, kind: 'stir', minutes: 5 }],
      ['/drainEvents', { id: randomUUID(), drainId, kind: 'draw-off', g: 800, minutes: 3 }],
    ];
    for (const [spoken, payload] of entries) {
      const [before, known] = [await detailNow(batchId), await knownNow()];
      const entry = kept(spoken, payload);
      const shown = harvestWith(before, [entry], known);
      await written(spoken, payload);
      const house = await detailNow(batchId);
      expect(asShown(shown.drains)).toEqual(asShown(house.drains));
      // Known already, it is shown once.
      expect(harvestWith(house, [entry], known).drains).toEqual(house.drains);
    }
  });
});

const JAR_UNDER_IT = { role: 'lower', volumeL: 3, tareG: 900, innerDiameterMm: 140 };
describe('frames that run in place out of reach of the house', () => {
  it('opened, weighed, swapped, reset and plugged: as the house writes them, their takes too', async () => {
    const bromelia = await stacks.stack(home, 'drain-frame', 'Bromélia');
    const vessels = [randomUUID(), randomUUID()];
    for (const [i, id] of vessels.entries())
      await home.ok(home.post('/vessels', { ...JAR_UNDER_IT, id, name: `Jar ${i}` }));
    const { batchId, combIds } = await stacks.chosen(home, bromelia, [202, 203], 'drain-hive');
    for (const [stepId, answer] of [
      ['tilt', { tiltDegrees: 3.5 }],
      ['checks', {}],
    ])
      await written('/stepMarks', { id: randomUUID(), batchId, stepId, answer });
    const [first, second] = combIds;
    const [jar, next] = vessels;
    const acts: [kind: string, combId: string, more: object][] = [
      ['open', first, { vesselId: jar }],
      ['no-leak', first, {}],
      ['open', second, { vesselId: jar }],
      ['no-leak', second, {}],
      ['level', first, { grossG: 1500, tareG: 900 }],
      ['level', first, { g: 500, emptied: true }],
      ['swap', first, { g: 900, vesselId: next, alsoCombIds: [second] }],
      ['drops', first, {}],
      ['level', first, { g: 300 }],
      ['reset', first, {}],
      ['plug', first, {}],
      ['reset', second, {}],
      ['plug', second, { later: true }],
    ];
    for (const [kind, combId, more] of acts) {
      home.later(0.3);
      const payload = { id: randomUUID(), batchId, combId, kind, ...more };
      const entry = kept('/frameEvents', payload);
      const [before, known] = [await detailNow(batchId), await knownNow()];
      const shown = harvestWith(before, [entry], known);
      await written('/frameEvents', payload);
      const house = await detailNow(batchId);
      // What goes beside the one that was said is named by the house.
      const unnamed = (all: readonly { id: string }[]) => all.map(({ id: _id, ...each }) => each);
      const as = (detail: BatchDetail) => asShown(unnamed(detail.frameEvents));
      expect(as(shown), kind).toEqual(as(house));
      expect(asShown(unnamed(shown.takes)), kind).toEqual(asShown(unnamed(house.takes)));
      expect(harvestWith(house, [entry], known)).toEqual(house);
    }
    expect((await detailNow(batchId)).takes).toHaveLength(2);
  });
});

describe('what may wait', () => {
  it('is what needs no answer of the house', () => {
    expect(keptPathOf('/looks')).toEqual({ path: '/looks', placeId: null });
    expect(keptPathOf('/harvests/b1/stage')).toEqual({
      path: '/harvests/:id/stage',
      placeId: 'b1',
    });
    for (const asked of [
      '/harvests',
      '/fillings/several',
      '/boxes/b1/give',
      '/harvests/b1/code',
      '/undo',
    ])
      expect(keptPathOf(asked)).toBeNull();
  });
  it('is refused where it is not whole', () => {
    expect(() => kept('/looks', { id: 'x' })).toThrow();
  });
});

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
    await written('/jars', { id: boxId, ...box, purpose: 'piece' });
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
    const [first, known] = [await detailNow(batchId), await knownNow()];
    for (const [spoken, payload] of acts) {
      const entry = kept(spoken, payload);
      all.push(entry);
      const before = await detailNow(batchId);
      const shown = harvestWith(before, [entry], known);
      const method = methodOfKept(entry.path);
      const answer = await (method === 'PATCH' ? home.patch : home.post).call(
        home,
        spoken,
        payload,
      );
      expect(answer.status, `${spoken} ${JSON.stringify(answer.body.detail)}`).toBe(201);
      const house = await detailNow(batchId);
      expect(asShown(shown.boards), spoken).toEqual(asShown(house.boards));
      expect(byId(shown), spoken).toEqual(byId(house));
    }
    // All of it at once, as after an afternoon on the veranda.
    const [shown, house] = [harvestWith(first, all, known), await detailNow(batchId)];
    expect(asShown(shown.boards)).toEqual(asShown(house.boards));
    expect(byId(shown)).toEqual(byId(house));
  });

  it('that is spoilt has no planned pieces any more', async () => {
    await written('/jars', {
      ...{ id: boxId, name: 'Flat 230', netG: 230, tareG: 20, stock: 9, value: 30 },
      purpose: 'piece',
    });
    const batchId = await home.harvest(hive);
    await written('/cutBoards', laid(batchId, home.comb(hive, 8)));
    await written(`/cutBoards/${boardId}/plan`, plan([piece(pieceA, 0)]));
    const entry = kept(`/cutBoards/${boardId}`, { spoilt: 'brood' });
    const [before, known] = [await detailNow(batchId), await knownNow()];
    const shown = harvestWith(before, [entry], known);
    await home.ok(home.patch(`/cutBoards/${boardId}`, { spoilt: 'brood' }));
    const house = await detailNow(batchId);
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
