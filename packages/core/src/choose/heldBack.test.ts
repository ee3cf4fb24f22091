import { describe, expect, it } from 'vitest';
import { comb } from '../../fixtures/chooser.js';
import { heldBack } from './heldBack.js';

const held = (id: string, decidedBy: 'theirs' | 'ripe' | 'healthy', verdict: 'test' | 'leave') =>
  comb(id, 1, { verdict: { verdict, decidedBy, headline: `${id} ${decidedBy}.` } });

describe('what holds a hive back', () => {
  it('says nothing where something may be taken', () =>
    expect(heldBack([comb('a', 1), held('b', 'ripe', 'leave')])).toEqual([]));
  it('names the finding that holds most first, and leads to where it is answered', () => {
    const groups = heldBack([
      held('a', 'ripe', 'leave'),
      held('b', 'theirs', 'test'),
      held('c', 'theirs', 'test'),
      held('d', 'theirs', 'leave'),
    ]);
    expect(groups.map((g) => [g.question, g.labels, g.leadsTo])).toEqual([
      ['theirs', ['b', 'c'], 'winter-need'],
      ['ripe', ['a'], 'look'],
      ['theirs', ['d'], 'rules'],
    ]);
    expect(groups[0].sentence).toBe('b theirs.');
  });
});
