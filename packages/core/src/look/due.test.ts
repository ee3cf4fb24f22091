import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { HIVE_KINDS } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { ColonyFact, DatedFact } from '../records/colony.js';
import type { Hive } from '../records/hiveViews.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { colonyState } from './colonyState.js';
import { dueItems } from './due.js';

const SEASON = '2026-01-20';
const BEFORE_WINTER = '2026-05-10';
const WINTER = '2026-07-05';
const fact = (on: string, f: ColonyFact): DatedFact => ({ id: on + f.kind, on, fact: f });
function hiveOf(
  kind: HiveKindName,
  supers: { sinceOn: string }[] = [],
  lookedOn: string | null = '2026-01-18',
  filled = 0.5,
): Hive {
  const boxes =
    HIVE_KINDS[kind].readCompartment === 'super'
      ? [
          {
            carrierId: 'b1',
            number: 1,
            compartment: 'brood' as const,
            turned: false,
            turnedOn: null,
            sinceOn: '2024-09-01',
            madeOn: '2025-09-01',
            revision: 1,
          },
          ...supers.map((s, i) => ({
            carrierId: `s${i}`,
            number: i + 2,
            compartment: 'super' as const,
            turned: false,
            turnedOn: null,
            sinceOn: s.sinceOn,
            madeOn: '2025-12-01',
            revision: 1,
          })),
        ]
      : [];
  const shares = { capped: filled, open: 0, pollen: 0, brood: 0, empty: 1 - filled };
  const looks = lookedOn ? [{ date: lookedOn, sides: { A: shares, B: null } }] : [];
  return {
    kind,
    geometry: HIVE_KINDS[kind].defaults,
    boxes,
    lastLookOn: lookedOn,
    site: { hemisphere: 'south', zone: 'America/Sao_Paulo' },
    bars: [
      {
        carrierId: 'c',
        slot: kind === 'top-bar' ? 1 : 201,
        inBox: 1,
        boxId: kind === 'top-bar' ? null : 's0',
        comb: { id: 'k', builtOn: '2025-12-01', looks },
      },
    ],
  } as unknown as Hive;
}
const due = (hive: Hive, date: string, facts: DatedFact[] = [], rules = DEFAULT_RULES) =>
  dueItems(hive, colonyState('2024-09-01', facts, date), date, rules);
const ids = (items: ReturnType<typeof due>): string[] => items.map((i) => i.id);

