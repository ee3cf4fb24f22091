/**
 * What a thing that is missing would save, and what it costs: every figure is the household's own.
 */
export interface PaybackQuestion {
  price: number;
  harvestsAYear: number;
  minutesSavedAHarvest: number;
  /** What an hour of the hands is worth; 0 where only honey counts. */
  worthAnHour: number;
  honeyKgMoreAHarvest: number;
  worthAKg: number;
}
export interface Payback {
  hoursAYear: number;
  worthAYear: number;
  /** Years until it has paid for itself; null where it saves nothing. */
  years: number | null;
}

/**
 * Harvests a year × what it saves at each, against its price. Takes money in the household's own
 * currency, minutes and kilograms a harvest. Hours count by what the person says an hour is worth.
 */
export function payback(q: PaybackQuestion): Payback {
  const hoursAYear = (q.harvestsAYear * q.minutesSavedAHarvest) / 60;
  const worthAYear =
    hoursAYear * q.worthAnHour + q.harvestsAYear * q.honeyKgMoreAHarvest * q.worthAKg;
  return { hoursAYear, worthAYear, years: worthAYear > 0 ? q.price / worthAYear : null };
}

/** Harvests a year of the years that have one; null with none. Takes their dates, YYYY-MM-DD. */
export function harvestsAYear(dates: readonly string[]): number | null {
  const years = new Set(dates.map((d) => d.slice(0, 4)));
  return years.size ? dates.length / years.size : null;
}
