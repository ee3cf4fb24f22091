import { sayer } from '../say/say.js';

/** What Cut says by key so far: the rest is still made as sentences. */
export interface CutSays {
  'cut.template.ruler': { length: { lengthMm: number } };
}
export const cutSay = sayer<CutSays>();
