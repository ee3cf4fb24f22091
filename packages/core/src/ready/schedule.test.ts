import { said, expectSaid as expect } from '../../fixtures/said.js';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import { describe, it } from 'vitest';
import { VESSELS } from '../../fixtures/chooser.js';
import type { HouseRules } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { nineTenthsAt } from '../drain/index.js';
import { drainHours, settleHours } from './bench.js';
import { scheduleHarvests } from './schedule.js';
import type { Resources, TimetableStep } from './timetable.js';
import type { HarvestToPlan } from './planTask.js';
import { harvestTasks, SITE_NOTES } from './tasks.js';
import { type Way, WAYS } from '../records/vocabulary/ways.js';

const ZONE = 'America/Sao_Paulo';
const plan = (more: Partial<HarvestToPlan> = {}): HarvestToPlan => ({
  hiveKind: 'top-bar',
  id: 'a',
  name: 'Ipê',
  way: 'crush',
  combs: 3,
  honeyKg: { low: 5, mid: 5.4, high: 5.8 },
  pieces: 0,
  chunkJars: 0,
  jars: 18,
  litres: { tub: 6, upper: 5, out: 4 },
  freezerL: 0,
  depthMm: 200,
  moisturePercent: 18,
  climate: { dayC: 26, nightC: 20, zone: ZONE },
  startLocal: '2026-03-14T09:30',
  siteZone: ZONE,
  moves: {},
  siteNotes: [],
  siteTasks: [],
  combKg: 4,
  crushMinutesPerKg: null,
  dearth: false,
  followsId: null,
  taken: { laterCombs: 0, laterLots: 0 },
  joins: null,
  ...more,
});
const rules: HouseRules = { ...DEFAULT_RULES, people: 2 };
const plenty: Resources = { people: 2, vessels: VESSELS, freezerL: 40 };
const run = (harvests: HarvestToPlan[], r = rules, resources = plenty, now: string | null = null) =>
  scheduleHarvests(harvests, r, resources, now);
const ms = (s: TimetableStep, edge: 'startsAt' | 'endsAt' = 'startsAt'): number =>
  Date.parse(s[edge]);
const of = (steps: TimetableStep[], id: string, harvest = 'a'): TimetableStep =>
  steps.find((s) => s.id === id && s.harvestId === harvest)!;

const someHarvest = fc.record({
  way: fc.constantFrom(...WAYS),
  hour: fc.integer({ min: 0, max: 23 }),
  day: fc.integer({ min: 10, max: 14 }),
  combs: fc.integer({ min: 1, max: 8 }),
  nightC: fc.integer({ min: 8, max: 26 }),
  freezerL: fc.integer({ min: 0, max: 30 }),
  pieces: fc.integer({ min: 0, max: 30 }),
});
const drawn = (
  list: {
    way: Way;
    hour: number;
    day: number;
    combs: number;
    nightC: number;
    freezerL: number;
    pieces: number;
  }[],
): HarvestToPlan[] =>
  list.map((h, i) =>
    plan({
      id: `h${i}`,
      name: `Hive ${i}`,
      way: h.way,
      combs: h.combs,
      freezerL: h.freezerL,
      pieces: h.pieces,
      startLocal: `2026-03-${h.day}T${String(h.hour).padStart(2, '0')}:30`,
      climate: { dayC: 26, nightC: h.nightC, zone: ZONE },
    }),
  );

