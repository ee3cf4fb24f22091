import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  levelPieces,
  levelPrice,
  narrowBy,
  priceReceived,
  priceTest,
  superIncome,
  yearsIncome,
  type SuperQuestion,
} from './combArithmetic.js';

/** Nine frames of four pieces, 250 g at 30; 12 kg of honey at 40 a kilogram. */
const q: SuperQuestion = {
  pieces: 36,
  pieceG: 250,
  piecePrice: 30,
  packCost: 2,
  honeyKg: 12,
  outShare: 0.9,
  honeyPerKg: 45,
  jarCostPerKg: 5,
  discountedPercent: 0,
  discountPercent: 0,
};

describe('one super as comb and as honey', () => {
  it('counts pieces less packs, the trimmings crushed, and all of it crushed', () => {
    const full = superIncome(q, 1);
    expect(full).toMatchObject({ pieces: 36, comb: 36 * 28, liquidKg: 10.8, liquid: 432 });
    // 12 kg less 36 × 250 g are 3 kg, of which nine tenths run out.
    expect(full.trimmingsKg).toBeCloseTo(2.7, 9);
    expect(full.trimmings).toBeCloseTo(108, 9);
  });
  it('a part-filled super gives its share of the pieces, whole ones, and never more than its honey', () => {
    expect(superIncome(q, 0.5).pieces).toBe(18);
    expect(superIncome(q, 0.49).pieces).toBe(17);
    expect(superIncome({ ...q, honeyKg: 4 }, 1).pieces).toBe(16);
  });
  it('takes discounts off', () => {
    const half = { ...q, discountedPercent: 50, discountPercent: 20 };
    expect(priceReceived(half)).toBeCloseTo(27, 9);
    expect(superIncome(half, 1).comb).toBeCloseTo(36 * 25, 9);
  });
  it('has a level price without the trimmings and a lower one with them', () => {
    expect(levelPrice(q).withoutTrimmings).toBeCloseTo(432 / 36 + 2, 9);
    expect(levelPrice(q).withTrimmings).toBeCloseTo(324 / 36 + 2, 9);
    expect(levelPrice({ ...q, pieces: 0 })).toEqual({
      withoutTrimmings: null,
      withTrimmings: null,
    });
  });
  it('at a level price brings the same both ways, whatever the numbers', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0.5, max: 1, noNaN: true }),
        (pieces, packCost, outShare) => {
          const asked = { ...q, pieces, packCost, outShare };
          const price = levelPrice(asked).withTrimmings!;
          const { comb, trimmings, liquid } = superIncome({ ...asked, piecePrice: price }, 1);
          expect(comb + trimmings).toBeCloseTo(liquid, 6);
        },
      ),
    );
  });
  it('has a level number of pieces, and says when no number is enough', () => {
    expect(levelPieces(q)).toEqual({ withoutTrimmings: 16, withTrimmings: 1 });
    expect(superIncome(q, 1, 16).comb).toBeGreaterThanOrEqual(superIncome(q, 1).liquid);
    expect(superIncome(q, 1, 15).comb).toBeLessThan(superIncome(q, 1).liquid);
    // A piece of 250 g takes 9.00 of honey with it.
    expect(levelPieces({ ...q, piecePrice: 11 })).toEqual({
      withoutTrimmings: null,
      withTrimmings: null,
    });
    expect(levelPieces({ ...q, piecePrice: 12 }).withTrimmings).toBe(1);
  });
  it('averages over the supers that were counted, and over none says nothing', () => {
    const years = yearsIncome(q, { finished: 2, half: 1, spoilt: 1 });
    expect([years.good.pieces, years.half.pieces, years.bad.pieces]).toEqual([36, 16, 0]);
    const whole = (y: 'good' | 'half' | 'bad'): number => years[y].comb + years[y].trimmings;
    expect(years.average!.comb).toBeCloseTo((2 * whole('good') + whole('half') + whole('bad')) / 4);
    expect(yearsIncome(q, { finished: 0, half: 0, spoilt: 0 }).average).toBeNull();
  });
});

describe('a lower price that sells quicker', () => {
  const test = {
    ...{ pieces: 120, packCost: 2, price: 30, piecesAMonth: 10 },
    ...{ lowerPrice: 24, piecesAMonthThen: 20 },
  };
  it('says what it costs in all, how much sooner, and what it brings a month', () => {
    expect(priceTest(test)).toEqual({
      ...{ now: 3360, then: 2640, monthsNow: 12, monthsThen: 6, lost: 720, moreAMonth: 160 },
    });
  });
  it('knows no months where nobody said how many are sold', () => {
    expect(priceTest({ ...test, piecesAMonthThen: 0 })).toMatchObject({
      ...{ monthsNow: 12, monthsThen: null, moreAMonth: null },
    });
  });
});

it.each([
  [{ low: 3, high: 4 }, 0, null],
  [{ low: 1, high: 2 }, 0, null],
  [{ low: 2, high: 9 }, 0, 'count'],
  [{ low: 2, high: 9 }, 2, 'count'],
  [{ low: 4, high: 7 }, 8, 'more-years'],
])('of %o with %i supers counted the record that narrows it is %s', (found, finished, record) => {
  expect(narrowBy(found, { finished, half: 0, spoilt: 0 })).toBe(record);
});
