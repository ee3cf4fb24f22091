import { countedCombs } from '../hive/kinds.js';
import { describe, expect, it } from 'vitest';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import type { HoldView } from '../records/holds.js';
import { HOLD_WORDS } from '../records/vocabulary/holdCauses.js';
import type { Hive, Site } from '../records/hiveViews.js';
import type { Gear } from '../records/plan.js';
import type { Batch, Clock, TodayLine } from '../records/views.js';
import { together, type Say } from '../say/say.js';
import {
  clockLine,
  drainDue,
  drainLines,
  followUpLine,
  harvestLines,
  holdLine,
  lookBackLines,
  mendLines,
  promiseLines,
  siteLines,
  todayInOrder,
  todaySay,
  useFirstLines,
  waxClocks,
  waxLines,
  type HarvestFacts,
} from './index.js';

const NOW = '2026-03-14T15:00:00.000Z';
const now = new Date(NOW);
const batch = (said: Partial<Batch> = {}): Batch =>
  ({
    id: 'b1',
    visitId: 'v1',
    hiveId: 'h1',
    hiveName: 'Ipê',
    hiveKind: 'top-bar',
    zone: 'America/Sao_Paulo',
    stage: 'take',
    method: 'crush',
    plan: null,
    lookedBackAt: null,
    ...said,
  }) as Batch;
const range = { low: 20, mid: 30, high: 40 };

describe('what a drain waits for', () => {
  const drain = { id: 'd1', startedAt: '2026-03-14T09:00:00.000Z', events: [], method: 'slice' };
  const forecast = { stalled: false, overflowHours: null, nineTenthsHours: range };
  const due = (said: object, rules: object = {}) =>
    drainDue(
      drain as never,
      { ...forecast, ...said },
      { ...DEFAULT_RULES, stirs: 'never', ...rules } as never,
      now,
    );
  it('is that somebody looks, where its weighings stand still', () => {
    expect(due({ stalled: true })).toEqual({ dueAt: NOW, dueWhat: 'stopped', overflowAt: null });
  });
  it('is the full vessel, counted from its begin by the early edge', () => {
    expect(due({ overflowHours: { earliest: 8 } })).toMatchObject({
      dueWhat: 'draw-off',
      dueAt: '2026-03-14T17:00:00.000Z',
    });
  });
  it('is nine tenths out, once nothing else is ahead', () => {
    expect(due({}).dueWhat).toBe('nine-tenths');
  });
  it.each([
    ['in an hour', '2026-03-14T16:00:00.000Z', true],
    ['in a day', '2026-03-15T16:00:00.000Z', false],
  ])('is urgent where it runs over %s: %s', (_when, overflowAt, urgent) => {
    const lines = drainLines(
      { id: 'd1' },
      batch(),
      'Ipê',
      { dueAt: overflowAt, dueWhat: 'draw-off', overflowAt },
      now,
    );
    expect(lines).toEqual([expect.objectContaining({ kind: 'draw-off', urgent })]);
  });
});

describe('an open harvest at its stage', () => {
  const facts: HarvestFacts = {
    name: 'Ipê',
    leftToTake: countedCombs(3, 'top-bar'),
    leftOpen: null,
    combG: 0,
  };
  const kinds = (b: Batch, said: Partial<HarvestFacts> = {}): string[] =>
    harvestLines(b, { ...facts, ...said }).map((l) => l.kind);
  it.each([
    ['ready', {}, {}, ['plan']],
    ['take', {}, {}, []],
    ['take', { plan: { startLocal: '2026-03-15T09:00' } }, {}, ['take']],
    ['take', {}, { leftOpen: { occurredAt: NOW } }, ['left']],
    ['drain', {}, {}, []],
    ['drain', {}, { combG: 900 }, ['comb']],
    ['cut', {}, { combG: 900 }, ['comb']],
    ['jar', {}, {}, ['jar']],
    ['book', {}, { combG: 900 }, []],
  ] as const)('%s %o %o asks for %o', (stage, said, known, asked) => {
    expect(kinds(batch({ stage, ...said } as Partial<Batch>), known)).toEqual(asked);
  });
  it('is due at its start, by the clock of its site', () => {
    const [line] = harvestLines(
      batch({ plan: { startLocal: '2026-03-15T09:00' } as Batch['plan'] }),
      facts,
    );
    expect(line).toMatchObject({
      dueAt: '2026-03-15T12:00:00.000Z',
      title: { key: 'today.take', with: { what: countedCombs(3, 'top-bar'), name: 'Ipê' } },
    });
  });
  it('says that its honey is to be skimmed only where some settles', () => {
    const jar = batch({ stage: 'jar' });
    expect(harvestLines(jar, facts)[0].title).toEqual(todaySay('today.fill', { name: 'Ipê' }));
    const settledAt = '2026-03-16T09:00:00.000Z';
    expect(harvestLines(jar, { ...facts, settledAt })[0]).toMatchObject({
      title: todaySay('today.skim-fill', { name: 'Ipê' }),
      dueAt: settledAt,
    });
  });
});

