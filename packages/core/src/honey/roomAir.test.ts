import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { balanceWaterPercent, waterFromRoom, type OpenHoney } from './roomAir.js';

const pail: OpenHoney = {
  honeyKg: 8,
  openCm2: 600,
  hours: 24,
  moisturePercent: 18,
  humidityPercent: 75,
};

describe('honey and the air of the room', () => {
  it.each([
    [50, 15.9],
    [55, 16.8],
    [60, 18.3],
    [65, 20.9],
    [70, 24.2],
    [75, 28.3],
    [80, 33.1],
  ])('at %i %% humidity is at balance with %f %% water (Martin 1958)', (humidity, water) =>
    expect(balanceWaterPercent(humidity)).toBeCloseTo(water, 6),
  );
  it('says nothing of air that nobody published', () => {
    expect(balanceWaterPercent(45)).toBeNull();
    expect(balanceWaterPercent(85)).toBeNull();
    expect(waterFromRoom({ ...pail, humidityPercent: 90 })).toBeNull();
  });
  it('takes on grams, not percents, in a day over a pail in a damp room, and dries in a dry one', () => {
    const damp = waterFromRoom(pail)!;
    expect(damp.takenG.low).toBeGreaterThan(1);
    expect(damp.takenG.high).toBeLessThan(40);
    expect(damp.waterPercent.high).toBeLessThan(18.6);
    const dry = waterFromRoom({ ...pail, humidityPercent: 50 })!;
    expect(dry.takenG.mid).toBeLessThan(0);
    expect(dry.waterPercent.mid).toBeLessThan(18);
  });
  it('agrees with a column of honey cut into layers, step by step', () => {
    // Explicit layers of 0.1 mm, the surface held at balance: no square root, no pi.
    const { balancePercent, takenG } = waterFromRoom(pail)!;
    const layerM = 1e-4;
    const layers = new Array<number>(120).fill(0);
    const diffusivity = 5e-11;
    const seconds = (0.25 * layerM ** 2) / diffusivity;
    for (let t = 0; t < 24 * 3600; t += seconds) {
      const before = [...layers];
      for (let i = 0; i < layers.length - 1; i++) {
        // The surface lies half a layer above the first one.
        const inward = i === 0 ? 2 * (1 - before[0]) : before[i - 1] - before[i];
        layers[i] += ((inward + before[i + 1] - before[i]) * diffusivity * seconds) / layerM ** 2;
      }
    }
    const difference = ((balancePercent - 18) / 100) * 1415;
    const grams = layers.reduce((a, b) => a + b, 0) * layerM * difference * 0.06 * 1000;
    expect(takenG.high / grams).toBeGreaterThan(0.97);
    expect(takenG.high / grams).toBeLessThan(1.03);
  });
  it('never goes past the balance, however long and wide it lies open', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 20, noNaN: true }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.double({ min: 50, max: 80, noNaN: true }),
        fc.double({ min: 14, max: 24, noNaN: true }),
        (honeyKg, openCm2, hours, humidityPercent, moisturePercent) => {
          const input = { honeyKg, openCm2, hours, humidityPercent, moisturePercent };
          const { waterPercent, balancePercent } = waterFromRoom(input)!;
          const [least, most] = [moisturePercent, balancePercent].sort((a, b) => a - b);
          for (const water of Object.values(waterPercent)) {
            expect(water).toBeGreaterThanOrEqual(least - 1e-9);
            expect(water).toBeLessThanOrEqual(most + 1e-9);
          }
        },
      ),
    );
  });
});
