/** One hour of weather at a site; what nobody measured or forecast is null. */
export interface WeatherHour {
  /** The instant the hour begins, ISO 8601 in UTC. */
  at: string;
  temperatureC: number | null;
  windKmH: number | null;
  rainMm: number | null;
  humidityPercent: number | null;
  cloudPercent: number | null;
  /** Where it comes from: the practice service, typed in by hand, or a real service. */
  source: 'practice' | 'hand' | 'service';
}

/**
 * Heat index in °C: how hot it feels in the shade, by the public regression of the US weather service (Rothfusz),
 * valid from 27 °C and 40 % humidity; below that the temperature itself. Takes °C and % humidity.
 */
export function heatIndexC(temperatureC: number, humidityPercent: number): number {
  if (temperatureC < 27 || humidityPercent < 40) return temperatureC;
  const t = temperatureC * 1.8 + 32;
  const h = humidityPercent;
  const f =
    -42.379 +
    2.04901523 * t +
    10.14333127 * h -
    0.22475541 * t * h -
    6.83783e-3 * t * t -
    5.481717e-2 * h * h +
    1.22874e-3 * t * t * h +
    8.5282e-4 * t * h * h -
    1.99e-6 * t * t * h * h;
  return (f - 32) / 1.8;
}

/** Puts what was typed in over what a service says, hour by hour and value by value; hours nobody knows are left out. */
export function mergeWeather(
  service: readonly WeatherHour[],
  byHand: readonly WeatherHour[],
): WeatherHour[] {
  const hours = new Map(service.map((h) => [h.at, h]));
  for (const hand of byHand) {
    const under = hours.get(hand.at);
    hours.set(hand.at, {
      at: hand.at,
      temperatureC: hand.temperatureC ?? under?.temperatureC ?? null,
      windKmH: hand.windKmH ?? under?.windKmH ?? null,
      rainMm: hand.rainMm ?? under?.rainMm ?? null,
      humidityPercent: hand.humidityPercent ?? under?.humidityPercent ?? null,
      cloudPercent: hand.cloudPercent ?? under?.cloudPercent ?? null,
      source: 'hand',
    });
  }
  return [...hours.values()].sort((a, b) => a.at.localeCompare(b.at));
}

/** What blooms or not, month by month, in the household's own note; a month not named is not known. */
export type ForageState = 'flow' | 'some' | 'dearth';
export type ForageByMonth = Partial<Record<string, ForageState>>;
export const forageIn = (forage: ForageByMonth, date: string): ForageState | null =>
  forage[String(Number(date.slice(5, 7)))] ?? null;
