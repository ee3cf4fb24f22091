/** The outline of a comb on a bar, in mm: a trapezoid under its bar. */
export interface CombOutline {
  topWidthMm: number;
  bottomWidthMm: number;
  depthMm: number;
}

/** Area of one face in cm². */
export function faceAreaCm2(outline: CombOutline): number {
  return (((outline.topWidthMm + outline.bottomWidthMm) / 2) * outline.depthMm) / 100;
}

/** Width in mm of the face at `share` of its depth from the bar. */
export function widthAtMm(outline: CombOutline, share: number): number {
  return outline.topWidthMm + (outline.bottomWidthMm - outline.topWidthMm) * share;
}

/**
 * Depth (share of the whole, from the bar) above which lies `areaShare` of the face: a band of 30 %
 * of the cells takes less than 30 % of the depth where the comb is wider. Solves the trapezoid's
 * area.
 */
export function depthOfAreaShare(outline: CombOutline, areaShare: number): number {
  const a = outline.topWidthMm;
  const b = outline.bottomWidthMm;
  const target = (areaShare * (a + b)) / 2;
  if (Math.abs(a - b) < 1e-9) return areaShare;
  // a t + (b - a) t² / 2 = target
  return (-a + Math.sqrt(Math.max(0, a * a + 2 * (b - a) * target))) / (b - a);
}

/** Area share above a depth share: the inverse of {@link depthOfAreaShare}. */
export function areaShareOfDepth(outline: CombOutline, depthShare: number): number {
  const a = outline.topWidthMm;
  const b = outline.bottomWidthMm;
  return (a * depthShare + ((b - a) * depthShare * depthShare) / 2) / ((a + b) / 2);
}
