import type { PlainSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const plain: Sentences<PlainSays> = {
  'as-written': '{text}',
  together: '{all}',
  'cannot-undo': [
    '“{what}” não pode ser desfeito: algo escrito depois se apoia nisso. Desfaça aquilo',
    'primeiro.',
  ],
};
