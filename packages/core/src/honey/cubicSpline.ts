/**
 * Natural cubic spline through published table points: smooth, and exact at each point. `xs`
 * strictly rising, same length as `ys`, at least three. Gives a function that is continued in a
 * straight line beyond both ends (callers mark that as approximate).
 */
export function cubicSpline(xs: readonly number[], ys: readonly number[]): (x: number) => number {
  const n = xs.length;
  const h = xs.slice(1).map((x, i) => x - xs[i]);
  const slope = h.map((width, i) => (ys[i + 1] - ys[i]) / width);
  // Thomas algorithm for the second derivatives, zero at both ends.
  const second = new Array<number>(n).fill(0);
  const upper = new Array<number>(n).fill(0);
  const right = new Array<number>(n).fill(0);
  for (let i = 1; i < n - 1; i++) {
    const diagonal = 2 * (h[i - 1] + h[i]) - h[i - 1] * upper[i - 1];
    upper[i] = h[i] / diagonal;
    right[i] = (6 * (slope[i] - slope[i - 1]) - h[i - 1] * right[i - 1]) / diagonal;
  }
  for (let i = n - 2; i > 0; i--) second[i] = right[i] - upper[i] * second[i + 1];
  const startSlope = slope[0] - (h[0] * second[1]) / 6;
  const endSlope = slope[n - 2] + (h[n - 2] * second[n - 2]) / 6;
  return (x) => {
    if (x <= xs[0]) return ys[0] + startSlope * (x - xs[0]);
    if (x >= xs[n - 1]) return ys[n - 1] + endSlope * (x - xs[n - 1]);
    let i = 0;
    while (x > xs[i + 1]) i++;
    const a = (xs[i + 1] - x) / h[i];
    const b = (x - xs[i]) / h[i];
    return (
      a * ys[i] +
      b * ys[i + 1] +
      (((a ** 3 - a) * second[i] + (b ** 3 - b) * second[i + 1]) * h[i] ** 2) / 6
    );
  };
}
