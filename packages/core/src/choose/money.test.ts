import { said } from '../../fixtures/said.js';
import { refusalOf } from '../say/field.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comb, household, JARS } from '../../fixtures/chooser.js';
import {
  combBoxesNextYear,
  combOrLiquid,
  combOrLiquidSchema,
  marketOf,
  outcomeOf,
  planLots,
  waysOf,
  wayBlocks,
  whatIsLost,
  worthShare,
  KEEP_BY_HIVE,
  type CombOrLiquidInput,
} from './index.js';

const question: CombOrLiquidInput = {
  boxes: 3,
  piecesPerBox: 36,
  pieceG: 250,
  piecePrice: 34,
  packCost: 2.5,
  honeyKg: { low: 9, mid: 12, high: 14 },
  outShare: { low: 0.85, mid: 0.885, high: 0.92 },
  honeyPerKg: 76,
  jarCostPerKg: 5,
  history: { finished: 5, half: 2, spoilt: 1 },
  combHours: { low: 3, mid: 4, high: 6 },
  liquidHours: { low: 2, mid: 3, high: 4 },
  piecesAMonth: 12,
  kgAMonth: 10,
  draws: 20_000,
  seed: 11,
};

describe('comb against liquid', () => {
  const found = combOrLiquid(question);
  it('gives the same distributions for the same seed, others for another', () => {
    expect(combOrLiquid(question)).toEqual(found);
    expect(combOrLiquid({ ...question, seed: 12 }).comb.mean).not.toBe(found.comb.mean);
    expect(combOrLiquid({ ...question, seed: 12 }).comb.mean / found.comb.mean).toBeCloseTo(1, 1);
  });
  it('puts every draw of both into one axis of bins', () => {
    expect(found.bins.reduce((n, b) => n + b.comb, 0)).toBe(20_000);
    expect(found.bins.reduce((n, b) => n + b.liquid, 0)).toBe(20_000);
    expect(found.bins.every((b, i) => i === 0 || b.from > found.bins[i - 1].from)).toBe(true);
  });
  it('at its break-even price brings the same on average as liquid', () => {
    const even = combOrLiquid({ ...question, piecePrice: found.breakEvenPrice! });
    expect(even.comb.mean).toBeCloseTo(even.liquid.mean, 6);
  });
  it('without a history each outcome has one third, and the range is wider than with many supers', () => {
    const none = combOrLiquid({ ...question, history: { finished: 0, half: 0, spoilt: 0 } });
    expect(none.chances).toEqual({ finished: 1 / 3, half: 1 / 3, spoilt: 1 / 3 });
    const many = combOrLiquid({ ...question, history: { finished: 50, half: 20, spoilt: 10 } });
    const wide = (s: { low: number; high: number }): number => s.high - s.low;
    expect(wide(none.comb)).toBeGreaterThan(wide(many.comb));
  });
  it('is the surer of what a super gives the more of them were counted', () => {
    const wide = (n: number): number => {
      const history = { finished: 5 * n, half: 2 * n, spoilt: n };
      const { low, high } = combOrLiquid({ ...question, history }).piecesASuper;
      return high - low;
    };
    expect(wide(1)).toBeLessThan(wide(0));
    expect(wide(10)).toBeLessThan(wide(1) / 2);
    const sure = { finished: 5000, half: 0, spoilt: 0 };
    // A full super of 36 pieces loses 0 to 12 % of them, 5.3 % on the average.
    expect(combOrLiquid({ ...question, history: sure }).piecesASuper.mid).toBeCloseTo(34.1, 1);
  });
  it('a better price never makes comb worse; a sure success beats a sure failure', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 80, noNaN: true }), (piecePrice) => {
        const at = (p: number): number =>
          combOrLiquid({ ...question, draws: 400, piecePrice: p }).comb.mean;
        expect(at(piecePrice + 1)).toBeGreaterThan(at(piecePrice));
      }),
      { numRuns: 10 },
    );
    expect(
      combOrLiquid({ ...question, history: { finished: 60, half: 0, spoilt: 0 } }).combWins,
    ).toBeGreaterThan(
      combOrLiquid({ ...question, history: { finished: 0, half: 0, spoilt: 60 } }).combWins,
    );
  });
  it('tells months to sell, or that nothing is known of selling', () => {
    expect(found.monthsToSell.comb).toBeCloseTo(found.pieces.mean / 12, 9);
    expect(combOrLiquid({ ...question, draws: 200, piecesAMonth: 0 }).monthsToSell.comb).toBeNull();
  });
  it('says in a sentence what is wrong with a number', () => {
    const says = (more: Partial<CombOrLiquidInput>): string =>
      said(
        refusalOf(combOrLiquidSchema.safeParse({ ...question, ...more }).error!.issues[0].message),
      );
    expect(says({ piecePrice: -1 })).toBe('field.at-least {least: 0}');
    expect(says({ boxes: 0 })).toBe('field.at-least {least: 1}');
    expect(says({ honeyKg: { low: 5, mid: 4, high: 9 } })).toBe('field.low-best-high');
  });
  it('boxes for next year cover what was sold and asked in vain', () => {
    expect(
      combBoxesNextYear({
        soldPieces: 60,
        missedPieces: 12,
        piecesPerBox: { low: 18, mid: 24, high: 36 },
      }),
    ).toEqual({ low: 2, mid: 3, high: 4 });
    expect(
      combBoxesNextYear({
        soldPieces: 1,
        missedPieces: 0,
        piecesPerBox: { low: 0, mid: 0, high: 0 },
      }),
    ).toBeNull();
  });
});

