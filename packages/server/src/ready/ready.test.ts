import { createHash, randomUUID } from 'node:crypto';
import {
  planDay,
  type BatchDetail,
  type OpenPlans,
  type RulesVersion,
  type Site,
  type SiteWeather,
} from '@furrow/core';
import ICAL from 'ical.js';
import { PDFDocument } from 'pdf-lib';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { practiceWeather } from '../instruments/weather.js';
import { Household } from '../testing/household.js';

let home: Household;
beforeAll(async () => void (home = await Household.open()));
afterAll(() => home.close());

const batchOf = (hiveId: string, combIds: string[], more: Record<string, unknown> = {}) => ({
  visitId: randomUUID(),
  batchId: randomUUID(),
  hiveId,
  method: 'crush',
  combIds,
  anyway: [],
  lotGroup: null,
  ...more,
});

describe('a decision over several hives', () => {
  it('writes every batch of it or none, each judged again by the server', async () => {
    const [ipe, cedro] = [await home.hive('Ipê'), await home.hive('Cedro')];
    for (const hive of [ipe, cedro])
      for (const slot of [6, 7, 8]) await home.ok(home.look(home.comb(hive, slot)));
    const visitId = randomUUID();
    const lotGroup = randomUUID();
    const good = [
      batchOf(ipe.id, [home.comb(ipe, 8)], { visitId, lotGroup }),
      batchOf(ipe.id, [home.comb(ipe, 7)], { visitId, method: 'cut' }),
      batchOf(cedro.id, [home.comb(cedro, 8)], { lotGroup }),
    ];
    const bad = [...good, batchOf(cedro.id, [home.comb(ipe, 6)])];
    const refused = await home.post('/choices', { batches: bad, question: {} });
    expect(refused.body).toMatchObject({
      status: 400,
      path: 'payload.batches[3].combIds[0]',
      detail: 'This comb does not hang in that hive.',
    });
    expect((await home.get<{ items: unknown[] }>('/harvests')).items).toHaveLength(0);
    await home.ok(home.post('/choices', { batches: good, question: { goal: 'most-worth' } }));
    const { details } = await home.get<OpenPlans>('/plans');
    expect(details.map((d) => [d.batch.hiveName, d.batch.method, d.batch.lotGroup])).toEqual([
      ['Ipê', 'crush', lotGroup],
      ['Ipê', 'cut', null],
      ['Cedro', 'crush', lotGroup],
    ]);
    expect(new Set(details.map((d) => d.batch.visitId)).size).toBe(2);
  });
  it('withdrawing one batch of a visit leaves the other', async () => {
    const { details } = await home.get<OpenPlans>('/plans');
    const cut = details.find((d) => d.batch.method === 'cut')!;
    await home.ok(home.post(`/harvests/${cut.batch.id}/withdraw`, {}));
    const after = (await home.get<OpenPlans>('/plans')).details;
    expect(after.map((d) => d.batch.date)).toHaveLength(2);
    await home.ok(
      home.post('/undo', {
        commandId: (await home.get<{ items: { commandId: string }[] }>('/journal')).items[0]
          .commandId,
      }),
    );
    expect((await home.get<OpenPlans>('/plans')).details).toHaveLength(3);
  });
});

describe('a comb under a waiting time', () => {
  it('is refused even with a reason', async () => {
    const hive = await home.hive('Tratada');
    await home.ok(home.look(home.comb(hive, 8)));
    await home.ok(
      home.post('/colonyFacts', {
        id: randomUUID(),
        colonyId: hive.colony!.id,
        on: '2026-03-10',
        fact: { kind: 'treatment', product: 'Acid strips', waitDays: 30 },
      }),
    );
    const combId = home.comb(hive, 8);
    const answer = await home.post('/choices', {
      batches: [batchOf(hive.id, [combId], { anyway: [{ combId, reason: 'I want it' }] })],
      question: {},
    });
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(/its waiting time of/);
  });
});

