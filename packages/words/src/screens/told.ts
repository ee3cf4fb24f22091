import type { Quantity, Say } from '@furrow/core';

/**
 * What may stand in a sentence of a screen: a text that was already said, a name, a figure, a
 * quantity, what the core says; nothing is said where there is none.
 */
export type Told = string | number | Quantity | Say | null | undefined;
