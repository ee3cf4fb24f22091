import type { CombOutline } from '../outline.js';

export interface Point {
  x: number;
  y: number;
}
/** Corners in the order top left, top right, bottom right, bottom left. */
export type Quad = readonly [Point, Point, Point, Point];

/** The four corners, each as a function says it. */
export const mapQuad = ([a, b, c, d]: Quad, corner: (point: Point, at: number) => Point): Quad => [
  corner(a, 0),
  corner(b, 1),
  corner(c, 2),
  corner(d, 3),
];

/** A projective map as a 3 × 3 matrix, row by row. */
export type Matrix = readonly number[];

/** The unit square laid onto four corners (the closed form of Heckbert, 1989). */
export function squareToQuad([p0, p1, p2, p3]: Quad): Matrix {
  const [dx1, dx2, dx3] = [p1.x - p2.x, p3.x - p2.x, p0.x - p1.x + p2.x - p3.x];
  const [dy1, dy2, dy3] = [p1.y - p2.y, p3.y - p2.y, p0.y - p1.y + p2.y - p3.y];
  const det = dx1 * dy2 - dx2 * dy1;
  const g = (dx3 * dy2 - dx2 * dy3) / det;
  const h = (dx1 * dy3 - dx3 * dy1) / det;
  return [
    p1.x - p0.x + g * p1.x,
    p3.x - p0.x + h * p3.x,
    p0.x,
    p1.y - p0.y + g * p1.y,
    p3.y - p0.y + h * p3.y,
    p0.y,
    g,
    h,
    1,
  ];
}

export function multiply(a: Matrix, b: Matrix): Matrix {
  return Array.from({ length: 9 }, (_, i) =>
    [0, 1, 2].reduce((sum, k) => sum + a[Math.floor(i / 3) * 3 + k] * b[k * 3 + (i % 3)], 0),
  );
}

export function inverse([a, b, c, d, e, f, g, h, i]: Matrix): Matrix {
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ].map((v) => v / det);
}

export function project(m: Matrix, x: number, y: number): Point {
  const w = m[6] * x + m[7] * y + m[8];
  return { x: (m[0] * x + m[1] * y + m[2]) / w, y: (m[3] * x + m[4] * y + m[5]) / w };
}

/** Corners of a face in mm, the bar's middle at 0, 0. */
export function outlineCorners(outline: CombOutline): Quad {
  const [t, b, d] = [outline.topWidthMm / 2, outline.bottomWidthMm / 2, outline.depthMm];
  return [
    { x: -t, y: 0 },
    { x: t, y: 0 },
    { x: b, y: d },
    { x: -b, y: d },
  ];
}

/**
 * From millimetres on the face to pixels of a picture in which its four corners lie at `corners`.
 */
export function faceToPicture(outline: CombOutline, corners: Quad): Matrix {
  return multiply(squareToQuad(corners), inverse(squareToQuad(outlineCorners(outline))));
}

/** Whether four corners go round once without crossing, and lie the way round they are named. */
export function isConvex(corners: Quad): boolean {
  return corners.every((p, i) => {
    const [q, r] = [corners[(i + 1) % 4], corners[(i + 2) % 4]];
    return (q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x) > 0;
  });
}
