export const COMB_AGES = ['new', 'used', 'brood-used'] as const;
export type CombAge = (typeof COMB_AGES)[number];

/** What a cell of comb may hold, in the order it hangs from the bar down. */
export const CONTENTS = ['capped', 'open', 'pollen', 'brood', 'empty'] as const;
export type Content = (typeof CONTENTS)[number];

export const OUTSIDE_VIEWS = ['broad', 'narrow', 'capped-below', 'open-below'] as const;

/**
 * What the attachments at the side of a top-bar comb, seen through the window, make likely: broad
 * ones carry honey, narrow ones brood; and what its lower edge shows from beneath. A guess, never a
 * reading.
 */
export type Attachment = (typeof OUTSIDE_VIEWS)[number];
