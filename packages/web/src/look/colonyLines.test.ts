import { METRIC, US_UNITS, type Units } from '@furrow/core';
import { colonyState, HIVE_KINDS, type ColonyFact, type Hive } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { colonyLines, colonySummary } from './colonyLines.js';

const hive = { kind: 'top-bar', geometry: HIVE_KINDS['top-bar'].defaults, boxes: [] };
const said = (facts: [string, ColonyFact][], units: Units = METRIC): string => {
  const dated = facts.map(([on, fact], i) => ({ id: String(i), on, fact }));
  const state = colonyState('2024-01-01', dated, '2026-03-14');
  return colonySummary(colonyLines(hive as unknown as Hive, state, '2026-03-14', '', units));
};

describe('what was said of a colony, in one line', () => {
  it('says that nothing was', () => expect(said([])).toBe('nothing said yet'));
  it('names what is known, and counts what is not', () =>
    expect(said([['2026-03-12', { kind: 'queen', seen: true }]])).toMatch(
      /^queen seen, 2 days ago; \d+ not said$/,
    ));
  it('says what a weighed hive gained a week, in the units chosen', () => {
    const weights: [string, ColonyFact][] = [
      ['2026-03-05', { kind: 'hive-weight', kg: 40, same: false }],
      ['2026-03-12', { kind: 'hive-weight', kg: 42, same: true }],
    ];
    expect(said(weights)).toContain('weighs 42.0 kg 2 days ago, +2.0 kg a week');
    expect(said(weights, US_UNITS)).toContain('+4.4 lb a week');
  });
});
