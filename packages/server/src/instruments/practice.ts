import {
  simulatedHiveScale,
  simulatedRefractometer,
  simulatedScale,
  simulatedThermometer,
} from './benchScale.js';

/**
 * The stand-in instruments of a server. Takes the seed of their noise and what the time is; they
 * remember what a hand did to them.
 */
export function practiceInstruments(seed: number, now: () => Date) {
  return {
    scale: simulatedScale(seed, now),
    thermometer: simulatedThermometer(seed, now),
    refractometer: simulatedRefractometer(seed, now),
    hiveScale: simulatedHiveScale(seed, now),
  };
}
export type Instruments = ReturnType<typeof practiceInstruments>;
