/**
 * Least squares for curves m = scale x shape(x; rate) with one rate: for any rate the best scale is
 * linear, so only the rate is searched (variable projection). Scan on a log grid, golden section,
 * then Gauss-Newton in both to full precision. Our own because the ready-made routine fails
 * silently (ARCHITECTURE, Dependencies).
 */
export interface Observation {
  x: number;
  y: number;
  weight: number;
}
export interface GaussianPrior {
  scale: { mean: number; sd: number };
  rate: { mean: number; sd: number };
}
export interface ProfileProblem {
  observations: Observation[];
  /** Shape at x for a rate, and its derivative by the rate. */
  shape: (x: number, rate: number) => { value: number; byRate: number };
  prior?: GaussianPrior;
  rateLow: number;
  rateHigh: number;
}
export interface ProfileFit {
  scale: number;
  rate: number;
  /** Weighted sum with the prior's terms. */
  cost: number;
  /** Inverse of J'WJ plus the prior's precision; null where it is singular. */
  covariance: [[number, number], [number, number]] | null;
  atEdge: 'low' | 'high' | null;
}

function solveScale(problem: ProfileProblem, rate: number): { scale: number; cost: number } {
  let top = 0;
  let bottom = 0;
  for (const { x, y, weight } of problem.observations) {
    const b = problem.shape(x, rate).value;
    top += weight * b * y;
    bottom += weight * b * b;
  }
  const { prior } = problem;
  if (prior) {
    top += prior.scale.mean / prior.scale.sd ** 2;
    bottom += 1 / prior.scale.sd ** 2;
  }
  const scale = bottom > 0 ? top / bottom : 0;
  return { scale, cost: costOf(problem, scale, rate) };
}

function costOf(problem: ProfileProblem, scale: number, rate: number): number {
  let cost = 0;
  for (const { x, y, weight } of problem.observations)
    cost += weight * (y - scale * problem.shape(x, rate).value) ** 2;
  const { prior } = problem;
  if (prior)
    cost +=
      ((scale - prior.scale.mean) / prior.scale.sd) ** 2 +
      ((rate - prior.rate.mean) / prior.rate.sd) ** 2;
  return cost;
}

/** Normal equations (lower-case: [ss, sr, rr]) and gradient of half the cost at a point. */
function normalEquations(problem: ProfileProblem, scale: number, rate: number) {
  let ss = 0,
    sr = 0,
    rr = 0,
    gs = 0,
    gr = 0;
  for (const { x, y, weight } of problem.observations) {
    const { value, byRate } = problem.shape(x, rate);
    const js = value;
    const jr = scale * byRate;
    const residual = y - scale * value;
    ss += weight * js * js;
    sr += weight * js * jr;
    rr += weight * jr * jr;
    gs += weight * js * residual;
    gr += weight * jr * residual;
  }
  const { prior } = problem;
  if (prior) {
    ss += 1 / prior.scale.sd ** 2;
    rr += 1 / prior.rate.sd ** 2;
    gs -= (scale - prior.scale.mean) / prior.scale.sd ** 2;
    gr -= (rate - prior.rate.mean) / prior.rate.sd ** 2;
  }
  return { ss, sr, rr, gs, gr };
}

/**
 * Fits scale and rate. Always gives the best found; `atEdge` says that the rate ran to an end of
 * its bounds.
 */
export function profileFit(problem: ProfileProblem): ProfileFit {
  const low = Math.log(problem.rateLow);
  const high = Math.log(problem.rateHigh);
  const cost = (logRate: number): number => solveScale(problem, Math.exp(logRate)).cost;
  const steps = 240;
  let best = 0;
  let bestCost = Infinity;
  for (let i = 0; i <= steps; i++) {
    const c = cost(low + ((high - low) * i) / steps);
    if (c < bestCost) [best, bestCost] = [i, c];
  }
  const width = (high - low) / steps;
  let a = Math.max(low, low + (best - 1) * width);
  let b = Math.min(high, low + (best + 1) * width);
  const golden = (Math.sqrt(5) - 1) / 2;
  let c1 = b - golden * (b - a);
  let c2 = a + golden * (b - a);
  let f1 = cost(c1);
  let f2 = cost(c2);
  while (b - a > 1e-9) {
    if (f1 <= f2) {
      [b, c2, f2] = [c2, c1, f1];
      c1 = b - golden * (b - a);
      f1 = cost(c1);
    } else {
      [a, c1, f1] = [c1, c2, f2];
      c2 = a + golden * (b - a);
      f2 = cost(c2);
    }
  }
  let rate = Math.exp((a + b) / 2);
  let { scale, cost: least } = solveScale(problem, rate);
  for (let i = 0; i < 50; i++) {
    const { ss, sr, rr, gs, gr } = normalEquations(problem, scale, rate);
    const determinant = ss * rr - sr * sr;
    if (!(determinant > 1e-300)) break;
    const dScale = (rr * gs - sr * gr) / determinant;
    const dRate = (ss * gr - sr * gs) / determinant;
    const [nextScale, nextRate] = [scale + dScale, rate + dRate];
    if (!(nextRate > problem.rateLow && nextRate < problem.rateHigh)) break;
    const nextCost = costOf(problem, nextScale, nextRate);
    if (nextCost > least * (1 + 1e-12) + 1e-300) break;
    [scale, rate, least] = [nextScale, nextRate, Math.min(least, nextCost)];
    if (Math.abs(dRate) <= 1e-14 * rate && Math.abs(dScale) <= 1e-14 * Math.abs(scale)) break;
  }
  const { ss, sr, rr } = normalEquations(problem, scale, rate);
  const determinant = ss * rr - sr * sr;
  const covariance: ProfileFit['covariance'] =
    determinant > 1e-14 * ss * rr
      ? [
          [rr / determinant, -sr / determinant],
          [-sr / determinant, ss / determinant],
        ]
      : null;
  const logRate = Math.log(rate);
  const atHigh = high - logRate < width ? 'high' : null;
  const atEdge = logRate - low < width ? 'low' : atHigh;
  return { scale, rate, cost: least, covariance, atEdge };
}
