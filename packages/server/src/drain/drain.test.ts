import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { inEnglish } from '../words.js';
import { fromSenml, isCalled, type Clock } from '@furrow/core';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const clocks = async (): Promise<Clock[]> => (await home.get<{ items: Clock[] }>('/clocks')).items;

describe('water at the bench', () => {
  it('is measured by any scale, without a drain, and stands on the label', async () => {
    const batchId = await home.drained(await home.harvest(await home.hive()), 3200, 740);
    const drop = (value: number, scale = 'moisture') =>
      home.post('/waterReadings', {
        id: randomUUID(),
        batchId,
        reading: { scale, value, temperatureC: 24, temperatureCompensated: false },
      });
    expect((await drop(99)).status).toBe(400);
    await home.ok(drop(18.2));
    await home.ok(drop(80.1, 'brix'));
    const { waterReadings } = await home.detail(batchId);
    expect(waterReadings).toHaveLength(2);
    // Read at 24 °C without correction the index is too low: the water is less than it says.
    expect(waterReadings[0].moisturePercent).toBeLessThan(18.2);
  });
});

describe('two hives in one vessel', () => {
  it('is asked before, and only then joined', async () => {
    const [a, b] = [
      await home.harvest(await home.hive('Ipê')),
      await home.harvest(await home.hive('Jatobá')),
    ];
    expect((await home.post(`/harvests/${a}/join`, { intoBatchId: b })).status).toBe(400);
    await home.ok(home.post(`/harvests/${a}/lot`, { withBatchId: b }));
    const [one, two] = [await home.detail(a), await home.detail(b)];
    expect(one.batch.lotGroup).toBe(two.batch.lotGroup);
    await home.ok(home.post(`/harvests/${a}/join`, { intoBatchId: b }));
    expect((await home.detail(b)).lots.find((l) => l.kind === 'comb')!.nowG).toBe(8000);
  });
});

