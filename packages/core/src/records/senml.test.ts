import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BadInput } from '../badInput.js';
import { readInstrumentLine, splitLines } from '../units/readingLine.js';
import { fromSenml, toSenml, type InstrumentReading } from './senml.js';

const NOW = '2026-03-14T15:00:00.000Z';

describe('readings as SenML', () => {
  it('go out with base name, unit, seconds and value, and come in again as they were', () => {
    const readings: InstrumentReading[] = [
      { instrument: 'bench scale', quantity: 'mass', value: 2315, at: '2026-03-14T13:00:00.000Z' },
      {
        instrument: 'refractometer',
        quantity: 'moisture',
        value: 17.8,
        at: '2026-03-14T14:00:00.000Z',
      },
    ];
    const pack = toSenml(readings);
    expect(pack[0]).toEqual({
      bn: 'furrow:',
      n: 'bench_scale:mass',
      u: 'kg',
      t: 1773493200,
      v: 2.315,
    });
    expect(pack[1]).toMatchObject({ u: '/', v: 0.178 });
    expect(fromSenml(JSON.parse(JSON.stringify(pack)), NOW)).toEqual(readings);
  });
  it('holds for any row of readings', () => {
    const reading = fc.record({
      instrument: fc.constantFrom('bench scale', 'cellar'),
      quantity: fc.constantFrom(
        'mass' as const,
        'temperature' as const,
        'moisture' as const,
        'humidity' as const,
      ),
      value: fc.integer({ min: -500, max: 900_000 }).map((n) => n / 10),
      at: fc
        .integer({ min: 1_600_000_000, max: 1_900_000_000 })
        .map((s) => new Date(s * 1000).toISOString()),
    });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 30 }), (list) => {
        expect(fromSenml(toSenml(list), NOW)).toEqual(
          [...list].sort((a, b) => a.at.localeCompare(b.at)),
        );
      }),
    );
  });
  it('carries base time, base unit and base value on, and takes small times as before now', () => {
    const pack = [
      { bn: 'cellar:', bt: 1773493200, bu: 'Cel', v: 18 },
      { t: 60, v: 18.5 },
      { bt: 0, t: -30, v: 19 },
      { u: 'K', t: 1773493200, v: 293.15 },
      { bu: 'g', bv: 1000, t: 1773493200, v: 5 },
    ];
    expect(fromSenml(pack, NOW).map((r) => [r.quantity, r.value, r.at])).toEqual([
      ['temperature', 18, '2026-03-14T13:00:00.000Z'],
      ['temperature', 18.5, '2026-03-14T13:01:00.000Z'],
      ['temperature', 19, '2026-03-14T14:59:30.000Z'],
      ['temperature', 20, '2026-03-14T13:00:00.000Z'],
      ['mass', 1005, '2026-03-14T13:00:00.000Z'],
    ]);
  });
  it('refuses a broken pack with the record named', () => {
    expect(() => fromSenml({}, NOW)).toThrow(/calc\.no-senml/);
    expect(() =>
      fromSenml(
        [
          { n: 'a', u: 'kg', v: 1, t: 1773493200 },
          { n: 'b', u: 'lux', v: 1 },
        ],
        NOW,
      ),
    ).toThrow(
      expect.objectContaining({
        path: '[1].u',
        says: expect.objectContaining({ with: { record: 2, unit: 'lux' } }) as object,
      }) as BadInput,
    );
    expect(() => fromSenml([{ n: 'a', u: 'kg', vs: 'heavy' }], NOW)).toThrow(
      /calc\.record-no-value/,
    );
  });
});

describe('a line of text from an instrument', () => {
  it.each([
    ['ST,GS,+  2.315 kg', { quantity: 'mass', value: 2315, steady: true }],
    ['US,NT,-0.02kg', { quantity: 'mass', value: -20, steady: false }],
    ['  850 g', { quantity: 'mass', value: 850, steady: true }],
    ['23,5 °C', { quantity: 'temperature', value: 23.5, steady: true }],
    ['77.0 °F', { quantity: 'temperature', value: 25, steady: true }],
    ['17.8 %', { quantity: 'moisture', value: 17.8, steady: true }],
  ])('%s', (line, expected) => expect(readInstrumentLine(line)).toEqual(expected));
  it.each(['OL', 'OVER', '------'])('%s is beyond its range', (line) =>
    expect(readInstrumentLine(line)).toBe('overload'),
  );
  it.each(['', 'hello', '2.315', '1 kg 2 kg', 'kg'])('"%s" is not guessed at', (line) =>
    expect(readInstrumentLine(line)).toBeNull(),
  );
  it('comes in pieces, whole lines are given on', () => {
    const first = splitLines('', '1.0 kg\r\n2.');
    expect(first).toEqual({ lines: ['1.0 kg'], rest: '2.' });
    expect(splitLines(first.rest, '0 kg\n\n')).toEqual({ lines: ['2.0 kg'], rest: '' });
  });
});
