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
