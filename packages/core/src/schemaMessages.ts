import { z } from 'zod';

const KINDS: Record<string, string> = {
  number: 'A number is needed here.',
  int: 'A whole number is needed here.',
  string: 'Text is needed here.',
  boolean: 'Yes or no is needed here.',
  array: 'A list is needed here.',
  object: 'A record is needed here.',
};

/**
 * Plain sentences where a schema gives none of its own: what is missing or of the wrong kind is
 * said as a person would. Set once for every schema of the core; a schema's own message always
 * comes first.
 */
z.config({
  customError: (issue) => {
    if (issue.code === 'invalid_type') {
      if (issue.input === undefined) return 'This is missing.';
      if (typeof issue.input === 'number' && !Number.isFinite(issue.input))
        return 'A finite number is needed here.';
      return KINDS[issue.expected] ?? 'This is not the kind of value needed here.';
    }
    if (issue.code === 'invalid_value') return `One of ${issue.values.map(String).join(', ')}.`;
    if (issue.code === 'unrecognized_keys') return `"${issue.keys[0]}" is not a field here.`;
    if (issue.code === 'invalid_format' && issue.format === 'uuid') return 'This is no id.';
    return undefined;
  },
});
