import { z } from 'zod';

const mm = (low: number, high: number, what: string) =>
  z.number(`${what}: a number of millimetres.`).min(low, `${what}: at least ${low} mm.`).max(high, `${what}: at most ${high} mm.`);

/** Measures of a horizontal top-bar hive, in mm; bars are counted from the entrance. */
export const topBarGeometrySchema = z
  .strictObject({
    bars: z.int('Whole bars.').min(5, 'At least 5 bars.').max(60, 'At most 60 bars.'),
    barWidthMm: mm(28, 45, 'Bar width'),
    combDepthMm: mm(100, 500, 'Comb depth'),
    topWidthMm: mm(150, 700, 'Top width'),
    bottomWidthMm: mm(50, 700, 'Bottom width'),
    followerAfterBar: z.int('A whole bar.').min(1, 'The follower board stands behind at least one bar.'),
  })
  .refine((g) => g.followerAfterBar <= g.bars, { message: 'The follower board stands within the bars.', path: ['followerAfterBar'] })
  .refine((g) => g.bottomWidthMm <= g.topWidthMm, { message: 'The comb is no wider below than at the bar.', path: ['bottomWidthMm'] });
export type TopBarGeometry = z.infer<typeof topBarGeometrySchema>;

/** A common size: 22 bars of 36 mm, combs 400 wide at the bar, 250 below, 204 deep. Every measure is the household's to change. */
export const TOP_BAR_DEFAULTS: TopBarGeometry = {
  bars: 22, barWidthMm: 36, combDepthMm: 204, topWidthMm: 400, bottomWidthMm: 250, followerAfterBar: 17,
};

/** Thickness of sealed honey comb on a bar: the bar's width less the bee space of about 8 mm (SCIENCE 7: 22 to 40 mm). */
export function sealedThicknessMm(barWidthMm: number): number {
  return Math.min(40, Math.max(22, barWidthMm - 8));
}

/** Inner length of the hive in mm. */
export function innerLengthMm(geometry: TopBarGeometry): number {
  return geometry.bars * geometry.barWidthMm;
}