describe("worth by the household's own prices", () => {
  it('counts gifts and own use as the person values them', () => {
    expect(
      worthShare({ givenPercent: 0, givenWorthPercent: 50, ownPercent: 0, ownWorthPercent: 0 }),
    ).toBe(1);
    expect(
      worthShare({ givenPercent: 50, givenWorthPercent: 100, ownPercent: 50, ownWorthPercent: 40 }),
    ).toBeCloseTo(0.7, 9);
  });
  it('prices a kilogram by the jars in stock, less the empty jar', () => {
    const { honeyPerKg, jarsKg } = marketOf(JARS, household().rules);
    expect(honeyPerKg).toBeCloseTo((38 - 2) / 0.5, 9);
    expect(jarsKg).toBe(10);
    expect(marketOf([], household().rules).honeyPerKg).toBeNull();
  });
  it('a way gives honey, comb, wax and hours within the published shares', () => {
    const { rules } = household();
    const market = marketOf(JARS, rules);
    const unit = comb('a', 2);
    const of = (way: 'crush' | 'slice' | 'cut' | 'chunk' | 'drip-press') =>
      outcomeOf(unit, way, rules, market)!;
    expect(of('crush').honeyKg.mid).toBeCloseTo(2 * 0.885, 9);
    expect(of('slice').honeyKg.mid).toBeCloseTo(2 * 0.7, 9);
    expect(of('drip-press').honeyKg.low).toBeCloseTo(1.8 * 0.93, 9);
    expect(of('cut').pieces.mid).toBe(Math.floor((1.9 * 0.75) / 0.25));
    expect(of('cut').worth.mid).toBeGreaterThan(of('crush').worth.mid);
    // A chunk jar is half strip, half honey that ran out of the rest of the comb.
    const chunk = of('chunk');
    expect(chunk.chunkJars.mid * 0.7).toBeLessThanOrEqual(2);
    expect(chunk.honeyKg.low).toBeGreaterThanOrEqual(0);
    expect(chunk.combKg.mid).toBeCloseTo(chunk.chunkJars.mid * 0.35, 9);
    expect(outcomeOf({ ...unit, estimate: null }, 'crush', rules, market)).toBeNull();
  });
  it('each kind of hive has its own ways, and what cannot be done says why', () => {
    const { rules } = household();
    const market = marketOf(JARS, rules);
    expect(waysOf(comb('a', 2))).toEqual(['cut', 'chunk', 'crush', 'slice', 'press', 'drip-press']);
    expect(waysOf(comb('f', 2, { kind: 'drain-frame', what: 'frame' }))).toEqual([
      'drain-hive',
      'drain-off',
    ]);
    expect(waysOf(comb('p', 1, { kind: 'stingless', what: 'pots' }))).toEqual([
      'draw-pots',
      'cut-pots',
    ]);
    const pots = comb('p', 1, { kind: 'stingless', what: 'pots' });
    expect(wayBlocks(pots, 'draw-pots', rules, market)).toEqual([]);
    expect(said(wayBlocks(pots, 'cut-pots', rules, market)[0].sentence)).toBe(
      'choose.pots.suction',
    );
    const cuts = { ...rules, potsBy: 'cut' as const };
    expect(wayBlocks(pots, 'cut-pots', cuts, market)).toEqual([]);
    expect(wayBlocks(pots, 'draw-pots', cuts, market)[0].hard).toBe(false);
    expect(
      said(wayBlocks(comb('a', 2, { combAge: 'brood-used' }), 'cut', rules, market)[0].sentence),
    ).toBe('choose.brood-used');
    expect(said(wayBlocks(comb('a', 2), 'cut', rules, marketOf([], rules))[0].sentence)).toMatch(
      'choose.no-boxes',
    );
    expect(
      said(
        wayBlocks(
          comb('a', 2, { liftKg: { low: 30, mid: 33, high: 36 }, what: 'box' }),
          'crush',
          rules,
          market,
        )[0].sentence,
      ),
    ).toBe(
      'choose.heavy-box {lift: {massG: {low: 30000, high: 36000}, as: whole}, people: 2, ' +
        'carries: {massG: 30000, as: whole}}',
    );
    expect(
      wayBlocks(comb('f', 2, { kind: 'drain-frame', what: 'frame' }), 'crush', rules, market)[0]
        .hard,
    ).toBe(true);
  });
});

