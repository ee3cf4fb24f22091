import { inEnglish } from '../words.js';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  HIVE_KINDS,
  bandCells,
  faceLattice,
  fillOrder,
  packFace,
  type Hive,
  type Look,
  type LookFaces,
} from '@furrow/core';
import { Household, SEALED } from '../testing/household.js';

let home: Household;
let hive: Hive;
beforeAll(async () => {
  home = await Household.open();
  hive = await home.hive();
});
afterAll(() => home.close());

const lattice = faceLattice({ topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 });
const painted = packFace(
  lattice,
  bandCells(fillOrder(lattice, 1), { capped: 0.6, open: 0.3, pollen: 0, brood: 0, empty: 0.1 }),
);
const look = (combId: string, change: object = {}) =>
  home.post('/looks', {
    id: randomUUID(),
    combId,
    sides: { A: SEALED, B: SEALED },
    readings: [],
    combAge: 'new',
    depthMm: 204,
    thicknessMm: 28,
    ...change,
  });

describe('cells of a look', () => {
  it('are kept and given back one look at a time; the list says only that they are there', async () => {
    const written = await home.ok(
      look(hive.bars[0].comb!.id, {
        sides: { A: null, B: null },
        faces: { A: painted, B: null },
        seenBy: { A: 'hand', B: null },
      }),
    );
    const id = (written.body as { look: { id: string } }).look.id;
    expect(await home.get<LookFaces>(`/looks/${id}/faces`)).toEqual({ A: painted, B: null });
    const shown = (await home.get<Hive>(`/hives/${hive.id}`)).bars[0].comb!.looks[0];
    expect(shown).toMatchObject({ painted: { A: true, B: false }, seenBy: { A: 'hand', B: null } });
    expect(shown.sides.A!.capped).toBeCloseTo(0.6, 2);
    expect(JSON.stringify(shown)).not.toContain(painted.packed);
  });
  it('count where the bands sent with them say otherwise, and that is said', async () => {
    const written = await home.ok(look(hive.bars[1].comb!.id, { faces: { A: painted, B: null } }));
    expect(written.body.said[0]).toMatchObject({ key: 'refusal.cells-count' });
    expect(written.body.look.sides.A.capped).toBeCloseTo(0.6, 2);
  });
  it('that belong to no lattice are refused at their field, and nothing is kept', async () => {
    const bad = await look(hive.bars[2].comb!.id, {
      faces: { A: { ...painted, packed: 'AAAA' }, B: null },
    });
    expect(bad.body).toMatchObject({ status: 400, path: 'payload.faces.A' });
    expect((await home.get<Hive>(`/hives/${hive.id}`)).bars[2].comb!.looks).toEqual([]);
  });
});

describe('looks from outside', () => {
  it('a pane gives a range and a test, never a reading', async () => {
    const siteId = randomUUID();
    await home.ok(
      home.post('/sites', { id: siteId, name: 'Edge', zone: 'UTC', hemisphere: 'south' }),
    );
    const drain = (
      await home.ok(
        home.post('/hives', {
          id: randomUUID(),
          siteId,
          name: 'Bromélia',
          kind: 'drain-frame',
          geometry: HIVE_KINDS['drain-frame'].defaults,
          colonyStartedOn: '2024-09-01',
        }),
      )
    ).body.hive as Hive;
    const written = await home.ok(
      look(drain.bars[0].comb!.id, {
        sides: { A: null, B: null },
        pane: { capped: 30, open: 6, empty: 4 },
        depthMm: 210,
        thicknessMm: 44,
      }),
    );
    expect(written.body.look.verdict).toMatchObject({
      verdict: 'test',
      decidedBy: 'seen',
      cappedPercent: null,
    });
    expect(inEnglish(written.body.look.verdict.headline)).toMatch(/unseen faces stay unknown/);
  });
  it('a window gives a guess, marked as one', async () => {
    const written = await home.ok(
      look(hive.bars[3].comb!.id, { sides: { A: null, B: null }, attachment: 'broad' }),
    );
    expect(inEnglish(written.body.look.verdict.headline)).toMatch(/Guess from the window: honey/);
    const below = await home.ok(
      look(hive.bars[4].comb!.id, { sides: { A: null, B: null }, attachment: 'open-below' }),
    );
    expect(below.body.look.verdict.verdict).toBe('test');
    expect(inEnglish(below.body.look.verdict.headline)).toMatch(/Guess from below: not finished/);
  });
});

describe('a long history', () => {
  it("of 40 bars with 30 looks of both sides is answered with every look and only the last one's reasons", async () => {
    const big = await home.ok(
      home.post('/hives', {
        id: randomUUID(),
        siteId: hive.siteId,
        name: 'Long',
        kind: 'top-bar',
        geometry: { ...HIVE_KINDS['top-bar'].defaults, bars: 40, followerAfterBar: 40 },
        colonyStartedOn: '2024-09-20',
      }),
    );
    const long = (big.body as { hive: Hive }).hive;
    const verdict = JSON.stringify({
      verdict: 'leave',
      headline: 'So.',
      decidedBy: 'ripe',
      findings: [
        {
          question: 'ripe',
          answer: 'no',
          weight: 'decides',
          rule: 'ripe at 80 % capped',
          restsOn: [],
          sentence: 'So.',
        },
      ],
      cappedPercent: 50,
      wettestPercent: null,
    });
    const rows = long.bars.flatMap((bar) =>
      Array.from({ length: 30 }, (_, i) => ({
        id: randomUUID(),
        combId: bar.comb!.id,
        hiveId: long.id,
        slot: bar.slot,
        occurredAt: `2025-${String(1 + Math.floor(i / 3)).padStart(2, '0')}-${String(1 + (i % 3) * 9).padStart(2, '0')}T12:00:00.000Z`,
        date: '2025-01-01',
        sides: JSON.stringify({ A: SEALED, B: SEALED }),
        readings: '[]',
        combAge: 'new',
        depthMm: 204,
        thicknessMm: 28,
        verdict,
        rulesVersion: 1,
        faceA: JSON.stringify(painted),
        faceB: JSON.stringify(painted),
        seenBy: '{"A":null,"B":null}',
        revision: 1,
        recordedAt: '2025-01-01T00:00:00.000Z',
        removedAt: null,
      })),
    );
    await home.db.batchInsert('looks', rows, 100);
    const view = await home.get<Hive>(`/hives/${long.id}`);
    const looks: Look[] = view.bars.flatMap((b) => b.comb!.looks);
    expect(looks).toHaveLength(1200);
    expect(view.bars[0].comb!.looks.map((l) => l.verdict.findings.length)).toEqual([
      ...Array.from({ length: 29 }, () => 0),
      1,
    ]);
    expect(looks.every((l) => l.painted.A && l.painted.B)).toBe(true);
    expect(JSON.stringify(view).length).toBeLessThan(1_100_000);
  });
});
