/**
 * What a household measures in, each kind of quantity by itself: kilograms with Fahrenheit is
 * common. US and imperial pints, quarts and gallons differ by a fifth and are never one choice.
 */
export const UNIT_CHOICES = {
  mass: ['kilograms', 'pounds'],
  temperature: ['celsius', 'fahrenheit'],
  length: ['centimetres', 'inches'],
  volume: ['litres', 'us-gallons', 'imperial-gallons'],
  speed: ['kilometres', 'miles'],
} as const;

/** The unit of each kind of quantity. */
export type Units = {
  [Kind in keyof typeof UNIT_CHOICES]: (typeof UNIT_CHOICES)[Kind][number];
};
/** A kind of quantity whose unit a household chooses. */
export type Dimension = keyof Units;

export const METRIC: Units = {
  mass: 'kilograms',
  temperature: 'celsius',
  length: 'centimetres',
  volume: 'litres',
  speed: 'kilometres',
};
export const US_UNITS: Units = {
  mass: 'pounds',
  temperature: 'fahrenheit',
  length: 'inches',
  volume: 'us-gallons',
  speed: 'miles',
};
/** Degrees Celsius: what is usual where the imperial gallon is. */
export const IMPERIAL: Units = {
  mass: 'pounds',
  temperature: 'celsius',
  length: 'inches',
  volume: 'imperial-gallons',
  speed: 'miles',
};

/** The three systems a household may begin from. */
export const UNIT_SYSTEMS = { metric: METRIC, us: US_UNITS, imperial: IMPERIAL } as const;
export type UnitSystemName = keyof typeof UNIT_SYSTEMS;

/** Which of the three systems these units are, null where they are mixed. */
export function systemOf(units: Units): UnitSystemName | null {
  const kinds = Object.keys(UNIT_CHOICES) as Dimension[];
  const names = Object.keys(UNIT_SYSTEMS) as UnitSystemName[];
  return names.find((name) => kinds.every((k) => UNIT_SYSTEMS[name][k] === units[k])) ?? null;
}

/**
 * Units as rules written before December 2026 named them: one word for all. Pounds went with
 * degrees Fahrenheit, as in the United States.
 */
export const UNITS_AS_NAMED_BEFORE: Record<'metric' | 'imperial', Units> = {
  metric: METRIC,
  imperial: US_UNITS,
};
