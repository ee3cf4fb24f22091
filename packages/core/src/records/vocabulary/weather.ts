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
 * What blooms or not, month by month, in the household's own note; a month not named is not known.
 */
export type ForageState = 'flow' | 'some' | 'dearth';
export type ForageByMonth = Partial<Record<string, ForageState>>;
