import { z } from 'zod';

export const COMB_AGES = ['new', 'used', 'brood-used'] as const;
export type CombAge = (typeof COMB_AGES)[number];

/** What a cell of comb may hold, in the order it hangs from the bar down. */
export const CONTENTS = ['capped', 'open', 'pollen', 'brood', 'empty'] as const;
export type Content = (typeof CONTENTS)[number];

export const share = z.number().min(0, 'A share is at least 0.').max(1.01, 'A share is at most 1.');

/** Shares of one face of a comb; together 1, within 0.01. */
export const sharesSchema = z
  .strictObject({ capped: share, open: share, pollen: share, brood: share, empty: share })
  .refine((s) => Math.abs(CONTENTS.reduce((sum, c) => sum + s[c], 0) - 1) <= 0.01 + 1e-9, {
    message: 'The shares of a side must add up to 1 (100 %), within 0.01.',
  });
export type Shares = z.infer<typeof sharesSchema>;

/** The few cells seen through an end pane or a window. */
export const paneSchema = z.strictObject({
  capped: z.int('Whole cells.').min(0, 'At least 0.').max(2000),
  open: z.int('Whole cells.').min(0, 'At least 0.').max(2000),
  empty: z.int('Whole cells.').min(0, 'At least 0.').max(2000),
});
export type Pane = z.infer<typeof paneSchema>;

export const OUTSIDE_VIEWS = ['broad', 'narrow', 'capped-below', 'open-below'] as const;

/**
 * What the attachments at the side of a top-bar comb, seen through the window, make likely: broad
 * ones carry honey, narrow ones brood; and what its lower edge shows from beneath. A guess, never a
 * reading.
 */
export type Attachment = (typeof OUTSIDE_VIEWS)[number];

export const some = (what: string): z.ZodNumber =>
  z.int(`${what}: whole pots.`).min(0, `${what}: at least 0.`).max(500, `${what}: at most 500.`);

/** A group of pots counted from above. */
export const potsSchema = z.strictObject({
  honeySealed: some('Sealed honey'),
  honeyOpen: some('Open honey'),
  pollen: some('Pollen'),
  empty: some('Empty'),
  potWidthMm: z.number('Pot width.').min(8, 'At least 8 mm.').max(50, 'At most 50 mm.'),
  potHeightMm: z.number('Pot height.').min(8, 'At least 8 mm.').max(60, 'At most 60 mm.'),
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
  pitchMm: z.number().min(4, 'Cells are at least 4 mm.').max(8, 'Cells are at most 8 mm.'),
  outline: outlineSchema,
  classTable: z.literal(1),
  packed: z
    .string()
    .max(16000, 'This face is too large.')
    .regex(/^[A-Za-z0-9+/]*={0,2}$/, 'These are no packed cells.'),
});
export type StoredFace = z.infer<typeof storedFaceSchema>;
