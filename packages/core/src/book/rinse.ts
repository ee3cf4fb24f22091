import { calcSay } from '../calcSays.js';
import type { Say } from '../say/say.js';
import { bookSay } from './says.js';
import { BadInput } from '../badInput.js';

/** Up to here the formula of SCIENCE 10 holds; rinse and must lie below. */
export const RINSE_BRIX_MAX = 40;
/** Water at 20 °C, kg/L. */
const WATER_KG_PER_L = 0.9982;
/** Water of the honey that is reckoned, percent, where nobody measured it. */
const HONEY_WATER = 18;
/** Alcohol by volume per unit of gravity fallen (SCIENCE 10). */
const ABV_PER_GRAVITY = 131.25;

/** Specific gravity 20/20 °C from °Brix, good to 40 (SCIENCE 10). */
export function gravityOfBrix(brixPercent: number): number {
  return 1 + brixPercent / (258.6 - (227.1 * brixPercent) / 258.2);
}
/** °Brix from specific gravity: the formula above turned round. */
export function brixOfGravity(gravity: number): number {
  const excess = gravity - 1;
  return (258.6 * excess) / (1 + (227.1 / 258.2) * excess);
}

function checked(litres: number, brixPercent: number): void {
  if (!(litres > 0)) throw new BadInput(calcSay('calc.how-many-litres'), 'litres');
  if (!(brixPercent >= 0 && brixPercent <= RINSE_BRIX_MAX))
    throw new BadInput(calcSay('calc.rinse-brix', { most: RINSE_BRIX_MAX }), 'brixPercent');
}

export interface RinseHolds {
  massKg: number;
  sugarsKg: number;
  honeyKg: number;
  gravity: number;
}

/**
 * What is dissolved in a rinse: its mass, sugars, and the honey they were. Takes litres and the
 * sugar reading in °Brix at 20 °C (0 to 40), the honey's water in percent. Sugars = mass x Brix;
 * honey = sugars / (1 - water) (SCIENCE 10).
 */
export function rinseHolds(
  litres: number,
  brixPercent: number,
  honeyWaterPercent = HONEY_WATER,
): RinseHolds {
  checked(litres, brixPercent);
  const gravity = gravityOfBrix(brixPercent);
  const massKg = litres * gravity * WATER_KG_PER_L;
  const sugarsKg = (massKg * brixPercent) / 100;
  return { massKg, sugarsKg, honeyKg: sugarsKg / (1 - honeyWaterPercent / 100), gravity };
}

export interface MustPlan {
  honeyKg: number;
  waterL: number;
  litres: number;
  abvPercent: number;
  sentence: Say;
}

const NOTHING_KG = 0.0005;
function addSaid(honeyKg: number, waterL: number, rest: Say): Say {
  if (honeyKg > NOTHING_KG)
    return bookSay('book.must.add-honey', {
      honey: { massG: honeyKg * 1000, as: 'estimate' },
      rest,
    });
  return waterL > NOTHING_KG
    ? bookSay('book.must.add-water', { water: { volumeL: waterL }, rest })
    : bookSay('book.must.there', { rest });
}

/**
 * What brings a rinse to the gravity a mead is to begin at: honey to add where it is too thin,
 * water where it is too sweet; litres afterwards, and the alcohol if it ferments to `finalGravity`
 * (131.25 x fall, SCIENCE 10). Mass balance of sugar, exact for the formula used.
 *
 * @throws {BadInput} for a gravity outside 1.000 to 1.178 (40 °Brix).
 */
export function mustToGravity(input: {
  litres: number;
  brixPercent: number;
  targetGravity: number;
  finalGravity?: number;
  honeyWaterPercent?: number;
}): MustPlan {
  const {
    litres,
    brixPercent,
    targetGravity,
    finalGravity = 1,
    honeyWaterPercent = HONEY_WATER,
  } = input;
  const now = rinseHolds(litres, brixPercent, honeyWaterPercent);
  if (!(targetGravity > 1 && targetGravity <= gravityOfBrix(RINSE_BRIX_MAX)))
    throw new BadInput(
      calcSay('calc.gravity', { most: gravityOfBrix(RINSE_BRIX_MAX).toFixed(3) }),
      'targetGravity',
    );
  if (!(finalGravity >= 0.98 && finalGravity <= targetGravity))
    throw new BadInput(calcSay('calc.final-gravity'), 'finalGravity');
  const share = brixOfGravity(targetGravity) / 100;
  const thin = now.sugarsKg < share * now.massKg;
  const honeyKg = thin
    ? (share * now.massKg - now.sugarsKg) / (1 - honeyWaterPercent / 100 - share)
    : 0;
  const waterKg = thin ? 0 : now.sugarsKg / share - now.massKg;
  const after = (now.massKg + honeyKg + waterKg) / (targetGravity * WATER_KG_PER_L);
  const abvPercent = ABV_PER_GRAVITY * (targetGravity - finalGravity);
  const waterL = waterKg / WATER_KG_PER_L;
  const comes = bookSay('book.must.comes', {
    litres: { volumeL: after },
    gravity: targetGravity.toFixed(3),
    final: finalGravity.toFixed(3),
    alcohol: { percent: abvPercent },
  });
  const sentence = addSaid(honeyKg, waterL, comes);
  return { honeyKg, waterL, litres: after, abvPercent, sentence };
}
