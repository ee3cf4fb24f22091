import type { Units } from '@furrow/core';
import { massFigure } from './mass.js';
import { fittingUnit, fromBase, smallestOf, toBase, unitsFor, type Unit } from './unitTable.js';
import { GRAMS_PER_POUND, gToOz } from '@furrow/core';

const FIGURE = /[−+-]?\d+(?:\.\d+)?/.source;
const BETWEEN = '–| to | and | or | of | × ';
/** Words after degrees that make them a step, not a place on the scale. */
const STEP = ' warmer| colder| off| more than the room';
const METRIC_SIGNS = 'kg|g|°C|K|km/h|ml|L|mm|cm²|cm|m';
/** A figure or a range before its unit: "5.8 kg", "5.1–9.6 kg", "15 to 36 °C", "−18 °C", "+8 g". */
const MEASURE = new RegExp(
  `(${FIGURE})(?:(${BETWEEN})(${FIGURE}))?( ?)(${METRIC_SIGNS})(?![\\w/²³])(${STEP})?`,
  'g',
);
/** From here on grams are pounds; a pound that was rounded to the gram is one. */
const LARGE_G = GRAMS_PER_POUND - 0.5;

const numberOf = (text: string): number => Number(text.replace('−', '-'));
const decimalsOf = (text: string): number => text.split('.')[1]?.length ?? 0;
/** With a true minus sign, and none before a nought. */
const signed = (text: string): string => text.replace(/^-(?=0(\.0+)?$)/, '').replace('-', '−');

type Said = [figures: string[], unit: string];

function ofKilograms(texts: string[], units: Units): Said {
  const digits = Math.max(...texts.map(decimalsOf));
  return [texts.map((t) => massFigure(numberOf(t), units, digits)), 'lb'];
}

function ofGrams(texts: string[], units: Units): Said {
  const grams = texts.map(numberOf);
  const isLarge = Math.max(...grams.map(Math.abs)) >= LARGE_G;
  return isLarge
    ? [grams.map((g) => massFigure(g / 1000, units, 1)), 'lb']
    : [grams.map((g) => gToOz(g).toFixed(1)), 'oz'];
}

function ofDegrees(texts: string[], units: Units, isStep: boolean): Said {
  const unit = smallestOf(unitsFor('temperature', units));
  const shown = (value: number): number => (isStep ? value / unit.per : fromBase(value, unit));
  return [texts.map((t) => shown(numberOf(t)).toFixed(0)), unit.sign];
}

/** In the unit that fits the largest, to as many decimals as three digits ask for. */
function ofMeasure(dimension: 'length' | 'volume' | 'speed', from: Unit) {
  return (texts: string[], units: Units): Said => {
    const bases = texts.map((t) => toBase(numberOf(t), from));
    const largest = Math.max(...bases.map(Math.abs));
    const unit = fittingUnit(dimension, largest, units);
    const size = fromBase(largest, unit);
    const digits = dimension === 'speed' ? 0 : smallDigits(size, unit);
    return [bases.map((b) => String(Number(fromBase(b, unit).toFixed(digits)))), unit.sign];
  };
}
const smallDigits = (size: number, unit: Unit): number => {
  if (size >= 100) return 0;
  return unit.sign === 'in' && size < 1 ? 2 : 1;
};

/** "100 m and more": a way on foot, to ten feet. */
const ofMetres = (texts: string[]): Said => [
  texts.map((t) => String(Math.round((numberOf(t) * 3.28084) / 10) * 10)),
  'ft',
];

/** The face of a comb: square inches. */
const ofCm2 = (texts: string[]): Said => {
  const figures = texts.map((t) => numberOf(t) / 6.4516);
  const digits = Math.max(...figures) < 100 ? 1 : 0;
  return [figures.map((f) => String(Number(f.toFixed(digits)))), 'in²'];
};

