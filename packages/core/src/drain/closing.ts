import type { Say } from '../say/say.js';
import { drainSay } from './says.js';
/** A gap above this share of the comb is asked about, whatever the person thinks of it. */
export const GAP_ASKED_SHARE = 0.03;

export interface MassClose {
  /** Comb in less everything out: positive is missing, negative is too much. */
  gapG: number;
  gapShare: number;
  /** Whether a reason has to be given before the drain is closed. */
  asks: boolean;
  sentence: Say;
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
  const percent = drainSay('drain.closing.comb', { gapShare: { percent: gapShare * 100 } });
  const off =
    gapG > 0
      ? drainSay('drain.closing.are-missing', { gapG: { massG: gapG, as: 'read' }, percent })
      : drainSay('drain.closing.more-came-out-than-went', {
          gapG: { massG: -gapG, as: 'read' },
          percent,
        });
  const sentence = gapG === 0 ? drainSay('drain.closing.every-gram-somewhere') : off;
  return { gapG, gapShare, asks: gapShare > GAP_ASKED_SHARE || gapG < 0, sentence };
}
