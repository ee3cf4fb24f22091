import type { WeatherHour } from '../records/vocabulary/weather.js';

/**
 * Heat index in °F by the full regression (Rothfusz 1990) with its two adjustments, for heat from
 * 80 °F on.
 */
function regressionF(t: number, h: number): number {
  const plain =
    -42.379 +
    2.04901523 * t +
    10.14333127 * h -
    0.22475541 * t * h -
    6.83783e-3 * t * t -
    5.481717e-2 * h * h +
    1.22874e-3 * t * t * h +
    8.5282e-4 * t * h * h -
    1.99e-6 * t * t * h * h;
  if (h < 13 && t >= 80 && t <= 112)
    return plain - ((13 - h) / 4) * Math.sqrt((17 - Math.abs(t - 95)) / 17);
  if (h > 85 && t >= 80 && t <= 87) return plain + ((h - 85) / 10) * ((87 - t) / 5);
  return plain;
}

/**
 * Heat index in °C: how hot it feels in the shade, as the US weather service computes it (SCIENCE
 * 13): the mean of the temperature and a simple formula while that is below 80 °F, else the full
 * regression. Takes °C and % humidity. The service's own seam near 26 °C is within a degree up to
 * 60 % humidity and within two in damper air.
 */
export function heatIndexC(temperatureC: number, humidityPercent: number): number {
  const t = temperatureC * 1.8 + 32;
  const simple = 0.5 * (t + 61 + 1.2 * (t - 68) + 0.094 * humidityPercent);
  const mean = (simple + t) / 2;
  const f = mean < 80 ? mean : regressionF(t, humidityPercent);
  return (f - 32) / 1.8;
}

/**
 * Puts what was typed in over what a service says, hour by hour and value by value; hours nobody
 * knows are left out.
 */
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
