import type { PlainSays } from '@furrow/core';
import type { Sentences } from '../catalogue.js';

export const plain: Sentences<PlainSays> = {
  'as-written': '{text}',
};
