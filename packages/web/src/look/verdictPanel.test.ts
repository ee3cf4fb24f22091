import {
  DEFAULT_RULES,
  HIVE_KINDS,
  colonyState,
  judgeHive,
  type CombToJudge,
  type ColonyFact,
  type JudgedComb,
} from '@furrow/core';
import { mount } from '@vue/test-utils';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import VerdictPanel from './VerdictPanel.vue';

const DATE = '2026-01-20';
const RULES = { ...DEFAULT_RULES, winterNeedKg: 0 };
const side = { capped: 0.92, open: 0.05, pollen: 0, brood: 0, empty: 0.03 };

beforeAll(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: true }));
});

function judged(facts: [string, ColonyFact][], more: Partial<CombToJudge> = {}): JudgedComb {
  return judgeHive({
    combs: [
      {
        slot: 3,
        combId: 'c',
        builtOn: '2025-11-20',
        seen: {
          sides: { A: side, B: side },
          readings: [],
          combAge: 'new',
          depthMm: 204,
          thicknessMm: 28,
        },
        seenOn: DATE,
        ...more,
      },
    ],
    hive: { kind: 'top-bar', geometry: HIVE_KINDS['top-bar'].defaults },
    colony: colonyState(
      '2024-09-01',
      facts.map(([on, fact], i) => ({ id: String(i), on, fact })),
      DATE,
    ),
    date: DATE,
    hemisphere: 'south',
    rules: RULES,
  })[0];
}
const panel = (comb: JudgedComb) =>
  mount(VerdictPanel, {
    props: {
      judged: comb,
      placeName: 'comb 3',
      rules: RULES,
      isDraft: false,
      lastText: 'today',
    },
  });

describe('the verdict on screen', () => {
  it('says take, with what was measured against the rule', () => {
    const wrapper = panel(judged([]));
    expect(wrapper.get('.head b').text()).toBe('Take');
    expect(wrapper.get('.why').text()).toMatch(/^94 % capped, house rule asks 80 %/);
    expect(wrapper.text()).toContain('rule 80 %');
  });
  it('says leave for a sick colony, whom to ask, and the age of the fact', () => {
    const wrapper = panel(judged([['2026-01-17', { kind: 'brood-check', result: 'sick' }]]));
    expect(wrapper.get('.head b').text()).toBe('Leave');
    expect(wrapper.get('.why').text()).toMatch(/bee inspector/);
    expect(wrapper.text()).toContain('Rests on: brood check 3 days old.');
    // What decides stands in full once.
    expect(wrapper.text().match(/must be reported/g)).toHaveLength(1);
  });
  it('calls a fact too old by its age', () => {
    const wrapper = panel(judged([['2025-11-01', { kind: 'brood-check', result: 'healthy' }]]));
    expect(wrapper.text()).toContain('brood check 80 days old: too old to count');
    expect(wrapper.text()).toContain('Health unknown, last known 1 Nov 2025');
  });
  it('says that a drained comb was not looked at since', () => {
    const emptied = { on: '2026-01-19', way: 'drain-hive' as const, potsEmptied: null };
    const wrapper = panel(judged([], { emptied, seenOn: '2026-01-10' }));
    expect(wrapper.get('.head b').text()).toBe('Leave');
    expect(wrapper.text()).toContain('Drained in the hive on 19 Jan 2026. Not looked at since.');
  });
  it('answers whose the pots are by how many can be spared, never by a bare no beside Take', () => {
    const pots = { honeySealed: 6, honeyOpen: 9, pollen: 5, empty: 4 };
    const row = (comb: JudgedComb): string =>
      panel(comb)
        .findAll('.evidence')
        .map((e) => e.text())
        .find((t) => t.startsWith('Theirs'))!;
    const stingless = (sealed: number): JudgedComb =>
      judgeHive({
        combs: [
          {
            slot: 1,
            combId: 'p',
            builtOn: '2025-09-01',
            seen: {
              sides: { A: null, B: null },
              pots: { ...pots, honeySealed: sealed, potWidthMm: 26, potHeightMm: 32 },
              readings: [],
              combAge: 'new',
              depthMm: 32,
              thicknessMm: 26,
            },
            seenOn: DATE,
          },
        ],
        hive: { kind: 'stingless', geometry: HIVE_KINDS.stingless.defaults },
        colony: colonyState('2024-09-01', [], DATE),
        date: DATE,
        hemisphere: 'south',
        rules: RULES,
      })[0];
    expect(row(stingless(6))).toContain('3 of 6 sealed pots to spare');
    expect(row(stingless(1))).toContain('they need it');
    // The estimate counts open pots too, which stay: it says so.
    expect(panel(stingless(6)).get('.figures').text()).toContain('honey in all its pots');
  });
});
