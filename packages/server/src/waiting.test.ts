import { randomUUID } from 'node:crypto';
import {
  batchesWith,
  harvestWith,
  hivesWith,
  keptPathOf,
  ticksWith,
  type BatchDetail,
  type Hive,
  type OpenPlans,
} from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DeviceAndHouse, asShown } from './testing/deviceAndHouse.js';
import { Household, SEALED } from './testing/household.js';
import * as stacks from './testing/stacks.js';

let home: Household;
let both: DeviceAndHouse;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  both = new DeviceAndHouse(home);
  hive = await home.hive();
});
afterEach(() => home.close());

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
  const [before, known] = [await both.hives(), await both.known()];
  const [shown] = hivesWith(before, [both.kept(spoken, payload)], known);
  await both.written(spoken, payload);
  const [house] = await both.hives();
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
  const now = async (): Promise<Hive> => (await both.hives()).find(({ id }) => id === hiveId)!;
  const [before, known] = [await now(), await both.known()];
  const entry = both.kept(spoken, payload);
  const [shown] = hivesWith([before], [entry], known);
  await both.written(spoken, payload);
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
    await both.written('/looks', lookAt(home.comb(hive, 8)));
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
    if (isTurned) await both.written(`/boxes/${box.carrierId}/turn`, {});
    const now = async (): Promise<Hive> => (await both.hives()).find(({ id }) => id === other.id)!;
    const carrierIds = (await now()).bars
      .filter(({ boxId }) => boxId === box.carrierId)
      .map(({ carrierId }) => carrierId);
    // What is stored runs from the first place on.
    if (isTurned) carrierIds.reverse();
    [carrierIds[0], carrierIds[1]] = [carrierIds[1], carrierIds[0]];
    const order = { hiveId: other.id, boxId: box.carrierId, carrierIds, what: 'swap' };
    const known = await both.known();
    const entry = both.kept('/orders', order);
    const [shown] = hivesWith([await now()], [entry], known);
    await both.written('/orders', order);
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
    await both.written('/boxes', empty);
    await expectSame(other.id, `/boxes/${empty.id}/below`, {});
  });
  it('a super turned by two who knew nothing of each other: the second is told', async () => {
    const other = await stacks.stack(home, 'cut-comb', 'Cedro');
    const turn = `/boxes/${other.boxes.at(-1)!.carrierId}/turn`;
    await both.written(turn, { sideToEntrance: 'B' });
    const second = await home.post(turn, { sideToEntrance: 'B' });
    expect([second.status, second.body.code]).toEqual([409, 'turned-already']);
    await both.written(turn, { sideToEntrance: 'A' });
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
    const entries = [both.kept('/boxes', box), both.kept('/orders', order)];
    const known = await both.known();
    const [shown] = hivesWith([other], entries, known);
    await both.written('/boxes', box);
    await both.written('/orders', order);
    const house = (await both.hives()).find(({ id }) => id === other.id)!;
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
    const [before, known] = [await both.harvest(batchId), await both.known()];
    const shown = harvestWith(before, [both.kept(spoken, payload)], known);
    await both.written(spoken, payload);
    return [asShown(shown), asShown(await both.harvest(batchId))];
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
    await both.written('/takes', take(8, { outcome: 'taken', grossG: 3200, tareG: 1200 }));
    const stage = { stage: 'drain', handsOnMinutes: 40 };
    const shown = batchesWith(await both.batches(), [
      both.kept(`/harvests/${batchId}/stage`, stage),
    ]);
    await both.written(`/harvests/${batchId}/stage`, stage);
    expect(shown[0].stage).toBe((await both.batches())[0].stage);
  });
  it('is shown once where the house has it already', async () => {
    const payload = take(8, { outcome: 'taken', grossG: 3200, tareG: 1200 });
    const entry = both.kept('/takes', payload);
    await both.written('/takes', payload);
    const [detail, known] = [await both.harvest(batchId), await both.known()];
    expect(harvestWith(detail, [entry], known)).toEqual(detail);
    const hives = await both.hives();
    expect(hivesWith(hives, [entry], known)).toEqual(hives);
  });
  it('ticks of the list, the last one of a line', async () => {
    const tick = (state: string) => ({ id: randomUUID(), batchId, line: 'veil', state });
    const entries = [both.kept('/ticks', tick('missing')), both.kept('/ticks', tick('have'))];
    const ticksNow = async () => (await home.get<OpenPlans>('/plans')).ticks;
    const shown = ticksWith(await ticksNow(), entries);
    for (const { payload } of entries) await both.written('/ticks', payload);
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
      const [before, known] = [await both.harvest(batchId), await both.known()];
      const entry = both.kept(spoken, payload);
      const shown = harvestWith(before, [entry], known);
      await both.written(spoken, payload);
      const house = await both.harvest(batchId);
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
      await both.written('/stepMarks', { id: randomUUID(), batchId, stepId, answer });
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
      const entry = both.kept('/frameEvents', payload);
      const [before, known] = [await both.harvest(batchId), await both.known()];
      const shown = harvestWith(before, [entry], known);
      await both.written('/frameEvents', payload);
      const house = await both.harvest(batchId);
      // What goes beside the one that was said is named by the house.
      const unnamed = (all: readonly { id: string }[]) => all.map(({ id: _id, ...each }) => each);
      const as = (detail: BatchDetail) => asShown(unnamed(detail.frameEvents));
      expect(as(shown), kind).toEqual(as(house));
      expect(asShown(unnamed(shown.takes)), kind).toEqual(asShown(unnamed(house.takes)));
      expect(harvestWith(house, [entry], known)).toEqual(house);
    }
    expect((await both.harvest(batchId)).takes).toHaveLength(2);
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
    expect(() => both.kept('/looks', { id: 'x' })).toThrow();
  });
});
