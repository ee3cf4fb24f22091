import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate } from '../calculators.js';
import { massBalance, type BookFlow } from './massBalance.js';

const at = (minute: number): string => `2026-03-14T10:${String(minute).padStart(2, '0')}:00Z`;
const lots = [
  { id: 'comb', kind: 'comb' },
  { id: 'honey', kind: 'honey', openingG: 100 },
  { id: 'wax', kind: 'wax' },
];

describe('mass-balance', () => {
  it('balances a harvest to the gram', () => {
    const result = massBalance({
      lots,
      flows: [
        { from: 'outside', to: 'comb', g: 5000, at: at(0) },
        { from: 'comb', to: 'honey', g: 4200, at: at(10) },
        { from: 'comb', to: 'wax', g: 700, at: at(10) },
        { from: 'comb', to: 'loss', g: 100, at: at(11) },
        { from: 'honey', to: 'outside', g: 300, at: at(20) },
      ],
    });
    expect(result).toMatchObject({ balanced: true, lossG: 100, problems: [] });
    expect(result.lots.map((l) => l.nowG)).toEqual([0, 4000, 700]);
  });
  it('finds a lot that was overdrawn for a while, however it ended', () => {
    const result = massBalance({
      lots,
      flows: [
        { from: 'comb', to: 'wax', g: 5, at: at(1) },
        { from: 'outside', to: 'comb', g: 10, at: at(2) },
      ],
    });
    expect(result.problems).toEqual([expect.objectContaining({ code: 'overdrawn', lot: 'comb' })]);
    expect(result.balanced).toBe(false);
  });
  it('lets inflows of one instant come first, whatever the offset', () => {
    const result = massBalance({
      lots,
      flows: [
        { from: 'comb', to: 'wax', g: 5, at: at(1) },
        { from: 'outside', to: 'comb', g: 5, at: '2026-03-14T07:01:00-03:00' },
      ],
    });
    expect(result.balanced).toBe(true);
  });
  it('sees the book without a voided flow and without its void', () => {
    const flows: BookFlow[] = [
      { id: 'f1', from: 'outside', to: 'comb', g: 5000, at: at(0) },
      { id: 'f2', from: 'outside', to: 'comb', g: 500, at: at(1) },
      { id: 'v', from: 'comb', to: 'outside', g: 5000, at: at(2), voids: 'f1' },
      { id: 'w', from: 'comb', to: 'outside', g: 1, at: at(3), voids: 'f1' },
    ];
    expect(massBalance({ lots, flows }).lots[0]).toEqual({
      id: 'comb',
      inG: 500,
      outG: 0,
      nowG: 500,
    });
  });
  it('names unknown lots and negative masses as problems', () => {
    const result = massBalance({
      lots,
      flows: [
        { from: 'outside', to: 'ghost', g: 5, at: at(0) },
        { from: 'outside', to: 'comb', g: -5, at: at(0) },
      ],
    });
    expect(result.problems.map((p) => p.code).sort()).toEqual([
      'negative',
      'overdrawn',
      'unknown-lot',
    ]);
  });
  it.each([
    [[{ from: 'comb', to: 'comb', g: 1, at: at(0) }]],
    [[{ from: 'outside', to: 'loss', g: 1, at: at(0) }]],
    [[{ from: 'loss', to: 'comb', g: 1, at: at(0) }]],
    [[{ from: 'outside', to: 'comb', g: 1, at: at(0), voids: 'nothing' }]],
    [[{ id: 'a', from: 'outside', to: 'comb', g: 1, at: at(0), voids: 'a' }]],
    [
      [
        { id: 'a', from: 'outside', to: 'comb', g: 1, at: at(0) },
        { id: 'b', from: 'comb', to: 'outside', g: 1, at: at(0), voids: 'a' },
        { id: 'c', from: 'comb', to: 'outside', g: 1, at: at(0), voids: 'b' },
      ],
    ],
    [[{ from: 'outside', to: 'comb', g: 1.5, at: at(0) }]],
    [[{ from: 'outside', to: 'comb', g: 1, at: 'yesterday' }]],
  ])('refuses %j', (flows) =>
    expect(() => calculate('mass-balance', { lots, flows })).toThrow(
      expect.objectContaining({ code: 'bad-input' }) as Error,
    ),
  );
  it('conserves mass over any book', () => {
    const place = fc.constantFrom('outside', 'comb', 'honey', 'wax');
    const flow = fc
      .record({
        from: place,
        to: fc.constantFrom('outside', 'comb', 'honey', 'wax', 'loss'),
        g: fc.integer({ min: 0, max: 5000 }),
        at: fc.integer({ min: 0, max: 59 }).map(at),
      })
      .filter((f) => f.from !== f.to && !(f.from === 'outside' && f.to === 'loss'));
    fc.assert(
      fc.property(fc.array(flow, { maxLength: 30 }), (flows) => {
        const result = massBalance({ lots, flows });
        const sum = (pick: (f: BookFlow) => boolean): number =>
          flows.filter(pick).reduce((s, f) => s + f.g, 0);
        expect(100 + sum((f) => f.from === 'outside')).toBe(
          result.lots.reduce((s, l) => s + l.nowG, 0) +
            sum((f) => f.to === 'outside') +
            result.lossG,
        );
        expect(result.balanced).toBe(result.problems.length === 0);
      }),
    );
  });
});
