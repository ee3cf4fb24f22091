import { z } from 'zod';
import { PIECE_SHAPES } from '../vocabulary/pieces.js';
import { houseRulesSchema } from '../houseRules.js';
import { STAGES } from '../harvest.js';
import { type CalendarLink, type Gear, GEAR_KINDS, type Tick } from '../plan.js';
import type {
  Clock,
  JarKindRecord,
  JournalLine,
  OpenPlans,
  RulesVersion,
  ScaleReading,
  SiteWeather,
  ThermometerReading,
  TodayLine,
  Vessel,
} from '../views.js';
import { day, id, instant, number, range, revision, row, text } from './common.js';
import { batchDetailAnswer } from './harvests.js';

/** What the server answers of the kit, the rules, the clocks and the day, as schemas. */
export const vesselAnswer: z.ZodType<Vessel> = z
  .strictObject({
    ...row,
    id,
    name: text,
    role: z.enum(['tub', 'upper', 'lower', 'settling']),
    volumeL: number,
    tareG: number,
    innerDiameterMm: number,
    headspacePercent: number.nullable(),
    holeMm: number.nullable(),
    revision,
  })
  .meta({ id: 'Vessel' });

export const jarKindAnswer: z.ZodType<JarKindRecord> = z
  .strictObject({
    ...row,
    id,
    name: text,
    netG: number,
    tareG: number,
    stock: number,
    value: number,
    cost: number,
    purpose: z.enum(['jar', 'chunk', 'piece', 'sample']),
    revision,
    volumeMl: number.nullable().optional(),
    lid: text.optional(),
    widthMm: number.nullable(),
    heightMm: number.nullable(),
    depthMm: number.nullable(),
    shape: z.enum(PIECE_SHAPES),
    minG: number.nullable(),
    maxG: number.nullable(),
  })
  .meta({ id: 'JarKind' });

export const gearAnswer: z.ZodType<Gear> = z
  .strictObject({
    ...row,
    id,
    name: text,
    kind: z.enum(GEAR_KINDS),
    stock: number,
    volumeL: number,
    weightKg: number,
    repair: text.nullable(),
    dueOn: day.nullable(),
    revision,
  })
  .meta({ id: 'Gear' });

export const calendarLinkAnswer: z.ZodType<CalendarLink> = z.strictObject({
  ...row,
  id,
  recordedAt: instant,
});

export const rulesVersionAnswer: z.ZodType<RulesVersion> = z
  .strictObject({
    version: number,
    recordedAt: instant,
    commandId: id.optional(),
    rules: houseRulesSchema,
  })
  .meta({ id: 'RulesVersion' });

const CLOCK_KINDS = [
  'drain',
  'settle',
  'wait',
  'frame',
  'warm',
  'press',
  'rack',
  'freeze',
  'thaw',
  'out',
  'wax',
  'rinse',
] as const;
const clockAnswer: z.ZodType<Clock> = z
  .strictObject({
    id: text,
    kind: z.enum(CLOCK_KINDS),
    batchId: id,
    hiveName: text,
    startedAt: instant,
    dueAt: instant.nullable(),
    dueWhat: text.nullable(),
    urgent: z.boolean(),
  })
  .meta({ id: 'Clock' });
/** `speed` and `set` say whether the server's own clock goes as the world's does. */
export const clocksAnswer = z.strictObject({
  now: instant,
  speed: number,
  set: z.boolean(),
  items: z.array(clockAnswer),
});

const todayLine: z.ZodType<TodayLine> = z
  .strictObject({
    id: text,
    kind: text,
    stage: z.enum([...STAGES, 'rules', 'owed']),
    batchId: id.nullable(),
    hiveId: id.nullable(),
    title: text,
    dueAt: instant.nullable(),
    ifLeft: text,
    urgent: z.boolean(),
  })
  .meta({ id: 'TodayLine' });
export const todayAnswer = z.strictObject({ now: instant, items: z.array(todayLine) });

export const healthAnswer = z.strictObject({ ready: z.literal(true), now: instant });

export const journalLine: z.ZodType<JournalLine> = z
  .strictObject({
    by: text.nullable(),
    commandId: id,
    kind: text,
    sentence: text,
    occurredAt: instant,
    recordedAt: instant,
    undoneBy: id.nullable(),
  })
  .meta({ id: 'JournalLine' });

/** What a person guessed and what the scale then said, grams. */
export const guessAnswer = z.strictObject({ guess: number, weighed: number });

export const scaleReadingAnswer: z.ZodType<ScaleReading> = z.strictObject({
  value: number,
  unit: z.literal('g'),
  at: instant,
  instrument: text,
  simulated: z.boolean(),
  state: z.enum(['steady', 'moving', 'overload', 'silent']),
});
export const thermometerReadingAnswer: z.ZodType<ThermometerReading> = z.strictObject({
  value: number,
  unit: z.literal('°C'),
  at: instant,
  instrument: text,
  simulated: z.boolean(),
});

export const tickAnswer: z.ZodType<Tick> = z.strictObject({
  ...row,
  id,
  batchId: id,
  line: text,
  state: z.enum(['have', 'missing', 'open']),
});
const crushPace: z.ZodType<OpenPlans['crushPace']> = z.partialRecord(
  z.enum(['mash', 'chop', 'slice']),
  z.strictObject({ minutesPerKg: number, times: number }),
);
export const openPlansAnswer: z.ZodType<OpenPlans> = z.strictObject({
  details: z.array(batchDetailAnswer),
  inUse: z.array(z.strictObject({ vesselIds: z.array(id), untilAt: instant, what: text })),
  gear: z.array(gearAnswer),
  ticks: z.array(tickAnswer),
  crushPace,
  corrections: z.record(text, range),
});

export const siteWeatherAnswer: z.ZodType<SiteWeather> = z.strictObject({
  siteId: id,
  zone: text,
  hours: z.array(
    z.strictObject({
      at: instant,
      temperatureC: number.nullable(),
      windKmH: number.nullable(),
      rainMm: number.nullable(),
      humidityPercent: number.nullable(),
      cloudPercent: number.nullable(),
      source: z.enum(['practice', 'hand', 'service']),
    }),
  ),
  practice: z.boolean(),
  gaps: number,
});
