import fc from 'fast-check';
import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import type { Pots } from '../records/vocabulary/combShapes.js';
import { hiveScaleCheck } from './hiveScaleCheck.js';
import { potsCheck } from './potsCheck.js';

const pots: Pots = {
  honeySealed: 40,
  honeyOpen: 6,
  pollen: 9,
  empty: 3,
  potWidthMm: 26,
  potHeightMm: 32,
};

describe('pots emptied', () => {
  it('says grams a pot, and asks only where something does not fit', () => {
    expect(potsCheck({ potsEmptied: 30, netG: 360, pots })).toEqual({
      gPerPot: 12,
      question: null,
    });
    expect(potsCheck({ potsEmptied: 30, netG: 360, pots: null }).question).toBeNull();
    expect(potsCheck({ potsEmptied: 60, netG: 700, pots }).question).toMatch(
      'take.potsCheck.emptied-with-honey-were-counted {potsEmptied: 60, known: 46}',
    );
    expect(potsCheck({ potsEmptied: 43, netG: 500, pots }).question).toMatch(
      'take.potsCheck.emptied-were-counted-sealed-open {potsEmptied: 43, honeySealed: 40}',
    );
    expect(potsCheck({ potsEmptied: 10, netG: 900, pots }).question).toMatch(
      'take.potsCheck.that-pot-pots-this-size {gPerPot: {massG: 90, as: estimate}, ' +
        'sealed: {massG: {low: 8.13805, high: 13.3453}, as: estimate}}',
    );
    expect(potsCheck({ potsEmptied: 40, netG: 40, pots }).question).toMatch(
      'take.potsCheck.that-pot-pots-this-size',
    );
  });
});

describe('the hive on its scale beside what was written down', () => {
  it('fits within the scale and the bees that come and go', () => {
    expect(hiveScaleCheck({ beforeG: 41_200, afterG: 36_300, takenG: 4750 })).toMatchObject({
      lighterG: 4900,
      gapG: 150,
      fits: true,
    });
    expect(hiveScaleCheck({ beforeG: 41_200, afterG: 36_300, takenG: 3200 }).sentence).toBe(
      'take.hiveScaleCheck.more-left-it-comb-not {' +
        'both: take.hiveScaleCheck.hive-was-written-down {lighterG: {massG: 4900, ' +
        'as: large}, lighterG2: take.hiveScaleCheck.lighter, takenG: {massG: 3200, ' +
        'as: large}}, gapG: {massG: 1700, as: large}}',
    );
    expect(hiveScaleCheck({ beforeG: 41_200, afterG: 40_300, takenG: 3200 }).sentence).toMatch(
      'take.hiveScaleCheck.less-left-it-tare-forgotten {' +
        'both: take.hiveScaleCheck.hive-was-written-down {lighterG: {massG: 900, as: large}, ' +
        'lighterG2: take.hiveScaleCheck.lighter, takenG: {massG: 3200, as: large}}, gapG: {' +
        'massG: 2300, as: large}}',
    );
    expect(hiveScaleCheck({ beforeG: 30_000, afterG: 30_200, takenG: 2000 }).sentence).toMatch(
      'take.hiveScaleCheck.hive-was-written-down {lighterG: {massG: 200, as: large}, ' +
        'lighterG2: take.hiveScaleCheck.heavier, takenG: {massG: 2000, as: large}}',
    );
  });
  it('never asks where both are the same, whatever they are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90_000 }),
        fc.integer({ min: 0, max: 30_000 }),
        (beforeG, takenG) => {
          expect(hiveScaleCheck({ beforeG, afterG: beforeG - takenG, takenG }).fits).toBe(true);
        },
      ),
    );
  });
});
