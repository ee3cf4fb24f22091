import { describe, expect, it } from 'vitest';
import type { BarView } from '../records/hiveViews.js';
import { edgeLooks, nextEdge } from './edges.js';

const bar = (id: string | null): BarView =>
  ({ carrierId: `c-${id}`, comb: id ? { id } : null }) as unknown as BarView;

describe('combs seen from below', () => {
  it('goes round by touches: capped, open, not seen', () => {
    expect([null, 'capped', 'open'].map((e) => nextEdge(e as never))).toEqual([
      'capped',
      'open',
      null,
    ]);
  });
  it('writes a look only for a comb that was seen and hangs there still', () => {
    const bars = [bar('a'), bar('b'), bar(null)];
    expect(
      edgeLooks({ a: 'capped', gone: 'open' }, bars).map((l) => [l.bar.comb.id, l.attachment]),
    ).toEqual([['a', 'capped-below']]);
  });
});
