import { readNumber, type Dimension, type Units } from '@furrow/core';
import { GALLON_NAMES, UNIT_NAMES, toBase, type Unit } from './unitTable.js';

/** What a person typed, understood or not. */
export type ReadQuantity =
  | { ok: true; base: number; units: readonly Unit[] }
  | { ok: false; why: 'no-number' | 'no-unit' | 'which-gallon' };

/** 1/2, ½, 1 1/2: an eighth or sixteenth of an inch is how a ruler says it. */
const FRACTIONS: Record<string, string> = { '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8' };
const NUMBER = /[+−-]?(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+[.,]?\d*|[.,]\d+)/.source;
const PART = new RegExp(`(${NUMBER})\\s*([^\\d.,+−]*)`, 'gy');
const NO_NUMBER: ReadQuantity = { ok: false, why: 'no-number' };

/** A plain number or a fraction; null where it is neither. */
function amountOf(text: string): number | null {
  const parts = /^([+−-]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim());
  if (!parts) return readNumber(text);
  const [, sign, whole, over, under] = parts;
  const value = Number(whole ?? 0) + Number(over) / Number(under);
  if (!Number.isFinite(value)) return null;
  return sign === '-' || sign === '−' ? -value : value;
}

/** The unit of a name; 'which-gallon' where a pint is meant and nobody knows whose. */
function unitOf(name: string, dimension: Dimension, units: Units): Unit | 'which-gallon' | null {
  const known = UNIT_NAMES[dimension][name];
  if (known) return known;
  if (dimension !== 'volume' || !(name in GALLON_NAMES['us-gallons'])) return null;
  return units.volume === 'litres' ? 'which-gallon' : (GALLON_NAMES[units.volume][name] ?? null);
}

/**
 * Reads a quantity as people type it, "5 gal", "110 F", "1/2 in", "12 lb 3 oz", "5.5 pt", "20,5
 * cm", onto the scale that Furrow keeps (grams, millimetres, litres, °C, km/h). Takes the unit that
 * a bare number is in. Pints, quarts and gallons are the household's; where it chose litres they
 * are asked apart.
 */
export function readQuantity(
  text: string,
  dimension: Dimension,
  bare: Unit,
  units: Units,
): ReadQuantity {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/(\d?)\s*([½¼¾⅛])/g, (_, whole: string, sign: string) =>
      `${whole} ${FRACTIONS[sign]}`.trim(),
    );
  const parts = [...plain.matchAll(PART)];
  if (!parts.length || parts.map(([all]) => all).join('') !== plain) return NO_NUMBER;
  let base = 0;
  const used: Unit[] = [];
  for (const [i, [, amountText = '', nameText = '']] of parts.entries()) {
    const amount = amountOf(amountText);
    if (amount === null || (i > 0 && !/^\d/.test(amountText))) return NO_NUMBER;
    const name = nameText.trim().replace(/\.$/, '').replace(/\s+/g, ' ');
    if (name === '' && parts.length > 1) return NO_NUMBER;
    const unit = name === '' ? bare : unitOf(name, dimension, units);
    if (unit === 'which-gallon') return { ok: false, why: 'which-gallon' };
    if (unit === null) return { ok: false, why: 'no-unit' };
    // "3 oz 12 lb", "2 kg 3 kg": a second part is of a smaller unit, or it is a slip.
    const before = used.at(-1);
    if (before && unit.per >= before.per) return { ok: false, why: 'no-unit' };
    base += toBase(amount, unit);
    used.push(unit);
  }
  // Degrees have a nought of their own: two of them are no sum.
  if (used.length > 1 && dimension === 'temperature') return { ok: false, why: 'no-unit' };
  return { ok: true, base, units: used };
}

/** A mass as it was typed, grams; null where none can be read. */
export function readMassG(text: string, bare: Unit, units: Units): number | null {
  const read = readQuantity(text, 'mass', bare, units);
  return read.ok ? read.base : null;
}
