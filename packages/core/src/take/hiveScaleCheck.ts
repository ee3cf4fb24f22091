import type { Say } from '../say/say.js';
import { takeSay } from './says.js';
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
  sentence: Say;
}

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
  const both = takeSay('take.hiveScaleCheck.hive-was-written-down', {
    lighterG: { massG: Math.abs(lighterG), as: 'large' },
    lighterG2:
      lighterG < 0
        ? takeSay('take.hiveScaleCheck.heavier')
        : takeSay('take.hiveScaleCheck.lighter'),
    takenG: { massG: Math.abs(input.takenG), as: 'large' },
  });
  if (fits)
    return { lighterG, gapG, fits, sentence: takeSay('take.hiveScaleCheck.they-fit', { both }) };
  return {
    lighterG,
    gapG,
    fits,
    sentence:
      gapG > 0
        ? takeSay('take.hiveScaleCheck.more-left-it-comb-not', {
            both,
            gapG: { massG: Math.abs(gapG), as: 'large' },
          })
        : takeSay('take.hiveScaleCheck.less-left-it-tare-forgotten', {
            both,
            gapG: { massG: Math.abs(gapG), as: 'large' },
          }),
  };
}
