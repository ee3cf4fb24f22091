import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import {
  HIVE_KINDS,
  HIVE_KIND_NAMES,
  type BatchDetail,
  type Hive,
  type HiveKindName,
  type JournalLine,
  lookSay,
} from '@furrow/core';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

async function make(kind: HiveKindName, name: string = kind): Promise<Hive> {
  const siteId = randomUUID();
  await home.ok(
    home.post('/sites', {
      id: siteId,
      name: `Site of ${name}`,
      zone: 'America/Sao_Paulo',
      hemisphere: 'south',
    }),
  );
  const made = await home.ok(
    home.post('/hives', {
      id: randomUUID(),
      siteId,
      name,
      kind,
      geometry: HIVE_KINDS[kind].defaults,
      colonyStartedOn: '2024-09-20',
    }),
  );
  return (made.body as { hive: Hive }).hive;
}
const hive = (id: string): Promise<Hive> => home.get<Hive>(`/hives/${id}`);
const names = (h: Hive): string[] => h.bars.map((b) => b.carrierId);
async function undoLast(): Promise<void> {
  const { items } = await home.get<{ items: JournalLine[] }>('/journal');
  await home.ok(home.post('/undo', { commandId: items.find((i) => !i.undoneBy)!.commandId }));
}
const fact = (h: Hive, f: object, on = '2026-03-01') =>
  home.post('/colonyFacts', { id: randomUUID(), colonyId: h.colony!.id, on, fact: f });

describe('every kind of hive', () => {
  it.each(HIVE_KIND_NAMES)('%s is made with its boxes, places and combs', async (kind) => {
    const h = await make(kind);
    const known = HIVE_KINDS[kind];
    expect(h.boxes.map((b) => b.compartment)).toEqual(known.boxesAtStart(known.defaults as never));
    const shape = known.compartment(known.defaults as never, known.readCompartment);
    const readable = h.boxes.length
      ? h.boxes.filter((b) => b.compartment === known.readCompartment).length
      : 1;
    expect(h.bars).toHaveLength(shape.positions * readable);
    expect(h.bars.filter((b) => b.comb)).toHaveLength(shape.combsAtStart * readable);
    expect(new Set(h.bars.map((b) => b.slot)).size).toBe(h.bars.length);
  });
  it('is refused with measures of another kind, and nothing of it stays', async () => {
    const siteId = randomUUID();
    await home.ok(home.post('/sites', { id: siteId, name: 'S', zone: 'UTC', hemisphere: 'north' }));
    const bad = await home.post('/hives', {
      id: randomUUID(),
      siteId,
      name: 'Wrong',
      kind: 'warre',
      geometry: HIVE_KINDS['top-bar'].defaults,
      colonyStartedOn: '2025-01-01',
    });
    expect(bad.status).toBe(400);
    expect(bad.body.path).toMatch(/^payload.geometry/);
    expect((await home.get<{ items: Hive[] }>('/hives')).items).toHaveLength(0);
  });
});