describe('what is due at a hive', () => {
  it.each<[string, Hive, string, DatedFact[], string]>([
    ['the first look', hiveOf('top-bar', [], null), SEASON, [], 'look'],
    [
      'a missing frame',
      hiveOf('top-bar'),
      SEASON,
      [fact('2026-01-15', { kind: 'gap', gap: true })],
      'gap',
    ],
    [
      'a comb super in a strong flow',
      hiveOf('cut-comb'),
      SEASON,
      [
        fact('2026-01-15', { kind: 'flow', flow: 'strong', endsOn: '2026-02-20' }),
        fact('2026-01-15', { kind: 'strength', strength: 'strong' }),
      ],
      'super-on',
    ],
    [
      'waiting where the flow is nearly over',
      hiveOf('cut-comb'),
      SEASON,
      [
        fact('2026-01-15', { kind: 'flow', flow: 'strong', endsOn: '2026-01-25' }),
        fact('2026-01-15', { kind: 'strength', strength: 'strong' }),
      ],
      'super-wait',
    ],
    [
      'waiting where the colony is weak',
      hiveOf('framed'),
      SEASON,
      [
        fact('2026-01-15', { kind: 'flow', flow: 'strong', endsOn: null }),
        fact('2026-01-15', { kind: 'strength', strength: 'weak' }),
      ],
      'super-wait',
    ],
    [
      'a comb super that is not begun',
      hiveOf('cut-comb', [{ sinceOn: '2026-01-05' }], '2026-01-18', 0),
      SEASON,
      [],
      'super-move',
    ],
    [
      'an empty super between',
      hiveOf('cut-comb', [{ sinceOn: '2026-01-05' }]),
      SEASON,
      [],
      'between',
    ],
    [
      'an empty super between over an excluder too, which lets pollen through',
      hiveOf('cut-comb', [{ sinceOn: '2026-01-05' }]),
      SEASON,
      [fact('2026-01-10', { kind: 'excluder', fitted: true })],
      'between',
    ],
    [
      'a stingless super when the nest is full',
      hiveOf('stingless'),
      SEASON,
      [fact('2026-01-10', { kind: 'nest', full: true })],
      'super-on',
    ],
    [
      'a smaller entrance in a dearth',
      hiveOf('top-bar'),
      SEASON,
      [fact('2026-01-15', { kind: 'flow', flow: 'none', endsOn: null })],
      'entrance',
    ],
    [
      'the entrance opened again',
      hiveOf('top-bar'),
      SEASON,
      [fact('2026-01-10', { kind: 'entrance', entrance: 'reduced', reopenOn: '2026-01-19' })],
      'reopen',
    ],
    [
      'the excluder out before winter',
      hiveOf('cut-comb', [{ sinceOn: '2026-01-05' }]),
      BEFORE_WINTER,
      [fact('2026-01-10', { kind: 'excluder', fitted: true })],
      'excluder',
    ],
    [
      'supers off before winter',
      hiveOf('framed', [{ sinceOn: '2026-01-05' }]),
      BEFORE_WINTER,
      [],
      'supers-off',
    ],
    [
      'the checklist of a dead colony',
      hiveOf('warre'),
      SEASON,
      [fact('2026-01-10', { kind: 'alive', alive: false })],
      'death',
    ],
  ])('%s', (_, hive, date, facts, id) => {
    const item = due(hive, date, facts).find((i) => i.id === id)!;
    expect(item, ids(due(hive, date, facts)).join()).toBeDefined();
    expect(said(item.why).length).toBeGreaterThan(15);
  });
  it('a box of stingless bees is looked into once a year, whatever flows', () => {
    const flow = fact(SEASON, { kind: 'flow', flow: 'strong', endsOn: null });
    expect(due(hiveOf('stingless'), SEASON, [flow]).find((i) => i.id === 'look')).toMatchObject({
      what: 'look.due.yearly-look',
      dueOn: '2027-01-18',
    });
  });
  it("winter tasks have their date: the household's own, else the last day before", () => {
    const fitted = fact('2026-01-05', { kind: 'excluder', fitted: true });
    const kept = fact('2026-02-01', { kind: 'reserved-super', reserved: true });
    const hive = hiveOf('drain-frame', [{ sinceOn: '2026-01-05' }]);
    const dates = (rules = DEFAULT_RULES): Record<string, string | null> =>
      Object.fromEntries(
        due(hive, BEFORE_WINTER, [fitted, kept], rules).map((i) => [i.id, i.dueOn]),
      );
    const noRule = { ...DEFAULT_RULES, supersOffBy: null };
    expect(dates(noRule)).toMatchObject({ excluder: '2026-05-31', 'supers-off': '2026-05-31' });
    expect(dates({ ...noRule, supersOffBy: '05-20' })).toMatchObject({ excluder: '2026-05-20' });
  });
  it('season and purpose decide when the next look is, and overdue days are counted', () => {
    const next = (
      kind: HiveKindName,
      date: string,
      facts: DatedFact[] = [],
      supers: { sinceOn: string }[] = [],
    ) => due(hiveOf(kind, supers), date, facts).find((i) => i.id === 'look')!;
    expect(next('top-bar', SEASON)).toMatchObject({ dueOn: '2026-01-25', overdueDays: 0 });
    expect(next('top-bar', '2026-02-03')).toMatchObject({ overdueDays: 9 });
    expect(
      due(hiveOf('top-bar', [], '2026-06-20'), WINTER).find((i) => i.id === 'look'),
    ).toMatchObject({ dueOn: '2026-08-19' });
    const slow = { ...DEFAULT_RULES, lookAgainDays: 14 };
    expect(
      due(hiveOf('cut-comb', [{ sinceOn: '2026-01-05' }]), SEASON, [], slow).find(
        (i) => i.id === 'look',
      ),
    ).toMatchObject({ dueOn: '2026-01-25' });
    expect(due(hiveOf('top-bar'), SEASON, [], slow).find((i) => i.id === 'look')).toMatchObject({
      dueOn: '2026-02-01',
    });
  });
  it('knows the other half of the year in the north', () => {
    const north = {
      ...hiveOf('framed', [{ sinceOn: '2026-07-05' }], '2026-11-01'),
      site: { hemisphere: 'north' },
    } as Hive;
    expect(ids(due(north, '2026-11-05'))).toContain('supers-off');
    expect(ids(due(north, '2026-05-05'))).not.toContain('supers-off');
  });
  it('is dated by the household where it said a day', () =>
    expect(
      due(hiveOf('framed', [{ sinceOn: '2026-01-05' }]), BEFORE_WINTER, [], {
        ...DEFAULT_RULES,
        supersOffBy: '04-15',
      }).find((i) => i.id === 'supers-off'),
    ).toMatchObject({ dueOn: '2026-04-15', overdueDays: 25 }));
  it('names frames and sheets that are too old', () => {
    const old = hiveOf('framed', [{ sinceOn: '2026-01-05' }]);
    old.boxes[1].madeOn = '2021-09-01';
    expect(due(old, SEASON).find((i) => i.id === 'old')!.what).toMatch(
      'look.due.old-frames {boxes: {and: [2]}}',
    );
  });
  it('asks nothing of the living from a dead colony, and of a screened entrance nothing more', () => {
    expect(
      ids(due(hiveOf('cut-comb'), SEASON, [fact('2026-01-10', { kind: 'alive', alive: false })])),
    ).toEqual(expect.not.arrayContaining(['look', 'super-on']));
    expect(
      ids(
        due(hiveOf('top-bar'), SEASON, [
          fact('2026-01-15', { kind: 'flow', flow: 'none', endsOn: null }),
          fact('2026-01-16', { kind: 'entrance', entrance: 'screened', reopenOn: null }),
        ]),
      ),
    ).not.toContain('entrance');
  });
});