describe('the weather', () => {
  it('is unknown outside the demo household until somebody types it in; a later word on the hour replaces it', async () => {
    const [site] = (await home.get<{ items: Site[] }>('/sites')).items;
    expect(await home.get<SiteWeather>(`/sites/${site.id}/weather`)).toMatchObject({
      hours: [],
      practice: false,
      gaps: 240,
    });
    const entry = (temperatureC: number | null) => ({
      id: randomUUID(),
      siteId: site.id,
      at: '2026-03-15T13:20:00.000Z',
      temperatureC,
      windKmH: 8,
      rainMm: null,
      humidityPercent: null,
      cloudPercent: null,
    });
    await home.ok(home.post('/weatherEntries', entry(21)));
    await home.ok(home.post('/weatherEntries', entry(24)));
    expect((await home.get<SiteWeather>(`/sites/${site.id}/weather`)).hours).toEqual([
      {
        at: '2026-03-15T13:00:00.000Z',
        temperatureC: 24,
        windKmH: 8,
        rainMm: null,
        humidityPercent: null,
        cloudPercent: null,
        source: 'hand',
      },
    ]);
    const nothing = await home.post('/weatherEntries', { ...entry(null), windKmH: null });
    expect(nothing.body.detail).toBe('Say at least one thing of the weather.');
    expect((await home.post('/weatherEntries', { ...entry(80) })).body.detail).toBe(
      'At most 55 °C.',
    );
  });
  it('of the practice service is the same for the same seed, hour by hour, and marked', () => {
    const site = { id: 'x', zone: 'America/Sao_Paulo', hemisphere: 'south' as const, forage: {} };
    const from = new Date('2026-03-14T03:00:00Z');
    const hours = practiceWeather(7).hours(site, from, 240);
    expect(hours).toHaveLength(240);
    expect(practiceWeather(7).hours(site, from, 240)).toEqual(hours);
    expect(practiceWeather(8).hours(site, from, 240)).not.toEqual(hours);
    expect(
      hours.every(
        (h) =>
          h.source === 'practice' &&
          h.temperatureC! > -15 &&
          h.temperatureC! < 45 &&
          h.humidityPercent! <= 100,
      ),
    ).toBe(true);
    // Afternoons are warmer than the nights before them.
    expect(hours[15].temperatureC!).toBeGreaterThan(hours[4].temperatureC!);
  });
});

describe('site, gear and ticks', () => {
  it('notes and forage of a site are kept, refused by name, and undone', async () => {
    const [site] = (await home.get<{ items: Site[] }>('/sites')).items;
    await home.patch(`/sites/${site.id}`, { notes: ['dog', 'ladder'], forage: { 2: 'dearth' } });
    expect((await home.get<{ items: Site[] }>('/sites')).items[0]).toMatchObject({
      notes: ['dog', 'ladder'],
      forage: { 2: 'dearth' },
    });
    expect((await home.patch(`/sites/${site.id}`, { notes: ['dragon'] })).status).toBe(400);
    expect((await home.patch(`/sites/${site.id}`, { forage: { 13: 'flow' } })).status).toBe(400);
  });
  it('gear is counted and mended; a negative stock is refused', async () => {
    const gear = {
      id: randomUUID(),
      name: 'Left glove',
      kind: 'clothing',
      stock: 1,
      volumeL: 1,
      weightKg: 0.2,
      repair: 'torn',
      dueOn: '2026-04-01',
    };
    await home.ok(home.post('/gear', gear));
    expect((await home.post('/gear', { ...gear, id: randomUUID(), stock: -1 })).body.detail).toBe(
      'At least 0.',
    );
    const today = (): Promise<string[]> =>
      home
        .get<{ items: { title: { text: string } }[] }>('/today')
        .then((t) => t.items.map((i) => i.title.text));
    expect(await today()).not.toContain('Left glove: torn');
    await home.patch(`/gear/${gear.id}`, { dueOn: '2026-03-20' });
    expect(await today()).toContain('Left glove: torn');
    await home.patch(`/gear/${gear.id}`, { repair: null });
    expect((await home.get<OpenPlans>('/plans')).gear).toEqual([
      expect.objectContaining({ name: 'Left glove', repair: null }),
    ]);
  });
  it('a line is ticked, noted as missing, opened again: one tick a line', async () => {
    const [first] = (await home.get<OpenPlans>('/plans')).details;
    for (const state of ['have', 'missing', 'open'])
      await home.ok(
        home.post('/ticks', { id: randomUUID(), batchId: first.batch.id, line: 'smoker', state }),
      );
    expect((await home.get<OpenPlans>('/plans')).ticks).toEqual([
      expect.objectContaining({ line: 'smoker', state: 'open' }),
    ]);
  });
});

