import type { Say } from '../say/say.js';
import { jarSay } from './says.js';

/**
 * Water of the honey whose values are scaled, and what 100 g of it hold: USDA FoodData Central,
 * honey (17.1 g water, 82.4 g carbohydrate, 82.12 g sugars, 0.3 g protein, 0 g fat, 4 mg sodium).
 */
const REFERENCE = {
  waterG: 17.1,
  carbohydrateG: 82.4,
  sugarsG: 82.12,
  proteinG: 0.3,
  fatG: 0,
  sodiumMg: 4,
};
/**
 * Energy of a gram of carbohydrate or protein by the general factors of food labels: 17 kJ, 4 kcal.
 */
const [KJ, KCAL] = [17, 4];

export interface Nutrition {
  energyKj: number;
  energyKcal: number;
  fatG: number;
  carbohydrateG: number;
  sugarsG: number;
  proteinG: number;
  saltG: number;
}

/**
 * Nutrition of 100 g of honey from its water, percent: the dry part of published typical values
 * scaled to what is not water. Typical values, no analysis of this honey; their source
 * stands beside them. Throws nothing.
 */
export function nutritionPer100g(moisturePercent: number): Nutrition {
  const dry = (100 - moisturePercent) / (100 - REFERENCE.waterG);
  const tenth = (g: number): number => Math.round(g * dry * 10) / 10;
  // Energy is of what is there, not of the rounded grams that stand beside it.
  const energyG = (REFERENCE.carbohydrateG + REFERENCE.proteinG) * dry;
  return {
    energyKj: Math.round(energyG * KJ),
    energyKcal: Math.round(energyG * KCAL),
    fatG: 0,
    carbohydrateG: tenth(REFERENCE.carbohydrateG),
    sugarsG: tenth(REFERENCE.sugarsG),
    proteinG: tenth(REFERENCE.proteinG),
    saltG: Math.round(REFERENCE.sodiumMg * dry * 2.5) / 1000,
  };
}

/** The same in one line of a label. */
export function nutritionSaid(moisturePercent: number): Say {
  const n = nutritionPer100g(moisturePercent);
  return jarSay('jar.label.nutrition', {
    kJ: n.energyKj,
    kcal: n.energyKcal,
    fat: String(n.fatG),
    carbohydrate: n.carbohydrateG.toFixed(1),
    sugars: n.sugarsG.toFixed(1),
    protein: n.proteinG.toFixed(1),
    salt: n.saltG.toFixed(2),
  });
}
