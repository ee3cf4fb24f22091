import { describe, expect, it } from 'vitest';
import { comb, household } from '../../fixtures/chooser.js';
import { WAYS, type Way } from '../records/vocabulary/ways.js';
import { wayBlocks, waysOf } from './blocks.js';
import { marketOf } from './index.js';
import type { ChoiceUnit } from './choiceUnits.js';

const { rules, jars } = household();
const market = marketOf(jars, rules);
const unit = (said: Partial<ChoiceUnit> = {}): ChoiceUnit => comb('c', 2, said);
const blocks = (said: Partial<ChoiceUnit>, way: Way, more: object = {}, of = market) =>
  wayBlocks(unit(said), way, { ...rules, ...more }, of);
const names = (found: ReturnType<typeof blocks>): string[] => found.map((b) => b.rule);

describe('what stands against a way', () => {
  it('is its kind of hive alone, where that does not know the way', () => {
    for (const way of WAYS.filter((w) => !waysOf(unit()).includes(w)))
      expect(blocks({}, way)).toEqual([expect.objectContaining({ rule: 'kind', hard: true })]);
  });
  it.each([
    ['comb that carried brood', { combAge: 'brood-used' }, 'comb-age'],
    ['comb of last season', { combAge: 'used' }, 'comb-age'],
    ['comb that is not straight', { straight: false }, 'straight'],
    ['comb that is hardly capped', { cappedArea: 0.4 }, 'capped'],
  ] as const)('of cutting: %s, and a reason may overrule it', (_what, said, rule) => {
    const found = blocks({ cappedArea: 0.9, straight: true, ...said }, 'cut');
    expect(found.find((b) => b.rule === rule)).toMatchObject({ hard: false });
    expect(names(blocks({ cappedArea: 0.9, straight: true, ...said }, 'crush'))).not.toContain(
      rule,
    );
  });
  it('is the kit, and no reason overrules that', () => {
    const none = { ...market, piece: null, chunk: null };
    const found = (way: Way) => blocks({}, way, {}, none).find((b) => b.rule === 'kit');
    expect(found('cut')).toMatchObject({ hard: true });
    expect(found('chunk')).toMatchObject({ hard: true });
    expect(found('crush')).toBeUndefined();
  });
  it('is a freezer that is missing, where comb is frozen by the rule', () => {
    expect(names(blocks({}, 'cut', { freeze: 'pieces', freezerL: 0 }))).toContain('freezer');
    expect(names(blocks({}, 'cut', { freeze: 'none', freezerL: 0 }))).not.toContain('freezer');
  });
  it('is its weight, by how many carry', () => {
    const heavy = { liftKg: { low: 20, mid: 24, high: 28 } };
    const carried = (people: number): string[] =>
      names(blocks(heavy, 'crush', { liftKg: 15, people }));
    expect(carried(1)).toContain('lift');
    expect(carried(2)).not.toContain('lift');
    expect(carried(9)).toEqual(carried(2));
  });
  it('is that nobody read it', () => {
    expect(names(blocks({ estimate: null }, 'crush'))).toEqual(['seen']);
  });
});
