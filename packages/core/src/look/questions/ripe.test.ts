import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, drops, face, situation } from '../../../fixtures/situations.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { ripe } from './ripe.js';

const both = (capped: number, open = 1 - capped) => ({
  sides: { A: face(capped, open), B: face(capped, open) },
});
type Row = [name: string, change: Change, answer: Finding['answer'], rule: string, keys: string[]];

describe('whether it is ripe', () => {
  it.each<Row>([
    ['capped enough', {}, 'yes', 'look.ripe.rule', ['look.ripe.enough', 'look.ripe.measure']],
    [
      'capped enough in a humid place',
      { humidPlace: true },
      'yes',
      'look.ripe.rule',
      ['look.ripe.enough', 'look.ripe.humid'],
    ],
    [
      'capped enough, its water measured',
      { comb: { samples: drops([17.2], 'sealed') } },
      'yes',
      'look.ripe.rule',
      ['look.ripe.enough', 'look.ripe.water'],
    ],
    [
      'not capped enough, most of it open: it may be cut apart',
      { comb: both(0.6) },
      'no',
      'look.ripe.rule',
      ['look.ripe.short', 'look.ripe.cut-apart', 'look.ripe.look-again'],
    ],
    [
      'hardly capped: there is nothing to cut apart',
      { comb: both(0.05) },
      'no',
      'look.ripe.rule',
      ['look.ripe.short', 'look.ripe.look-again'],
    ],
    [
      'wet whatever its caps say',
      { comb: { samples: drops([20.6], 'sealed') } },
      'no',
      'look.ripe.rule-wet',
      ['look.ripe.ferments', 'look.ripe.look-again'],
    ],
    [
      'above the own limit',
      {
        rules: { moistureLimitPercent: 18 },
        comb: { samples: drops([18.6], 'sealed') },
      },
      'no',
      'look.ripe.rule-your-limit',
      ['look.ripe.above-limit', 'look.ripe.look-again'],
    ],
    [
      'dry by one drop: that proves nothing',
      {
        rules: { moistureMayOverrule: true },
        comb: { ...both(0.6), samples: drops([17]) },
      },
      'unknown',
      'look.ripe.rule-samples',
      ['look.ripe.one-drop'],
    ],
    [
      'dry by three drops of both sides',
      {
        rules: { moistureMayOverrule: true },
        comb: { ...both(0.6), samples: drops([17, 16.8, 17.1]) },
      },
      'yes',
      'look.ripe.rule-dry',
      ['look.ripe.dry'],
    ],
    [
      'one side seen that no other could save',
      { comb: { sides: { A: face(0.2, 0.8), B: null } } },
      'no',
      'look.ripe.rule',
      ['look.ripe.never', 'look.ripe.look-again'],
    ],
    [
      'one side seen that leaves it open',
      { comb: { sides: { A: face(0.9, 0.1), B: null } } },
      'unknown',
      'look.ripe.rule',
      ['look.ripe.one-side'],
    ],
    [
      'nothing seen',
      { comb: { sides: { A: null, B: null } } },
      'unknown',
      'look.ripe.rule-caps',
      ['look.ripe.not-seen'],
    ],
    [
      'to consider from where the household says so',
      {
        rules: { considerFromPercent: 60, ripeCappedPercent: 80 },
        comb: both(0.62),
      },
      'unknown',
      'look.ripe.rule-consider',
      ['look.ripe.consider'],
    ],
    [
      'the piece that is used',
      { rules: { ripeOf: 'piece' }, comb: both(0.5) },
      'yes',
      'look.ripe.rule-piece',
      ['look.ripe.piece', 'look.ripe.measure'],
    ],
  ])('%s', (_, change, answer, rule, keys) => {
    const found = ripe(situation('top-bar', 'south', change));
    expect(found.answer).toBe(answer);
    expect(found.rule.key).toBe(rule);
    expect(keysOf(found.sentence)).toEqual(keys);
  });

  it('never rounds its share up', () => {
    const found = ripe(situation('top-bar', 'south', { comb: both(0.7999) }));
    expect(standsIn(found.sentence, 'look.ripe.capped')).toEqual({
      capped: { percent: 79 },
      need: { percent: 80 },
    });
  });

  it('is of the worse side where the household judges it so', () => {
    const sides = { A: face(0.95, 0.05), B: face(0.7, 0.3) };
    const found = ripe(
      situation('top-bar', 'south', { rules: { ripeOf: 'worst-side' }, comb: { sides } }),
    );
    expect(found.answer).toBe('no');
    expect(standsIn(found.sentence, 'look.ripe.capped-worse-side')?.capped).toEqual({
      percent: 70,
    });
  });

  it('of a dead colony is sorted: nothing ripens there any more', () => {
    const found = ripe(
      situation('top-bar', 'south', {
        facts: [[2, { kind: 'alive', alive: false }]],
        comb: both(0.6),
      }),
    );
    expect(found.weight).toBe('advises');
    expect(keysOf(found.sentence)).toEqual([
      'look.ripe.short',
      'look.ripe.sort',
      'look.ripe.nothing-ripens',
    ]);
  });

  it('of heather may be wetter', () => {
    const wet = { comb: { samples: drops([21], 'sealed') }, rules: { moistureLimitPercent: 23 } };
    expect(ripe(situation('top-bar', 'south', { ...wet, heather: true })).answer).toBe('yes');
    expect(ripe(situation('top-bar', 'south', wet)).answer).toBe('no');
  });

  it('sealed pots are; the open ones stay, counted', () => {
    const found = ripe(situation('stingless'));
    expect(found).toMatchObject({ answer: 'yes', measured: 80, unit: '%' });
    expect(standsIn(found.sentence, 'look.ripe.pots')).toEqual({ sealed: 12, open: 3 });
  });
});
