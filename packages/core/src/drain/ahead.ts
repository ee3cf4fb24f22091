import type { Range } from '../units/format.js';
import { drainForecast } from './forecast.js';
import type { MethodPrior } from './priors.js';
import type { CrushMethod, Fineness } from '../records/vocabulary/bench.js';
import type { TemperatureStep } from './viscousTime.js';

/** A drain that nobody has begun yet, as far as its time goes. */
export interface DrainAhead {
  method: CrushMethod;
  fineness?: Fineness;
  moisturePercent: number;
  /** The bench hour by hour from the moment it is crushed, °C. */
  temperature: readonly TemperatureStep[];
  thixotropic?: boolean;
  /** The household's own share and tau; the method's published ones where left out. */
  prior?: MethodPrior;
}

/** How much is crushed does not change when nine tenths of it are out. */
const ANY_KG = { low: 0.95, mid: 1, high: 1.05 };

/**
 * Hours until nine tenths of what will come is out of a drain that is not begun: what its forecast
 * will say at its first minute, so that the plan, the choice and the clock never tell a person
 * different times. A 90 % range.
 */
export function nineTenthsAhead(ahead: DrainAhead): Range {
  return drainForecast({
    ...ahead,
    combHoneyKg: ANY_KG,
    temperature: [...ahead.temperature],
    weighings: [],
    stirHours: [],
    drawOffs: [],
    lowerFullKg: null,
    nowHours: 0,
    stopBelowGPerHour: 0,
    points: 1,
  }).nineTenthsHours;
}

const remembered = new Map<string, Range>();
/** So many benches are remembered: a household has a handful. */
const MOST_REMEMBERED = 200;

/**
 * The same on a bench of one temperature, remembered: it is asked for every set that could be
 * chosen.
 */
export function nineTenthsAt(
  method: CrushMethod,
  temperatureC: number,
  moisturePercent: number,
): Range {
  const key = `${method} ${temperatureC} ${moisturePercent}`;
  const known = remembered.get(key);
  if (known) return known;
  const range = nineTenthsAhead({
    method,
    moisturePercent,
    temperature: [{ hours: 0, temperatureC }],
  });
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  remembered.set(key, range);
  return range;
}
