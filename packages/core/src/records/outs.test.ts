import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { discountIssue, saleTotal, type Sale } from './outs.js';

const sale = (more: Partial<Sale>): Sale => ({
  count: 12,
  price: 8,
  discountAmount: null,
  discountPercent: null,
  ...more,
});

describe('what a sale brought', () => {
  it.each([
    ['without a discount', {}, 96],
    ['ten percent off', { discountPercent: 10 }, 86.4],
    ['in money', { discountAmount: 6 }, 90],
    ['to the cent', { count: 3, price: 3.35, discountPercent: 5 }, 9.55],
    ['all of it off', { discountPercent: 100 }, 0],
    ['no price said', { price: null }, 0],
  ] as const)('%s', (_, more, total) => expect(saleTotal(sale(more))).toBe(total));
  it.each([
    ['none', {}, null],
    [
      'no price to take it off from',
      { price: null, discountPercent: 5 },
      'field.discount-without-price',
    ],
    ['both at once', { discountAmount: 1, discountPercent: 5 }, 'field.discount-twice'],
    ['more than they cost', { discountAmount: 97 }, 'field.discount-above-price'],
    ['exactly what they cost', { discountAmount: 96 }, null],
  ] as const)('a discount: %s', (_, more, issue) => {
    const said = discountIssue(sale(more));
    if (issue === null) expect(said).toBeNull();
    else expect(said).toMatch(issue);
  });
});
