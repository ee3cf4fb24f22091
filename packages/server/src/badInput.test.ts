import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { TOP_BAR_DEFAULTS } from '@furrow/core';
import { Household, SEALED } from './testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

/** How many rows every table holds: a refusal changes none of them. */
async function everything(): Promise<Record<string, number>> {
  const tables = [
    'sites',
    'hives',
    'combs',
    'looks',
    'batches',
    'takes',
    'drains',
    'weighings',
    'lots',
    'flows',
    'vessels',
    'jarKinds',
    'commands',
    'journal',
  ];
  return Object.fromEntries(
    await Promise.all(
      tables.map(async (t) => [t, Number((await home.db(t).count('* as n').first())?.n)]),
    ),
  );
}

describe('bad input is a sentence at its field, and nothing is stored', () => {
  it('says it for each', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const drainId = await home.drain(batchId);
    const combId = home.comb(hive, 3);
    const look = (sides: unknown, extra = {}) => ({
      id: randomUUID(),
      combId,
      sides,
      readings: [],
      combAge: 'new',
      depthMm: 200,
      thicknessMm: 28,
      ...extra,
    });
    const cases: [string, string, unknown, number, string, string?, Record<string, unknown>?][] = [
      [
        'shares that do not sum',
        '/looks',
        look({ A: { ...SEALED, capped: 0.5 }, B: null }),
        400,
        'bad-input',
        'payload.sides.A',
      ],
      [
        'a fact of a year that nobody plans for',
        '/colonyFacts',
        {
          id: randomUUID(),
          colonyId: hive.colony!.id,
          on: '2031-03-01',
          fact: { kind: 'queen', seen: true },
        },
        400,
        'bad-input',
        'payload.on',
      ],
      [
        'tare above gross',
        '/weighings',
        { id: randomUUID(), drainId, grossG: 500, tareG: 900, source: 'hand' },
        400,
        'bad-input',
        'payload.tareG',
      ],
      [
        'a weighing before the start',
        '/weighings',
        { id: randomUUID(), drainId, grossG: 900, tareG: 500, source: 'hand' },
        400,
        'bad-input',
        'occurredAt',
        { occurredAt: '2026-03-14T11:00:00Z' },
      ],
      [
        'a weighing in the future',
        '/weighings',
        { id: randomUUID(), drainId, grossG: 900, tareG: 500, source: 'hand' },
        400,
        'bad-input',
        'occurredAt',
        { occurredAt: '2026-03-15T11:00:00Z' },
      ],
      [
        'more than was crushed',
        '/weighings',
        { id: randomUUID(), drainId, grossG: 90_000, tareG: 500, source: 'hand' },
        400,
        'bad-input',
        'payload.grossG',
      ],
      [
        'negative stock',
        '/jars',
        { id: randomUUID(), name: 'Jar', netG: 500, tareG: 100, stock: -1, value: 0 },
        400,
        'bad-input',
        'payload.stock',
      ],
      [
        'two combs in one place',
        '/combs',
        { id: randomUUID(), hiveId: hive.id, slot: 3, builtOn: '2026-03-01' },
        409,
        'place-taken',
        'payload.slot',
      ],
      [
        'two combs in one place at an earlier time',
        '/combs',
        { id: randomUUID(), hiveId: hive.id, slot: 8, builtOn: '2026-03-01' },
        409,
        'place-taken',
        'payload.builtOn',
      ],
      [
        'an unknown comb',
        '/looks',
        { ...look({ A: SEALED, B: null }), combId: randomUUID() },
        404,
        'not-found',
      ],
      [
        'an id that is none',
        '/looks',
        { ...look({ A: SEALED, B: null }), combId: 'x' },
        400,
        'bad-input',
        'payload.combId',
      ],
      [
        'an unknown key',
        '/looks',
        look({ A: SEALED, B: null }, { colour: 'red' }),
        400,
        'bad-input',
        'payload.colour',
      ],
      [
        'a zone that is none',
        '/sites',
        { id: randomUUID(), name: 'S', zone: 'Mars/Base', hemisphere: 'south' },
        400,
        'bad-input',
        'payload.zone',
      ],
      [
        'a hive wider below',
        '/hives',
        {
          id: randomUUID(),
          siteId: hive.siteId,
          name: 'H',
          kind: 'top-bar',
          geometry: { ...TOP_BAR_DEFAULTS, bottomWidthMm: 500 },
          colonyStartedOn: '2024-01-01',
        },
        400,
        'bad-input',
        'payload.geometry.bottomWidthMm',
      ],
      [
        'a name twice',
        '/hives',
        {
          id: randomUUID(),
          siteId: hive.siteId,
          name: 'Ipê',
          kind: 'top-bar',
          geometry: TOP_BAR_DEFAULTS,
          colonyStartedOn: '2024-01-01',
        },
        409,
        'already-there',
      ],
      [
        'more jars than honey',
        '/fillings',
        {
          id: randomUUID(),
          batchId,
          jarKindId: randomUUID(),
          count: 5,
          netG: 500,
          lowestWeighedG: null,
        },
        404,
        'not-found',
      ],
      [
        'a comb taken twice',
        '/takes',
        {
          id: randomUUID(),
          batchId,
          combId: home.comb(hive, 8),
          outcome: 'put-back',
          vesselId: null,
          grossG: null,
          tareG: null,
        },
        409,
        'taken-already',
      ],
      [
        'a gap without a reason',
        `/drains/${drainId}/close`,
        { honeyG: 100, wetWaxG: 100, minutes: 0, gapReason: '' },
        400,
        'bad-input',
        'payload.gapReason',
      ],
    ];
    const before = await everything();
    for (const [what, path, payload, status, code, field, extra] of cases) {
      const response = await home.post(path, payload, extra);
      expect([what, response.status, response.body.code]).toEqual([what, status, code]);
      if (field) expect([what, response.body.path]).toEqual([what, field]);
      expect(response.headers['content-type']).toContain('application/problem+json');
      expect(response.body.detail.length).toBeGreaterThan(8);
      expect(response.body.detail).not.toMatch(/SQLITE|insert into|select /i);
    }
    expect(await everything()).toEqual(before);
  });
  it('refuses broken JSON, huge bodies and huge names', async () => {
    const raw = (body: string) =>
      request(home.app).post('/api/v1/sites').set('Content-Type', 'application/json').send(body);
    expect((await raw('{"id": ')).body).toMatchObject({
      code: 'bad-input',
      detail: 'This is not readable JSON.',
    });
    expect(
      (
        await home.post('/sites', {
          id: randomUUID(),
          name: 'x'.repeat(2_000_000),
          zone: 'UTC',
          hemisphere: 'north',
        })
      ).status,
    ).toBe(413);
    expect(
      (
        await home.post('/sites', {
          id: randomUUID(),
          name: 'x'.repeat(900_000),
          zone: 'UTC',
          hemisphere: 'north',
        })
      ).body,
    ).toMatchObject({ path: 'payload.name', detail: 'At most 80 letters.' });
  });
  it('keeps a script in a name as plain text', async () => {
    const name = '<script>alert(1)</script>';
    await home.ok(
      home.post('/sites', { id: randomUUID(), name, zone: 'UTC', hemisphere: 'north' }),
    );
    const response = await request(home.app).get('/api/v1/sites');
    expect(response.body.items[0].name).toBe(name);
    expect(response.headers['content-type']).toContain('application/json');
    expect(response.headers['content-security-policy']).toContain("script-src 'self'");
    expect(response.headers['x-content-type-options']).toBe('nosniff');
  });
  it('refuses a foreign page', async () => {
    const response = await request(home.app)
      .post('/api/v1/sites')
      .set('Origin', 'http://elsewhere.example')
      .send(home.envelope({}));
    expect(response.body.code).toBe('foreign-origin');
  });
  it('says so for an address that is not there', async () =>
    expect((await request(home.app).get('/api/v1/bees')).body).toMatchObject({
      code: 'not-found',
      status: 404,
    }));
});