describe('moves', () => {
  it('shift a bar along the file: the comb keeps its name and its looks, the place is new; undo brings it back', async () => {
    const before = await home.hive();
    const comb = before.bars[6].comb!.id;
    await home.ok(home.look(comb));
    const ids = names(before);
    [ids[6], ids[7]] = [ids[7], ids[6]];
    await home.ok(
      home.post('/orders', { hiveId: before.id, boxId: null, carrierIds: ids, what: 'shift' }),
    );
    const after = await hive(before.id);
    expect(after.bars[7].comb).toMatchObject({
      id: comb,
      looks: [expect.objectContaining({ slot: 7 })],
    });
    await undoLast();
    expect(names(await hive(before.id))).toEqual(names(before));
  });
  it('refuse an order of other bars, a bar twice, and one that changes nothing', async () => {
    const h = await home.hive();
    const ids = names(h);
    expect(
      (
        await home.post('/orders', {
          hiveId: h.id,
          boxId: null,
          carrierIds: ids.slice(1),
          what: 'shift',
        })
      ).body.code,
    ).toBe('stale');
    expect(
      (
        await home.post('/orders', {
          hiveId: h.id,
          boxId: null,
          carrierIds: [ids[0], ...ids.slice(0, -1)],
          what: 'shift',
        })
      ).body.code,
    ).toBe('stale');
    expect(
      (await home.post('/orders', { hiveId: h.id, boxId: null, carrierIds: ids, what: 'shift' }))
        .status,
    ).toBe(400);
  });
  it('turn a super round: frames stand the other way, and twice is as before', async () => {
    const h = await make('cut-comb');
    const box = h.boxes[1].carrierId;
    await home.ok(home.post(`/boxes/${box}/turn`, {}));
    const turned = await hive(h.id);
    expect(turned.boxes[1].turned).toBe(true);
    // It stands there as long as before; when it was turned is remembered.
    expect(turned.boxes[1].sinceOn).toBe(h.boxes[1].sinceOn);
    expect(turned.boxes[1].turnedOn).not.toBeNull();
    expect(names(turned)).toEqual([...names(h)].reverse());
    await home.ok(home.post(`/boxes/${box}/turn`, {}));
    expect(names(await hive(h.id))).toEqual(names(h));
  });
  it('set an empty super between brood and super, and undo it', async () => {
    const h = await make('cut-comb');
    await home.ok(
      home.post('/boxes', { id: randomUUID(), hiveId: h.id, at: 2, what: 'add-between' }),
    );
    const after = await hive(h.id);
    expect(after.boxes.map((b) => [b.number, b.compartment])).toEqual([
      [1, 'brood'],
      [2, 'super'],
      [3, 'super'],
    ]);
    expect(after.bars.filter((b) => b.slot < 300).every((b) => b.comb === null)).toBe(true);
    expect(after.bars.filter((b) => b.slot > 300).map((b) => b.comb?.id)).toEqual(
      h.bars.map((b) => b.comb?.id),
    );
    await undoLast();
    expect(await hive(h.id)).toMatchObject({
      boxes: [{ number: 1 }, { number: 2 }],
      bars: { length: 9 },
    });
  });
  it('new boxes of a Warré go in below, the others rise; the box on top comes off', async () => {
    const h = await make('warre');
    await home.ok(
      home.post('/boxes', { id: randomUUID(), hiveId: h.id, at: 1, what: 'add-below' }),
    );
    const grown = await hive(h.id);
    expect(grown.boxes).toHaveLength(4);
    expect(grown.bars.find((b) => b.slot === 201)!.comb!.id).toBe(h.bars[0].comb!.id);
    await home.ok(home.post(`/boxes/${grown.boxes[3].carrierId}/off`, { reason: 'harvest' }));
    expect((await hive(h.id)).boxes).toHaveLength(3);
  });
  it('a box that was emptied goes in below, the others rise; one with comb does not', async () => {
    const h = await make('warre');
    const [lowest] = h.boxes;
    const refusedBox = await home.post(`/boxes/${lowest.carrierId}/below`, {});
    expect(refusedBox.body.detail).toMatch(/^Comb hangs in box 1/);
    await home.ok(
      home.post('/boxes', { id: randomUUID(), hiveId: h.id, at: 4, what: 'add-on-top' }),
    );
    const top = (await hive(h.id)).boxes.at(-1)!;
    await home.ok(home.post(`/boxes/${top.carrierId}/below`, {}));
    const turned = await hive(h.id);
    expect(turned.boxes.map((b) => b.carrierId)).toEqual([
      top.carrierId,
      ...h.boxes.map((b) => b.carrierId),
    ]);
    expect(turned.bars.find((b) => b.slot === 201)!.comb!.id).toBe(h.bars[0].comb!.id);
    await undoLast();
    expect((await hive(h.id)).boxes.at(-1)!.carrierId).toBe(top.carrierId);
  });
  it('keep what must stay: brood boxes, the last box, bars where none are set', async () => {
    const framed = await make('framed');
    expect(
      (await home.post(`/boxes/${framed.boxes[0].carrierId}/off`, { reason: 'other' })).body.detail,
    ).toMatch(/brood box stays/);
    const long = await home.hive();
    expect(
      (await home.post('/boxes', { id: randomUUID(), hiveId: long.id, at: 1, what: 'add-on-top' }))
        .status,
    ).toBe(400);
    expect(
      (
        await home.post('/boxes', {
          id: randomUUID(),
          hiveId: framed.id,
          at: 9,
          what: 'add-on-top',
        })
      ).status,
    ).toBe(400);
  });
  it('a box whose old frames were changed is as young as that day', async () => {
    const h = await make('framed');
    expect(h.boxes[1].madeOn).toBe('2024-09-20');
    await home.ok(home.post(`/boxes/${h.boxes[1].carrierId}/renew`, {}));
    expect((await hive(h.id)).boxes.map((b) => b.madeOn)).toEqual([
      '2024-09-20',
      home.now.toISOString().slice(0, 10),
    ]);
    await undoLast();
    expect((await hive(h.id)).boxes[1].madeOn).toBe('2024-09-20');
  });
  it('swap two frames of one super by the order they end in', async () => {
    const h = await make('framed');
    const ids = names(h);
    [ids[0], ids[4]] = [ids[4], ids[0]];
    await home.ok(
      home.post('/orders', {
        hiveId: h.id,
        boxId: h.boxes[1].carrierId,
        carrierIds: ids,
        what: 'swap',
      }),
    );
    expect(names(await hive(h.id))).toEqual(ids);
  });
  describe('a comb super to another colony', () => {
    it('goes only from brood that looked healthy, of a living colony, onto the same kind', async () => {
      const [from, to, other] = [
        await make('cut-comb', 'From'),
        await make('cut-comb', 'To'),
        await make('framed', 'Other'),
      ];
      const give = (toHiveId: string, health: string) =>
        home.post(`/boxes/${from.boxes[1].carrierId}/give`, {
          toHiveId,
          health,
          broodCheckedOn: '2026-03-01',
        });
      expect((await give(to.id, 'sick')).body.detail).toMatch(/looked sick/);
      expect((await give(to.id, 'unsure')).body.detail).toMatch(/Nobody is sure/);
      expect((await give(other.id, 'healthy')).body.detail).toMatch(/another kind/);
      expect((await give(from.id, 'healthy')).status).toBe(400);
      await home.ok(give(to.id, 'healthy'));
      expect((await hive(from.id)).boxes).toHaveLength(1);
      const got = await hive(to.id);
      expect(got.boxes).toHaveLength(3);
      expect(got.bars.slice(-9).map((b) => b.comb?.id)).toEqual(from.bars.map((b) => b.comb?.id));
      await undoLast();
      expect((await hive(from.id)).boxes).toHaveLength(2);
    });
    it('carries what its combs were fed: they are marked also in the other colony', async () => {
      const [from, to] = [await make('cut-comb', 'From'), await make('cut-comb', 'To')];
      await home.ok(fact(from, { kind: 'feeding', what: 'syrup', litres: 3 }));
      await home.ok(
        home.post(`/boxes/${from.boxes[1].carrierId}/give`, {
          toHiveId: to.id,
          health: 'healthy',
          broodCheckedOn: '2026-03-01',
        }),
      );
      const got = await hive(to.id);
      const [own, given] = [
        got.bars.find((b) => b.slot < 300)!.comb!,
        got.bars.find((b) => b.slot > 300)!.comb!,
      ];
      const verdictOf = async (combId: string) =>
        (await home.ok(home.look(combId))).body.look.verdict.decidedBy;
      expect(await verdictOf(given.id)).toBe('syrup');
      expect(await verdictOf(own.id)).toBe('ripe');
    });
    it('never from a colony that is gone', async () => {
      const [from, to] = [await make('cut-comb', 'From'), await make('cut-comb', 'To')];
      await home.ok(fact(from, { kind: 'alive', alive: false }));
      expect(
        (
          await home.post(`/boxes/${from.boxes[1].carrierId}/give`, {
            toHiveId: to.id,
            health: 'healthy',
            broodCheckedOn: '2026-03-01',
          })
        ).body.detail,
      ).toMatch(/gone/);
    });
  });
});