describe('the timetable', () => {
  it('comb of a pile box that is pressed later is cut open, other comb is broken up by the house rule', () => {
    const titled = (more: Partial<HarvestToPlan>): string =>
      said(of(run([plan({ way: 'drip-press', ...more })]), 'crush').title);
    expect(titled({ hiveKind: 'pile-box' })).toBe('ready.benchTasks.cut-combs-open');
    expect(titled({ hiveKind: 'top-bar' })).toBe('ready.benchTasks.mash-comb');
    expect(titled({ hiveKind: 'pile-box', way: 'crush' })).toBe('ready.benchTasks.mash-comb');
  });
  it('smokes, takes, carries, washes and looks back once for two lots of one visit', () => {
    const first = plan({ id: 'a', combs: 2, taken: { laterCombs: 3, laterLots: 1 } });
    for (const order of [
      [first, plan({ id: 'b', followsId: 'a' })],
      [plan({ id: 'b', followsId: 'a' }), first],
    ]) {
      const steps = run(order);
      const idsOf = (harvest: string) =>
        steps.filter((s) => s.harvestId === harvest).map((s) => s.id);
      for (const once of ['sanitise', 'smoke', 'carry', 'wash', 'look-back']) {
        expect(idsOf('a')).toContain(once);
        expect(idsOf('b')).not.toContain(once);
      }
      expect(of(steps, 'take', 'a').title).toBe(
        'ready.tasks.take-close-hive {h: ready.tasks.then {first: hiveName.combs {count: 2}, ' +
          'laterCombs: 3, others: ready.tasks.another-lot}}',
      );
      expect(idsOf('b')).toEqual(expect.arrayContaining(['take', 'crush', 'drain', 'jar']));
      // Nothing of the second lot begins before both are at home.
      const atHome = Date.parse(of(steps, 'carry', 'a').endsAt);
      const begins = steps.filter((s) => s.harvestId === 'b').map((s) => Date.parse(s.startsAt));
      expect(Math.min(...begins)).toBeGreaterThanOrEqual(atHome);
    }
  });
  it('runs from washing the gear to the residue, every step after what it needs', () => {
    const steps = run([plan()]);
    expect(of(steps, 'smoke').startsAt).toBe('2026-03-14T09:30:00.000-03:00');
    expect(steps.map((s) => s.id)).toEqual(
      expect.arrayContaining([
        'sanitise',
        'take',
        'carry',
        'crush',
        'drain',
        'stir-1',
        'close-drain',
        'strain',
        'settle',
        'jar',
        'label',
        'wash',
        'residue',
        'look-back',
        'look-back-2',
      ]),
    );
    expect(ms(of(steps, 'sanitise'))).toBeLessThan(ms(of(steps, 'smoke')));
  });
  it('holds every order, working hour, pair of hands, vessel, scale and freezer, whatever is planned together', () => {
    fc.assert(
      fc.property(fc.array(someHarvest, { minLength: 1, maxLength: 5 }), (list) => {
        const harvests = drawn(list);
        const steps = run(harvests);
        for (const h of harvests)
          for (const task of harvestTasks(h, rules)) {
            const step = of(steps, task.id, h.id);
            if (!step) continue;
            for (const before of task.after)
              expect(ms(step), `${task.id} after ${before}`).toBeGreaterThanOrEqual(
                ms(of(steps, before, h.id), 'endsAt'),
              );
          }
        const hands = steps.filter((s) => s.handsOnMinutes > 0 && s.people > 0);
        for (const s of hands.filter((x) => x.id !== 'smoke')) {
          const clock = DateTime.fromISO(s.startsAt, { setZone: true }).toFormat('HH:mm');
          expect(clock >= '07:00' && clock < '21:00', `${s.id} at ${clock}`).toBe(true);
        }
        // At the beginning of any step no more hands are busy than there are.
        for (const s of hands)
          expect(
            hands
              .filter((o) => ms(o) <= ms(s) && ms(o, 'endsAt') > ms(s))
              .reduce((n, o) => n + o.people, 0),
          ).toBeLessThanOrEqual(2);
      }),
      { numRuns: 40 },
    );
  });
  it('one vessel never serves two lots at once', () => {
    const steps = run([plan(), plan({ id: 'b', name: 'Cedro', startLocal: '2026-03-14T10:30' })]);
    const [first, second] = [of(steps, 'crush'), of(steps, 'crush', 'b')];
    expect(first.vessels).toEqual(['Upper']);
    expect(second.vessels).toEqual(['Upper']);
    expect(ms(second)).toBeGreaterThanOrEqual(ms(of(steps, 'close-drain'), 'endsAt'));
  });
  it('says by how much the kit is short, and plans all the same', () => {
    const step = of(run([plan({ litres: { tub: 6, upper: 40, out: 4 } })]), 'crush');
    expect(step.conflicts[0].sentence).toMatch(
      'ready.placeHarvest.short {shortL: {volumeL: 29.2}, advice: ready.placeHarvest.draw-off-in-between-or}',
    );
  });
  it('the freezer takes no more than it holds', () => {
    const cut = (id: string): HarvestToPlan =>
      plan({ id, name: id, way: 'cut', pieces: 12, freezerL: 25 });
    const steps = run([cut('a'), cut('b')]);
    expect(ms(of(steps, 'freeze', 'b'))).toBeGreaterThanOrEqual(ms(of(steps, 'freeze'), 'endsAt'));
    expect(of(steps, 'thaw').title).toBe('ready.benchTasks.thaw-closed');
  });
  it("a cold night takes longer, and straining waits for the day's warmth", () => {
    const end = (nightC: number): number =>
      ms(of(run([plan({ climate: { dayC: 26, nightC, zone: ZONE } })]), 'drain'), 'endsAt');
    expect(end(10)).toBeGreaterThan(end(24) + 3_600_000);
    const strain = of(run([plan({ climate: { dayC: 24, nightC: 10, zone: ZONE } })]), 'strain');
    expect(DateTime.fromISO(strain.startsAt, { setZone: true }).hour).toBeGreaterThanOrEqual(8);
  });
  it('a step set by hand stays, the rest follows, and what is wrong with it is said', () => {
    const before = run([plan()]);
    const moved = run([plan({ moves: { crush: '2026-03-14T16:00' } })]);
    expect(of(moved, 'crush')).toMatchObject({
      startsAt: '2026-03-14T16:00:00.000-03:00',
      moved: true,
      conflicts: [],
    });
    expect(ms(of(moved, 'drain'))).toBeGreaterThan(ms(of(before, 'drain')));
    const early = of(run([plan({ moves: { crush: '2026-03-14T05:00' } })]), 'crush');
    expect(early.conflicts.map((c) => c.rule)).toEqual(['order', 'hours']);
    expect(early.conflicts[0].sentence).toMatch('ready.placeHarvest.before-it-can-be-what');
  });
  it('two steps put on one hour: the second says whose hands are missing when it is put there', () => {
    const moves = { take: '2026-03-14T09:45' };
    const steps = run([plan({ moves }), plan({ id: 'b', name: 'Cedro', moves })]);
    expect(of(steps, 'take', 'b').conflicts.find((c) => c.rule === 'people')!.sentence).toBe(
      'ready.placeHarvest.clash {what: ready.placeHarvest.not-enough-hands, with: {' +
        'and: [ready.placeHarvest.step-of {harvest: Ipê, step: ready.tasks.take-close-hive {' +
        'h: hiveName.combs {count: 3}}}]}}',
    );
  });
  it('nothing is planned into the past: what was for the evening before waits for the morning', () => {
    const start = plan({ startLocal: '2026-03-15T09:30' });
    const evening = of(run([start]), 'sanitise');
    expect(ms(evening)).toBeLessThan(Date.parse('2026-03-14T22:00:00-03:00'));
    const now = '2026-03-14T22:30:00-03:00';
    const steps = run([start], rules, plenty, now);
    for (const s of steps) expect(ms(s), s.id).toBeGreaterThanOrEqual(Date.parse(now));
    expect(ms(of(steps, 'sanitise'), 'endsAt')).toBeLessThanOrEqual(ms(of(steps, 'smoke')));
  });
  it('a late start is planned anew from now', () => {
    const steps = run([plan()], rules, plenty, '2026-03-14T16:07:00Z');
    expect(of(steps, 'smoke').startsAt).toBe('2026-03-14T13:15:00.000-03:00');
    expect(of(steps, 'smoke').conflicts[0].sentence).toBe(
      'ready.placeHarvest.first-smoke-was-planned-h {hours: 4}',
    );
    expect(of(run([plan()], rules, plenty, '2026-03-14T12:50:00Z'), 'smoke').conflicts).toEqual([]);
  });
  it('site notes add their step; a dearth asks for the entrance first', () => {
    const steps = run([plan({ siteNotes: SITE_NOTES, dearth: true })]);
    for (const note of SITE_NOTES) expect(of(steps, `site-${note}`)).toBeDefined();
    expect(ms(of(steps, 'reduce'))).toBeLessThan(ms(of(steps, 'smoke')));
  });
  it('pots go into the cold and never into a settling vessel; drain frames are reset', () => {
    expect(run([plan({ way: 'draw-pots' })]).map((s) => s.id)).not.toContain('settle');
    expect(run([plan({ way: 'drain-hive' })]).map((s) => s.id)).toEqual(
      expect.arrayContaining(['run', 'reset', 'strain', 'jar']),
    );
  });
  it('of two harvests that want one bucket the order is taken that is done first', () => {
    const small = plan({
      id: 'b',
      name: 'Cedro',
      honeyKg: { low: 1, mid: 1.2, high: 1.4 },
      litres: { tub: 2, upper: 1.5, out: 1 },
      depthMm: 40,
      jars: 3,
      startLocal: '2026-03-14T09:45',
    });
    const end = (s: TimetableStep[]): number =>
      Math.max(...s.filter((x) => !x.id.startsWith('look-back')).map((x) => ms(x, 'endsAt')));
    expect(end(run([plan(), small]))).toBe(end(run([small, plan()])));
  });
  it("comb that goes into another's vessel is brought there, and that one is broken up when all of it is there", () => {
    const steps = run([
      plan(),
      plan({
        id: 'b',
        name: 'Cedro',
        startLocal: '2026-03-14T13:30',
        joins: { id: 'a', name: 'Ipê' },
      }),
    ]);
    expect(of(steps, 'join', 'b').title).toBe('ready.tasks.into-one-vessel-with {joins: Ipê}');
    expect(of(steps, 'crush', 'b')).toBeUndefined();
    expect(ms(of(steps, 'crush'))).toBeGreaterThanOrEqual(ms(of(steps, 'join', 'b'), 'endsAt'));
    expect(of(steps, 'look-back', 'b')).toBeDefined();
  });
  it('refuses a time that place does not have', () =>
    expect(() => run([plan({ startLocal: '2026-02-30T09:30' })])).toThrow(/no-date-and-time/));
});

