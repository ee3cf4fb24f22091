import type { Mass, Say } from '../say/say.js';
import { jarSay } from './says.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import { netVolumeMl } from './volume.js';

/**
 * Room under the lid that a jar keeps, share of its volume: honey swells in the warm. A starting
 * value.
 */
const HEADSPACE = 0.03;
/**
 * Grams this near to the millilitres a jar holds are taken for the usual slip, grams written for
 * millilitres.
 */
const SLIP = 0.04;

export interface FillLine {
  /** Millilitres the net weight fills, and how high that stands above the inner floor. */
  ml: number;
  mm: number;
  /**
   * What the jar holds to its brim, ml, and what honey of this water it takes with room under the
   * lid, g.
   */
  brimMl: number;
  holdsG: number;
  /** What does not fit; null where nothing does not. */
  question: Say | null;
}

/** Grams of honey of a water content that a jar of so many ml takes with room under the lid. */
const holds = (volumeMl: number, moisturePercent: number): number =>
  Math.floor(volumeMl * (1 - HEADSPACE) * honeyDensityKgPerL(moisturePercent));

/** A net weight, a jar's volume and what it holds, as they are said together. */
const figures = (
  netG: number,
  volumeMl: number,
  holdsG: number,
): { net: Mass; volume: { volumeL: number }; holds: Mass } => ({
  net: { massG: netG, as: 'read' },
  volume: { volumeL: volumeMl / 1000 },
  holds: { massG: holdsG, as: 'read' },
});

/**
 * That a net weight does not fit into a jar of so many millilitres; null where it does. Takes
 * grams, ml, percent of water.
 */
export function overfull(netG: number, volumeMl: number, moisturePercent: number): Say | null {
  const holdsG = holds(volumeMl, moisturePercent);
  return netG > holdsG ? jarSay('jar.fill.overfull', figures(netG, volumeMl, holdsG)) : null;
}

/** Whether a weight is the usual slip: a jar's millilitres taken for its grams. */
const isSlip = (netG: number, volumeMl: number): boolean =>
  Math.abs(netG - volumeMl) <= SLIP * volumeMl;

/**
 * Whether a net weight and a jar's nominal volume go together: a weight that does not fit, and the
 * usual slip that takes a jar's millilitres for its grams (a litre of honey is about 1.4 kg, never
 * 1 kg). Takes grams, ml, percent of water; null where nothing is wrong.
 */
export function volumeQuestion(
  netG: number,
  volumeMl: number,
  moisturePercent: number,
): Say | null {
  const tooMuch = overfull(netG, volumeMl, moisturePercent);
  if (tooMuch || !isSlip(netG, volumeMl)) return tooMuch;
  return jarSay('jar.fill.slip', figures(netG, volumeMl, holds(volumeMl, moisturePercent)));
}

/**
 * Where honey of a net weight stands in a round jar: volume by density (SCIENCE 2), height by its
 * inner shape. Takes grams, percent of water, inner diameter and depth in mm. Asks as {@link
 * volumeQuestion} does.
 */
export function fillLine(input: {
  netG: number;
  moisturePercent: number;
  innerDiameterMm: number;
  innerDepthMm: number;
}): FillLine {
  const { netG, moisturePercent, innerDiameterMm, innerDepthMm } = input;
  const areaMm2 = (Math.PI * innerDiameterMm ** 2) / 4;
  const ml = netVolumeMl(netG, moisturePercent);
  const brimMl = (areaMm2 * innerDepthMm) / 1000;
  const mm = (ml * 1000) / areaMm2;
  const holdsG = holds(brimMl, moisturePercent);
  const tooMuch = overfull(netG, brimMl, moisturePercent);
  const slip = isSlip(netG, brimMl)
    ? jarSay('jar.fill.slip-high', {
        ...figures(netG, brimMl, holdsG),
        stands: { lengthMm: mm },
        deep: { lengthMm: innerDepthMm },
      })
    : null;
  return { ml, mm, brimMl, holdsG, question: tooMuch ?? slip };
}
