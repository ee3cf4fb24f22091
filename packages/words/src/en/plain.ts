import type { PlainSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const plain: Sentences<PlainSays> = {
  'as-written': '{text}',
  together: '{all}',
  'cannot-undo': '“{what}” cannot be undone: something written later rests on it. Undo that first.',
};
