import { randomUUID } from 'node:crypto';
import type { BatchDetail } from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

/**
 * Comb that was never weighed is in the book by its estimate: what comes of it says what it was.
 */
let home: Household;
let batchId: string;
let combIds: string[];
let estimateG: number;
beforeEach(async () => {
  home = await Household.open();
  const hive = await home.hive();
  batchId = randomUUID();
  combIds = [8, 7].map((slot) => home.comb(hive, slot));
  for (const id of combIds) await home.ok(home.look(id));
  const harvest = { visitId: randomUUID(), batchId, hiveId: hive.id, method: 'crush', combIds };
  await home.ok(
    home.post('/harvests', {
      ...harvest,
      anyway: combIds.map((combId) => ({ combId, reason: 'Chosen for a test' })),
    }),
  );
  const weighed = { outcome: 'taken', vesselId: null };
  await home.ok(
    home.post('/takes', {
      ...weighed,
      id: randomUUID(),
      batchId,
      combId: combIds[0],
      grossG: 2500,
      tareG: 500,
    }),
  );
  await home.ok(
    home.post('/takes', {
      ...weighed,
      id: randomUUID(),
      batchId,
      combId: combIds[1],
      grossG: null,
      tareG: null,
      later: true,
    }),
  );
  await home.ok(weigh({ netBy: 'estimate' }));
  estimateG = (await takeOf(combIds[1])).netG!;
});
afterEach(() => home.close());
const weigh = (change: Record<string, unknown>) =>
  home.post(`/harvests/${batchId}/weighTakes`, {
    combIds: [combIds[1]],
    grossG: null,
    tareG: null,
    ...change,
  });
const takeOf = async (combId: string): Promise<BatchDetail['takes'][number]> =>
  (await home.detail(batchId)).takes.find((t) => t.combId === combId)!;
const lotG = async (kind: string): Promise<number> =>
  (await home.detail(batchId)).lots.find((l) => l.kind === kind)?.nowG ?? 0;
const draw = (drainId: string, g: number) =>
  home.post('/drainEvents', { id: randomUUID(), drainId, kind: 'draw-off', g, minutes: 0 });
const close = (drainId: string, honeyG: number, wetWaxG: number) =>
  home.post(`/drains/${drainId}/close`, {
    honeyG,
    pressedG: 0,
    wetWaxG,
    waste: [],
    minutes: 5,
    gapReason: '',
  });

describe('comb taken by its estimate', () => {
  it('is weighed at last before it is crushed, and the scale counts instead', async () => {
    await home.ok(weigh({ netBy: 'scale', grossG: 2700, tareG: 500 }));
    expect(await takeOf(combIds[1])).toMatchObject({ netG: 2200, netBy: 'scale', grossG: 2700 });
    expect(await lotG('comb')).toBe(4200);
    expect((await weigh({ netBy: 'scale', grossG: 2700, tareG: 500 })).body).toMatchObject({
      code: 'weighed-already',
    });
  });
  it('is weighed at last while it drains: what was crushed follows', async () => {
    await home.drain(batchId);
    await home.ok(weigh({ netBy: 'scale', grossG: 1900, tareG: 500 }));
    const { drains, balanced } = await home.detail(batchId);
    expect([drains[0].crushedG, await lotG('crushed'), balanced]).toEqual([3400, 3400, true]);
  });
  it('gives way where more is drawn off than was crushed, the weighed comb does not', async () => {
    const drainId = await home.drain(batchId);
    const crushedG = 2000 + estimateG;
    await home.ok(draw(drainId, crushedG + 150));
    expect((await takeOf(combIds[1])).netG).toBe(estimateG + 150);
    expect((await takeOf(combIds[0])).netG).toBe(2000);
    expect((await home.detail(batchId)).drains[0].crushedG).toBe(crushedG + 150);
    expect((await draw(drainId, crushedG)).body).toMatchObject({
      path: 'payload.g',
      detail: expect.stringContaining('far more than the estimate'),
    });
  });
  it.each([
    ['less came of it than it said', 2300, 400],
    ['more came of it than it said', 3900, 500],
  ])(
    'turns out to be what came of it when the drain is closed: %s',
    async (_what, honeyG, waxG) => {
      const drainId = await home.drain(batchId);
      await home.ok(close(drainId, honeyG, waxG));
      const detail = await home.detail(batchId);
      expect((await takeOf(combIds[1])).netG).toBe(honeyG + waxG - 2000);
      expect(detail).toMatchObject({ balanced: true, lossG: 0 });
      expect([await lotG('honey'), await lotG('wet-wax'), await lotG('crushed')]).toEqual([
        honeyG,
        waxG,
        0,
      ]);
    },
  );
  it('cannot have been less than nothing: the rest is asked about as ever', async () => {
    const drainId = await home.drain(batchId);
    expect((await close(drainId, 1200, 200)).body).toMatchObject({ path: 'payload.gapReason' });
    expect((await takeOf(combIds[1])).netG).toBe(estimateG);
  });
});
