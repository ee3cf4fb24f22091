import type { LpAnswer, LpSolver } from '../records/vocabulary/solver.js';

/** What is used of the HiGHS library: solving LP text. */
export interface HighsLike {
  solve(
    lp: string,
    options?: Record<string, unknown>,
  ): {
    Status: string;
    ObjectiveValue: number;
    Columns: Record<string, { Primal?: number }>;
    Rows?: readonly { Name: string; Dual?: number }[];
  };
}

const STATUS: Record<string, LpAnswer['status']> = {
  Optimal: 'optimal',
  'Time limit reached': 'time-limit',
  Infeasible: 'infeasible',
  'Primal infeasible or unbounded': 'infeasible',
};

/**
 * The HiGHS library as our solver. Only known states count: text it cannot read comes back as
 * "Empty", which is 'unknown' here, never an answer. A fixed seed and one thread: the same model
 * gives the same answer.
 */
export function highsSolver(highs: HighsLike): LpSolver {
  return (lp, { timeLimitS, gap }) => {
    const result = highs.solve(lp, {
      time_limit: timeLimitS,
      mip_rel_gap: gap,
      mip_abs_gap: 1e-6,
      random_seed: 7,
      output_flag: false,
    });
    const status = STATUS[result.Status] ?? 'unknown';
    const columns =
      status === 'optimal' || status === 'time-limit'
        ? Object.fromEntries(
            Object.entries(result.Columns).flatMap(([name, c]) =>
              c.Primal === undefined || !Number.isFinite(c.Primal) ? [] : [[name, c.Primal]],
            ),
          )
        : {};
    const duals = Object.fromEntries(
      (result.Rows ?? []).flatMap((row) => (row.Dual ? [[row.Name, row.Dual]] : [])),
    );
    return { status, value: result.ObjectiveValue, columns, duals };
  };
}