describe('the plan goes out', () => {
  it('steps set by hand are kept with it; calendar and sheet speak the same times', async () => {
    expect((await request(home.app).get('/api/v1/plans/timetable.ics')).status).toBe(400);
    const { details } = await home.get<OpenPlans>('/plans');
    for (const [i, d] of details.entries()) {
      const plan = {
        startLocal: `2026-03-1${6 + i}T09:30`,
        kitchenTemperatureC: 24,
        nightTemperatureC: 16,
        moisturePercent: 18,
        moves: i === 0 ? { crush: '2026-03-16T15:00' } : {},
      };
      await home.ok(home.post(`/harvests/${d.batch.id}/plan`, plan));
    }
    expect(
      (await home.get<BatchDetail>(`/harvests/${details[0].batch.id}`)).batch.plan,
    ).toMatchObject({ moves: { crush: '2026-03-16T15:00' }, nightTemperatureC: 16 });
    const text = (await request(home.app).get('/api/v1/plans/timetable.ics')).text;
    const calendar = new ICAL.Component(ICAL.parse(text));
    const events = calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
    const crush = events.find((e) => e.uid === `${details[0].batch.id}-crush@furrow`)!;
    expect(crush.startDate.toJSDate().toISOString()).toBe('2026-03-16T18:00:00.000Z');
    const drain = events.find((e) => e.uid === `${details[0].batch.id}-drain@furrow`)!;
    // A wait rings when it ends, not a whole wait later; work rings a quarter of an hour before.
    const ringsAt = (event: ICAL.Event): string => {
      const trigger = event.component.getFirstSubcomponent('valarm')!.getFirstProperty('trigger')!;
      const value = trigger.getFirstValue()!;
      if (value instanceof ICAL.Time) return value.toJSDate().toISOString();
      const from = trigger.getFirstParameter('related') === 'END' ? event.endDate : event.startDate;
      const at = from.clone();
      at.addDuration(value as ICAL.Duration);
      return at.toJSDate().toISOString();
    };
    expect(ringsAt(drain)).toBe(drain.endDate.toJSDate().toISOString());
    expect(ringsAt(crush)).toBe('2026-03-16T17:45:00.000Z');
    const smoke = events.find((e) => e.uid === `${details[0].batch.id}-smoke@furrow`)!;
    expect([smoke.location, crush.location]).toEqual([details[0].batch.siteName, null]);
    // A file made later outranks this one.
    home.later(1);
    const later = new ICAL.Component(
      ICAL.parse((await request(home.app).get('/api/v1/plans/timetable.ics')).text),
    );
    const first = new ICAL.Event(later.getFirstSubcomponent('vevent')!);
    expect(first.sequence).toBeGreaterThan(crush.sequence);
    expect(events.find((e) => e.uid.endsWith('-smoke@furrow'))!.description).toMatch(/adrenaline/);
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
    const sheet = await request(home.app)
      .get('/api/v1/plans/sheet.pdf')
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (c: Buffer) => parts.push(c));
        res.on('end', () => done(null, Buffer.concat(parts)));
      });
    const pages = (await PDFDocument.load(sheet.body as Buffer)).getPageCount();
    const days = new Set(events.map((e) => e.startDate.toJSDate().toISOString().slice(0, 10))).size;
    expect(pages).toBeGreaterThanOrEqual(days);

    // What is dropped is cancelled in calendars that were given it, until it would have been over.
    await home.ok(home.post(`/harvests/${details[0].batch.id}/withdraw`, {}));
    const statusOf = (ics: string): string | null => {
      const all = new ICAL.Component(ICAL.parse(ics)).getAllSubcomponents('vevent');
      const found = all.find((c) => new ICAL.Event(c).uid === crush.uid);
      return found ? ((found.getFirstPropertyValue('status') as string | null) ?? '') : null;
    };
    const now = async (): Promise<string> =>
      (await request(home.app).get('/api/v1/plans/timetable.ics')).text;
    expect(statusOf(text)).toBe('');
    expect(statusOf(await now())).toBe('CANCELLED');

    // A calendar follows a secret address until it is taken back; nobody guesses it.
    const token = 'a'.repeat(48);
    const tokenHash = createHash('sha256').update(token).digest('hex');
    const id = randomUUID();
    await home.ok(home.post('/calendarLinks', { id, tokenHash }));
    const follow = (secret: string) => request(home.app).get(`/api/v1/calendar/${secret}.ics`);
    expect(statusOf((await follow(token)).text)).toBe('CANCELLED');
    expect((await follow('b'.repeat(48))).status).toBe(404);
    expect((await follow(tokenHash)).status).toBe(404);
    expect(await home.get('/calendarLinks')).toMatchObject({ items: [{ id }] });
    await home.ok(home.post(`/calendarLinks/${id}/remove`, {}));
    expect((await follow(token)).status).toBe(404);
  });
  it('a plan with a broken time or an unknown field is refused and nothing changes', async () => {
    const [first] = (await home.get<OpenPlans>('/plans')).details;
    const before = first.batch.plan;
    const bad = async (change: object): Promise<number> =>
      (await home.post(`/harvests/${first.batch.id}/plan`, { ...before, ...change })).status;
    expect(await bad({ moves: { crush: 'noon' } })).toBe(400);
    expect(await bad({ startLocal: '2026-02-31T09:00' })).toBe(400);
    expect(await bad({ kitchenTemperatureC: 90 })).toBe(400);
    expect((await home.get<OpenPlans>('/plans')).details[0].batch.plan).toEqual(before);
  });
  it('what still drains elsewhere is said to be in use', async () => {
    const hive = await home.hive('Dreno');
    const batchId = await home.harvest(hive);
    await home.drain(batchId);
    const { inUse } = await home.get<OpenPlans>('/plans');
    const what = { key: 'ready.in-use.drains', with: { hive: 'Dreno' } };
    expect(inUse).toMatchObject([{ what, vesselIds: [] }]);
    expect(Date.parse(inUse[0].untilAt)).toBeGreaterThan(home.now.getTime());
  });
});

