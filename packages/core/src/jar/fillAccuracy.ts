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
  sentence: string;
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
  const many = (n: number): string =>
    `${n} of ${weights.length} ${weights.length === 1 ? 'jar' : 'jars'}`;
  const short = `${many(under)} under ${netG} g, the lightest ${lowestG} g`;
  const more = `${overG} g more than promised, ${(overG / weights.length).toFixed(1)} g a jar`;
  const enough = overG > 0 ? `None under ${netG} g; ${more}.` : `All weigh ${netG} g.`;
  const sentence = under > 0 ? `${short}: top up or label ${Math.min(netG, lowestG)} g.` : enough;
  return { count: weights.length, lowestG, highestG, meanG, under, overG, sentence };
}
