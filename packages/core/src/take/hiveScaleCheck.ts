/**
 * What a hive on a scale may differ by without a word: its own step and the bees that come and go,
 * grams; and a share of what was taken. Starting values.
 */
const [ALLOWED_G, ALLOWED_SHARE] = [300, 0.03];

export interface HiveScaleCheck {
  /** Grams the hive lost between the two readings. */
  lighterG: number;
  /** That less what was written down as taken. */
  gapG: number;
  fits: boolean;
  sentence: string;
}

const kg = (g: number): string => (Math.abs(g) / 1000).toFixed(1);

/**
 * The hive's own scale held against what was weighed at the bench: what it lost from before the
 * first comb to after the last, beside what was written down. A gap is asked about and never
 * booked. Whole grams.
 */
export function hiveScaleCheck(input: {
  beforeG: number;
  afterG: number;
  takenG: number;
}): HiveScaleCheck {
  const lighterG = input.beforeG - input.afterG;
  const gapG = lighterG - input.takenG;
  const fits = Math.abs(gapG) <= Math.max(ALLOWED_G, ALLOWED_SHARE * input.takenG);
  const both = `The hive is ${kg(lighterG)} kg ${lighterG < 0 ? 'heavier' : 'lighter'}; ${kg(input.takenG)} kg was written down.`;
  if (fits) return { lighterG, gapG, fits, sentence: `${both} They fit.` };
  return {
    lighterG,
    gapG,
    fits,
    sentence:
      gapG > 0
        ? `${both} ${kg(gapG)} kg more left it: a comb not weighed, a lid or a tool still off, many bees away?`
        : `${both} ${kg(gapG)} kg less left it: a tare forgotten, a feeder or tool left on it, a comb put back?`,
  };
}
