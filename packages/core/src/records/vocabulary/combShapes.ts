import { z } from 'zod';
import { atLeast, atMost, millimetres, whole } from '../../say/limits.js';
import { fieldSay, refuses } from '../../say/field.js';
import { CONTENTS } from './comb.js';

export const share = z.number().min(0, atLeast(0)).max(1.01, atMost(1));

/** Shares of one face of a comb; together 1, within 0.01. */
export const sharesSchema = z
  .strictObject({ capped: share, open: share, pollen: share, brood: share, empty: share })
  .refine((s) => Math.abs(CONTENTS.reduce((sum, c) => sum + s[c], 0) - 1) <= 0.01 + 1e-9, {
    message: refuses('field.shares-are-1'),
  });

export type Shares = z.infer<typeof sharesSchema>;

/** The few cells seen through an end pane or a window. */
export const paneSchema = z.strictObject({
  capped: whole(0, 2000),
  open: whole(0, 2000),
  empty: whole(0, 2000),
});

export type Pane = z.infer<typeof paneSchema>;

/** Pots of one content; what is wrong with their count is said with what they hold. */
const some = (content: 'sealed-honey' | 'open-honey' | 'pollen' | 'empty'): z.ZodNumber => {
  const what = fieldSay(`field.${content}`);
  return z
    .int(refuses('field.of.whole-number', { what }))
    .min(0, refuses('field.of.at-least', { what, least: 0 }))
    .max(500, refuses('field.of.at-most', { what, most: 500 }));
};

/** A group of pots counted from above. */
export const potsSchema = z.strictObject({
  honeySealed: some('sealed-honey'),
  honeyOpen: some('open-honey'),
  pollen: some('pollen'),
  empty: some('empty'),
  potWidthMm: millimetres(8, 50),
  potHeightMm: millimetres(8, 60),
});

export type Pots = z.infer<typeof potsSchema>;

export const outlineSchema = z.strictObject({
  topWidthMm: z.number().positive().max(1000),
  bottomWidthMm: z.number().positive().max(1000),
  depthMm: z.number().positive().max(1000),
});

/**
 * A face as it is kept: the lattice it was read on (its origin is the bar's middle) and its cells,
 * packed. Under 4 kB.
 */
export const storedFaceSchema = z.strictObject({
  pitchMm: millimetres(4, 8),
  outline: outlineSchema,
  classTable: z.literal(1),
  packed: z
    .string()
    .max(16000, refuses('field.face-too-large'))
    .regex(/^[A-Za-z0-9+/]*={0,2}$/, refuses('field.packed-cells')),
});

export type StoredFace = z.infer<typeof storedFaceSchema>;
