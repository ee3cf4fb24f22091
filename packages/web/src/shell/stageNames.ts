import type { Stage } from '@furrow/core';

/** What the stages of the row are called. */
export const STAGE_NAMES: Record<Stage, string> = {
  look: 'Look',
  choose: 'Choose',
  ready: 'Ready',
  take: 'Take',
  drain: 'Drain',
  cut: 'Cut',
  jar: 'Jar',
  book: 'Book',
};