describe('waiting at the bench', () => {
  const at = DateTime.fromISO('2026-03-14T11:00', { zone: ZONE });
  it.each(['mash', 'chop', 'slice'] as const)(
    'of comb that is %sd is what the clock will say when it is crushed',
    (method) => {
      const climate = { dayC: 22, nightC: 22, zone: ZONE };
      const clock = nineTenthsAt(method, 22, 18).mid;
      expect(drainHours(at, climate, method, 18) / clock).toBeGreaterThan(0.9);
      expect(drainHours(at, climate, method, 18) / clock).toBeLessThan(1.1);
    },
  );
  it('is never shorter for a colder night or a deeper vessel', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 8, max: 30 }),
        fc.integer({ min: 30, max: 400 }),
        (nightC, depthMm) => {
          const climate = (c: number) => ({ dayC: 26, nightC: c, zone: ZONE });
          expect(drainHours(at, climate(nightC), 'chop', 18)).toBeGreaterThanOrEqual(
            drainHours(at, climate(nightC + 2), 'chop', 18) - 1e-9,
          );
          expect(settleHours(at, climate(nightC), depthMm + 20, 18)).toBeGreaterThan(
            settleHours(at, climate(nightC), depthMm, 18),
          );
        },
      ),
      { numRuns: 20 },
    );
  });
});
