import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, situation } from '../../../fixtures/situations.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { potsToSpare, theirs } from './theirs.js';

type Row = [
  name: string,
  change: Change,
  answer: Finding['answer'],
  weight: Finding['weight'],
  keys: string[],
];

describe('whose honey it is', () => {
  it.each<Row>([
    ['enough stays', {}, 'no', 'notes', ['look.theirs.spared']],
    [
      'too little stays',
      { stores: { staysLowKg: 4, needKg: 12 } },
      'yes',
      'decides',
      ['look.theirs.theirs'],
    ],
    [
      'exactly the need stays: it can be spared',
      { stores: { staysLowKg: 11, needKg: 11 } },
      'no',
      'notes',
      ['look.theirs.spared'],
    ],
    [
      'nobody said what the winter needs',
      { stores: { staysLowKg: 4, needKg: null } },
      'unknown',
      'decides',
      ['look.theirs.say-need'],
    ],
    [
      'combs that nobody read may cover it',
      { stores: { staysLowKg: 4, needKg: 12, unreadCombs: 6, fullStoresKg: 2 } },
      'unknown',
      'decides',
      ['look.theirs.read-more', 'look.theirs.of-read'],
    ],
    [
      'combs that nobody read cannot cover it, even full',
      { stores: { staysLowKg: 4, needKg: 12, unreadCombs: 3, fullStoresKg: 2 } },
      'yes',
      'decides',
      ['look.theirs.theirs'],
    ],
    [
      'in a dearth that is said too',
      { facts: [[2, { kind: 'flow', flow: 'none', endsOn: null }]] },
      'no',
      'notes',
      ['look.theirs.spared', 'look.theirs.dearth'],
    ],
    [
      'six weeks before winter',
      { date: '2026-04-20' },
      'no',
      'notes',
      ['look.theirs.spared', 'look.theirs.near-winter'],
    ],
    [
      'in winter',
      { date: '2026-07-05' },
      'no',
      'notes',
      ['look.theirs.spared', 'look.theirs.in-winter'],
    ],
    [
      'the super that is kept for them',
      { comb: { reserved: true } },
      'yes',
      'decides',
      ['look.theirs.kept'],
    ],
  ])('%s', (_, change, answer, weight, keys) => {
    const found = theirs(situation('top-bar', 'south', change));
    expect([found.answer, found.weight]).toEqual([answer, weight]);
    expect(keysOf(found.sentence)).toEqual(keys);
  });

  it('has both masses in kilograms to a tenth, so that they can be held against each other', () => {
    const found = theirs(situation('top-bar', 'south', { stores: { staysLowKg: 0, needKg: 12 } }));
    expect(standsIn(found.sentence, 'look.theirs.stays')).toEqual({
      kg: { massG: 0, as: 'large' },
    });
    expect(standsIn(found.sentence, 'look.theirs.theirs')?.need).toEqual({
      massG: 12_000,
      as: 'large',
    });
    expect(found).toMatchObject({ measured: 0, limit: 12, unit: 'kg' });
  });

  it('of a hive that nobody read only notes what it does not know', () => {
    const unread = { comb: { sides: { A: null, B: null } }, stores: null };
    expect(theirs(situation('top-bar', 'south', unread))).toMatchObject({
      answer: 'unknown',
      weight: 'notes',
    });
  });
});

describe('whose pots they are', () => {
  it.each([
    [12, 50, 6],
    [1, 50, 0],
    [3, 34, 1],
    [10, 0, 10],
    [10, 100, 0],
    // 30 percent of ten are three: no rounding error takes one away.
    [10, 70, 3],
  ])('of %d sealed ones, %d %% staying, %d may go', (sealed, percent, spare) => {
    expect(potsToSpare(sealed, percent)).toBe(spare);
  });

  it('are theirs where not one can be spared, and are counted in the sentence', () => {
    const pots = { honeySealed: 1, honeyOpen: 0, pollen: 0, empty: 0 };
    const found = theirs(
      situation('stingless', 'south', { comb: { pots }, rules: { potsStayPercent: 60 } }),
    );
    expect(found).toMatchObject({ answer: 'yes', weight: 'decides', measured: 1, unit: 'pots' });
    expect(standsIn(found.sentence, 'look.theirs.their-pots')).toEqual({
      sealed: 1,
      share: { percent: 60 },
    });
  });

  it('that nobody counted are not known', () => {
    const found = theirs(situation('stingless', 'south', { comb: { pots: null } }));
    expect(found.answer).toBe('unknown');
    expect(keysOf(found.sentence)).toEqual(['look.theirs.not-counted']);
  });
});
