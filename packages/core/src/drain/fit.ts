import { calcSay } from '../calcSays.js';
import jStat from 'jstat';
import { BadInput } from '../badInput.js';
import { profileFit } from './profileFit.js';

/** 95 % point of the normal distribution: a two-sided 90 % interval. */
export const NORMAL_95 = 1.6448536269514722;

export interface DrainWeighing {
  hours: number;
  kg: number;
}
export interface DrainFitInput {
  weighings: DrainWeighing[];
  prior?: { finalKg: { mean: number; sd: number }; ratePerHour: { mean: number; sd: number } };
  weighingSdKg?: number;
}
export interface DrainFit {
  finalKg: number;
  ratePerHour: number;
  residualSumSquares: number;
  finalKgInterval90: [number, number | null];
  hoursTo90Percent: number;
  converged: boolean;
}

/**
 * Fits m = finalKg (1 - exp(-ratePerHour x hours)) to weighings of drained honey (SCIENCE 4).
 * Without a prior: plain least squares; needs two weighings at distinct hours above 0. With a
 * prior: most probable values, weighing noise max(0.01 kg, 1 % of the prior's finalKg) unless
 * given. The interval is the linearised t interval with n - 2 degrees of freedom (n counts
 * weighings after hour 0; upper end null for n = 2), normal with a prior. `converged` is false
 * where the best rate runs to 0 or infinity: a straight line, a step, no honey.
 *
 * @example
 * const weighings = [{ hours: 1, kg: 0.9 }, { hours: 3, kg: 1.9 }, { hours: 8, kg: 2.6 }];
 * drainFit({ weighings }).finalKg; // 2.71
 */
export function drainFit(input: DrainFitInput): DrainFit {
  const { weighings, prior } = input;
  const counted = weighings.filter((w) => w.hours > 0);
  const distinctHours = new Set(counted.map((w) => w.hours)).size;
  if (!prior && distinctHours < 2) throw new BadInput(calcSay('calc.two-weighings'), 'weighings');

  const hours = counted.map((w) => w.hours);
  const longest = hours.length ? Math.max(...hours) : 1;
  const shortest = hours.length ? Math.min(...hours) : 1;
  // In units of the longest time and the heaviest weighing, so that no scale of hours or kg
  // matters.
  const heaviest = Math.max(...counted.map((w) => w.kg), prior?.finalKg.mean ?? 0) || 1;
  const sdKg = prior ? (input.weighingSdKg ?? Math.max(0.01, 0.01 * prior.finalKg.mean)) : heaviest;
  const scaledPrior = prior && {
    scale: { mean: prior.finalKg.mean / heaviest, sd: prior.finalKg.sd / heaviest },
    rate: { mean: prior.ratePerHour.mean * longest, sd: prior.ratePerHour.sd * longest },
  };
  const observations = weighings.map((w) => ({
    x: w.hours / longest,
    y: w.kg / heaviest,
    weight: (heaviest / sdKg) ** 2,
  }));
  const rateLow = Math.min(1e-6, scaledPrior ? scaledPrior.rate.mean / 1e3 : Infinity);
  const rateHigh = Math.max(
    (40 * longest) / shortest,
    scaledPrior ? scaledPrior.rate.mean * 1e3 : 0,
  );
  const fit = profileFit({
    observations,
    shape: (x, rate) => ({ value: -Math.expm1(-rate * x), byRate: x * Math.exp(-rate * x) }),
    prior: scaledPrior,
    rateLow,
    rateHigh,
  });

  const finalKg = fit.scale * heaviest;
  const ratePerHour = fit.rate / longest;
  const residualSumSquares = weighings.reduce(
    (sum, w) => sum + (w.kg + finalKg * Math.expm1(-ratePerHour * w.hours)) ** 2,
    0,
  );
  const converged = prior
    ? fit.atEdge === null && finalKg > 0
    : isInside(counted, finalKg, fit.atEdge, residualSumSquares);
  return {
    finalKg,
    ratePerHour,
    residualSumSquares,
    finalKgInterval90: interval(),
    hoursTo90Percent: Math.log(10) / ratePerHour,
    converged,
  };

  function interval(): [number, number | null] {
    const variance = fit.covariance ? fit.covariance[0][0] * heaviest ** 2 : null;
    if (prior) {
      const half = NORMAL_95 * (variance === null ? prior.finalKg.sd : Math.sqrt(variance));
      return [Math.max(0, finalKg - half), finalKg + half];
    }
    const weighed = Math.min(finalKg, Math.max(...counted.map((w) => w.kg)));
    const freedom = counted.length - 2;
    if (freedom < 1 || variance === null || !converged) return [weighed, null];
    // Observations carry weight 1 here (sdKg = heaviest), so the noise comes from the residuals.
    const half =
      jStat.studentt.inv(0.95, freedom) *
      Math.sqrt((residualSumSquares / freedom) * fit.covariance![0][0]);
    return [finalKg - half, finalKg + half];
  }
}

/** Whether the best rate lies truly between a straight line (rate 0) and a step (rate infinite). */
function isInside(
  counted: DrainWeighing[],
  finalKg: number,
  atEdge: string | null,
  rss: number,
): boolean {
  if (atEdge !== null || !(finalKg > 0)) return false;
  const total = counted.reduce((sum, w) => sum + w.kg ** 2, 0);
  const squares = counted.reduce((sum, w) => sum + w.hours ** 2, 0);
  const slope = counted.reduce((sum, w) => sum + w.hours * w.kg, 0) / squares;
  const mean = counted.reduce((sum, w) => sum + w.kg, 0) / counted.length;
  const line = counted.reduce((sum, w) => sum + (w.kg - slope * w.hours) ** 2, 0);
  const step = counted.reduce((sum, w) => sum + (w.kg - mean) ** 2, 0);
  return rss < Math.min(line, step) - 1e-12 * total;
}
