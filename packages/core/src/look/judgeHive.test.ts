import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import type { Shares } from '../records/vocabulary/combShapes.js';
import { sealedThicknessMm } from '../hive/kind.js';
import { HIVE_KINDS } from '../hive/kinds.js';
import type { DatedFact } from '../records/colony.js';
import { innerLengthMm, TOP_BAR_DEFAULTS } from '../hive/kinds/topBar.js';
import type { Hive, Look } from '../records/hiveViews.js';
import { houseRulesSchema } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { colonyState } from './colonyState.js';
import { judgeHive, judgeHiveAt } from './judgeHive.js';
import { estimateSeen, readingMoisture, type Seen, seenOutline } from './seen.js';

const TOP_BAR = { kind: 'top-bar' as const, geometry: TOP_BAR_DEFAULTS };

const sealed: Shares = { capped: 0.9, open: 0.06, pollen: 0, brood: 0, empty: 0.04 };
const seen = (change: Partial<Seen> = {}): Seen => ({
  sides: { A: sealed, B: sealed },
  readings: [],
  combAge: 'new',
  depthMm: 204,
  thicknessMm: 28,
  ...change,
});
/** Rules of a household that said its winter need: nothing has to stay. */
const RULES = { ...DEFAULT_RULES, winterNeedKg: 0, winterNeedByKindKg: { 'drain-frame': 0 } };
const judge = (
  combs: (Seen | null)[],
  {
    colonyStartedOn = '2024-09-01',
    ...change
  }: Record<string, unknown> & { colonyStartedOn?: string } = {},
) =>
  judgeHive({
    combs: combs.map((s, i) => ({ slot: i + 1, combId: `c${i + 1}`, seen: s })),
    hive: TOP_BAR,
    colony: colonyState(colonyStartedOn, [], '2026-03-14'),
    date: '2026-03-14',
    hemisphere: 'south',
    rules: RULES,
    ...change,
  });

describe('a hive judged as it hangs', () => {
  it('weighs each comb against what would stay without it', () => {
    const one = estimateSeen(seen(), TOP_BAR)!;
    const lowKg = one.cappedHoneyKg.low + (one.openHoneyKg.low * 0.6) / 0.82;
    const enough = judge([seen(), seen(), seen()], {
      rules: { ...DEFAULT_RULES, winterNeedKg: 2 * lowKg - 0.01 },
    });
    expect(enough.map((j) => j.verdict.verdict)).toEqual(['take', 'take', 'take']);
    const scarce = judge([seen(), seen(), seen()], {
      rules: { ...DEFAULT_RULES, winterNeedKg: 2 * lowKg + 0.01 },
    });
    expect(scarce.map((j) => j.verdict.decidedBy)).toEqual(['theirs', 'theirs', 'theirs']);
  });
  it('weighs a box that goes whole against what would stay without the box', () => {
    const box = (boxId: string, count: number, read: boolean) =>
      Array.from({ length: count }, (_, i) => ({
        ...{ slot: i + 1, combId: `${boxId}${i}`, boxId, seen: read ? seen() : null },
      }));
    const judgePile = (combs: ReturnType<typeof box>) =>
      judgeHive({
        combs,
        hive: { kind: 'pile-box', geometry: HIVE_KINDS['pile-box'].defaults },
        colony: colonyState('2024-09-01', [], '2026-03-14'),
        date: '2026-03-14',
        hemisphere: 'south',
        rules: { ...RULES, winterNeedByKindKg: { 'pile-box': 5 } },
      }).map((j) => j.verdict);
    const both = judgePile([...box('a', 4, true), ...box('b', 4, true)]);
    expect(both.map((v) => v.verdict)).toEqual(Array(8).fill('take'));
    const one = judgePile([...box('a', 4, true), ...box('b', 1, true)]);
    expect(one.map((v) => v.decidedBy)).toEqual([...Array(4).fill('theirs'), 'ripe']);
    const unread = judgePile([...box('a', 4, true), ...box('b', 4, false)]);
    expect(unread[0]).toMatchObject({ verdict: 'test', decidedBy: 'theirs' });
    expect(unread[0].headline).toMatch('look.theirs.read-more {unread: 4}');
  });
  it('does not know what they can spare while combs that nobody read may cover the winter', () => {
    const [first, second] = judge([seen(), null], { rules: { ...DEFAULT_RULES, winterNeedKg: 1 } });
    expect(first.verdict).toMatchObject({ verdict: 'test', decidedBy: 'theirs' });
    expect(first.verdict.headline).toMatch(
      'together {all: {then: [look.theirs.read-more {unread: 1}, look.theirs.of-read {kg: {' +
        'massG: 0, as: large}, need: {massG: 1000, as: large}}]}}',
    );
    expect(second).toMatchObject({ estimate: null, verdict: { verdict: 'not-read' } });
  });
  it('leaves a comb to the winter where all that was not read, full, would not cover it', () => {
    const [first] = judge([seen(), null], { rules: { ...DEFAULT_RULES, winterNeedKg: 12 } });
    expect(first.verdict).toMatchObject({ verdict: 'leave', decidedBy: 'theirs' });
  });
  it.each([
    ['2025-06-30', 'take'],
    ['2025-07-01', 'leave'],
  ])(
    'takes the season from the hemisphere: a colony of %s is in its %s season in the south',
    (colonyStartedOn, verdict) =>
      expect(judge([seen()], { colonyStartedOn })[0].verdict.verdict).toBe(verdict),
  );
  it('asks the same date otherwise in the north', () =>
    expect(
      judge([seen()], { colonyStartedOn: '2025-11-01', hemisphere: 'north' })[0].verdict.verdict,
    ).toBe('take'));
});

