import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Batch, BatchDetail, Hive } from '@furrow/core';
import { Household } from '../testing/household.js';
import { seedDemo } from './seed.js';

let home: Household;
beforeAll(async () => {
  home = await Household.open();
  await seedDemo(home.db, { now: () => home.now });
});
afterAll(() => home.close());

describe('the demo household', () => {
  it('stands on three sites in the southern hemisphere, with its own rules', async () => {
    const { items } = await home.get<{ items: { name: string; hemisphere: string }[] }>('/sites');
    expect(items.map((s) => s.name)).toEqual(['Pedra Clara', 'Encosta', 'Capão Fundo']);
    expect(items.every((s) => s.hemisphere === 'south')).toBe(true);
    expect(await home.get('/rules')).toMatchObject({
      rules: { ripeCappedPercent: 75, moistureLimitPercent: 18.5, winterNeedKg: 11 },
    });
  });
  it('looked at its hive four times this season, less capped each time before', async () => {
    const { items } = await home.get<{ items: Hive[] }>('/hives');
    const comb = items[0].bars.find((b) => b.slot === 13)!.comb!;
    const recent = comb.looks.filter(
      (l) => Date.parse(l.occurredAt) > home.now.getTime() - 30 * 86_400_000,
    );
    expect(recent).toHaveLength(4);
    const capped = recent.map((l) => l.verdict.cappedPercent!);
    expect([...capped].sort((a, b) => a - b)).toEqual(capped);
    for (const look of recent)
      for (const side of [look.sides.A, look.sides.B])
        if (side) expect(Object.values(side).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6);
  });
  it('has every verdict to show', async () => {
    const { items } = await home.get<{ items: Hive[] }>('/hives');
    const verdicts = new Set(
      items[0].bars.flatMap((b) => b.comb?.looks.at(-1)?.verdict.verdict ?? []),
    );
    expect([...verdicts].sort()).toEqual(['leave', 'take', 'test']);
  });
  it('has one harvest finished and one draining now, both balanced to the gram', async () => {
    const { items } = await home.get<{ items: Batch[] }>('/harvests');
    expect(items.slice(0, 2).map((b) => [b.stage, b.closedAt !== null])).toEqual([
      ['drain', false],
      ['book', true],
    ]);
    // And what the household kept in a sheet before, closed.
    expect(items.slice(2).map((b) => b.closedAt !== null)).toEqual(Array(9).fill(true));
    for (const { id } of items) {
      const detail = await home.get<BatchDetail>(`/harvests/${id}`);
      expect(detail.balanced).toBe(true);
      expect(detail.problems).toEqual([]);
    }
    expect(await home.get('/book')).toMatchObject({ balanced: true });
  });
  it('has its next stir ahead, and something due', async () => {
    const { items } = await home.get<{ items: { dueAt: string; dueWhat: { text: string } }[] }>(
      '/clocks',
    );
    expect(items).toHaveLength(1);
    expect(items[0].dueWhat.text).toBe('stir');
    expect(Date.parse(items[0].dueAt)).toBeGreaterThan(home.now.getTime());
    const today = await home.get<{ items: { kind: string; title: { text: string } }[] }>('/today');
    expect(today.items.find((l) => l.kind === 'ripe')!.title.text).toMatch(
      /^Ipê: \d combs are ripe, \d to spare$/,
    );
    expect(today.items.map((l) => l.kind)).toEqual(
      expect.arrayContaining(['stir', 'draw-off', 'look', 'look-back']),
    );
  });
  it('answers the same for the same clock', async () => {
    const again = await Household.open();
    await seedDemo(again.db, { now: () => home.now });
    const strip = (hives: Hive[]): unknown =>
      hives.map((h) =>
        h.bars.map((b) => b.comb?.looks.map((l) => [l.sides, l.occurredAt, l.verdict])),
      );
    expect(strip((await again.get<{ items: Hive[] }>('/hives')).items)).toEqual(
      strip((await home.get<{ items: Hive[] }>('/hives')).items),
    );
    await again.close();
  });
});
