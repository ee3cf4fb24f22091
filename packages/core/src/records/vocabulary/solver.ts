/**
 * A solver for linear and whole-number models in LP text. Given in by whoever computes: the core
 * brings none.
 */
export type LpSolver = (lp: string, options: { timeLimitS: number; gap: number }) => LpAnswer;

export interface LpAnswer {
  status: 'optimal' | 'time-limit' | 'infeasible' | 'unknown';
  value: number;
  columns: Readonly<Record<string, number>>;
  /**
   * Of a relaxed model: how much more the goal has for one more of a row's right side, by row name.
   */
  duals: Readonly<Record<string, number>>;
}