describe('frames that run in the hive', () => {
  it('give honey at once, and their comb goes on living', async () => {
    const made = await home.ok(
      home.post('/hives', {
        id: randomUUID(),
        siteId: (await home.get<{ items: Site[] }>('/sites')).items[0].id,
        name: 'Bromélia',
        kind: 'drain-frame',
        geometry: {
          broodBoxes: 1,
          supers: 1,
          framesPerSuper: 6,
          framePitchMm: 52,
          combWidthMm: 420,
          superDepthMm: 240,
          broodDepthMm: 240,
        },
        colonyStartedOn: '2024-09-20',
      }),
    );
    const hive = made.body.hive as BatchDetail['hive'];
    const bar = hive.bars.find((b) => b.comb)!;
    const sealed = { capped: 0.96, open: 0.02, pollen: 0, brood: 0, empty: 0.02 };
    await home.ok(
      home.post('/looks', {
        id: randomUUID(),
        combId: bar.comb!.id,
        sides: { A: sealed, B: sealed },
        readings: [],
        combAge: 'new',
        depthMm: 240,
        thicknessMm: 44,
      }),
    );
    const batch = batchOf(hive.id, [bar.comb!.id], { method: 'drain-hive' });
    await home.ok(home.post('/choices', { batches: [batch], question: {} }));
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId: batch.batchId,
        combId: bar.comb!.id,
        outcome: 'taken',
        vesselId: null,
        grossG: 3100,
        tareG: 900,
      }),
    );
    const detail = await home.detail(batch.batchId);
    expect(detail.lots.map((l) => [l.kind, l.nowG])).toEqual([['honey', 2200]]);
    expect(detail.hive.bars.find((b) => b.slot === bar.slot)!.comb!.id).toBe(bar.comb!.id);
    expect(detail.balanced).toBe(true);
  });
});

