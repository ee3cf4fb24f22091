import fc from 'fast-check';
import { describe, it } from 'vitest';
import { expectInEnglish as expect } from '../../fixtures/english.js';
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
      /46 with honey were counted/,
    );
    expect(potsCheck({ potsEmptied: 43, netG: 500, pots }).question).toMatch(
      /40 were counted sealed.*eat it first/,
    );
    expect(potsCheck({ potsEmptied: 10, netG: 900, pots }).question).toMatch(
      /90 g a pot.*Tare forgotten/,
    );
    expect(potsCheck({ potsEmptied: 40, netG: 40, pots }).question).toMatch(/wrong count/);
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
      'The hive is 4.9 kg lighter; 3.2 kg was written down. 1.7 kg more left it: a comb not weighed, a lid or a tool still off, many bees away?',
    );
    expect(hiveScaleCheck({ beforeG: 41_200, afterG: 40_300, takenG: 3200 }).sentence).toMatch(
      /2\.3 kg less left it/,
    );
    expect(hiveScaleCheck({ beforeG: 30_000, afterG: 30_200, takenG: 2000 }).sentence).toMatch(
      /^The hive is 0\.2 kg heavier/,
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
