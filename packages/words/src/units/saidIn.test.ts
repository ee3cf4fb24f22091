import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { IMPERIAL, METRIC, US_UNITS, moneyText } from '@furrow/core';
import { saidIn } from './saidIn.js';

describe('a sentence in the units of the household', () => {
  it('stays as it is where kilograms were chosen', () => {
    const text = 'About 2.1 kg of honey; your least is 300 g at 24 °C.';
    expect(saidIn(METRIC, text)).toBe(text);
  });
  it.each([
    [
      'About 2.1 kg of honey; your least is 300 g.',
      'About 4.6 lb of honey; your least is 10.6 oz.',
    ],
    [
      '12.2 kg would stay; the winter needs 4.0 kg.',
      '26.9 lb would stay; the winter needs 8.8 lb.',
    ],
    ['about 0.1–0.3 kg more out of 0.6 kg', 'about 0.2–0.7 lb more out of 1.3 lb'],
    ['weighs about 18–22 kg', 'weighs about 40–49 lb'],
    ['hold 80 to 150 g', 'hold 2.8 to 5.3 oz'],
    ['1200 g are missing', '2.6 lb are missing'],
    ['the core is at −18 °C', 'the core is at 0 °F'],
    ['between 25 and 33 °C', 'between 77 and 91 °F'],
    ['2 °C warmer', '4 °F warmer'],
    ['+8 g', '+0.3 oz'],
    ['Filled 6 × 454 g', 'Filled 6 × 1.0 lb'],
    ['3 × 300 g filled.', '3 × 10.6 oz filled.'],
    ['2 of 500 g', '2 of 1.1 lb'],
    ['12 × 370 ml', '12 × 12.5 fl oz'],
    ['−0.4 kg', '−0.9 lb'],
    ['at least 8.5 L', 'at least 2.2 gal'],
    ['of 20–25 L', 'of 5.3–6.6 gal'],
    ['a jar of 370 ml', 'a jar of 12.5 fl oz'],
    ['430 × 135 mm', '16.9 × 5.3 in'],
    ['8 mm too thick', '0.31 in too thick'],
    ['20.5 cm', '8.1 in'],
    ['320 of 441 cm² without a flaw', '49.6 of 68.4 in² without a flaw'],
    ['wind of 20 km/h', 'wind of 12 mph'],
    ['2 K more than the air', '4 °F more than the air'],
    ['run 100 m and more', 'run 330 ft and more'],
    ['By your own pace, 12 min a kg.', 'By your own pace, 5 min a lb.'],
    ['R$ 46.50 a kg', 'R$ 21.09 a lb'],
    ['135 g an hour, under your 20 g', '4.8 oz an hour, under your 0.7 oz'],
  ])('says "%s" in pounds', (metric, said) => {
    expect(saidIn(US_UNITS, metric)).toBe(said);
  });
  it('leaves alone what is no measure', () => {
    for (const text of ['3 groups', '17.8 %, 3 min', '0.1 g/mm', 'kg of honey', '5 guards'])
      expect(saidIn(US_UNITS, text)).toBe(text);
  });
  it('leaves no figure in a metric unit, whatever it is', () => {
    const figure = fc.tuple(
      fc.double({ min: 0, max: 5000, noNaN: true }),
      fc.integer({ min: 0, max: 2 }),
      fc.constantFrom('kg', 'g', '°C', 'L', 'ml', 'mm', 'cm', 'km/h'),
    );
    fc.assert(
      fc.property(fc.array(figure, { minLength: 1 }), (figures) => {
        const text = figures.map(([n, digits, unit]) => `${n.toFixed(digits)} ${unit}`).join(', ');
        expect(saidIn(US_UNITS, text)).not.toMatch(/\d (kg|g|°C|L|ml|mm|cm|km.h)(?!\w)/);
      }),
    );
  });
  it('says each kind of quantity in its own choice', () => {
    const text = '2.0 kg at 24 °C in 4.5 L';
    expect(saidIn(IMPERIAL, text)).toBe('4.4 lb at 24 °C in 4 qt');
    expect(saidIn({ ...METRIC, temperature: 'fahrenheit' }, text)).toBe('2.0 kg at 75 °F in 4.5 L');
  });
  it('says money with its currency before it, or alone', () => {
    expect(moneyText(46.6, 'R$')).toBe('R$ 47');
    expect(moneyText(6.549, 'R$', 2)).toBe('R$ 6.55');
    expect(moneyText(12, '')).toBe('12');
  });
});
