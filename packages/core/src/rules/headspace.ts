/** Head room left in every vessel, as a share of its volume: a house starting value. */
export const HEADSPACE_SHARE = 0.1;
