import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Hive, Look } from '@furrow/core';
import { Household, SEALED } from '../testing/household.js';

let home: Household;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive();
});
afterEach(() => home.close());
const current = (): Promise<Hive> => home.get<Hive>(`/hives/${hive.id}`);

describe('a hive', () => {
  it('is made with its bars, the combs before the board, and its colony', async () => {
    expect(hive.bars).toHaveLength(22);
    expect(hive.bars.filter((b) => b.comb).map((b) => b.slot)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
    expect(hive.colony?.startedOn).toBe('2024-09-20');
    expect(
      Number(
        (await home.db('placements').where({ parentHiveId: hive.id }).count('* as n').first())?.n,
      ),
    ).toBe(22);
  });
  it('keeps its identity when its measures change, and its number of bars', async () => {
    const geometry = { ...hive.geometry, barWidthMm: 34 };
    await home.ok(home.patch(`/hives/${hive.id}`, { geometry }, { baseRevision: 1 }));
    expect((await current()).geometry.barWidthMm).toBe(34);
    expect(
      (await home.patch(`/hives/${hive.id}`, { geometry: { ...geometry, bars: 30 } })).body.path,
    ).toBe('payload.geometry.bars');
  });
  it('refuses two carriers in one slot in the database itself', async () => {
    const row = await home.db('placements').where({ parentHiveId: hive.id, slot: 3 }).first();
    await expect(home.db('placements').insert({ ...row, id: randomUUID() })).rejects.toMatchObject({
      code: 'SQLITE_CONSTRAINT_UNIQUE',
    });
  });
  it('does not let a colony start in the future', async () => {
    const response = await home.post('/hives', {
      id: randomUUID(),
      siteId: hive.siteId,
      name: 'Later',
      kind: 'top-bar',
      geometry: hive.geometry,
      colonyStartedOn: '2027-01-01',
    });
    expect(response.body).toMatchObject({ code: 'bad-input', path: 'payload.colonyStartedOn' });
    expect((await home.get<{ items: unknown[] }>('/hives')).items).toHaveLength(1);
  });
});

describe('a look', () => {
  it('copies the place, the date of the site and the rules it was judged by', async () => {
    home.now = new Date('2026-03-15T01:30:00Z');
    const response = await home.ok(home.look(home.comb(hive, 8)));
    // Half past one in the night UTC is still the evening before in the uplands.
    expect((response.body as { look: Look }).look).toMatchObject({
      slot: 8,
      date: '2026-03-14',
      rulesVersion: 1,
      verdict: { verdict: 'take' },
    });
  });
  it('keeps what was said as it was said: raw value, scale, temperature', async () => {
    const reading = {
      side: 'A',
      cells: 'open',
      scale: 'brix',
      value: 79.7,
      temperatureC: 26,
      temperatureCompensated: false,
    };
    await home.ok(
      home.post('/looks', {
        id: randomUUID(),
        combId: home.comb(hive, 8),
        sides: { A: SEALED, B: null },
        readings: [reading],
        combAge: 'new',
        depthMm: 200,
        thicknessMm: 28,
      }),
    );
    const look = (await current()).bars[7].comb!.looks[0];
    expect(look.readings).toEqual([reading]);
    expect(look.sides.B).toBeNull();
    expect(look.verdict.verdict).not.toBe('take');
  });
  it('refuses a reading that is no honey', async () => {
    const reading = {
      side: 'A',
      cells: 'open',
      scale: 'index',
      value: 1.7,
      temperatureC: 20,
      temperatureCompensated: true,
    };
    const response = await home.post('/looks', {
      id: randomUUID(),
      combId: home.comb(hive, 8),
      sides: { A: SEALED, B: null },
      readings: [reading],
      combAge: 'new',
      depthMm: 200,
      thicknessMm: 28,
    });
    expect(response.body).toMatchObject({ status: 400, code: 'bad-input' });
  });
  it('stands in order of when it happened, also when it is written down later', async () => {
    const combId = home.comb(hive, 8);
    await home.ok(home.look(combId));
    await home.ok(
      home.post(
        '/looks',
        {
          id: randomUUID(),
          combId,
          sides: { A: { ...SEALED, capped: 0.3, open: 0.66 }, B: null },
          readings: [],
          combAge: 'new',
          depthMm: 200,
          thicknessMm: 28,
        },
        { occurredAt: '2026-03-07T12:00:00.000Z' },
      ),
    );
    const looks = (await current()).bars[7].comb!.looks;
    expect(looks.map((l) => l.occurredAt.slice(0, 10))).toEqual(['2026-03-07', '2026-03-14']);
    expect(looks[0].verdict.verdict).toBe('leave');
  });
  it('is refused for a comb that no longer hangs', async () => {
    const combId = home.comb(hive, 8);
    await home.ok(home.post(`/combs/${combId}/end`, { reason: 'fell' }));
    expect((await home.look(combId)).body).toMatchObject({ status: 409, code: 'comb-ended' });
  });
});

describe('combs on bars', () => {
  it('come and go; the bar keeps its place', async () => {
    await home.ok(home.post(`/combs/${home.comb(hive, 8)}/end`, { reason: 'none-here' }));
    expect((await current()).bars[7].comb).toBeNull();
    home.later(24);
    await home.ok(
      home.post('/combs', { id: randomUUID(), hiveId: hive.id, slot: 8, builtOn: '2026-03-15' }),
    );
    expect((await current()).bars[7].comb).toMatchObject({ builtOn: '2026-03-15', looks: [] });
    expect(
      (
        await home.post('/combs', {
          id: randomUUID(),
          hiveId: hive.id,
          slot: 40,
          builtOn: '2026-03-15',
        })
      ).body.path,
    ).toBe('payload.slot');
  });
});
