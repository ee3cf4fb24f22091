/** A gap above this share of the comb is asked about, whatever the person thinks of it. */
export const GAP_ASKED_SHARE = 0.03;

export interface MassClose {
  /** Comb in less everything out: positive is missing, negative is too much. */
  gapG: number;
  gapShare: number;
  /** Whether a reason has to be given before the drain is closed. */
  asks: boolean;
  sentence: string;
}

/**
 * Comb in = honey out + wet wax + debris + loss, in whole grams. Takes what is still in the crushed
 * lot and what came out now.
 */
export function closeMass(input: {
  crushedG: number;
  leftG: number;
  honeyG: number;
  wetWaxG: number;
  debrisG: number;
}): MassClose {
  const { crushedG, leftG, honeyG, wetWaxG, debrisG } = input;
  const gapG = leftG - honeyG - wetWaxG - debrisG;
  const gapShare = crushedG > 0 ? Math.abs(gapG) / crushedG : 0;
  const percent = `${(gapShare * 100).toFixed(1)} % of the comb`;
  const off =
    gapG > 0
      ? `${gapG} g are missing, ${percent}.`
      : `${-gapG} g more came out than went in, ${percent}.`;
  const sentence = gapG === 0 ? 'Every gram is somewhere.' : off;
  return { gapG, gapShare, asks: gapShare > GAP_ASKED_SHARE || gapG < 0, sentence };
}
