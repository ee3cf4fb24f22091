import { z } from 'zod';
import { refuses } from './say/field.js';

const KINDS: Record<string, string> = {
  number: refuses('field.number-needed'),
  int: refuses('field.whole-number-needed'),
  string: refuses('field.text-needed'),
  boolean: refuses('field.yes-or-no-needed'),
  array: refuses('field.list-needed'),
  object: refuses('field.record-needed'),
};

/**
 * What is said where a schema says nothing of its own: what is missing or of the wrong kind, as a
 * person would say it. Set once for every schema of the core; a schema's own message always
 * comes first.
 */
z.config({
  customError: (issue) => {
    if (issue.code === 'invalid_type') {
      if (issue.input === undefined) return refuses('field.missing');
      if (typeof issue.input === 'number' && !Number.isFinite(issue.input))
        return refuses('field.finite-number');
      return KINDS[issue.expected] ?? refuses('field.other-kind-needed');
    }
    if (issue.code === 'invalid_value')
      return refuses('field.one-of', { values: issue.values.map(String).join(', ') });
    if (issue.code === 'unrecognized_keys')
      return refuses('field.unknown-field', { field: issue.keys[0] ?? '' });
    if (issue.code === 'invalid_format' && issue.format === 'uuid') return refuses('field.no-id');
    return undefined;
  },
});
