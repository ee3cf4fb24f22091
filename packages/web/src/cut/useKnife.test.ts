import { DEFAULT_RULES, cutPlan, type CutPlan, type CutPlanInput } from '@furrow/core';
import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { effectScope, ref, type EffectScope } from 'vue';
import { useKnife } from './useKnife.js';

type Answer = (plans: CutPlan[]) => void;
/** A worker that answers when the test says so. */
const worker = vi.hoisted(() => ({
  quick: (_plan: unknown): void => undefined,
  best: (_plans: unknown[]): void => undefined,
  ended: 0,
}));
vi.mock('comlink', () => ({ proxy: (told: unknown) => told }));
vi.mock('../workers/client.js', () => ({
  cutterWorker: () => ({
    end: () => worker.ended++,
    api: {
      plans: (_input: CutPlanInput, onQuick: (plan: CutPlan) => void) => {
        worker.quick = onQuick as typeof worker.quick;
        return new Promise<CutPlan[]>((answer: Answer) => {
          worker.best = answer as typeof worker.best;
        });
      },
      possible: () => Promise.resolve(4),
    },
  }),
}));

const PIECES = [{ id: 'square', widthMm: 50, heightMm: 50, value: 10, mayTurn: false }];
const comb = { widthMm: 160, heightMm: 60 };
const best = cutPlan({ comb, kerfMm: 3, pieces: PIECES, defects: [] });
const quick: CutPlan = {
  ...best,
  placements: best.placements.slice(0, 1),
  value: 10,
  provenOptimal: false,
  bound: 34,
};

let scope: EffectScope;
function knife(): ReturnType<typeof useKnife> {
  scope = effectScope();
  return scope.run(() =>
    useKnife(
      ref({ id: 'board', ...comb, flaws: [], cuts: [], cutsDone: 0, value: 0 }) as never,
      ref([]),
      ref(DEFAULT_RULES),
      ref(PIECES),
      () => [],
    ),
  )!;
}
afterEach(() => scope.stop());

describe('a plan that takes long', () => {
  it('is shown as a quick one, with how far it may be from the best, and then as the best', async () => {
    const { find, shown, busy } = knife();
    void find();
    worker.quick(quick);
    expect(shown.value).toMatchObject({ value: 10, proven: false, bound: 34 });
    expect(busy.value).toBe(true);
    worker.best([best]);
    await flushPromises();
    expect(shown.value).toMatchObject({ value: best.value, proven: true, bound: best.value });
    expect(busy.value).toBe(false);
  });

  it('that is stopped leaves the quick one, and what comes late changes nothing', async () => {
    const { find, stop, shown, drafts } = knife();
    void find();
    worker.quick(quick);
    stop();
    worker.quick({ ...quick, value: 99 });
    await flushPromises();
    expect(drafts.value).toHaveLength(1);
    expect(shown.value.value).toBe(10);
  });

  it('is not looked for any further once a piece of it was moved by hand', async () => {
    const { find, drag, shown, busy } = knife();
    void find();
    worker.quick(quick);
    const ended = worker.ended;
    drag(shown.value.pieces[0].key, { xMm: 60, yMm: 0 });
    expect(busy.value).toBe(false);
    expect(worker.ended).toBe(ended + 1);
    expect(shown.value.pieces[0].xMm).toBe(60);
    expect(shown.value.bound).toBeUndefined();
    await flushPromises();
  });

  it('of no piece at all says why, and shows no plan', async () => {
    const { find, drafts, says } = knife();
    void find();
    worker.quick({ ...quick, placements: [] });
    expect(drafts.value).toEqual([]);
    worker.best([{ ...best, placements: [] }]);
    await flushPromises();
    expect(drafts.value).toEqual([]);
    expect(says.value).toBeTruthy();
  });
});
