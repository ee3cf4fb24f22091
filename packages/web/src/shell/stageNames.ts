import { tell } from '../words/tell.js';
import type { Stage } from '@furrow/core';

/** What the stages of the row are called. */
export const STAGE_NAMES: Record<Stage, string> = {
  look: tell('common.look'),
  choose: tell('common.choose-2'),
  ready: tell('common.ready'),
  take: tell('common.take'),
  drain: tell('common.drain'),
  cut: tell('common.cut'),
  jar: tell('common.jar'),
  book: tell('common.book'),
};