describe('a drain frame', () => {
  const frame = { kind: 'drain-frame' as const, geometry: HIVE_KINDS['drain-frame'].defaults };
  const headline = (facts: DatedFact[]) =>
    judge(
      [
        seen({
          sides: {
            A: { ...sealed, capped: 0.95, open: 0.02 },
            B: { ...sealed, capped: 0.95, open: 0.02 },
          },
        }),
      ],
      { hive: frame, colony: colonyState('2024-09-01', facts, '2026-03-14') },
    )[0].verdict;
  it('that is ripe says in the same breath that it is not to be opened on the hive yet', () => {
    expect(headline([])).toMatchObject({
      verdict: 'take',
      headline: expect.stringContaining(
        'look.headline.not-open-yet {why: together {all: {' +
          'then: [look.drainInPlace.tilt-not-measured {asked: 3}',
      ),
    });
    const ready = [
      { id: 't', on: '2026-03-13', fact: { kind: 'tilt', degrees: 3 } },
      { id: 'f', on: '2026-03-13', fact: { kind: 'flow', flow: 'some', endsOn: null } },
    ] as DatedFact[];
    expect(headline(ready).headline).not.toContain('look.headline.not-open-yet');
  });
});

describe('a hive judged at an instant', () => {
  const look = (s: Seen, at: string): Look => ({
    ...s,
    seenBy: { A: null, B: null },
    photos: { A: null, B: null },
    painted: { A: false, B: false },
    pane: null,
    attachment: null,
    pots: null,
    straight: null,
    id: at,
    combId: 'c1',
    slot: 1,
    occurredAt: at,
    date: at.slice(0, 10),
    verdict: judge([s])[0].verdict,
    rulesVersion: 1,
    revision: 1,
  });
  const unripe = seen({
    sides: { A: { ...sealed, capped: 0.2, open: 0.76 }, B: { ...sealed, capped: 0.2, open: 0.76 } },
  });
  const hive: Hive = {
    id: 'h',
    siteId: 's',
    name: 'Ipê',
    kind: 'top-bar',
    geometry: TOP_BAR_DEFAULTS,
    revision: 1,
    site: {
      id: 's',
      name: 'Encosta',
      zone: 'America/Sao_Paulo',
      hemisphere: 'south',
      notes: [],
      forage: {},
      latitude: null,
      longitude: null,
      tasks: [],
      poisonousNectar: null,
      revision: 1,
    },
    potsDrawnOn: null,
    lastLookOn: null,
    colony: {
      id: 'k',
      startedOn: '2025-08-01',
      startedAssumed: false,
      endedOn: null,
      facts: [],
      revision: 1,
    },
    boxes: [],
    bars: [
      {
        carrierId: 'a',
        slot: 1,
        inBox: 1,
        boxId: null,
        comb: {
          id: 'c1',
          builtOn: '2025-08-01',
          emptied: null,
          marks: [],
          looks: [look(unripe, '2026-06-20T12:00:00Z'), look(seen(), '2026-06-28T12:00:00Z')],
        },
      },
      { carrierId: 'b', slot: 2, inBox: 2, boxId: null, comb: null },
    ],
  };
  it('takes the date of the site, so that a season turns at its own midnight', () => {
    // 02:30 UTC on 1 July is still 30 June in the uplands: the first season of a colony of August.
    expect(judgeHiveAt(hive, RULES, '2026-07-01T02:30:00Z')[0].verdict.decidedBy).toBe('season');
    expect(judgeHiveAt(hive, RULES, '2026-07-01T03:30:00Z')[0].verdict.verdict).toBe('take');
  });
  it('goes by the last look, or by the one being made, and leaves empty bars out', () => {
    const at = '2026-08-01T12:00:00Z';
    expect(judgeHiveAt(hive, RULES, at).map((j) => [j.slot, j.verdict.verdict])).toEqual([
      [1, 'take'],
    ]);
    expect(judgeHiveAt(hive, RULES, at, { combId: 'c1', seen: unripe })[0].verdict.verdict).toBe(
      'leave',
    );
    expect(
      judgeHiveAt(hive, RULES, at, { combId: 'another', seen: unripe })[0].verdict.verdict,
    ).toBe('take');
  });
});

