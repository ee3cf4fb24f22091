import type { trouble as english } from '../en/trouble.js';
import type { Sentences } from '../sentences.js';

export const trouble: Sentences<typeof english> = {
  'trouble.disk-full': 'o disco está cheio',
  'trouble.folder-shut': 'não se pode escrever na pasta',
  'trouble.disk-silent': 'o disco não responde',
  'trouble.unknown': 'não se sabe por quê',
  'trouble.in-folder': 'em {folder} {trouble}',
};
