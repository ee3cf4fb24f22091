import type { Dimension, Units } from '@furrow/core';

/**
 * One unit: the sign that stands behind a figure, and how many of the dimension's base it is. The
 * bases are what Furrow keeps: grams, millimetres, litres, degrees Celsius, kilometres an hour.
 */
export interface Unit {
  sign: string;
  /** Base units in one of it; of a temperature, the size of its degree. */
  per: number;
  /** Where its nought lies on the base's scale: only a temperature has one. */
  zeroAt?: number;
}

const GRAM: Unit = { sign: 'g', per: 1 };
const KILOGRAM: Unit = { sign: 'kg', per: 1000 };
/** International avoirdupois pound and ounce, exact (1959 agreement). */
const POUND: Unit = { sign: 'lb', per: 453.59237 };
const OUNCE: Unit = { sign: 'oz', per: 453.59237 / 16 };
const MILLIMETRE: Unit = { sign: 'mm', per: 1 };
const CENTIMETRE: Unit = { sign: 'cm', per: 10 };
const METRE: Unit = { sign: 'm', per: 1000 };
const INCH: Unit = { sign: 'in', per: 25.4 };
const FOOT: Unit = { sign: 'ft', per: 304.8 };
const MILLILITRE: Unit = { sign: 'ml', per: 0.001 };
const LITRE: Unit = { sign: 'L', per: 1 };
const CELSIUS: Unit = { sign: '°C', per: 1, zeroAt: 0 };
const FAHRENHEIT: Unit = { sign: '°F', per: 5 / 9, zeroAt: -160 / 9 };
const KM_H: Unit = { sign: 'km/h', per: 1 };
const MPH: Unit = { sign: 'mph', per: 1.609344 };

/** A gallon and what it is cut into: 8 pints, 4 quarts, and so many fluid ounces. */
interface Gallon {
  ounce: Unit;
  pint: Unit;
  quart: Unit;
  gallon: Unit;
}
const gallonOf = (litres: number, ounces: number, name = ''): Gallon => ({
  ounce: { sign: `${name}fl oz`, per: litres / ounces },
  pint: { sign: `${name}pt`, per: litres / 8 },
  quart: { sign: `${name}qt`, per: litres / 4 },
  gallon: { sign: `${name}gal`, per: litres },
});
const bySize = ({ ounce, pint, quart, gallon }: Gallon): Sizes => [ounce, pint, quart, gallon];
/** US liquid gallon (231 cubic inches) and imperial gallon (Weights and Measures Act 1985), exact. */
const US_LITRES = 3.785411784;
const IMPERIAL_LITRES = 4.54609;
const US = gallonOf(US_LITRES, 128, 'US ');
const BRITISH = gallonOf(IMPERIAL_LITRES, 160, 'imp ');

/** Units from small to large; there is always one. */
type Sizes = readonly [Unit, ...Unit[]];

/** Units of each choice: the one that fits a figure is taken. */
export const UNIT_TABLE: { [D in Dimension]: Record<Units[D], Sizes> } = {
  mass: { kilograms: [GRAM, KILOGRAM], pounds: [OUNCE, POUND] },
  // Things of a hive are said in centimetres and inches to their end: four feet of bars is 48 in.
  length: { centimetres: [MILLIMETRE, CENTIMETRE], inches: [INCH] },
  volume: {
    litres: [MILLILITRE, LITRE],
    // Within a household there is one gallon: the sign is the short one, under Rules it is named.
    'us-gallons': bySize(gallonOf(US_LITRES, 128)),
    'imperial-gallons': bySize(gallonOf(IMPERIAL_LITRES, 160)),
  },
  temperature: { celsius: [CELSIUS], fahrenheit: [FAHRENHEIT] },
  speed: { kilometres: [KM_H], miles: [MPH] },
};

