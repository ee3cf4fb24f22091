import { calcSay } from '../calcSays.js';
import { BadInput } from '../badInput.js';
import { compareFills, FillTable } from './fillTable.js';
import type { FillGoal, JarKind } from './jarKind.js';

export interface JarFillInput {
  honeyKg: number;
  moisturePercent?: number;
  jars: JarKind[];
  goal: FillGoal;
  keepBackKg?: number;
}
export interface JarFill {
  fills: { id: string; count: number; netG: number }[];
  filledKg: number;
  leftKg: number;
  value: number;
  shortage: { id: string; needed: number; stock: number }[] | null;
}

/** Most honey one call may be asked about: keeps the tables of whole grams within memory. */
export const MOST_HONEY_KG = 2000;

const clean = (kg: number): number => Math.round(kg * 1e9) / 1e9;

/**
 * Fills jars from stock, exactly, in whole grams. Takes kg of honey, kg to keep back, the kinds of
 * jar (net grams, stock, value each) and a goal with the tie rules of CALCULATORS. Gives the
 * counts, what is filled and left, the value, and which stock ran short (needed: its count if that
 * kind alone had no limit). Method: bounded knapsack over grams with a monotone queue per kind;
 * proven best.
 *
 * @throws {BadInput} where more is kept back than there is.
 *
 * @example
 * const half = { id: 'half', netG: 500, stock: 8, value: 20 };
 * const small = { id: 'small', netG: 250, stock: 8, value: 12 };
 * jarFill({ honeyKg: 5, jars: [half, small], goal: 'least-left' }).value; // 208
 */
export function jarFill(input: JarFillInput): JarFill {
  const { honeyKg, jars, goal, keepBackKg = 0 } = input;
  if (keepBackKg > honeyKg) throw new BadInput(calcSay('calc.more-kept-back'), 'keepBackKg');
  if (honeyKg > MOST_HONEY_KG)
    throw new BadInput(
      calcSay('calc.honey-at-most', { most: { massG: MOST_HONEY_KG * 1000, as: 'whole' } }),
      'honeyKg',
    );
  // 1e-6 g guards a whole gram against the binary rounding of kilograms.
  const capacityG = Math.floor((honeyKg - keepBackKg) * 1000 + 1e-6);
  const smallestG = Math.min(...jars.map((jar) => jar.netG));
  const table = new FillTable(jars, capacityG, goal);
  const best = table.best(smallestG);
  const counts = table.countsAt(best.filledG);
  const filledG = counts.reduce((sum, count, i) => sum + count * jars[i].netG, 0);
  const leftKg = clean(honeyKg - keepBackKg - filledG / 1000);

  return {
    fills: jars.flatMap((jar, i) =>
      counts[i] > 0 ? [{ id: jar.id, count: counts[i], netG: jar.netG }] : [],
    ),
    filledKg: filledG / 1000,
    leftKg,
    value: table.valueOf(counts),
    shortage: leftKg * 1000 < smallestG - 1e-6 ? null : shortages(),
  };

  function shortages(): NonNullable<JarFill['shortage']> {
    return jars.flatMap((jar, i) => {
      if (counts[i] < jar.stock) return [];
      const free = table.bestWithout(i, smallestG);
      const better = compareFills(free.score, best, goal, capacityG, smallestG) < 0;
      return [{ id: jar.id, needed: better ? free.counts[i] : jar.stock, stock: jar.stock }];
    });
  }
}