describe('what is foreseen is dated', () => {
  const rules = { ...DEFAULT_RULES, lookAgainDays: 30 };
  const state = colonyState('2025-01-01', [], SEASON);
  /**
   * A top-bar hive with comb on the bars given, each begun on its day; the board stands after bar
   * 8.
   */
  const topBar = (built: [number, string][], bars = 20): Hive =>
    ({
      ...hiveOf('top-bar'),
      geometry: { ...HIVE_KINDS['top-bar'].defaults, bars, followerAfterBar: 8 },
      bars: built.map(([slot, builtOn]) => ({
        carrierId: `c${slot}`,
        slot,
        inBox: slot,
        boxId: null,
        comb: { id: `k${slot}`, builtOn, looks: [] },
      })),
    }) as unknown as Hive;
  const due = (hive: Hive, id: string) =>
    dueItems(hive, state, SEASON, rules).find((i) => i.id.startsWith(id));

  it('comb on the last bar is due since it is there, with what room is left', () => {
    const reached = due(topBar([[8, '2026-01-10']]), 'last-bar')!;
    expect(reached).toMatchObject({ dueOn: '2026-01-10', overdueDays: 10 });
    expect(reached.why).toMatch('look.due.last-bar.spare');
    expect(due(topBar([[8, '2026-01-10']], 8), 'last-bar')!.why).toMatch('look.due.last-bar.full');
    expect(due(topBar([[7, '2026-01-10']]), 'last-bar')).toBeUndefined();
  });
  it('comb on the last bar that was there with the hive is due now, not overdue since it was taken in', () => {
    const hive = { ...topBar([[8, '2025-01-20']]), colony: { startedOn: '2025-01-20' } } as Hive;
    expect(due(hive, 'last-bar')).toMatchObject({ dueOn: SEASON, overdueDays: 0 });
  });
  it('the next look is by date, or by how it fills where that is sooner', () => {
    expect(due(topBar([[5, '2025-01-10']]), 'look')).toMatchObject({ dueOn: '2026-02-17' });
    const quick = due(
      topBar([
        [4, '2026-01-02'],
        [5, '2026-01-08'],
        [6, '2026-01-14'],
        [7, '2026-01-18'],
      ]),
      'look',
    )!;
    expect(quick.what).toBe('look.due.fills-quickly');
    expect(quick.why).toMatch('look.due.may-reach-bar {bar: 8, on: {date: 2026-01-24}}');
    expect(quick.dueOn! < '2026-02-17').toBe(true);
  });
  it('a waiting time that is over is said for two weeks', () => {
    const treated = (on: string): DatedFact =>
      fact(on, { kind: 'treatment', product: 'Acid strips', waitDays: 10, supersOn: 'no' });
    const over = (on: string) =>
      dueItems(
        topBar([[5, '2025-01-10']]),
        colonyState('2025-01-01', [treated(on)], SEASON),
        SEASON,
        rules,
      ).find((i) => i.id.startsWith('treatment-over'));
    expect(over('2026-01-10')).toMatchObject({ dueOn: '2026-01-20' });
    expect(over('2026-01-11')).toBeUndefined();
    expect(over('2025-12-20')).toBeUndefined();
  });
  it('old frames are due since they are', () => {
    const hive = hiveOf('cut-comb', [{ sinceOn: '2025-12-01' }]);
    hive.boxes[0].madeOn = '2022-09-01';
    const old = dueItems(hive, state, SEASON, rules).find((i) => i.id === 'old')!;
    expect(old.dueOn).toBe('2025-08-31');
    expect(old.overdueDays).toBeGreaterThan(0);
  });
});

describe('schools of the house in what is due', () => {
  const state = colonyState('2025-01-01', [], SEASON);
  const ids = (hive: Hive, more: Partial<typeof DEFAULT_RULES>): string[] =>
    dueItems(hive, state, SEASON, { ...DEFAULT_RULES, ...more }).map((i) => i.id);
  it('below a comb super stands what the house wants there', () => {
    const hive = hiveOf('cut-comb', [{ sinceOn: '2025-12-20' }]);
    expect(ids(hive, {})).toContain('between');
    expect(ids(hive, { belowSuper: 'excluder' })).toContain('excluder-on');
    expect(ids(hive, { belowSuper: 'excluder' })).not.toContain('between');
    const neither = ids(hive, { belowSuper: 'neither' });
    expect(neither.filter((id) => id === 'between' || id === 'excluder-on')).toEqual([]);
  });
  it('the main harvest comes back in spring where it is taken once', () => {
    const spring = { harvestWhen: 'spring' } as const;
    const due = dueItems(hiveOf('top-bar'), state, SEASON, { ...DEFAULT_RULES, ...spring });
    expect(due.find((i) => i.id === 'main-harvest')).toMatchObject({ dueOn: '2026-09-01' });
    expect(ids(hiveOf('top-bar'), {})).not.toContain('main-harvest');
  });
});
