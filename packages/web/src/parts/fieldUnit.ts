import {
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  celsiusToF,
  fahrenheitToC,
  type UnitSystem,
} from '@furrow/core';

/** How a number that is kept in a metric unit is shown in a field and read back from it. */
export interface FieldUnit {
  unit: string | undefined;
  shown: (kept: number) => number;
  kept: (shown: number) => number;
}

const POUND_KG = GRAMS_PER_POUND / 1000;
const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** Kept in the metric unit to the step that it is measured in: a gram, a hundredth of a degree. */
const IMPERIAL: Record<string, FieldUnit> = {
  kg: {
    unit: 'lb',
    shown: (kg) => rounded(kg / POUND_KG, 2),
    kept: (lb) => rounded(lb * POUND_KG, 3),
  },
  g: {
    unit: 'oz',
    shown: (g) => rounded(g / GRAMS_PER_OUNCE, 1),
    kept: (oz) => Math.round(oz * GRAMS_PER_OUNCE),
  },
  'g an hour': {
    unit: 'oz an hour',
    shown: (g) => rounded(g / GRAMS_PER_OUNCE, 1),
    kept: (oz) => Math.round(oz * GRAMS_PER_OUNCE),
  },
  // A price of 10 cents more must come back as it was typed.
  'a kg': {
    unit: 'a lb',
    shown: (price) => rounded(price * POUND_KG, 2),
    kept: (price) => rounded(price / POUND_KG, 6),
  },
  '°C': {
    unit: '°F',
    shown: (c) => rounded(celsiusToF(c), 1),
    kept: (f) => rounded(fahrenheitToC(f), 2),
  },
};

const same = (value: number): number => value;

/** Takes the metric unit that stands in the code; gives how the household types it. */
export const fieldUnit = (unit: string | undefined, system: UnitSystem): FieldUnit =>
  (system === 'imperial' && unit !== undefined ? IMPERIAL[unit] : undefined) ?? {
    unit,
    shown: same,
    kept: same,
  };
