import { asWritten, type BringLine, type OpenPlans, type Tick } from '@furrow/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { keepEntry } from '../api/outbox.js';
import { useTicks } from './useTicks.js';

vi.mock('../api/outbox.js', () => ({ keepEntry: vi.fn(), refusalAmong: vi.fn(() => null) }));
beforeEach(() => vi.mocked(keepEntry).mockClear());

const veils: BringLine = {
  id: 'veils',
  where: 'hive',
  text: asWritten('Veils for 2'),
  serves: asWritten('Ipê'),
  short: 0,
  ifMissing: asWritten('Come another day.'),
};
/** Two harvests of one day, and what was ticked of them and of another. */
const plans = (...ticks: Partial<Tick>[]): OpenPlans =>
  ({
    details: [{ batch: { id: 'first' } }, { batch: { id: 'second' } }],
    ticks: ticks.map((tick) => ({ id: 't', line: 'veils', state: 'have', ...tick })),
  }) as unknown as OpenPlans;
/** What was laid down of a touch: its payload and how it is told. */
function touched(open: OpenPlans | undefined, state: Tick['state']) {
  useTicks(ref(open)).tick(veils, state);
  return vi
    .mocked(keepEntry)
    .mock.calls.map(([, spoken, payload, { said }]) => ({ spoken, payload, said }));
}

describe('a line of the list that is touched', () => {
  it.each([
    ['have', 'Veils for 2: ticked off.'],
    ['missing', 'Veils for 2: noted as missing.'],
    ['open', 'Veils for 2: tick taken back.'],
  ] as const)('%s: says which line, here and where two devices are asked', (state, said) => {
    expect(touched(plans(), state)).toMatchObject([{ spoken: '/ticks', said, payload: { state } }]);
  });
  it('stays with the first harvest of the day', () => {
    const [{ payload }] = touched(plans(), 'have');
    expect(payload).toMatchObject({ batchId: 'first', line: 'veils' });
  });
  it('stays where it was ticked already', () => {
    const [{ payload }] = touched(plans({ batchId: 'second' }), 'missing');
    expect(payload).toMatchObject({ batchId: 'second' });
  });
  it('is not written for a harvest that is not of this day', () => {
    const open = plans({ batchId: 'another' });
    expect(useTicks(ref(open)).ticks.value).toEqual([]);
    expect(touched(open, 'have')[0].payload).toMatchObject({ batchId: 'first' });
  });
  it('is not written before it is known what of', () => {
    expect(touched(undefined, 'have')).toEqual([]);
  });
});