describe('lots kept apart', () => {
  const chosen = [
    { unit: comb('a', 2, { wettestPercent: 17 }), way: 'crush' as const },
    { unit: comb('b', 2, { wettestPercent: 19, builtOn: '2025-03-01' }), way: 'crush' as const },
    { unit: comb('c', 2, { hiveId: 'h2', hiveName: 'Cedro', boxId: 'x' }), way: 'crush' as const },
    { unit: comb('d', 2), way: 'cut' as const },
  ];
  it('by hive to begin with; by season, or all in one, as asked', () => {
    expect(
      planLots(chosen, KEEP_BY_HIVE, '2025-07-01').map((l) => l.units.map((u) => u.id).join('')),
    ).toEqual(['ab', 'c', 'd']);
    expect(planLots(chosen, { ...KEEP_BY_HIVE, season: true }, '2025-07-01')).toHaveLength(4);
    expect(
      planLots(chosen, { ...KEEP_BY_HIVE, hive: false }, '2025-07-01').map((l) => l.hiveIds),
    ).toEqual([['h1', 'h2'], ['h1']]);
  });
  it('in the order they are reached: the last bar first, whatever was chosen first', () => {
    const inBack = { unit: comb('near', 2, { order: 17 }), way: 'crush' as const };
    const inFront = { unit: comb('far', 2, { order: 15 }), way: 'cut' as const };
    for (const both of [
      [inBack, inFront],
      [inFront, inBack],
    ])
      expect(planLots(both, KEEP_BY_HIVE, '2025-07-01').map((l) => l.units[0].id)).toEqual([
        'near',
        'far',
      ]);
  });
  it('says what is lost by one vessel for two hives, and nothing where nothing is', () => {
    const says = said(
      whatIsLost(
        chosen.slice(0, 3).map((c) => c.unit),
        '2025-07-01',
      ),
    );
    expect(says[0]).toMatch('choose.lost.hive');
    expect(says).toContain('choose.lost.season');
    expect(says.at(-1)).toMatch('choose.lost.water {mean: {percent: 17.8333}, top: {percent: 19}}');
    expect(whatIsLost([comb('a', 2)], '2025-07-01')).toEqual([]);
  });
});