describe('the bench', () => {
  it('keeps upper and lower weighings, leaves one out, and takes readings in once', async () => {
    const batchId = await home.harvest(await home.hive());
    const drainId = await home.drain(batchId);
    home.later(2);
    await home.ok(
      home.post('/weighings', {
        id: randomUUID(),
        drainId,
        grossG: 1500,
        tareG: 300,
        source: 'hand',
      }),
    );
    const upper = randomUUID();
    await home.ok(
      home.post('/weighings', {
        id: upper,
        drainId,
        of: 'upper',
        grossG: 3200,
        tareG: 500,
        source: 'hand',
      }),
    );
    await home.ok(home.patch(`/weighings/${upper}`, { leftOut: true }));
    const readings = Array.from({ length: 1200 }, (_, i) => ({
      at: new Date(home.now.getTime() - 3_600_000 + i * 2000).toISOString(),
      g: 800 + i / 4,
    }));
    const sent = await home.ok(
      home.post('/readings', { id: randomUUID(), drainId, instrument: 'bench scale', readings }),
    );
    expect(sent.body).toMatchObject({ added: 1200, known: 0 });
    expect(
      (
        await home.ok(
          home.post('/readings', {
            id: randomUUID(),
            drainId,
            instrument: 'bench scale',
            readings,
          }),
        )
      ).body,
    ).toMatchObject({ added: 0, known: 1200 });
    const [drain] = (await home.detail(batchId)).drains;
    expect(drain.readings).toHaveLength(1200);
    expect(drain.weighings.map((w) => [w.of, w.leftOut])).toEqual([
      ['lower', false],
      ['upper', true],
    ]);
    const out = fromSenml(
      JSON.parse(
        (
          await (
            await import('supertest')
          )
            .default(home.app)
            .get(`/api/v1/drains/${drainId}/readings.senml.json`)
        ).text,
      ),
      home.now.toISOString(),
    );
    expect(out).toHaveLength(1201);
    expect(out.every((r) => r.quantity === 'mass')).toBe(true);
  });
  it('warms only within the house rule, and keeps its own clock', async () => {
    const batchId = await home.harvest(await home.hive());
    const drainId = await home.drain(batchId);
    home.later(1);
    const event = (change: Record<string, unknown>) =>
      home.post('/drainEvents', { id: randomUUID(), drainId, minutes: 0, ...change });
    expect((await event({ kind: 'warm', temperatureC: 60 })).body).toMatchObject({
      detail: 'Your house rule warms to 38 °C at most.',
    });
    await home.ok(event({ kind: 'warm', temperatureC: 36 }));
    expect((await clocks()).map((c) => c.kind)).toEqual(['drain', 'warm']);
    home.later(1);
    await home.ok(event({ kind: 'warm-end' }));
    await home.ok(event({ kind: 'press', g: 0 }));
    expect((await clocks()).map((c) => [c.kind, c.dueWhat?.text])).toEqual([
      ['drain', expect.any(String)],
      ['press', 'turn the press'],
    ]);
  });
  it('closes the mass with debris; a small gap is written down by itself, a large one is asked about', async () => {
    const batchId = await home.harvest(await home.hive());
    const drainId = await home.drain(batchId);
    home.later(20);
    const close = (honeyG: number, gapReason = '') =>
      home.post(`/drains/${drainId}/close`, {
        honeyG,
        wetWaxG: 700,
        waste: [
          { what: 'dead bees', g: 20 },
          { what: 'pollen comb', g: 40 },
        ],
        minutes: 10,
        gapReason,
      });
    expect((await close(2900)).body).toMatchObject({
      path: 'payload.gapReason',
      detail: expect.stringMatching(/340 g are missing, 8\.5 % of the comb\. Say why/) as string,
    });
    await home.ok(close(3140));
    const detail = await home.detail(batchId);
    expect(
      detail.flows.filter((f) => f.to === 'loss').map((f) => [f.g, inEnglish(f.reason)]),
    ).toEqual([
      [20, 'Waste: dead bees'],
      [40, 'Waste: pollen comb'],
      [100, 'Lost: Stuck to vessels and tools'],
    ]);
    expect(detail.balanced).toBe(true);
    await home.ok(
      home.post('/drainEvents', { id: randomUUID(), drainId, kind: 'skim', g: 45, minutes: 5 }),
    );
    for (const moisturePercent of [17.6, 17.9])
      await home.ok(
        home.post('/drainEvents', {
          id: randomUUID(),
          drainId,
          kind: 'moisture',
          moisturePercent,
          minutes: 0,
        }),
      );
    const after = await home.detail(batchId);
    expect(after.lots.find((l) => l.kind === 'honey')!.nowG).toBe(3095);
    expect(
      after.drains[0].events.filter((e) => e.kind === 'moisture').map((e) => e.moisturePercent),
    ).toEqual([17.6, 17.9]);
    const { drains } = await home.get<{ drains: { share: number; residualShare: number }[] }>(
      '/runs',
    );
    expect(drains[0].share).toBeCloseTo(3.14 / 3.8, 3);
  });
  it('never has more out than was crushed, drawn off or not', async () => {
    const batchId = await home.harvest(await home.hive());
    const drainId = await home.drain(batchId);
    home.later(5);
    const weigh = (grossG: number) =>
      home.post('/weighings', {
        id: randomUUID(),
        drainId,
        of: 'lower',
        grossG,
        tareG: 500,
        source: 'hand',
      });
    const draw = (g: number) =>
      home.post('/drainEvents', { id: randomUUID(), drainId, kind: 'draw-off', g, minutes: 0 });
    await home.ok(draw(3000));
    expect((await draw(1001)).body).toMatchObject({
      path: 'payload.g',
      detail: 'More than can have come: of what was crushed 1.00 kg are not drawn off yet.',
    });
    home.later(0.1);
    expect((await weigh(2000)).body).toMatchObject({
      detail:
        'More came out than the 4.00 kg that were crushed, with what was drawn off. Is the tare right?',
    });
    await home.ok(weigh(900));
    expect(
      (
        await home.post(`/drains/${drainId}/close`, {
          honeyG: 1200,
          wetWaxG: 0,
          minutes: 0,
          gapReason: 'A wrong tare',
        })
      ).body,
    ).toMatchObject({ path: 'payload.honeyG' });
  });
  it('keeps dripped and pressed honey apart, each filled as itself', async () => {
    const batchId = await home.harvest(await home.hive());
    const drainId = await home.drain(batchId);
    home.later(20);
    await home.ok(
      home.post(`/drains/${drainId}/close`, {
        honeyG: 2600,
        pressedG: 700,
        wetWaxG: 650,
        minutes: 1,
        gapReason: '',
      }),
    );
    const lots = (await home.detail(batchId)).lots.filter((l) => l.kind === 'honey');
    expect(lots.map((l) => [isCalled(l.name, 'lot.pressed'), l.nowG])).toEqual([
      [false, 2600],
      [true, 700],
    ]);
    const jarKindId = randomUUID();
    await home.ok(
      home.post('/jars', {
        id: jarKindId,
        name: 'Small',
        netG: 250,
        tareG: 150,
        stock: 20,
        value: 5,
      }),
    );
    const fill = (honeyLotId: string | null, count: number) =>
      home.post('/fillings', {
        id: randomUUID(),
        batchId,
        honeyLotId,
        jarKindId,
        count,
        netG: 250,
        lowestWeighedG: null,
      });
    expect((await fill(lots[1].id, 3)).status).toBe(400);
    await home.ok(fill(lots[1].id, 2));
    await home.ok(fill(null, 1));
    expect(
      (await home.detail(batchId)).lots.filter((l) => l.kind === 'honey').map((l) => l.nowG),
    ).toEqual([2350, 200]);
  });
  it('pours lots together: both stay in the book', async () => {
    const lots: string[] = [];
    for (const name of ['Ipê', 'Jatobá']) {
      const batchId = await home.harvest(await home.hive(name));
      const drainId = await home.drain(batchId);
      home.later(20);
      await home.ok(
        home.post(`/drains/${drainId}/close`, {
          honeyG: 3200,
          wetWaxG: 740,
          minutes: 1,
          gapReason: '',
        }),
      );
      lots.push((await home.detail(batchId)).lots.find((l) => l.kind === 'honey')!.id);
    }
    expect(
      (await home.post('/blends', { fromLotId: lots[0], intoLotId: lots[1], g: 9000 })).body,
    ).toMatchObject({ path: 'payload.g' });
    await home.ok(home.post('/blends', { fromLotId: lots[0], intoLotId: lots[1], g: 1200 }));
    const { items } = await home.get<{ items: { id: string; nowG: number }[] }>('/lots?limit=1000');
    expect(lots.map((id) => items.find((l) => l.id === id)!.nowG)).toEqual([2000, 4400]);
    expect(await home.get('/book')).toMatchObject({ balanced: true, problems: [] });
  });
  it('has a scale that can be tared, unplugged and overloaded', async () => {
    const key = async (name: string): Promise<void> =>
      void (await (
        await import('supertest')
      )
        .default(home.app)
        .post('/api/v1/instruments/bench-scale/keys')
        .send({ key: name }));
    const read = () =>
      home.get<{ value: number; state: string }>('/instruments/bench-scale?grams=2000');
    expect(Math.abs((await read()).value - 2000)).toBeLessThanOrEqual(15);
    expect((await read()).state).toBe('steady');
    await key('tare');
    expect(Math.abs((await read()).value)).toBeLessThanOrEqual(15);
    await key('unplug');
    expect((await read()).state).toBe('silent');
    await key('plug');
    expect((await home.get<{ state: string }>('/instruments/bench-scale?grams=20000')).state).toBe(
      'overload',
    );
    expect((await home.get<{ value: number }>('/instruments/refractometer')).value).toBeGreaterThan(
      17,
    );
  });
});