describe('lists', () => {
  it('come in pages with a cursor', async () => {
    for (const name of ['A', 'B', 'C'])
      await home.ok(
        home.post('/sites', { id: randomUUID(), name, zone: 'UTC', hemisphere: 'north' }),
      );
    const first = await home.get<{ items: { name: string }[]; next: string }>('/sites?limit=2');
    const second = await home.get<{ items: { name: string }[]; next: null }>(
      `/sites?limit=2&cursor=${first.next}`,
    );
    expect([...first.items, ...second.items].map((s) => s.name)).toEqual(['A', 'B', 'C']);
    expect(second.next).toBeNull();
    expect((await request(home.app).get('/api/v1/sites?cursor=elsewhere')).body).toMatchObject({
      code: 'bad-input',
      path: 'cursor',
    });
  });
});

describe('revisions and repeats', () => {
  it('refuses a stale revision and keeps what is there', async () => {
    const hive = await home.hive();
    expect(
      (await home.patch(`/hives/${hive.id}`, { name: 'Ipê velho' }, { baseRevision: 1 })).status,
    ).toBe(201);
    const stale = await home.patch(`/hives/${hive.id}`, { name: 'Ipê novo' }, { baseRevision: 1 });
    expect(stale.body).toMatchObject({ status: 409, code: 'stale', path: 'baseRevision' });
    expect((await home.get<{ name: string }>(`/hives/${hive.id}`)).name).toBe('Ipê velho');
  });
  it('writes a repeated command once and answers alike', async () => {
    const body = home.envelope({
      id: randomUUID(),
      name: 'Encosta',
      zone: 'UTC',
      hemisphere: 'south',
    });
    const [first, second] = [
      await request(home.app).post('/api/v1/sites').send(body),
      await request(home.app).post('/api/v1/sites').send(body),
    ];
    expect([first.status, second.status]).toEqual([201, 200]);
    expect(second.body).toEqual(first.body);
    expect(Number((await home.db('sites').count('* as n').first())?.n)).toBe(1);
    expect((await request(home.app).post('/api/v1/vessels').send(body)).status).not.toBe(200);
  });
  it('serialises twenty writes at once', async () => {
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        home.post('/sites', {
          id: randomUUID(),
          name: `Site ${i}`,
          zone: 'UTC',
          hemisphere: 'north',
        }),
      ),
    );
    expect(answers.every((a) => a.status === 201)).toBe(true);
  });
  it('keeps a late entry that no longer fits, and shows it', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    home.later(2);
    const late = await home.post(
      '/takes',
      {
        id: randomUUID(),
        batchId,
        combId: home.comb(hive, 8),
        outcome: 'put-back',
        vesselId: null,
        grossG: null,
        tareG: null,
      },
      { occurredAt: '2026-03-14T12:30:00.000Z' },
    );
    expect(late.status).toBe(409);
    expect(
      (await home.get<{ items: { why: { text: string } }[] }>('/held')).items[0].why.text,
    ).toContain('written down already');
  });
});

