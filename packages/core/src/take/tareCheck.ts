import type { Range } from '../units/format.js';

export type TareQuestion = 'tare-above-gross' | 'tare-forgotten' | 'far-from-estimate' | null;

/**
 * Looks at one weighing against what was expected. Takes whole grams and the estimate of what is in
 * the vessel (kg). 'tare-above-gross' is bad input; the others only ask, and what the person says
 * is kept. Far means under half the low or over one and a half times the high end of the estimate.
 */
export function tareCheck(input: {
  grossG: number;
  tareG: number;
  vesselTareG: number | null;
  expectedKg: Range | null;
}): { netG: number; question: TareQuestion } {
  const { grossG, tareG, vesselTareG, expectedKg } = input;
  const netG = grossG - tareG;
  if (netG < 0) return { netG, question: 'tare-above-gross' };
  if (!expectedKg) return { netG, question: null };
  const fits = (g: number): boolean => g >= expectedKg.low * 500 && g <= expectedKg.high * 1500;
  // A light tub forgotten still lies near the estimate: heavier than expected, with hardly any
  // tare, is asked.
  const forgotten =
    vesselTareG !== null &&
    tareG < vesselTareG / 2 &&
    netG > expectedKg.high * 1000 &&
    fits(grossG - vesselTareG);
  if (!forgotten && fits(netG)) return { netG, question: null };
  return { netG, question: forgotten ? 'tare-forgotten' : 'far-from-estimate' };
}