describe('one weighing by two', () => {
  const ana = { device: 'Blue phone', person: 'Ana' };
  const rui = { device: 'Red phone', person: 'Rui' };
  it('is asked about, and written where it is another one', async () => {
    const drainId = await home.drain(await home.harvest(await home.hive()));
    const weigh = (grossG: number, by: Record<string, unknown>) => {
      const weighing = { id: randomUUID(), drainId, grossG, tareG: 400, source: 'hand' };
      return home.post('/weighings', weighing, by);
    };
    home.later(2);
    await home.ok(weigh(1400, ana));
    const asked = await weigh(1410, rui);
    expect(asked.status).toBe(409);
    expect(asked.body).toMatchObject({ code: 'written-just-now' });
    expect(asked.body.detail).toBe(
      'Ana, Blue phone, wrote 1.00 kg of this just now. Is yours another weighing?',
    );
    // Her own next one, another weight, and one that was said to be another are written.
    await home.ok(weigh(1405, ana));
    await home.ok(weigh(1900, rui));
    await home.ok(weigh(1410, { ...rui, again: true }));
    home.later(1);
    await home.ok(weigh(1910, ana));
  });
  it('of what is drawn off is asked about before the book counts it twice', async () => {
    const drainId = await home.drain(await home.harvest(await home.hive()));
    const drawOff = (by: Record<string, unknown>) => {
      const event = { id: randomUUID(), drainId, kind: 'draw-off', g: 500, minutes: 2 };
      return home.post('/drainEvents', event, by);
    };
    home.later(2);
    await home.ok(drawOff(ana));
    expect((await drawOff(rui)).body).toMatchObject({ code: 'written-just-now' });
    const { items } = await home.get<{ items: { kind: string; nowG: number }[] }>('/lots');
    expect(items.find((lot) => lot.kind === 'honey')?.nowG).toBe(500);
  });
});
