import { describe, expect, it } from 'vitest';
import { share, textOf } from './keptText.js';

describe('how an answer is sent', () => {
  it('is written once where it is shared', () => {
    let written = 0;
    const answer = {
      toJSON: () => {
        written++;
        return { honeyG: 1 };
      },
    };
    share(answer);
    expect([textOf(answer), textOf(answer), written]).toEqual(['{"honeyG":1}', '{"honeyG":1}', 1]);
  });
  it('is written each time where it is not', () => {
    const answer = { honeyG: 1 };
    expect(textOf(answer)).toBe('{"honeyG":1}');
    answer.honeyG = 2;
    expect(textOf(answer)).toBe('{"honeyG":2}');
  });
  it.each([[null], ['said'], [7]])('%j is itself', (answer) => {
    share(answer);
    expect(textOf(answer)).toBe(JSON.stringify(answer));
  });
});
