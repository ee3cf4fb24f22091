import { describe, expect, it } from 'vitest';
import { keysOf } from '../../../fixtures/keysOf.js';
import { type Change, face, situation } from '../../../fixtures/situations.js';
import type { Say } from '../../say/say.js';
import { cutComb } from './cutComb.js';

const sides = (capped: number, open: number, more: object = {}) => ({
  A: face(capped, open, more),
  B: face(capped, open, more),
});
const SEALED = sides(1, 0);

/** The flaws that are named, by their keys. */
function flawsOf(change: Change): string[] {
  const { sentence } = cutComb(situation('top-bar', 'south', change));
  expect(sentence.key).toBe('look.cutComb.not-as-it-is');
  const { and } = sentence.with.flaws as { and: Say[] };
  return and.map((flaw) => flaw.key.replace('look.cutComb.', ''));
}

describe('whether it is fit for cut comb', () => {
  it('is where it is new, straight, sealed and clean', () => {
    const found = cutComb(situation('top-bar', 'south', { comb: { sides: SEALED } }));
    expect(found).toMatchObject({ answer: 'yes', weight: 'advises' });
    expect(keysOf(found.sentence)).toEqual(['look.cutComb.fit']);
  });

  it.each<[name: string, comb: Change['comb'], flaws: string[]]>([
    ['it carried brood', { sides: SEALED, combAge: 'brood-used' }, ['carried-brood']],
    ['its wax is old', { sides: SEALED, combAge: 'used' }, ['old-wax']],
    ['it is crooked', { sides: SEALED, straight: false }, ['crooked']],
    ['pollen is in it', { sides: sides(0.9, 0, { pollen: 0.1 }) }, ['pollen']],
    ['it is not sealed', { sides: sides(0.98, 0.02) }, ['uncapped']],
    ['open cells would weep', { sides: sides(0.9, 0.1) }, ['uncapped', 'open']],
    ['much of it is empty', { sides: sides(0.8, 0) }, ['empty']],
  ])('is not where %s', (_, comb, flaws) => {
    expect(flawsOf({ comb })).toEqual(flaws);
  });

  it('names three flaws at most', () => {
    const comb = {
      sides: sides(0.4, 0.2, { pollen: 0.1, brood: 0.1 }),
      combAge: 'used' as const,
      straight: false,
    };
    expect(flawsOf({ comb })).toEqual(['old-wax', 'crooked', 'brood']);
  });

  it.each([
    ['one side seen', { sides: { A: face(1), B: null } }],
    ['nobody said whether it is straight', { sides: SEALED, straight: null }],
  ])('is open where %s', (_, comb) => {
    const found = cutComb(situation('top-bar', 'south', { comb }));
    expect(found.answer).toBe('unknown');
    expect(keysOf(found.sentence)).toEqual(['look.cutComb.clean-so-far']);
  });

  it('is open, and only noted, where nothing was seen', () => {
    const comb = { sides: { A: null, B: null } };
    expect(cutComb(situation('top-bar', 'south', { comb }))).toMatchObject({
      answer: 'unknown',
      weight: 'notes',
    });
  });
});