/** How people write units, in English and Portuguese, in small letters, by what they measure. */
export const UNIT_NAMES: Record<Dimension, Record<string, Unit>> = {
  mass: {
    ...namedAs(GRAM, 'g gr gram grams grama gramas'),
    ...namedAs(KILOGRAM, 'kg kgs kilo kilos kilogram kilograms quilo quilos'),
    ...namedAs(POUND, 'lb lbs pound pounds libra libras'),
    ...namedAs(OUNCE, 'oz ounce ounces onça onças'),
  },
  length: {
    ...namedAs(MILLIMETRE, 'mm millimetre millimetres millimeter millimeters milímetros'),
    ...namedAs(CENTIMETRE, 'cm centimetre centimetres centimeter centimeters centímetros'),
    ...namedAs(METRE, 'm metre metres meter meters metros'),
    ...namedAs(INCH, 'in inch inches " ″ pol polegada polegadas'),
    ...namedAs(FOOT, "ft foot feet ' ′ pé pés"),
  },
  volume: {
    ...namedAs(MILLILITRE, 'ml millilitre millilitres milliliter milliliters'),
    ...namedAs(LITRE, 'l litre litres liter liters litro litros'),
    ...gallons('us', US),
    ...gallons('imp', BRITISH),
    ...gallons('imperial', BRITISH),
    ...gallons('uk', BRITISH),
  },
  temperature: {
    ...namedAs(CELSIUS, '°c c celsius'),
    ...namedAs(FAHRENHEIT, '°f f fahrenheit'),
  },
  speed: {
    ...namedAs(KM_H, 'km/h kmh kph'),
    ...namedAs(MPH, 'mph mi/h'),
    ...namedAs({ sign: 'm/s', per: 3.6 }, 'm/s'),
    ...namedAs({ sign: 'kn', per: 1.852 }, 'kn knot knots nós'),
  },
};

/** What a pint, a quart, a gallon is called where the household has chosen which one it means. */
export const GALLON_NAMES: Record<'us-gallons' | 'imperial-gallons', Record<string, Unit>> = {
  'us-gallons': gallons('', US),
  'imperial-gallons': gallons('', BRITISH),
};

function namedAs(unit: Unit, names: string): Record<string, Unit> {
  return Object.fromEntries(names.split(' ').map((name) => [name, unit]));
}

function gallons(kind: string, { ounce, pint, quart, gallon }: Gallon): Record<string, Unit> {
  const names = {
    ...namedAs(pint, 'pt pts pint pints'),
    ...namedAs(quart, 'qt qts quart quarts'),
    ...namedAs(gallon, 'gal gals gallon gallons galão galões'),
    'fl oz': ounce,
    floz: ounce,
  };
  return Object.fromEntries(
    Object.entries(names).map(([name, unit]) => [kind ? `${kind} ${name}` : name, unit]),
  );
}

/** A figure of this unit on the base's scale. */
export const toBase = (value: number, unit: Unit): number => value * unit.per + (unit.zeroAt ?? 0);
/** A value on the base's scale in this unit. */
export const fromBase = (base: number, unit: Unit): number =>
  (base - (unit.zeroAt ?? 0)) / unit.per;

/** The units of a dimension that a household has chosen, from small to large. */
export function unitsFor<D extends Dimension>(dimension: D, units: Units): Sizes {
  return UNIT_TABLE[dimension][units[dimension]];
}

/** The smallest of them, and the largest. */
export const smallestOf = ([first]: Sizes): Unit => first;
export const largestOf = (sizes: Sizes): Unit => sizes.at(-1) ?? sizes[0];

/**
 * The unit that fits: the largest of the household's in which the size is at least one, else the
 * smallest.
 */
export function fittingUnit(dimension: Dimension, sizeBase: number, units: Units): Unit {
  const all = unitsFor(dimension, units);
  // A figure that is shown as 1.0 is one: rounding must not leave 0.999 lb at 16.0 oz.
  const fits = all.filter((unit) => Math.abs(sizeBase) >= unit.per * 0.9995);
  return fits.at(-1) ?? all[0];
}