describe('a comb after the harvest', () => {
  const emptied = { on: '2026-03-12', way: 'drain-hive' as const, potsEmptied: null };
  it('is empty once it was drained, and the look before it is not forgotten', () => {
    const [one] = judgeHive({
      combs: [{ slot: 1, combId: 'c1', seen: seen(), seenOn: '2026-03-01', emptied }],
      hive: { kind: 'drain-frame', geometry: HIVE_KINDS['drain-frame'].defaults },
      colony: colonyState('2024-09-01', [], '2026-03-14'),
      date: '2026-03-14',
      hemisphere: 'south',
      rules: RULES,
    });
    expect(one).toMatchObject({ seenOn: '2026-03-12', emptied });
    expect(one.seen!.sides.A).toMatchObject({ capped: 0, open: 0, empty: 1 });
    expect(one.verdict).toMatchObject({ verdict: 'leave', decidedBy: 'enough' });
    expect(one.estimate!.honeyKg.high).toBe(0);
  });
  it('has the pots that were not drawn', () => {
    const pots = {
      honeySealed: 10,
      honeyOpen: 2,
      pollen: 1,
      empty: 0,
      potWidthMm: 28,
      potHeightMm: 30,
    };
    const left = (potsEmptied: number | null) =>
      judgeHive({
        combs: [
          {
            slot: 1,
            combId: 'c1',
            seen: seen({ sides: { A: null, B: null }, pots }),
            seenOn: '2026-03-01',
            emptied: { on: '2026-03-12', way: 'draw-pots', potsEmptied },
          },
        ],
        hive: { kind: 'stingless', geometry: HIVE_KINDS.stingless.defaults },
        colony: colonyState('2024-09-01', [], '2026-03-14'),
        date: '2026-03-14',
        hemisphere: 'south',
        rules: RULES,
      })[0].seen!.pots;
    expect(left(4)).toMatchObject({ honeySealed: 6, honeyOpen: 2, empty: 4 });
    expect(left(null)).toMatchObject({ honeySealed: 0, empty: 10 });
  });
});

describe('what a look is turned into', () => {
  it('narrows the outline as the walls do, for a comb not grown to the floor', () => {
    expect(seenOutline(TOP_BAR, 102)).toEqual({
      topWidthMm: 400,
      bottomWidthMm: 325,
      depthMm: 102,
    });
    expect(estimateSeen(seen({ depthMm: 102 }), TOP_BAR)!.honeyKg.mid).toBeLessThan(
      estimateSeen(seen(), TOP_BAR)!.honeyKg.mid,
    );
  });
  it('takes the density from the wettest sealed sample only', () => {
    const reading = {
      side: 'A',
      scale: 'moisture',
      temperatureC: 20,
      temperatureCompensated: true,
    } as const;
    const open = estimateSeen(
      seen({ readings: [{ ...reading, cells: 'open', value: 24 }] }),
      TOP_BAR,
    )!;
    expect(open).toEqual(estimateSeen(seen(), TOP_BAR));
    const dry = estimateSeen(
      seen({ readings: [{ ...reading, cells: 'sealed', value: 16 }] }),
      TOP_BAR,
    )!;
    expect(dry.cappedHoneyKg.mid).toBeGreaterThan(open.cappedHoneyKg.mid);
    expect(dry.cappedHoneyKg.high - dry.cappedHoneyKg.low).toBeLessThan(
      open.cappedHoneyKg.high - open.cappedHoneyKg.low,
    );
  });
  it('reads each scale as itself', () => {
    const base = {
      side: 'A',
      cells: 'open',
      temperatureC: 20,
      temperatureCompensated: true,
    } as const;
    expect(readingMoisture({ ...base, scale: 'brix', value: 79.7 }).moisturePercent).toBeCloseTo(
      18.6,
      1,
    );
    expect(
      readingMoisture({ ...base, scale: 'moisture', value: 18.6 }).moisturePercent,
    ).toBeCloseTo(18.6, 9);
    expect(readingMoisture({ ...base, scale: 'index', value: 1.4915 }).moisturePercent).toBeCloseTo(
      18,
      1,
    );
  });
  it('knows nothing of a comb of which no side was seen', () =>
    expect(estimateSeen(seen({ sides: { A: null, B: null } }), TOP_BAR)).toBeNull());
});

describe('measures and rules', () => {
  it('keep within what bees build', () => {
    expect(sealedThicknessMm(36)).toBe(28);
    expect([sealedThicknessMm(20), sealedThicknessMm(60)]).toEqual([22, 40]);
    expect(innerLengthMm(TOP_BAR_DEFAULTS)).toBe(792);
  });
  it('the starting rules are valid rules, and the winter need is asked, not made up', () => {
    expect(houseRulesSchema.parse(DEFAULT_RULES)).toEqual(DEFAULT_RULES);
    expect(DEFAULT_RULES.winterNeedKg).toBeNull();
    for (const bad of [
      { ripeCappedPercent: 70 },
      { moistureLimitPercent: 30 },
      { quietFrom: '25:00' },
      { stirEveryHours: 0 },
      { extra: 1 },
    ])
      expect(houseRulesSchema.safeParse({ ...DEFAULT_RULES, ...bad }).success).toBe(false);
  });
});