describe('a clock on Today', () => {
  const swap = todaySay('clock.swap', { vessel: 'Pail', places: { and: ['12'] } });
  const clock = (kind: Clock['kind']): Clock =>
    ({ id: 'c', kind, batchId: 'b1', hiveName: 'Ipê', dueWhat: swap, urgent: true }) as Clock;
  it.each(['frame', 'press'] as const)('stands there as %s', (kind) => {
    const title = todaySay('today.clock', { hive: 'Ipê', what: swap });
    expect(clockLine(clock(kind))).toMatchObject({ title, urgent: true });
  });
  it.each(['drain', 'settle', 'wax'] as const)('has a line of its own as %s', (kind) => {
    expect(clockLine(clock(kind))).toBeNull();
  });
});

describe('a hive after its harvest', () => {
  const hive = (said: Partial<Hive> = {}): Hive =>
    ({
      id: 'h1',
      name: 'Ipê',
      site: { zone: 'America/Sao_Paulo' },
      colony: { startedOn: '2025-01-01' },
      lastLookOn: null,
      ...said,
    }) as Hive;
  const weeks = { followUpWeeks: 2 };
  // Ten in the evening there is the next day in UTC.
  const lateTaking = '2026-03-01T01:00:00.000Z';
  it('is asked for from three days before its weeks are over', () => {
    expect(followUpLine(hive(), lateTaking, weeks, '2026-03-11T00:00:00.000Z')).toBeNull();
    expect(followUpLine(hive(), lateTaking, weeks, '2026-03-12T02:00:00.000Z')).toMatchObject({
      dueAt: '2026-03-15T01:00:00.000Z',
    });
  });
  it('was looked at on the day after, by the calendar of its site', () => {
    const looked = hive({ lastLookOn: '2026-03-01' });
    expect(followUpLine(looked, lateTaking, weeks, NOW)).toBeNull();
  });
  it('is not asked for where another colony lives there since, or nobody asked for it', () => {
    const moved = hive({ colony: { startedOn: '2026-03-05' } as Hive['colony'] });
    expect(followUpLine(moved, lateTaking, weeks, NOW)).toBeNull();
    expect(followUpLine(hive(), lateTaking, { followUpWeeks: null }, NOW)).toBeNull();
  });
  it('is looked back at once a visit, for two days', () => {
    const visits = [
      { batch: batch({ id: 'b1' }), lastTakenAt: '2026-03-14T12:00:00.000Z' },
      { batch: batch({ id: 'b2' }), lastTakenAt: '2026-03-14T13:00:00.000Z' },
      { batch: batch({ id: 'b3', visitId: 'v2' }), lastTakenAt: '2026-03-12T13:00:00.000Z' },
    ];
    expect(lookBackLines(visits, now).map((l) => l.id)).toEqual(['b1-back']);
    const done = [{ ...visits[0], batch: batch({ lookedBackAt: NOW }) }];
    expect(lookBackLines(done, now)).toEqual([]);
  });
});