describe('undo', () => {
  it('takes back a take: comb, lot and flow, as a new entry', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const [last] = (
      await home.get<{ items: { commandId: string; sentence: { text: string } }[] }>('/journal')
    ).items;
    expect(last.sentence.text).toBe('Comb taken');
    expect((await home.post('/undo', { commandId: last.commandId })).status).toBe(201);
    const detail = await home.detail(batchId);
    expect(detail.lots[0]).toMatchObject({ kind: 'comb', nowG: 2000 });
    expect(detail.takes).toHaveLength(1);
    expect(detail.hive.bars.find((b) => b.slot === 7)!.comb).not.toBeNull();
    expect(detail.balanced).toBe(true);
    // Append-only: the flow and its void both stand in the table.
    expect(Number((await home.db('flows').count('* as n').first())?.n)).toBe(3);
    expect((await home.post('/undo', { commandId: last.commandId })).body.code).toBe(
      'undone-already',
    );
  });
  it('refuses what would overdraw a later flow, and names it', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const take = (await home.get<{ items: { commandId: string }[] }>('/journal')).items[0]
      .commandId;
    await home.drain(batchId);
    const refusal = await home.post('/undo', { commandId: take });
    expect(refusal.status).toBe(409);
    expect(refusal.body.detail).toMatch(/Ipê, comb|rests on it/);
    expect((await home.detail(batchId)).balanced).toBe(true);
  });
  it('brings house rules back as a new version', async () => {
    const { rules } = await home.get<{ rules: Record<string, unknown> }>('/rules');
    const body = home.envelope({ ...rules, ripeCappedPercent: 100 });
    await request(home.app).post('/api/v1/rules').send(body);
    await home.ok(home.post('/undo', { commandId: body.id }));
    expect(await home.get('/rules')).toMatchObject({
      version: 3,
      rules: { ripeCappedPercent: 80 },
    });
  });
});
