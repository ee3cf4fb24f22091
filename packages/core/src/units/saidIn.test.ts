import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { moneyText } from './money.js';
import { saidIn } from './saidIn.js';

describe('a sentence in the units of the household', () => {
  it('stays as it is where kilograms were chosen', () => {
    const text = 'About 2.1 kg of honey; your least is 300 g at 24 °C.';
    expect(saidIn('metric', text)).toBe(text);
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
    ['−0.4 kg', '−0.9 lb'],
    ['135 g an hour, under your 20 g', '4.8 oz an hour, under your 0.7 oz'],
  ])('says "%s" in pounds', (metric, said) => {
    expect(saidIn('imperial', metric)).toBe(said);
  });
  it('leaves alone what is no mass and no temperature', () => {
    for (const text of ['3 groups', '24 L, 12 mm, 17.8 %', '0.1 g/mm', 'kg of honey', '5 guards'])
      expect(saidIn('imperial', text)).toBe(text);
  });
  it('leaves no figure in kilograms, grams or Celsius, whatever it is', () => {
    const figure = fc.tuple(
      fc.double({ min: 0, max: 5000, noNaN: true }),
      fc.integer({ min: 0, max: 2 }),
      fc.constantFrom('kg', 'g', '°C'),
    );
    fc.assert(
      fc.property(fc.array(figure, { minLength: 1 }), (figures) => {
        const text = figures.map(([n, digits, unit]) => `${n.toFixed(digits)} ${unit}`).join(', ');
        expect(saidIn('imperial', text)).not.toMatch(/\d (kg|g|°C)/);
      }),
    );
  });
  it('says money with its currency before it, or alone', () => {
    expect(moneyText(46.6, 'R$')).toBe('R$ 47');
    expect(moneyText(6.549, 'R$', 2)).toBe('R$ 6.55');
    expect(moneyText(12, '')).toBe('12');
  });
});
