import type { Stage } from '@furrow/core';

/** A part of what is said beyond the first screen: what all share, and what each stage adds. */
export type Part = 'shared' | Stage;

/** What the screens of a stage say as they open; Book looks back at every stage. */
export const WORDS_OF_STAGE: Readonly<Record<Stage, readonly Part[]>> = {
  look: ['shared', 'look'],
  choose: ['shared', 'choose'],
  ready: ['shared', 'ready'],
  take: ['shared', 'take'],
  drain: ['shared', 'drain'],
  cut: ['shared', 'cut'],
  jar: ['shared', 'jar'],
  book: ['shared', 'look', 'choose', 'ready', 'take', 'drain', 'cut', 'jar', 'book'],
};
