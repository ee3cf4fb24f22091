import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Shares } from '../comb/contents.js';
import { DEFAULT_RULES } from '../rules/houseRules.js';
import { judgeComb, type Verdict, type VerdictInput } from './verdict.js';

const side = (capped: number, open = 1 - capped, brood = 0): Shares => ({
  capped,
  open,
  pollen: 0,
  brood,
  empty: Math.max(0, 1 - capped - open - brood),
});
const base: VerdictInput = {
  sides: { A: side(0.9), B: side(0.9) },
  samples: [],
  rules: DEFAULT_RULES,
  firstSeason: false,
  winter: null,
};
const drops = (percents: number[], cells: 'open' | 'sealed' = 'open') =>
  percents.map((moisturePercent, i) => ({
    side: (i % 2 ? 'B' : 'A') as 'A' | 'B',
    cells,
    moisturePercent,
  }));

describe('verdict of a comb', () => {
  it.each<[string, Partial<VerdictInput>, Verdict, string]>([
    ['nothing seen', { sides: { A: null, B: null } }, 'not-read', 'seen'],
    ['capped enough', {}, 'take', 'capped'],
    ['capped too little', { sides: { A: side(0.6), B: side(0.6) } }, 'leave', 'capped'],
    ['one side unseen', { sides: { A: side(0.95), B: null } }, 'test', 'seen'],
    [
      'one side unseen, the other hopeless',
      { sides: { A: side(0.1), B: null } },
      'leave',
      'capped',
    ],
    ['brood', { sides: { A: side(0.9), B: side(0.9, 0.05, 0.05) } }, 'leave', 'brood'],
    ['empty', { sides: { A: side(0, 0), B: side(0, 0) } }, 'leave', 'honey'],
    ['capped but wet', { samples: drops([19.4]) }, 'leave', 'moisture'],
    ['wet in a sealed cell lowers', { samples: drops([19.4], 'sealed') }, 'leave', 'moisture'],
    [
      'open but dry by three drops',
      { sides: { A: side(0.5), B: side(0.5) }, samples: drops([17.5, 18, 18.2]) },
      'take',
      'moisture',
    ],
    [
      'one drop proves nothing',
      { sides: { A: side(0.5), B: side(0.5) }, samples: drops([17.5]) },
      'test',
      'moisture',
    ],
    [
      'sealed drops never raise',
      { sides: { A: side(0.5), B: side(0.5) }, samples: drops([17, 17, 17], 'sealed') },
      'leave',
      'capped',
    ],
    [
      'three drops of one side are not enough',
      {
        sides: { A: side(0.5), B: side(0.5) },
        samples: drops([17, 17, 17]).map((d) => ({ ...d, side: 'A' as const })),
      },
      'test',
      'moisture',
    ],
    ['first season', { firstSeason: true }, 'leave', 'first-season'],
    ['needed for winter', { winter: { staysLowKg: 9, needKg: 11 } }, 'leave', 'winter'],
    ['winter is covered', { winter: { staysLowKg: 12, needKg: 11 } }, 'take', 'capped'],
  ])('%s', (_, change, verdict, rule) => {
    const result = judgeComb({ ...base, ...change });
    expect(result.verdict).toBe(verdict);
    expect(result.decidedBy).toBe(rule);
    expect(result.reasons[0].rule).toBe(rule);
    expect(result.headline.length).toBeGreaterThan(5);
  });
  it('lets caps decide alone where the house says so', () => {
    const rules = { ...DEFAULT_RULES, moistureMayOverrule: false };
    expect(judgeComb({ ...base, rules, samples: drops([19.4]) }).verdict).toBe('take');
    expect(
      judgeComb({
        ...base,
        rules,
        sides: { A: side(0.5), B: side(0.5) },
        samples: drops([17, 17, 17]),
      }).verdict,
    ).toBe('leave');
  });
  it('names the rule and its number, and gives no date from one look', () => {
    const result = judgeComb({
      ...base,
      sides: { A: side(0.62), B: side(0.62) },
      rules: { ...DEFAULT_RULES, ripeCappedPercent: 75 },
    });
    expect(result.headline).toBe(
      '62 % capped, house rule asks 75 %: 13 short. Look again in 7 days.',
    );
  });
  it('is never lowered by more capped honey', () => {
    const rank: Record<Verdict, number> = { 'not-read': 0, leave: 1, test: 2, take: 3 };
    const shares = fc
      .record({
        capped: fc.double({ min: 0, max: 0.6, noNaN: true }),
        open: fc.double({ min: 0, max: 0.4, noNaN: true }),
        brood: fc.constantFrom(0, 0, 0.05),
      })
      .map(({ capped, open, brood }): Shares => ({
        capped,
        open,
        pollen: 0,
        brood,
        empty: 1 - capped - open - brood,
      }));
    const maybe = fc.option(shares, { nil: null, freq: 5 });
    const sample = fc.record({
      side: fc.constantFrom('A' as const, 'B' as const),
      cells: fc.constantFrom('open' as const, 'sealed' as const),
      moisturePercent: fc.double({ min: 16, max: 21, noNaN: true }),
    });
    const winter = fc.option(
      fc.record({
        staysLowKg: fc.double({ min: 5, max: 15, noNaN: true }),
        needKg: fc.constant(11),
      }),
      { nil: null },
    );
    fc.assert(
      fc.property(
        maybe,
        maybe,
        fc.array(sample, { maxLength: 4 }),
        fc.boolean(),
        fc.boolean(),
        winter,
        fc.constantFrom('open' as const, 'empty' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (A, B, samples, firstSeason, moistureMayOverrule, stays, from, part) => {
          const input: VerdictInput = {
            sides: { A, B },
            samples,
            rules: { ...DEFAULT_RULES, moistureMayOverrule },
            firstSeason,
            winter: stays,
          };
          const more = (s: Shares | null): Shares | null =>
            s && { ...s, capped: s.capped + part * s[from], [from]: s[from] * (1 - part) };
          const before = judgeComb(input).verdict;
          for (const sides of [
            { A: more(A), B },
            { A, B: more(B) },
            { A: more(A), B: more(B) },
          ]) {
            expect(rank[judgeComb({ ...input, sides }).verdict]).toBeGreaterThanOrEqual(
              rank[before],
            );
          }
        },
      ),
      { numRuns: 1500 },
    );
  });
});
