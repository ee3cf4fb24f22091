import type { ScaleReading, ThermometerReading } from '@furrow/core';

/**
 * What any scale offers: a reading now. A real one fills it from a line of text holding a number
 * and a unit.
 */
export interface Scale {
  read: (loadG: number) => ScaleReading;
  /** A key of the scale or its cable: what a hand does to it. */
  press: (key: ScaleKey) => void;
}
export const SCALE_KEYS = ['tare', 'clear', 'unplug', 'plug'] as const;
type ScaleKey = (typeof SCALE_KEYS)[number];
export interface Thermometer {
  read: (temperatureC: number) => ThermometerReading;
}

/** Reproducible noise in -1..1 from a seed and a step. */
function noise(seed: number, step: number): number {
  let h = Math.imul(seed ^ (step | 0), 0x9e3779b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 31 - 1;
}

/** The simulated bench scale carries this much; above it shows nothing but that it is too much. */
const CAPACITY_G = 15_000;
/** It creeps by so much an hour, up and down over the day. */
const DRIFT_G = 4;

/**
 * The simulated bench scale: 5 g steps, a gram or two of noise, a slow drift, a tare key, an
 * overload and a cable that can be pulled; marked as simulated.
 */
export function simulatedScale(seed: number, now: () => Date): Scale {
  let zeroG = 0;
  let plugged = true;
  let lastLoadG = 0;
  const drift = (at: Date): number =>
    DRIFT_G * Math.sin((at.getTime() / 3_600_000 / 6) * 2 * Math.PI + (seed % 7));
  return {
    press: (key) => {
      if (key === 'tare') zeroG = lastLoadG;
      if (key === 'clear') zeroG = 0;
      if (key === 'unplug') plugged = false;
      if (key === 'plug') [plugged, zeroG] = [true, 0];
    },
    read: (loadG) => {
      const at = now();
      const same = Math.abs(loadG - lastLoadG) < 20;
      lastLoadG = loadG;
      const base = {
        unit: 'g' as const,
        at: at.toISOString(),
        instrument: 'bench scale',
        simulated: true,
      };
      if (!plugged) return { ...base, value: 0, state: 'silent' };
      if (loadG > CAPACITY_G) return { ...base, value: 0, state: 'overload' };
      const value =
        Math.round((loadG - zeroG + drift(at) + 3 * noise(seed, at.getTime() / 1000)) / 5) * 5;
      // The pan empty shows nothing below zero; a tared one does.
      return {
        ...base,
        value: zeroG === 0 ? Math.max(0, value) : value,
        state: same ? 'steady' : 'moving',
      };
    },
  };
}

/** The simulated kitchen thermometer: half degrees, a slow wander round what is there. */
export function simulatedThermometer(seed: number, now: () => Date): Thermometer {
  return {
    read: (temperatureC) => {
      const at = now();
      return {
        value: Math.round((temperatureC + 0.6 * noise(seed + 1, at.getTime() / 600_000)) * 2) / 2,
        unit: '°C',
        at: at.toISOString(),
        instrument: 'kitchen thermometer',
        simulated: true,
      };
    },
  };
}

/** The simulated refractometer: tenths of a percent of water, one drop never quite as the next. */
export function simulatedRefractometer(seed: number, now: () => Date) {
  return {
    read: (moisturePercent: number, drop: number) => {
      const at = now();
      return {
        value:
          Math.round(
            (moisturePercent + 0.25 * noise(seed + 2, at.getTime() / 60_000 + drop)) * 10,
          ) / 10,
        unit: '%' as const,
        at: at.toISOString(),
        instrument: 'refractometer',
        simulated: true,
      };
    },
  };
}

/** The simulated hive scale: 100 g steps, a bee or two of noise. */
export function simulatedHiveScale(seed: number, now: () => Date) {
  return {
    read: (loadG: number) => {
      const at = now();
      return {
        value: Math.round((loadG + 60 * noise(seed + 3, at.getTime() / 60_000)) / 100) * 100,
        unit: 'g' as const,
        at: at.toISOString(),
        instrument: 'hive scale',
        simulated: true,
      };
    },
  };
}