describe('facts of a colony', () => {
  it('are kept with their date, judged by at once, and undone', async () => {
    const h = await home.hive();
    await home.ok(home.look(h.bars[7].comb!.id));
    await home.ok(
      fact(h, { kind: 'treatment', product: 'Oxalic acid', waitDays: 60 }, '2026-03-10'),
    );
    const looked = await home.ok(home.look(h.bars[7].comb!.id));
    expect(looked.body.look.verdict).toMatchObject({ verdict: 'leave', decidedBy: 'treated' });
    expect((await hive(h.id)).colony!.facts).toHaveLength(1);
    await undoLast();
    await undoLast();
    expect((await hive(h.id)).colony!.facts).toEqual([]);
  });
  it('a super kept for the bees stays untouched, the one above it may be taken', async () => {
    const h = await make('framed');
    await home.ok(
      home.post('/boxes', { id: randomUUID(), hiveId: h.id, at: 3, what: 'add-on-top' }),
    );
    await home.ok(fact(h, { kind: 'reserved-super', reserved: true }));
    const kept = (await hive(h.id)).bars.find((b) => b.slot === 201)!;
    expect((await home.ok(home.look(kept.comb!.id))).body.look.verdict).toMatchObject({
      verdict: 'leave',
      decidedBy: 'theirs',
      headline: lookSay('look.theirs.kept'),
    });
    const above = (await hive(h.id)).bars.find((b) => b.slot === 301)!;
    const comb = randomUUID();
    await home.ok(
      home.post('/combs', { id: comb, hiveId: h.id, slot: above.slot, builtOn: '2026-03-01' }),
    );
    expect((await home.ok(home.look(comb))).body.look.verdict.verdict).toBe('take');
  });
  it('cannot lie in the future, and are checked field by field', async () => {
    const h = await home.hive();
    expect((await fact(h, { kind: 'queen', seen: true }, '2030-01-01')).body).toMatchObject({
      path: 'payload.on',
    });
    for (const bad of [
      { kind: 'treatment', product: '', waitDays: 3 },
      { kind: 'feeding', what: 'syrup', litres: 0 },
      { kind: 'temper', temper: 'angry' },
      { kind: 'guess', of: 1 },
    ])
      expect((await fact(h, bad)).status).toBe(400);
  });
  it('the day a colony moved in can be put right, by who saw it last', async () => {
    const h = await home.hive();
    await home.ok(
      home.patch(
        `/colonies/${h.colony!.id}`,
        { startedOn: '2025-11-02' },
        { baseRevision: h.colony!.revision },
      ),
    );
    expect((await hive(h.id)).colony).toMatchObject({ startedOn: '2025-11-02' });
    expect(
      (
        await home.patch(
          `/colonies/${h.colony!.id}`,
          { startedOn: '2025-11-03' },
          { baseRevision: h.colony!.revision },
        )
      ).body.code,
    ).toBe('stale');
  });
});

