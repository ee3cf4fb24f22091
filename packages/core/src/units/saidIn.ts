import { massFigure, type UnitSystem } from './format.js';
import { GRAMS_PER_POUND, gToOz } from './mass.js';
import { celsiusToF } from './temperature.js';

const FIGURE = /[−+-]?\d+(?:\.\d+)?/.source;
const BETWEEN = '–| to | and | or ';
/** Words after degrees that make them a step, not a place on the scale. */
const STEP = ' warmer| colder| off| more than the room';
/** A figure or a range before its unit: "5.8 kg", "5.1–9.6 kg", "15 to 36 °C", "−18 °C", "+8 g". */
const MEASURE = new RegExp(
  `(${FIGURE})(?:(${BETWEEN})(${FIGURE}))?( ?)(kg|g|°C)(?![\\w/])(${STEP})?`,
  'g',
);
const LARGE_G = 2 * GRAMS_PER_POUND;

const numberOf = (text: string): number => Number(text.replace('−', '-'));
const decimalsOf = (text: string): number => text.split('.')[1]?.length ?? 0;
/** With a true minus sign, and none before a nought. */
const signed = (text: string): string => text.replace(/^-(?=0(\.0+)?$)/, '').replace('-', '−');

function ofKilograms(texts: string[]): [figures: string[], unit: string] {
  const digits = Math.max(...texts.map(decimalsOf));
  return [texts.map((t) => massFigure(numberOf(t), 'imperial', digits)), 'lb'];
}

function ofGrams(texts: string[]): [figures: string[], unit: string] {
  const grams = texts.map(numberOf);
  const isLarge = Math.max(...grams.map(Math.abs)) >= LARGE_G;
  return isLarge
    ? [grams.map((g) => massFigure(g / 1000, 'imperial', 1)), 'lb']
    : [grams.map((g) => gToOz(g).toFixed(1)), 'oz'];
}

function ofDegrees(texts: string[], isStep: boolean): [figures: string[], unit: string] {
  const inF = (t: string): number => (isStep ? numberOf(t) * 1.8 : celsiusToF(numberOf(t)));
  return [texts.map((t) => inF(t).toFixed(0)), '°F'];
}

type MeasuredUnit = 'kg' | 'g' | '°C';

/**
 * A sentence in the household's units. Sentences of the core are made in kilograms, grams and
 * degrees Celsius; where pounds were chosen every mass and temperature in them is said in pounds,
 * ounces and degrees Fahrenheit: kilograms with as many decimals, grams in ounces to 0.1 and in
 * pounds from two, degrees whole. A step of temperature ("2 °C warmer") is said as a step. Litres
 * and lengths stay. Takes the sentence and the system; not for what a person typed nor for what is
 * printed on a jar.
 */
export function saidIn(system: UnitSystem, sentence: string): string {
  if (system === 'metric') return sentence;
  return sentence.replace(
    MEASURE,
    (
      _,
      first: string,
      join: string | undefined,
      second: string | undefined,
      gap: string,
      unit: MeasuredUnit,
      step?: string,
    ) => {
      const texts = second === undefined ? [first] : [first, second];
      const [figures, said] = {
        kg: () => ofKilograms(texts),
        g: () => ofGrams(texts),
        '°C': () => ofDegrees(texts, step !== undefined),
      }[unit]();
      const sign = first.startsWith('+') ? '+' : '';
      const after = step ?? '';
      return `${sign}${figures.map(signed).join(join ?? '')}${gap}${said}${after}`;
    },
  );
}
