import { instantOf, type ForageByMonth, type WeatherHour } from '@furrow/core';
import { DateTime } from 'luxon';

/**
 * What any weather service offers: hours from an instant on, at a site. A real one fills the same
 * from its own source.
 */
export interface WeatherService {
  hours: (
    site: { id: string; zone: string; hemisphere: 'north' | 'south'; forage: ForageByMonth },
    from: Date,
    count: number,
  ) => WeatherHour[];
}

/** A fixed number in 0 to 1 for a seed, a place, a day and a purpose. */
function noise(seed: number, text: string, day: number, purpose: number): number {
  let h = seed ^ Math.imul(day + 1, 0x9e3779b1) ^ Math.imul(purpose + 7, 0x85ebca6b);
  for (const c of text) h = Math.imul(h ^ c.charCodeAt(0), 0x01000193);
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d);
  return ((h ^ (h >>> 13)) >>> 0) / 4294967296;
}

/**
 * The practice weather: seeded, so the same days come again; warm in its hemisphere's summer, a wet
 * spell now and then, wind in the afternoon. Never a real forecast, and marked so in every hour.
 */
export function practiceWeather(seed: number): WeatherService {
  return {
    hours: (site, from, count) =>
      Array.from({ length: count }, (_, i) => {
        const at = DateTime.fromJSDate(from, { zone: site.zone })
          .startOf('hour')
          .plus({ hours: i });
        const day = Math.floor(at.startOf('day').toMillis() / 86_400_000);
        const summer = Math.cos(
          ((at.ordinal - (site.hemisphere === 'south' ? 15 : 197)) / 365) * 2 * Math.PI,
        );
        const n = (purpose: number): number => noise(seed, site.id, day, purpose);
        const wet = n(1) < 0.22;
        const mean = 19 + 5 * summer + (n(2) - 0.5) * 5 - (wet ? 3 : 0);
        const swing = wet ? 3 : 6.5;
        const temperatureC = mean + swing * Math.cos(((at.hour - 15) / 24) * 2 * Math.PI);
        const rainy = wet && at.hour >= 11 + Math.floor(n(3) * 6) && at.hour < 20;
        const windKmH =
          (wet ? 12 : 5) + n(4) * 10 + 6 * Math.max(0, Math.sin(((at.hour - 9) / 12) * Math.PI));
        return {
          at: instantOf(at.toUTC()),
          temperatureC: Math.round(temperatureC * 2) / 2,
          windKmH: Math.round(windKmH),
          rainMm: rainy
            ? Math.round((0.4 + 3 * noise(seed, site.id, day * 24 + at.hour, 5)) * 10) / 10
            : 0,
          humidityPercent: Math.round(
            Math.max(35, Math.min(98, 78 - (temperatureC - mean) * 3 + (wet ? 14 : 0))),
          ),
          cloudPercent: Math.round(wet ? 90 : n(6) * 60),
          source: 'practice' as const,
        };
      }),
  };
}
