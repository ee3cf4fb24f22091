import { describe, expect, it, vi } from 'vitest';
import { oneAtATime } from './oneTouch.js';

/** An act that ends when it is told to. */
function acting() {
  const ends: ((answer: string) => void)[] = [];
  const act = vi.fn((_thing?: string) => new Promise<string>((end) => ends.push(end)));
  return { act, ends, touch: oneAtATime(act) };
}

describe('an act that is one while it is underway', () => {
  it('is done once, and both touches have its answer', async () => {
    const { act, ends, touch } = acting();
    const both = Promise.all([touch(), touch()]);
    ends[0]('undone');
    expect(await both).toEqual(['undone', 'undone']);
    expect(act).toHaveBeenCalledTimes(1);
  });
  it('is done again once it has ended', async () => {
    const { act, ends, touch } = acting();
    const first = touch();
    ends[0]('undone');
    await first;
    void touch();
    expect(act).toHaveBeenCalledTimes(2);
  });
  it('goes side by side on different things', () => {
    const { act, touch } = acting();
    void touch('a');
    void touch('b');
    void touch('a');
    expect(act.mock.calls).toEqual([['a'], ['b']]);
  });
  it('that failed may be tried again', async () => {
    const touch = oneAtATime(
      vi.fn().mockRejectedValueOnce(new Error('no')).mockResolvedValue('ok'),
    );
    await expect(touch()).rejects.toThrow('no');
    expect(await touch()).toBe('ok');
  });
});