describe('stray comb', () => {
  const stray = (h: Hive, change: object = {}) => ({
    id: randomUUID(),
    visitId: randomUUID(),
    cappedBatchId: randomUUID(),
    openBatchId: randomUUID(),
    hiveId: h.id,
    where: 'gap',
    broodSeen: 'no',
    queenLookedFor: true,
    cappedG: 640,
    openG: 210,
    frameFitted: true,
    ...change,
  });
  it('is a short harvest, capped and open apart, every gram booked, and closes the gap', async () => {
    const h = await make('framed');
    await home.ok(fact(h, { kind: 'gap', gap: true }));
    const { batches } = (await home.ok(home.post('/strayCombs', stray(h)))).body as {
      batches: { id: string; stage: string }[];
    };
    expect(batches.map((b) => b.stage)).toEqual(['drain', 'drain']);
    const details = await Promise.all(
      batches.map((b) => home.get<BatchDetail>(`/harvests/${b.id}`)),
    );
    expect(details.map((d) => d.lots[0].nowG)).toEqual([640, 210]);
    expect(details.every((d) => d.balanced)).toBe(true);
    expect((await hive(h.id)).colony!.facts.at(-1)!.fact).toEqual({ kind: 'gap', gap: false });
    await undoLast();
    expect((await home.get<{ items: unknown[] }>('/harvests')).items).toEqual([]);
  });
  it('asks for the queen and for brood first', async () => {
    const h = await make('framed');
    expect(
      (await home.post('/strayCombs', stray(h, { queenLookedFor: false }))).body.detail,
    ).toMatch(/queen/);
    expect((await home.post('/strayCombs', stray(h, { broodSeen: 'yes' }))).body.detail).toMatch(
      /Brood in it/,
    );
    expect(
      (await home.post('/strayCombs', stray(h, { cappedG: 0, openG: 0 }))).body.detail,
    ).toMatch(/Weigh/);
  });
});
