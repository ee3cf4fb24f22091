import type { Mass, Say } from '../say/say.js';
import { jarSay } from './says.js';

/**
 * Grams by which a jar may lie under its net weight and still pass for scale and drip. A starting
 * value.
 */
const HAIR_G = 1;

export interface FillAccuracy {
  count: number;
  lowestG: number;
  highestG: number;
  meanG: number;
  /** Jars under the weight they were filled to, and grams given away by those above it. */
  under: number;
  overG: number;
  sentence: Say;
}

/**
 * Over- and under-fill of jars weighed after filling. Takes the net weight they were filled to and
 * each weighed net weight, whole grams; null where none was weighed. The label goes by the
 * lightest: it never says more.
 */
export function fillAccuracy(netG: number, weights: readonly number[]): FillAccuracy | null {
  if (!weights.length) return null;
  const [lowestG, highestG] = [Math.min(...weights), Math.max(...weights)];
  const meanG = weights.reduce((a, b) => a + b, 0) / weights.length;
  const under = weights.filter((w) => w < netG - HAIR_G).length;
  const overG = weights.reduce((sum, w) => sum + Math.max(0, w - netG), 0);
  const read = (massG: number): Mass => ({ massG, as: 'read' });
  const sentence = (): Say => {
    if (under > 0)
      return jarSay('jar.weighed.short', {
        under,
        count: weights.length,
        net: read(netG),
        lightest: read(lowestG),
        label: read(Math.min(netG, lowestG)),
      });
    return overG > 0
      ? jarSay('jar.weighed.more', {
          net: read(netG),
          over: read(overG),
          each: { massG: overG / weights.length, as: 'estimate' },
        })
      : jarSay('jar.weighed.all', { net: read(netG) });
  };
  return { count: weights.length, lowestG, highestG, meanG, under, overG, sentence: sentence() };
}
