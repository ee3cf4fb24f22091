import { describe, expect, it } from 'vitest';
import { houseRulesSchema } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { SCHOOLS } from '../records/schools.js';
import { SCHOOL_QUESTIONS } from '../rules/schoolQuestions.js';
import { HIVE_KINDS } from '../hive/kinds.js';
import type { Hive } from '../records/hiveViews.js';
import { schoolFlips } from './schoolFlips.js';

describe('the schools as questions', () => {
  it.each(SCHOOL_QUESTIONS.map((q) => [q.rule, q] as const))(
    '%s is asked once, with at least two choices that the rules allow, one of them the start',
    (rule, q) => {
      expect(SCHOOL_QUESTIONS.filter((other) => other.rule === rule)).toHaveLength(1);
      expect(q.choices.length).toBeGreaterThan(1);
      for (const { value, label, suits } of q.choices) {
        const parsed = houseRulesSchema.safeParse({ ...DEFAULT_RULES, [rule]: value });
        expect(parsed.success, `${rule} ${String(value)}`).toBe(true);
        expect(label && suits).toBeTruthy();
      }
      expect(q.choices.map((c) => c.value)).toContain(DEFAULT_RULES[rule]);
    },
  );
  it.each(Object.entries(SCHOOLS))('%s has a question for each of its schools', (rule, schools) => {
    const asked = SCHOOL_QUESTIONS.find((q) => q.rule === rule);
    if (!asked) return;
    expect(asked.choices.map((c) => String(c.value)).sort()).toEqual(Object.keys(schools).sort());
  });
});

const side = (capped: number) => ({
  capped,
  open: 0.98 - capped,
  pollen: 0,
  brood: 0,
  empty: 0.02,
});
/** A top-bar hive of an old colony with one comb read, capped as given on both sides. */
function hive(capped: number): Hive {
  const look = {
    id: 'l',
    combId: 'k',
    slot: 12,
    occurredAt: '2026-10-10T12:00:00Z',
    date: '2026-10-10',
    sides: { A: side(capped), B: side(capped) },
    seenBy: { A: 'hand', B: 'hand' },
    photos: { A: null, B: null },
    pane: null,
    attachment: null,
    pots: null,
    straight: true,
    readings: [],
    combAge: 'new',
    depthMm: 204,
    thicknessMm: 28,
    painted: { A: false, B: false },
  };
  return {
    id: 'h',
    name: 'Ipê',
    kind: 'top-bar',
    geometry: HIVE_KINDS['top-bar'].defaults,
    site: { zone: 'America/Sao_Paulo', hemisphere: 'south', notes: [], name: 'Encosta' },
    colony: {
      id: 'c',
      startedOn: '2020-01-01',
      startedAssumed: false,
      endedOn: null,
      facts: [{ id: 'f', on: '2026-10-09', fact: { kind: 'brood-check', result: 'healthy' } }],
    },
    potsDrawnOn: null,
    lastLookOn: '2026-10-10',
    boxes: [],
    bars: [
      {
        carrierId: 'b',
        slot: 12,
        inBox: 12,
        boxId: null,
        comb: { id: 'k', emptied: null, builtOn: '2026-01-01', looks: [look], marks: [] },
      },
    ],
  } as unknown as Hive;
}
const RULES = { ...DEFAULT_RULES, winterNeedKg: 0, springReserveKg: 0 };

describe('what a school would turn', () => {
  const of = (capped: number, instant = '2026-10-12T12:00:00Z') =>
    schoolFlips([hive(capped)], RULES, instant);
  it('names the comb, what it is and what it would be, by the place of the choice', () => {
    const ripe = of(0.83).ripeCappedPercent!;
    expect(ripe.map((flips) => flips.length)).toEqual([0, 0, 1, 1]);
    expect(ripe[2][0]).toEqual({
      ...{ hiveId: 'h', hiveName: 'Ipê', label: '12', from: 'take', to: 'leave' },
    });
  });
  it('takes the sealed part of a comb as the piece that is used', () => {
    expect(of(0.5).ripeOf![2]).toMatchObject([{ from: 'leave', to: 'take' }]);
    // Too little of it is sealed to be worth cutting apart.
    expect(of(0.2).ripeOf![2]).toEqual([]);
  });
  it('leaves a ripe comb of a living colony where honey comes from dead ones only', () => {
    expect(of(0.95).harvestWhen![3]).toMatchObject([{ from: 'take', to: 'leave' }]);
  });
  it('once in spring takes in spring, and leaves in any other part of the year', () => {
    expect(of(0.95, '2026-10-12T12:00:00Z').harvestWhen![1]).toEqual([]);
    expect(of(0.95, '2026-12-12T12:00:00Z').harvestWhen![1]).toMatchObject([{ to: 'leave' }]);
  });
  it('hears how far it is', () => {
    const heard: number[] = [];
    schoolFlips([], RULES, '2026-10-12T12:00:00Z', (share) => heard.push(share));
    expect(heard.at(-1)).toBe(1);
    expect([...heard].sort((a, b) => a - b)).toEqual(heard);
  });
});
