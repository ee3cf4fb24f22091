import { estimateSeen, type Take } from '@furrow/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { batchViews } from '../harvest/batches.js';
import { batchDetail } from '../harvest/detail.js';
import { boxLoadG, drainLoadG, hiveLoadG, takeLoadG } from '../instruments/load.js';
import { hiveView } from '../look/hiveViews.js';
import { list } from '../store/rows.js';
import { Household } from '../testing/household.js';
import { seedDemo } from './seed.js';

/** What was laid into a vessel, grams. */
const laidIn = (takes: readonly Take[], vesselId: string | null): number =>
  takes.filter((t) => t.vesselId === vesselId).reduce((sum, t) => sum + (t.netG ?? 0), 0);

describe('the practice household', () => {
  let home: Household;
  beforeAll(async () => {
    home = await Household.open();
    await seedDemo(home.db, { now: () => home.now });
  });
  afterAll(() => home.close());

  describe('its seasons before', () => {
    it('stand as harvests of their days, each with its honey', async () => {
      const past = (await batchViews(home.db)).filter((b) => b.date < '2025-06-01');
      expect(past.length).toBeGreaterThanOrEqual(9);
      expect(past.every((b) => b.closedAt !== null)).toBe(true);
      const { lots } = await batchDetail(home.db, past[0].id);
      expect(lots.some((lot) => lot.kind === 'honey')).toBe(true);
    });
  });

  describe('what stands on its scales', () => {
    it('a vessel that something drains into grows heavier with the hours, never lighter', async () => {
      const [drain] = await list(home.db, 'drains', { endedAt: null });
      const at = (hours: number): Promise<number> =>
        drainLoadG(home.db, drain.id, new Date(home.now.getTime() + hours * 3_600_000));
      const loads = [await at(0), await at(2), await at(12), await at(48)];
      loads.slice(1).forEach((g, i) => expect(g).toBeGreaterThanOrEqual(loads[i]));
      expect(loads[3]).toBeGreaterThan(loads[0]);
    });

    it('what runs out of the upper vessel is missing there', async () => {
      const [drain] = await list(home.db, 'drains', { endedAt: null });
      const upper = (hours: number): Promise<number> =>
        drainLoadG(home.db, drain.id, new Date(home.now.getTime() + hours * 3_600_000), 'upper');
      expect(await upper(24)).toBeLessThan(await upper(0));
    });

    it('a drain that is not there is refused in words', () =>
      expect(drainLoadG(home.db, 'nobody', home.now)).rejects.toThrow('There is no such drain.'));

    it('a comb weighs about what was thought of it, in a vessel with what lies there already', async () => {
      const [batch] = (await batchViews(home.db)).filter((b) => b.stage === 'drain');
      const { takes } = await batchDetail(home.db, batch.id);
      const [{ combId }] = takes;
      const load = (vesselId: string | null): Promise<number> =>
        takeLoadG(home.db, batch.id, combId, vesselId);
      const bare = (await load(null)) - laidIn(takes, null);
      expect(bare).toBeGreaterThan(0);
      for (const { id, tareG } of (await list(home.db, 'vessels')).slice(0, 3))
        expect(await load(id)).toBeCloseTo((tareG ?? 0) + laidIn(takes, id) + bare, 6);
    });

    it('an empty box is lighter than the box with its combs', async () => {
      const [batch] = (await batchViews(home.db)).filter((b) => b.stage === 'drain');
      const full = await boxLoadG(home.db, batch.id, batch.combIds, false);
      const empty = await boxLoadG(home.db, batch.id, batch.combIds, true);
      expect(empty).toBeGreaterThan(0);
      expect(full).toBeGreaterThan(empty);
    });

    it('a whole hive weighs more than the honey in it', async () => {
      const [hive] = await list(home.db, 'hives');
      const view = await hiveView(home.db, hive.id);
      const looks = view.bars.flatMap((b) => b.comb?.looks.at(-1) ?? []);
      const honeyG = looks.reduce(
        (g, l) => g + 1000 * (estimateSeen(l, view)?.honeyKg.mid ?? 0),
        0,
      );
      expect(honeyG).toBeGreaterThan(1000);
      expect(await hiveLoadG(home.db, hive.id)).toBeGreaterThan(honeyG);
    });
  });
});
