import { calcSay } from '../calcSays.js';
import { z } from 'zod';
import { BadInput } from '../badInput.js';

/**
 * One reading on its way out or in: grams, degrees, percent of water or of humidity at an instant.
 */
export interface InstrumentReading {
  instrument: string;
  quantity: 'mass' | 'temperature' | 'moisture' | 'humidity';
  value: number;
  at: string;
}
/** Units of RFC 8428 and how ours become theirs: kg, Cel, a ratio for water in honey, %RH. */
const UNITS = {
  mass: { unit: 'kg', per: 1000 },
  temperature: { unit: 'Cel', per: 1 },
  moisture: { unit: '/', per: 100 },
  humidity: { unit: '%RH', per: 1 },
} as const;
const BASE_NAME = 'furrow:';

/**
 * Readings as a SenML pack (RFC 8428, JSON): a base name, then one record a reading with the
 * instrument's name, its unit, seconds since 1970 and the value, oldest first.
 */
export function toSenml(readings: readonly InstrumentReading[]): Record<string, string | number>[] {
  return [...readings]
    .sort((a, b) => a.at.localeCompare(b.at))
    .map((r, i) => ({
      ...(i === 0 ? { bn: BASE_NAME } : {}),
      n: `${r.instrument.trim().replace(/[^A-Za-z0-9-]+/g, '_')}:${r.quantity}`,
      u: UNITS[r.quantity].unit,
      t: Date.parse(r.at) / 1000,
      // Kept to nine digits: a reading divided by its unit must come back as it was.
      v: Number((r.value / UNITS[r.quantity].per).toPrecision(12)),
    }));
}

const senmlRecord = z.looseObject({
  bn: z.string().optional(),
  bt: z.number().optional(),
  bu: z.string().optional(),
  bv: z.number().optional(),
  n: z.string().optional(),
  u: z.string().optional(),
  t: z.number().optional(),
  v: z.number().optional(),
});
/** Below this a time is relative to now (RFC 8428, 4.5.3). */
const RELATIVE_BELOW = 2 ** 28;

/**
 * Readings of a SenML pack: base name, base time, base unit and base value are carried on as the
 * RFC says. Units understood are kg, g, Cel, K, / and %RH. Throws BadInput naming the record that
 * cannot be read; then nothing of the pack counts. Takes the pack and the instant 'now' that
 * relative times start from.
 */
export function fromSenml(pack: unknown, now: string): InstrumentReading[] {
  const parsed = z.array(senmlRecord).min(1).safeParse(pack);
  if (!parsed.success)
    throw new BadInput(
      calcSay('calc.no-senml'),
      parsed.error.issues[0]?.path.length
        ? `[${String(parsed.error.issues[0].path[0])}]`
        : undefined,
    );
  let [bn, bt, bu, bv] = ['', 0, '', 0];
  return parsed.data.flatMap((record, i) => {
    [bn, bt, bu, bv] = [record.bn ?? bn, record.bt ?? bt, record.bu ?? bu, record.bv ?? bv];
    // A record with nothing but bases only sets them.
    if (record.v === undefined) {
      if (record.n !== undefined || record.u !== undefined)
        throw new BadInput(calcSay('calc.record-no-value', { record: i + 1 }), `[${i}].v`);
      return [];
    }
    const value = record.v + bv;
    const unit = record.u ?? bu;
    const time = (record.t ?? 0) + bt;
    const seconds = time < RELATIVE_BELOW ? Date.parse(now) / 1000 + time : time;
    const instant = new Date(seconds * 1000);
    if (Number.isNaN(instant.getTime()))
      throw new BadInput(calcSay('calc.record-no-time', { record: i + 1 }), `[${i}].t`);
    const name = `${bn}${record.n ?? ''}`.replace(BASE_NAME, '');
    const reading = (quantity: InstrumentReading['quantity'], of: number): InstrumentReading[] => [
      {
        instrument: name.replace(/:.*/, '').replace(/_/g, ' ') || 'instrument',
        quantity,
        value: Number(of.toPrecision(12)),
        at: instant.toISOString(),
      },
    ];
    if (unit === 'kg') return reading('mass', value * 1000);
    if (unit === 'g') return reading('mass', value);
    if (unit === 'Cel') return reading('temperature', value);
    if (unit === 'K') return reading('temperature', value - 273.15);
    if (unit === '/') return reading('moisture', value * 100);
    if (unit === '%RH') return reading('humidity', value);
    throw new BadInput(calcSay('calc.record-unit', { record: i + 1, unit }), `[${i}].u`);
  });
}
