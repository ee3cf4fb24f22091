import { METRIC, US_UNITS } from '@furrow/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heardAsTyped } from './heard.js';
import { readMassG } from './readQuantity.js';
import { largestOf, unitsFor } from './unitTable.js';

/** The unit of a bare weight of a large thing. */
const BARE = largestOf(unitsFor('mass', METRIC));

describe('a figure that was heard', () => {
  it.each([
    ['four point three kilos', '4.3 kg'],
    ['4.3 kilograms', '4.3 kg'],
    ['Four pounds and ten ounces.', '4 lb 10 oz'],
    ['850 grams', '850 g'],
    ['4 kilograms and 300 grams', '4 kg 300 g'],
    ['  Twelve  ', '12'],
    ['zero point eight kilos', '0.8 kg'],
  ])('in English, %s: %s', (words, typed) => expect(heardAsTyped(words, 'en')).toBe(typed));
  it.each([
    ['quatro vírgula três quilos', '4,3 kg'],
    ['4 quilos e 300 gramas', '4 kg 300 g'],
    ['duas libras e dez onças', '2 lb 10 oz'],
    ['Oitocentos gramas', 'oitocentos g'],
    ['doze', '12'],
  ])('in Portuguese, %s: %s', (words, typed) => expect(heardAsTyped(words, 'pt-BR')).toBe(typed));
  it.each(['hello there', 'the comb is heavy', ''])(
    '%s is no figure, and no field takes it',
    (words) => {
      expect(readMassG(heardAsTyped(words, 'en'), BARE, METRIC)).toBeNull();
    },
  );
  it('is the weight that was said, whatever it was', () => {
    const kilograms = fc.integer({ min: 1, max: 99 });
    const grams = fc.integer({ min: 1, max: 999 });
    fc.assert(
      fc.property(kilograms, grams, (kg, g) => {
        const inEnglish = heardAsTyped(`${kg} kilos and ${g} grams`, 'en');
        const inPortuguese = heardAsTyped(`${kg} quilos e ${g} gramas`, 'pt-BR');
        expect(readMassG(inEnglish, BARE, METRIC)).toBeCloseTo(kg * 1000 + g, 6);
        expect(readMassG(inPortuguese, BARE, METRIC)).toBeCloseTo(kg * 1000 + g, 6);
      }),
    );
  });
  it('is in pounds where pounds were said, in any household', () => {
    for (const units of [METRIC, US_UNITS])
      expect(readMassG(heardAsTyped('four pounds ten ounces', 'en'), BARE, units)).toBeCloseTo(
        2097.86,
        1,
      );
  });
});