describe('by the days of its site', () => {
  const task = (dueOn: string | null): Site =>
    ({
      id: 's1',
      name: 'Encosta',
      zone: 'Pacific/Auckland',
      tasks: [{ id: 't1', what: 'Mow', dueOn, doneOn: null }],
    }) as Site;
  // At this instant it is the 15th already in Auckland: fourteen days on is the 29th.
  it.each([
    ['2026-03-29', 1],
    ['2026-03-30', 0],
    [null, 1],
  ])('a task due on %s stands %i times on Today', (dueOn, times) => {
    expect(siteLines(task(dueOn), null, NOW)).toHaveLength(times);
  });
  it('is due in the morning there', () => {
    expect(siteLines(task('2026-03-29'), null, NOW)[0].dueAt).toBe('2026-03-28T20:00:00.000Z');
  });
  it('a repair is near fourteen days before', () => {
    const gear = (dueOn: string): Gear[] => [
      { id: 'g', name: 'Smoker', repair: 'new bellows', dueOn } as Gear,
    ];
    expect(mendLines(gear('2026-03-28'), 'America/Sao_Paulo', NOW)).toHaveLength(1);
    expect(mendLines(gear('2026-03-29'), 'America/Sao_Paulo', NOW)).toHaveLength(0);
    expect(mendLines(gear('2026-03-29'), 'Pacific/Auckland', NOW)).toHaveLength(1);
  });
});

describe('what comes after the honey', () => {
  const wet = (since: string, frozen = false) => [{ batch: batch(), since, frozen }];
  const rules = { ...DEFAULT_RULES, wetWaxDays: 14, waxFrozenWeeks: 2 };
  it('is said of wet wax in its last week, and its clock runs', () => {
    expect(waxLines(wet('2026-03-05T09:00:00.000Z'), rules, now)).toHaveLength(1);
    expect(waxClocks(wet('2026-03-05T09:00:00.000Z'), rules, now)).toHaveLength(1);
    expect(waxLines(wet('2026-03-13T09:00:00.000Z'), rules, now)).toHaveLength(0);
  });
  it('stands still in the freezer, and is said at the end of its weeks there', () => {
    const [line] = waxLines(wet('2026-03-05T09:00:00.000Z', true), rules, now);
    expect(line).toMatchObject({ id: 'b1-frozen-wax', dueAt: '2026-03-19T09:00:00.000Z' });
    expect(waxClocks(wet('2026-03-05T09:00:00.000Z', true), rules, now)).toEqual([]);
    const none = { ...rules, waxFrozenWeeks: null };
    expect(waxLines(wet('2026-03-05T09:00:00.000Z', true), none, now)).toEqual([]);
  });
  it('is used first while some of it is left and its day is near', () => {
    const lot = { id: 'l', batchId: 'b1', code: 'IP-1', useBy: '2026-03-18', left: 2 };
    expect(useFirstLines([lot], now)[0].title).toEqual(
      todaySay('today.use-first', { left: 2, code: 'IP-1' }),
    );
    expect(useFirstLines([{ ...lot, left: 0 }], now)).toEqual([]);
    expect(useFirstLines([{ ...lot, useBy: '2026-04-18' }], now)).toEqual([]);
  });
  it('is promised for a day that is near, by the name of its jar', () => {
    const reserve = { id: 'r', count: 3, jarKindId: 'j', forDate: '2026-03-18', doneAt: null };
    const titles = (said: object): Say[] =>
      promiseLines([{ ...reserve, ...said } as never], () => 'Half', now).map((l) => l.title);
    expect(titles({})).toEqual([todaySay('today.promise', { count: 3, jar: 'Half' })]);
    expect(titles({ doneAt: NOW })).toEqual([]);
    expect(titles({ forDate: null })).toEqual([]);
  });
  it('is held back in words that say whom to ask, and whom to tell where it is gone', () => {
    const hold = { id: 'o', cause: 'syrup', hiveName: 'Ipê', harvestedOn: '2026-03-01', lots: [] };
    const line = holdLine(hold as unknown as HoldView);
    expect(line).toMatchObject({ urgent: true, title: { with: { on: { date: '2026-03-01' } } } });
    const { left, bars, ask } = HOLD_WORDS.syrup;
    expect(line.ifLeft).toEqual(
      todaySay('today.hold.gone.left', { left: together(left, bars, ask) }),
    );
  });
});

it('says what is urgent first, then by its day, and last what waits until it suits', () => {
  const line = (id: string, dueAt: string | null, urgent = false): TodayLine =>
    ({ id, dueAt, urgent }) as TodayLine;
  const lines = [line('when', null), line('late', '2026-03-20'), line('soon', '2026-03-15')];
  expect(todayInOrder([...lines, line('now', '2026-03-30', true)]).map((l) => l.id)).toEqual([
    'now',
    'soon',
    'late',
    'when',
  ]);
});
