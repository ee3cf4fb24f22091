import { randomUUID } from 'node:crypto';
import type { Clock } from '@furrow/core';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => void (home = await Household.open()));
afterEach(() => home.close());

const settles = async (): Promise<Clock> =>
  (await home.get<{ items: Clock[] }>('/clocks')).items.find((c) => c.kind === 'settle')!;

it('goes by the water that was measured since: drier honey lets its scum up later', async () => {
  const hive = await home.hive('Ipê');
  const batchId = await home.drained(await home.harvest(hive), 1500);
  const assumed = await settles();
  const reading = { scale: 'moisture', value: 15, temperatureC: 20, temperatureCompensated: true };
  await home.ok(home.post('/waterReadings', { id: randomUUID(), batchId, reading }));
  const measured = await settles();
  expect(Date.parse(measured.dueAt!)).toBeGreaterThan(Date.parse(assumed.dueAt!));
});

it('ends where somebody skimmed, with nothing to weigh too: Jar no longer asks for it', async () => {
  const hive = await home.hive('Ipê');
  const batchId = await home.drained(await home.harvest(hive), 1500);
  const { drains } = await home.get<{ drains: { id: string }[] }>(`/harvests/${batchId}`);
  expect(await settles()).toBeDefined();
  await home.ok(
    home.post('/drainEvents', {
      id: randomUUID(),
      drainId: drains[0].id,
      kind: 'skim',
      g: 0,
      minutes: 2,
    }),
  );
  expect(await settles()).toBeUndefined();
});
