import { randomUUID } from 'node:crypto';
import {
  harvestWith,
  jarsWith,
  keptPathOf,
  waitingEntry,
  type Batch,
  type BatchDetail,
  type Hive,
  type JarKindRecord,
  type RulesVersion,
} from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import request from 'supertest';
import { Household } from '../testing/household.js';

let home: Household;
let hive: Hive;
let batchId: string;
let jarKindId: string;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive('Ipê');
  batchId = await home.drained(await home.harvest(hive), 3400);
  jarKindId = randomUUID();
  const jar = { name: 'Jar 300', netG: 300, tareG: 160, stock: 40, value: 25 };
  await home.ok(home.post('/jars', { id: jarKindId, ...jar }));
});
afterEach(() => home.close());

const takes = (device: string, count: number, of = batchId) =>
  request(home.app).post(`/api/v1/harvests/${of}/numbers`).send({ device, count });
const codes = async (device: string, count: number): Promise<string[]> =>
  ((await takes(device, count)).body as { codes: string[] }).codes;
const filling = (code: string | null, count = 2) => ({
  ...{ id: randomUUID(), batchId, jarKindId, count, netG: 300, lowestWeighedG: null, code },
});
const detail = (): Promise<BatchDetail> =>
  home.get(`/harvests/${batchId}`, { 'x-furrow-says': 'keys' });
const codeOf = async (id: string): Promise<string | null> =>
  (await detail()).lots.find((lot) => lot.id === id)!.code;

describe('numbers of jars that a device takes along', () => {
  it('are given to nobody else, and are the same until jars carry them', async () => {
    const phone = await codes('phone', 3);
    expect(phone.map((code) => code.replace(/^IPE-\d{6}-/, ''))).toEqual(['A21', 'A22', 'A23']);
    expect(await codes('phone', 3)).toEqual(phone);
    const tablet = await codes('tablet', 2);
    expect(tablet.some((code) => phone.includes(code))).toBe(false);

    const atTable = filling(null);
    await home.ok(home.post('/fillings', atTable));
    // The house numbers on from 1, as if nobody had taken any along.
    expect(await codeOf(atTable.id)).toMatch(/-A1$/);
    const alone = filling(phone[1]);
    await home.ok(home.post('/fillings', alone));
    expect(await codeOf(alone.id)).toBe(phone[1]);
    const later = await codes('phone', 3);
    expect(later.slice(0, 2)).toEqual([phone[0], phone[2]]);
    expect(later).toHaveLength(3);
    const all = [...phone, ...tablet, later[2], await codeOf(atTable.id)];
    expect(new Set(all).size).toBe(all.length);
  });

  it('stand on one lot: a second that says the same is refused, and has another without it', async () => {
    const [number] = await codes('phone', 1);
    await home.ok(home.post('/fillings', filling(number)));
    const again = await home.post('/fillings', filling(number));
    expect([again.status, again.body.path]).toEqual([400, 'payload.code']);
    expect(again.body.detail).toContain(`${number} stands on other jars already`);
    await home.ok(home.post('/fillings', filling(null)));
  });

  it('of another harvest, or of none, are refused; nothing is stored', async () => {
    const other = await home.drained(await home.harvest(await home.hive('Cedro')), 2000);
    const [theirs] = ((await takes('phone', 1, other)).body as { codes: string[] }).codes;
    for (const code of [theirs, 'MINE-1', 'IPE'])
      expect((await home.post('/fillings', filling(code))).body.detail, code).toBe(
        `${code} is no number of this harvest.`,
      );
    expect((await detail()).lots.filter(({ kind }) => kind === 'jars')).toEqual([]);
  });

  it('keep their batch code for the harvest, and two harvests of one day apart', async () => {
    const second = await home.drained(await home.harvest(hive, [6, 5]), 2000);
    const [first] = await codes('phone', 1);
    const [other] = ((await takes('phone', 1, second)).body as { codes: string[] }).codes;
    expect(first.replace(/\d+$/, '')).not.toBe(other.replace(/\d+$/, ''));
    await home.ok(home.post('/fillings', filling(null)));
    expect((await detail()).batch.code).toBe(first.replace(/\d+$/, ''));
  });

  it.each([
    [{ device: 'phone', count: 0 }, 400],
    [{ device: 'phone', count: 13 }, 400],
    [{ device: '', count: 1 }, 400],
  ])('asked with %j are refused', async (body, status) => {
    const answer = await request(home.app).post(`/api/v1/harvests/${batchId}/numbers`).send(body);
    expect(answer.status).toBe(status);
  });

  it('of a harvest that is not there are a 404', async () => {
    expect((await takes('phone', 1, randomUUID())).status).toBe(404);
  });
});

describe('jars filled out of reach of the house', () => {
  it('look as the house will write them, and take their honey and their jars once', async () => {
    const [number] = await codes('phone', 1);
    const payload = { ...filling(number, 3), lowestWeighedG: 296 };
    const entry = waitingEntry(keptPathOf('/fillings')!, payload, {
      id: randomUUID(),
      occurredAt: home.now.toISOString(),
    });
    const kit = async (): Promise<JarKindRecord[]> =>
      (await home.get<{ items: JarKindRecord[] }>('/jars')).items;
    const known = {
      rules: await home.get<RulesVersion>('/rules'),
      batches: (await home.get<{ items: Batch[] }>('/harvests')).items,
      jars: await kit(),
    };
    const [shown, stock] = [
      harvestWith(await detail(), [entry], known),
      jarsWith(await kit(), [entry]),
    ];
    await home.ok(home.post('/fillings', payload));
    const house = await detail();
    const plain = (of: BatchDetail) =>
      of.lots.map(({ revision: _revision, ...lot }) => ({ ...lot, recordedAt: undefined }));
    expect(plain(shown)).toEqual(plain(house));
    const wents = (of: BatchDetail) => of.flows.map(({ from, to, g }) => `${from} ${to} ${g}`);
    expect(wents(shown).sort()).toEqual(wents(house).sort());
    expect(stock.map((jar) => jar.stock)).toEqual((await kit()).map((jar) => jar.stock));
    expect(harvestWith(house, [entry], known)).toEqual(house);
  });
});
