import { CONTENTS, type Content, type Shares } from '@furrow/core';

const r1 = (n: number): number => Math.round(n * 10) / 10;

export interface SlabGeometry {
  outline: string;
  midrib: string;
  bands: { content: Content; d: string }[];
  edges: string[];
}

/**
 * Half width in mm of a comb seen edge-on, at a share of its depth: 31 mm at the bar for honey (or
 * as thick as it is), 26 for brood, a little less below.
 */
function halfMm(isBrood: boolean, t: number, thicknessMm: number): number {
  const [top, bottom] = isBrood ? [26, 24] : [thicknessMm, thicknessMm - 3];
  return (top + (bottom - top) * t) / 2;
}

/**
 * A comb seen edge-on under its bar: outline, midrib, and the bands of each side in order from the
 * bar. `x` is its middle and `y` its top in pixels, `s` pixels per millimetre. An unseen side has
 * no bands.
 */
export function slab(options: {
  x: number;
  y: number;
  s: number;
  depthMm: number;
  thicknessMm?: number;
  A: Shares | null;
  B: Shares | null;
}): SlabGeometry {
  const { x, y, s, depthMm, A, B, thicknessMm = 31 } = options;
  const isBrood = (A?.brood ?? 0) + (B?.brood ?? 0) > 0.02;
  const half = (t: number): number => halfMm(isBrood, t, thicknessMm) * s;
  const depth = depthMm * s;
  const rise = Math.min(3.2 * s, depth * 0.05);
  const end = 0.955;
  const outline = `M${r1(x - half(0))} ${r1(y)}L${r1(x - half(end))} ${r1(y + depth * end)}Q${r1(x - half(1))} ${r1(y + depth)} ${r1(x)} ${r1(y + depth)}Q${r1(x + half(1))} ${r1(y + depth)} ${r1(x + half(end))} ${r1(y + depth * end)}L${r1(x + half(0))} ${r1(y)}Z`;
  const bands: SlabGeometry['bands'] = [];
  const edges: string[] = [];
  const outer = half(0) + 1;
  for (const [side, shares] of [
    [-1, A],
    [1, B],
  ] as const) {
    if (!shares) continue;
    let t = 0;
    for (const content of CONTENTS) {
      const share = shares[content];
      if (share <= 0.001) continue;
      const next = Math.min(1, t + share);
      const [inTop, inLow] = [y + depth * t, y + depth * next];
      const [outTop, outLow] = [inTop - (t > 0 ? rise : 0), inLow - (next < 1 ? rise : 0)];
      bands.push({
        content,
        d: `M${r1(x)} ${r1(inTop)}L${r1(x + side * outer)} ${r1(outTop)}L${r1(x + side * outer)} ${r1(outLow)}L${r1(x)} ${r1(inLow)}Z`,
      });
      if (t > 0) edges.push(`M${r1(x)} ${r1(inTop)}L${r1(x + side * outer)} ${r1(outTop)}`);
      t = next;
    }
  }
  return { outline, bands, edges, midrib: `M${r1(x)} ${r1(y)}V${r1(y + depth)}` };
}
