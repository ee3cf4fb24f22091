import jstat from 'jstat';
import { z } from 'zod';
import type { Range } from '../units/format.js';

/** The few cells seen through an end pane or a window. */
export const paneSchema = z.strictObject({
  capped: z.int('Whole cells.').min(0, 'At least 0.').max(2000),
  open: z.int('Whole cells.').min(0, 'At least 0.').max(2000),
  empty: z.int('Whole cells.').min(0, 'At least 0.').max(2000),
});
export type Pane = z.infer<typeof paneSchema>;

/**
 * Share of `hits` among `of` cells seen, as a 90 % range (Jeffreys interval of a proportion). Cells at the end
 * of a comb are filled and capped after the middle and stick together, so ten neighbours count as one
 * independent cell: the range stays wide and never becomes a certainty.
 */
export function seenShare(hits: number, of: number): Range {
  if (of <= 0) return { low: 0, mid: 0.5, high: 1 };
  const [n, k] = [of / 10, hits / 10];
  const quantile = (p: number): number => jstat.beta.inv(p, k + 0.5, n - k + 0.5);
  return { low: quantile(0.05), mid: hits / of, high: quantile(0.95) };
}

/** What a pane tells of a whole frame: how full it is and how much of the honey is capped, as ranges. */
export function paneReading(pane: Pane): { filled: Range; cappedOfHoney: Range } {
  const all = pane.capped + pane.open + pane.empty;
  return {
    filled: seenShare(pane.capped + pane.open, all),
    cappedOfHoney: seenShare(pane.capped, pane.capped + pane.open),
  };
}

export const OUTSIDE_VIEWS = ['broad', 'narrow', 'capped-below', 'open-below'] as const;
/** What the attachments at the side of a top-bar comb, seen through the window, make likely: broad ones carry honey, narrow ones brood; and what its lower edge shows from beneath. A guess, never a reading. */
export type Attachment = (typeof OUTSIDE_VIEWS)[number];
export const ATTACHMENT_GUESS: Record<Attachment, string> = {
  broad: 'from the window: honey, by its broad side attachments',
  narrow: 'from the window: brood, by its narrow side attachments',
  'capped-below': 'from below: finished, capped to its lower edge as far as can be seen',
  'open-below': 'from below: not finished, its lower edge is open',
};
