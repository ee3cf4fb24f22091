import type { ScaleReading, ThermometerReading } from '@furrow/core';

/** What any scale offers: a reading now. A real one fills it from a line of text holding a number and a unit. */
export interface Scale {
  read: (loadG: number) => ScaleReading;
}
export interface Thermometer {
  read: (temperatureC: number) => ThermometerReading;
}

/** Reproducible noise in -1..1 from a seed and a minute. */
function noise(seed: number, step: number): number {
  let h = Math.imul(seed ^ (step | 0), 0x9e3779b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 31 - 1;
}

/** The simulated bench scale: 5 g steps, a gram or two of noise, marked as simulated. */
export function simulatedScale(seed: number, now: () => Date): Scale {
  return {
    read: (loadG) => {
      const at = now();
      return { value: Math.max(0, Math.round((loadG + 3 * noise(seed, at.getTime() / 1000)) / 5) * 5), unit: 'g', at: at.toISOString(), instrument: 'bench scale', simulated: true };
    },
  };
}

/** The simulated kitchen thermometer: half degrees, a slow wander round what is there. */
export function simulatedThermometer(seed: number, now: () => Date): Thermometer {
  return {
    read: (temperatureC) => {
      const at = now();
      return { value: Math.round((temperatureC + 0.6 * noise(seed + 1, at.getTime() / 600_000)) * 2) / 2, unit: '°C', at: at.toISOString(), instrument: 'kitchen thermometer', simulated: true };
    },
  };
}
