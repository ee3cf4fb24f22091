import { getTimes } from 'suncalc';

/** Where a site lies, degrees north and east. */
export interface Place {
  latitude: number;
  longitude: number;
}
/**
 * Instants (ISO 8601, UTC) between which the sun is up; null where it does not rise or set that
 * day.
 */
export interface SunTimes {
  riseAt: string;
  setAt: string;
}

/**
 * Sunrise and sunset of the local day an instant falls into. Takes the instant at about local noon
 * (ISO 8601) and the place. Civil twilight is no daylight for opening a hive, so it is the sun's
 * own rise and set (package suncalc).
 */
export function sunTimes(noonIso: string, place: Place): SunTimes | null {
  const { sunrise, sunset } = getTimes(new Date(noonIso), place.latitude, place.longitude);
  if (!sunrise || !sunset) return null;
  return { riseAt: sunrise.toISOString(), setAt: sunset.toISOString() };
}

/** The place of a site, or null where its coordinates were not said. */
export function placeOfSite(site: {
  latitude: number | null;
  longitude: number | null;
}): Place | null {
  const { latitude, longitude } = site;
  return latitude === null || longitude === null ? null : { latitude, longitude };
}
