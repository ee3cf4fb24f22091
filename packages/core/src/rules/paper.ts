import type { HouseRules } from '../records/houseRules.js';

/** A sheet of paper, upright, mm. */
export interface Paper {
  widthMm: number;
  heightMm: number;
}
/** A4 by ISO 216; Letter is 8.5 by 11 inches. */
export const PAPERS: Record<HouseRules['paper'], Paper> = {
  a4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
};
