import { randomUUID } from 'node:crypto';
import type { LotWater } from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => void (home = await Household.open()));
afterEach(() => home.close());
const waters = async (): Promise<LotWater[]> =>
  (await home.get<{ items: LotWater[] }>('/stock/waters')).items;

describe('the water of honey that stands there', () => {
  it('is unknown until a drop was measured, whatever its plan or drain took it for', async () => {
    const hive = await home.hive('Ipê');
    const batchId = await home.drained(await home.harvest(hive), 3300);
    expect((await waters()).map((w) => w.measuredPercent)).toEqual([null]);
    await home.ok(
      home.post('/waterReadings', {
        id: randomUUID(),
        batchId,
        reading: {
          scale: 'moisture',
          value: 17.4,
          temperatureC: 20,
          temperatureCompensated: true,
        },
      }),
    );
    expect((await waters())[0].measuredPercent).toBeCloseTo(17.4, 9);
  });
});
