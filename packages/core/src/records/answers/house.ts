import { z } from 'zod';
import { text, id, instant } from '../vocabulary/fields.js';

/** What the server answers of who is let into the house. */
const kind = z.enum(['household', 'helper']);

/** Who asks: at the machine itself, or a device that was let in. */
export const meAnswer = z
  .strictObject({
    at: z.enum(['table', 'house']),
    kind,
    name: text.nullable(),
    person: text.nullable(),
  })
  .meta({ id: 'Me' });
export type Me = z.infer<typeof meAnswer>;

export const deviceAnswer = z
  .strictObject({
    id,
    name: text,
    person: text,
    kind,
    pairedAt: instant,
    lastSeenAt: instant,
    endsAt: instant.nullable(),
  })
  .meta({ id: 'Device' });
export type HouseDevice = z.infer<typeof deviceAnswer>;

/** The door of the house, the code that is good now, and who is let in. */
export const houseAnswer = z
  .strictObject({
    sharing: z.strictObject({
      on: z.boolean(),
      addresses: z.array(text),
      /** Names the household gave this machine, beside those it knows itself by. */
      names: z.array(text),
      fingerprint: text.nullable(),
    }),
    pairing: z
      .strictObject({
        code: text,
        kind,
        expiresAt: instant,
        link: text.nullable(),
        qr: z
          .strictObject({
            size: z.int(),
            runs: z.array(z.strictObject({ x: z.int(), y: z.int(), length: z.int() })),
          })
          .nullable(),
      })
      .nullable(),
    devices: z.array(deviceAnswer),
  })
  .meta({ id: 'House' });
export type HouseView = z.infer<typeof houseAnswer>;
