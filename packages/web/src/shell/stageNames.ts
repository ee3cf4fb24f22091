import { toldWhenRead } from '../words/toldWhenRead.js';
import type { Stage } from '@furrow/core';

/** What the stages of the row are called. */
export const STAGE_NAMES: Readonly<Record<Stage, string>> = toldWhenRead({
  look: 'common.look',
  choose: 'common.choose-2',
  ready: 'common.ready',
  take: 'common.take',
  drain: 'common.drain',
  cut: 'common.cut',
  jar: 'common.jar',
  book: 'common.book',
});
