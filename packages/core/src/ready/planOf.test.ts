import { saying } from '../../fixtures/said.js';
import { readySay } from './says.js';
import { describe, expect, it } from 'vitest';
import { JARS, VESSELS } from '../../fixtures/chooser.js';
import { HIVE_KINDS } from '../hive/kinds.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import type { Hive, Look } from '../records/hiveViews.js';
import type { BatchDetail, Vessel } from '../records/views.js';
import { planDay as planDaySays, type DayInput } from './planOf.js';

const planDay = saying(planDaySays);

const SEALED = { capped: 0.9, open: 0.06, pollen: 0, brood: 0, empty: 0.04 };
const lookAt = (slot: number): Look =>
  ({
    id: `l${slot}`,
    combId: `c${slot}`,
    slot,
    date: '2026-03-10',
    occurredAt: '2026-03-10T13:00:00.000Z',
    sides: { A: SEALED, B: SEALED },
    seenBy: { A: 'hand', B: 'hand' },
    pane: null,
    attachment: null,
    pots: null,
    straight: true,
    readings: [],
    combAge: 'new',
    depthMm: 200,
    thicknessMm: 28,
  }) as unknown as Look;
const SLOTS = [10, 11, 12];
const hive = (facts: unknown[] = []): Hive =>
  ({
    id: 'h1',
    siteId: 's1',
    name: 'Ipê',
    kind: 'top-bar',
    geometry: HIVE_KINDS['top-bar'].defaults,
    site: {
      id: 's1',
      name: 'Encosta',
      zone: 'America/Sao_Paulo',
      hemisphere: 'south',
      notes: ['neighbours'],
      forage: {},
      tasks: [{ id: 't1', what: 'Mow the path', dueOn: null, doneOn: null }],
      latitude: -29,
      longitude: -51,
    },
    colony: { id: 'k1', startedOn: '2024-10-01', facts },
    boxes: [],
    bars: SLOTS.map((slot) => ({
      carrierId: `bar${slot}`,
      slot,
      inBox: slot,
      boxId: null,
      comb: { id: `c${slot}`, builtOn: '2026-01-01', looks: [lookAt(slot)], marks: [] },
    })),
  }) as unknown as Hive;
const plan = {
  startLocal: '2026-03-14T09:00',
  kitchenTemperatureC: 24,
  nightTemperatureC: null,
  moisturePercent: 17.5,
  moves: {},
};
const detail = (said: object = {}, of = hive()): BatchDetail =>
  ({
    batch: {
      id: 'b1',
      visitId: 'v1',
      hiveId: 'h1',
      hiveName: 'Ipê',
      hiveKind: 'top-bar',
      siteName: 'Encosta',
      zone: 'America/Sao_Paulo',
      method: 'crush',
      lotGroup: null,
      combIds: SLOTS.map((slot) => `c${slot}`),
      plan,
      ...said,
    },
    hive: of,
    looks: SLOTS.map(lookAt),
    takes: [],
  }) as unknown as BatchDetail;
const input = (details: BatchDetail[], more: Partial<DayInput> = {}): DayInput => ({
  open: { details, inUse: [], gear: [], ticks: [], crushPace: {}, corrections: {} },
  plans: {},
  rules: DEFAULT_RULES,
  jars: JARS,
  vessels: VESSELS as unknown as Vessel[],
  weather: {},
  nowIso: null,
  ...more,
});

describe('the day as Ready shows it', () => {
  it('leaves out what has no plan yet', () => {
    expect(planDay(input([detail({ plan: null })])).harvests).toEqual([]);
  });
  it('goes by the plan on the screen rather than by the one that was written down', () => {
    const onScreen = { ...plan, startLocal: '2026-03-15T10:00' };
    const day = planDay(input([detail()], { plans: { b1: onScreen } }));
    const smoke = day.steps.find((step) => step.id === 'smoke')!;
    expect(smoke.startsAt.slice(0, 16)).toBe('2026-03-15T10:00');
  });
  it.each(['', '2026-02-30T09:00', 'tomorrow'])(
    'says of a start of %j that the place has no such time',
    (startLocal) =>
      expect(() => planDay(input([detail({ plan: { ...plan, startLocal } })]))).toThrow(
        /no-date-and-time/,
      ),
  );
  it('begins with gear and neighbours, does what waits at the site, and ends with wax', () => {
    const ids = planDay(input([detail()])).steps.map((step) => step.id);
    const at = (id: string): number => ids.indexOf(id);
    expect(at('sanitise')).toBe(0);
    expect(at('site-neighbours')).toBeLessThan(at('smoke'));
    expect(ids).toContain('site-task-0');
    expect(at('take')).toBeLessThan(at('crush'));
    expect(at('jar')).toBeLessThan(at('residue'));
  });
  it('promises no more honey than its combs hold, as a range', () => {
    const [{ outcome }] = planDay(input([detail()])).harvests;
    const { low, mid, high } = outcome.honeyKg;
    expect(low).toBeGreaterThan(0);
    expect(low).toBeLessThan(mid);
    expect(mid).toBeLessThan(high);
    const [{ outcome: fewer }] = planDay(input([detail({ combIds: ['c10'] })])).harvests;
    expect(fewer.honeyKg.mid).toBeCloseTo(mid / 3, 6);
  });
  it('has a step, a caution or a line for everything that is said of the hive', () => {
    const dearth = { ...hive(), site: { ...hive().site, forage: { 3: 'dearth' } } } as Hive;
    const day = planDay(input([detail({}, dearth)]));
    expect(day.steps.map((step) => step.id)).toContain('reduce');
    expect(day.bring.map((line) => line.id)).toContain('reducer-b1');
    expect(day.harvests[0].cautions.find((c) => c.id === 'robbing')!.text).toMatch(
      'ready.cautions.dearth-lid-on-between-combs',
    );
  });
  it('asks nobody to smoke a colony that is gone', () => {
    const gone = hive([{ id: 'f', on: '2026-03-01', fact: { kind: 'alive', alive: false } }]);
    const day = planDay(input([detail({}, gone)]));
    expect(day.bring.map((line) => line.id)).not.toContain('smoker');
    expect(day.harvests[0].cautions.map((c) => c.id)).toContain('dead');
  });
  it('gives two lots in one vessel one bench, and brings one bucket for both', () => {
    const group = { lotGroup: 'g' };
    const other = detail({ ...group, id: 'b2', visitId: 'v2', combIds: ['c12'] });
    const day = planDay(input([detail({ ...group, combIds: ['c10', 'c11'] }), other]));
    const crushed = day.steps.filter((step) => step.id === 'crush');
    expect(crushed).toHaveLength(1);
    expect(day.steps.filter((step) => step.id === 'join')).toHaveLength(1);
    expect(day.bring.filter((line) => line.id.startsWith('vessel-upper'))).toHaveLength(1);
  });
  it('counts a bucket that still drips as taken', () => {
    const lower = VESSELS.filter((v) => v.role === 'lower').map((v) => v.id);
    const free = planDay(input([detail()])).bring.find((l) => l.id === 'vessel-lower-b1')!;
    const day = input([detail()]);
    const what = readySay('ready.in-use.drains', { hive: 'Cedro' });
    day.open.inUse = [{ vesselIds: lower, untilAt: '2026-04-01T00:00:00.000Z', what }];
    const taken = planDay(day).bring.find((l) => l.id === 'vessel-lower-b1')!;
    expect(taken.text).not.toBe(free.text);
  });
});
