import { z } from 'zod';
import { clockRecord, todayLineRecord } from '../views.js';
import { instant, number } from '../vocabulary/fields.js';

/** `speed` and `set` say whether the server's own clock goes as the world's does. */
export const clocksAnswer = z.strictObject({
  now: instant,
  speed: number,
  set: z.boolean(),
  items: z.array(clockRecord),
});

export const todayAnswer = z.strictObject({ now: instant, items: z.array(todayLineRecord) });

export const healthAnswer = z.strictObject({ ready: z.literal(true), now: instant });

/** What a person guessed and what the scale then said, grams. */
export const guessAnswer = z.strictObject({ guess: number, weighed: number });
