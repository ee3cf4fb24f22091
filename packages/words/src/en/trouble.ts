/** Why a folder cannot be written. */
export const trouble = {
  'trouble.disk-full': 'the disk is full',
  'trouble.folder-shut': 'its folder may not be written',
  'trouble.disk-silent': 'the disk does not answer',
  'trouble.unknown': 'nobody knows why',
  'trouble.in-folder': 'in {folder} {trouble}',
} as const;
