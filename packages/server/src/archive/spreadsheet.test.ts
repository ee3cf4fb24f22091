import { randomUUID } from 'node:crypto';
import type { BatchDetail, Hive } from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive('Ipê');
});
afterEach(() => home.close());
const row = (hiveName: string, date: string, honeyG = 3400, waxG = 120) => ({
  batchId: randomUUID(),
  visitId: randomUUID(),
  hiveName,
  date,
  honeyG,
  waxG,
  moisturePercent: null,
  minutes: 60,
  note: '',
});
const here = () => ({ name: 'Ipê', hiveId: hive.id, make: null });

describe('harvests from a sheet', () => {
  it('come in closed, their honey and wax in the book, come and gone; seasons count them', async () => {
    await home.ok(
      home.post('/sheetHarvests', {
        hives: [here()],
        harvests: [row('Ipê', '2024-12-01'), row('Ipê', '2025-03-02', 2000, 0)],
      }),
    );
    const { items } = await home.get<{
      items: { id: string; date: string; closedAt: string | null }[];
    }>('/harvests');
    expect(items.map((b) => [b.date, b.closedAt !== null])).toEqual([
      ['2025-03-02', true],
      ['2024-12-01', true],
    ]);
    const { balanced, lots } = await home.get<BatchDetail>(`/harvests/${items[1].id}`);
    expect([balanced, lots.map((l) => [l.kind, l.inG, l.nowG])]).toEqual([
      true,
      [
        ['honey', 3400, 0],
        ['clean-wax', 120, 0],
      ],
    ]);
    expect(
      (await home.get<{ harvests: { honeyG: number; waxG: number }[] }>('/seasons')).harvests,
    ).toMatchObject([
      { honeyG: 2000, waxG: 0 },
      { honeyG: 3400, waxG: 120 },
    ]);
    expect((await home.get<{ items: unknown[] }>('/stock')).items).toEqual([]);
  });
  it('make the hive they name, where it is not here yet', async () => {
    const hiveId = randomUUID();
    await home.ok(
      home.post('/sheetHarvests', {
        hives: [{ name: 'Jatobá', hiveId, make: { kind: 'warre', siteId: hive.siteId } }],
        harvests: [row('Jatobá', '2024-11-20')],
      }),
    );
    expect(await home.get<Hive>(`/hives/${hiveId}`)).toMatchObject({
      name: 'Jatobá',
      kind: 'warre',
      colony: { startedOn: '2024-11-20' },
    });
  });
  it('are all refused where one does not fit, with the row named, and one undo takes all back', async () => {
    const send = (harvests: object[], hives: object[] = [here()]) =>
      home.post('/sheetHarvests', { hives, harvests });
    expect((await send([row('Ipê', '2024-12-01'), row('Cedro', '2024-12-02')])).body).toMatchObject(
      { detail: 'Which hive is "Cedro"?', path: 'payload.harvests[1].hiveName' },
    );
    expect((await send([row('Ipê', '2024-12-01'), row('Ipê', '2027-12-02')])).body.detail).toMatch(
      /future/,
    );
    expect((await home.get<{ items: unknown[] }>('/harvests')).items).toEqual([]);
    const done = await home.ok(send([row('Ipê', '2024-12-01'), row('Ipê', '2024-12-09')]));
    expect(done.body).toEqual({ harvests: 2 });
    expect((await send([row('Ipê', '2024-12-09')])).body.detail).toMatch(
      /has a harvest of 9 Dec 2024 already/,
    );
    const [{ commandId }] = (await home.get<{ items: { commandId: string }[] }>('/journal')).items;
    await home.ok(home.post('/undo', { commandId }));
    expect((await home.get<{ items: unknown[] }>('/harvests')).items).toEqual([]);
    expect(await home.get('/book')).toMatchObject({ balanced: true });
  });
});