describe('two hives in one vessel', () => {
  it('is possible only where they were chosen so; both weights stay in the book, and the label names both', async () => {
    const hives = [
      await home.hive('Canela'),
      await home.hive('Cambará'),
      await home.hive('Alecrim'),
    ];
    const lotGroup = randomUUID();
    const batches = [];
    for (const [i, hive] of hives.entries()) {
      await home.ok(home.look(home.comb(hive, 8)));
      batches.push(batchOf(hive.id, [home.comb(hive, 8)], { lotGroup: i < 2 ? lotGroup : null }));
    }
    await home.ok(home.post('/choices', { batches, question: {} }));
    for (const [i, b] of batches.entries())
      await home.ok(
        home.post('/takes', {
          id: randomUUID(),
          batchId: b.batchId,
          combId: b.combIds[0],
          outcome: 'taken',
          vesselId: null,
          grossG: 3000 + i * 100,
          tareG: 1000,
        }),
      );
    const [a, b, c] = batches.map((x) => x.batchId);
    expect((await home.post(`/harvests/${c}/join`, { intoBatchId: a })).body.detail).toMatch(
      /not chosen as one lot/,
    );
    await home.ok(home.post(`/harvests/${b}/join`, { intoBatchId: a }));
    const into = await home.detail(a);
    expect(into.lots.find((l) => l.kind === 'comb')!.nowG).toBe(4100);
    expect(into.balanced).toBe(true);
    expect(await home.detail(b)).toMatchObject({ batch: { stage: 'book' }, balanced: true });
    expect((await home.get<{ balanced: boolean }>('/book')).balanced).toBe(true);
    expect((await home.post(`/harvests/${b}/join`, { intoBatchId: a })).status).toBe(409);
    const { originsOf } = await import('../harvest/batches.js');
    expect(await originsOf(home.db, into.batch)).toEqual({
      hiveName: 'Canela and Cambará',
      siteName: 'Site of Canela and Site of Cambará',
    });
  });
});

describe('what a choice promises', () => {
  it.each(['crush', 'press', 'drip-press'] as const)(
    'by %s is what the day plans with, and what the book holds the result against',
    async (method) => {
      const hive = await home.hive(`Promessa ${method}`);
      await home.ok(home.look(home.comb(hive, 8)));
      const batch = batchOf(hive.id, [home.comb(hive, 8)], { method });
      await home.ok(home.post('/choices', { batches: [batch], question: {} }));
      const open = await home.get<OpenPlans>('/plans');
      const { batch: kept } = open.details.find((d) => d.batch.id === batch.batchId)!;
      const plan = {
        startLocal: '2026-03-16T09:00',
        kitchenTemperatureC: 22,
        nightTemperatureC: null,
        moisturePercent: null,
        moves: {},
      };
      const { harvests } = planDay({
        open,
        plans: { [batch.batchId]: plan },
        rules: (await home.get<RulesVersion>('/rules')).rules,
        jars: [],
        vessels: [],
        weather: {},
        nowIso: null,
      });
      const planned = harvests.find((h) => h.id === batch.batchId)!;
      expect(kept.expectedHoneyKg!.mid).toBeCloseTo(planned.outcome.honeyKg.mid, 9);
      expect(kept.expectedHoneyKg!.high).toBeCloseTo(planned.outcome.honeyKg.high, 9);
    },
  );
});
