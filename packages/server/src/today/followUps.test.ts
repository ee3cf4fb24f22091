import type { HouseRules, TodayLine } from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => void (home = await Household.open()));
afterEach(() => home.close());
const followUps = async (): Promise<TodayLine[]> =>
  (await home.get<{ items: TodayLine[] }>('/today')).items.filter((l) => l.kind === 'follow-up');
async function asks(weeks: number | null): Promise<void> {
  const { rules, version } = await home.get<{ rules: HouseRules; version: number }>('/rules');
  await home.ok(home.post('/rules', { ...rules, followUpWeeks: weeks }, { baseRevision: version }));
}

describe('the follow-up of a harvest', () => {
  it('comes in the household’s own weeks, and goes with the next look', async () => {
    const hive = await home.hive('Ipê');
    await home.harvest(hive);
    await asks(2);
    home.later(24 * 10);
    expect(await followUps()).toEqual([]);
    home.later(24 * 2);
    const [line] = await followUps();
    expect(line).toMatchObject({
      title: { text: 'Look at Ipê again after its harvest' },
      stage: 'look',
    });
    await home.ok(home.look(home.comb(hive, 6)));
    expect(await followUps()).toEqual([]);
  });
  it('is not asked for where the household has no such rule', async () => {
    await home.harvest(await home.hive('Ipê'));
    home.later(24 * 60);
    expect(await followUps()).toEqual([]);
  });
});