type MetricSign = 'kg' | 'g' | '°C' | 'K' | 'km/h' | 'ml' | 'L' | 'mm' | 'cm²' | 'cm' | 'm';
/** Which choice a sign belongs to, and how it is said in the other one. */
const OTHERWISE: Record<
  MetricSign,
  {
    stands: (units: Units) => boolean;
    says: (texts: string[], units: Units, isStep: boolean) => Said;
  }
> = {
  kg: { stands: (u) => u.mass === 'kilograms', says: ofKilograms },
  g: { stands: (u) => u.mass === 'kilograms', says: ofGrams },
  '°C': { stands: (u) => u.temperature === 'celsius', says: ofDegrees },
  K: { stands: (u) => u.temperature === 'celsius', says: (t, u) => ofDegrees(t, u, true) },
  'km/h': {
    stands: (u) => u.speed === 'kilometres',
    says: ofMeasure('speed', { sign: 'km/h', per: 1 }),
  },
  ml: {
    stands: (u) => u.volume === 'litres',
    says: ofMeasure('volume', { sign: 'ml', per: 0.001 }),
  },
  L: { stands: (u) => u.volume === 'litres', says: ofMeasure('volume', { sign: 'L', per: 1 }) },
  mm: {
    stands: (u) => u.length === 'centimetres',
    says: ofMeasure('length', { sign: 'mm', per: 1 }),
  },
  cm: {
    stands: (u) => u.length === 'centimetres',
    says: ofMeasure('length', { sign: 'cm', per: 10 }),
  },
  'cm²': { stands: (u) => u.length === 'centimetres', says: ofCm2 },
  m: { stands: (u) => u.length === 'centimetres', says: ofMetres },
};

/** Sides of a thing are lengths, a part of a face is an area; before any other unit it is a count. */
const MEASURED_BY: Readonly<Record<string, readonly MetricSign[]>> = {
  ' × ': ['mm', 'cm'],
  ' of ': ['cm²'],
};
const isCount = (join: string, sign: MetricSign): boolean =>
  MEASURED_BY[join] !== undefined && !MEASURED_BY[join].includes(sign);

/** What a kilogram takes or brings, "12 min a kg", "R$ 46 a kg": of a pound it is less. */
const RATE = new RegExp(`(${FIGURE})( min)? a kg\\b`, 'g');
function ratesIn(units: Units, sentence: string): string {
  if (units.mass === 'kilograms') return sentence;
  return sentence.replace(RATE, (_, rate: string, minutes = '') => {
    const ofPound = (numberOf(rate) * GRAMS_PER_POUND) / 1000;
    return `${ofPound.toFixed(decimalsOf(rate))}${minutes} a lb`;
  });
}

/**
 * A sentence in the household's units. Sentences that are not yet said by key are made in metric
 * units; every measure in them is said in those that were chosen: kilograms with as many decimals,
 * grams in ounces to 0.1 and in pounds from two, degrees whole, lengths and volumes in the unit
 * that fits. A step of temperature ("2 °C warmer") is said as a step. Takes the units and the
 * sentence; not for what a person typed nor for what is printed on a jar.
 */
export function saidIn(units: Units, sentence: string): string {
  return ratesIn(units, sentence).replace(
    MEASURE,
    (
      whole: string,
      first: string,
      join: string | undefined,
      second: string | undefined,
      gap: string,
      sign: MetricSign,
      step?: string,
    ) => {
      const { stands, says } = OTHERWISE[sign];
      if (stands(units)) return whole;
      // "6 × 454 g", "2 of 500 g": the first is a count, which stays.
      if (second !== undefined && join !== undefined && isCount(join, sign))
        return `${first}${join}${saidIn(units, `${second}${gap}${sign}`)}${step ?? ''}`;
      const texts = second === undefined ? [first] : [first, second];
      const [figures, said] = says(texts, units, step !== undefined);
      const plus = first.startsWith('+') ? '+' : '';
      return `${plus}${figures.map(signed).join(join ?? '')}${gap}${said}${step ?? ''}`;
    },
  );
}
