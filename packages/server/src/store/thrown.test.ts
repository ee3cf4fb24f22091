import { expect, test } from 'vitest';
import { codeOf, kindOf, messageOf, statusOf } from './thrown.js';

const full = Object.assign(new Error('no space left'), { code: 'ENOSPC' });

test.each([
  ['a code of the system', codeOf(full), 'ENOSPC'],
  ['its words', messageOf(full), 'no space left'],
  ['a code that is a number is none', codeOf({ code: 7 }), ''],
  ['nothing was thrown', codeOf(undefined), ''],
  ['null was thrown', messageOf(null), ''],
  ['a text was thrown', messageOf('gone'), ''],
  ['the fault of a body', kindOf({ type: 'entity.too.large' }), 'entity.too.large'],
  ['a status', statusOf({ status: 413 }), 413],
  ['no status', statusOf(full), null],
])('%s', (_, found, expected) => {
  expect(found).toBe(expected);
});
