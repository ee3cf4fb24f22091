import { VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import { usePendingMarks } from './usePendingMarks.js';

type Pending = ReturnType<typeof usePendingMarks>;
const mark = (stepId: string) => ({
  id: `m-${stepId}`,
  batchId: 'b',
  stepId,
  answer: {},
  occurredAt: '2026-03-14T12:00:00Z',
});
const sent: string[] = [];
let answer: () => Response = () => new Response('{}', { status: 201 });

const known = ref<ReturnType<typeof mark>[]>([]);
function open(): { pending: Pending; close: () => void } {
  let pending!: Pending;
  const wrapper = mount(
    defineComponent({
      setup: () => {
        pending = usePendingMarks(ref('b'), known);
        return () => h('i');
      },
    }),
    { global: { plugins: [createPinia(), VueQueryPlugin] } },
  );
  return { pending, close: () => wrapper.unmount() };
}
beforeEach(() => {
  localStorage.clear();
  sent.length = 0;
  known.value = [];
  answer = () => new Response('{}', { status: 201 });
  vi.stubGlobal(
    'fetch',
    vi.fn(async (_url: string, init: RequestInit) => {
      sent.push((JSON.parse(String(init.body)) as { payload: { stepId: string } }).payload.stepId);
      return answer();
    }),
  );
});
afterEach(() => vi.unstubAllGlobals());

describe('steps touched before the server answered', () => {
  it('stand at once, go out in their order, and are gone when confirmed', async () => {
    const { pending, close } = open();
    pending.add(mark('ready'), 'ready');
    pending.add(mark('smoke'), 'smoke');
    expect(pending.marks.value.map((m) => m.stepId)).toEqual(['ready', 'smoke']);
    await flushPromises();
    await vi.waitFor(() => expect(sent).toEqual(['ready', 'smoke']));
    // They stand until the server tells of them: a step never goes back while its answer is under
    // way.
    await flushPromises();
    expect(pending.marks.value.map((m) => m.stepId)).toEqual(['ready', 'smoke']);
    known.value = [mark('ready')];
    await flushPromises();
    expect(pending.marks.value.map((m) => m.stepId)).toEqual(['smoke']);
    known.value = [mark('ready'), mark('smoke')];
    await vi.waitFor(() => expect(pending.marks.value).toEqual([]));
    expect(localStorage.getItem('furrow.take.pending.b')).toBeNull();
    close();
  });
  it.each([401, 429, 500, 503])(
    'wait where the answer is %i, and go out after it',
    async (status) => {
      answer = () => new Response('{}', { status });
      const { pending, close } = open();
      pending.add(mark('ready'), 'ready');
      await vi.waitFor(() => expect(pending.refusal.value?.status).toBe(status));
      expect(pending.marks.value.map((m) => m.stepId)).toEqual(['ready']);
      expect(localStorage.getItem('furrow.take.pending.b')).toContain('ready');
      close();
      answer = () => new Response('{}', { status: 201 });
      const again = open();
      await vi.waitFor(() => expect(localStorage.getItem('furrow.take.pending.b')).toBeNull());
      expect(sent).toEqual(['ready', 'ready']);
      again.close();
    },
  );
  it('outlive a page that is closed before they arrived', async () => {
    answer = () => {
      throw new TypeError('no connection');
    };
    const first = open();
    first.pending.add(mark('board'), 'board');
    await vi.waitFor(() => expect(first.pending.refusal.value?.status).toBe(0));
    expect(first.pending.marks.value).toHaveLength(1);
    first.close();
    answer = () => new Response('{}', { status: 201 });
    const second = open();
    await vi.waitFor(() => expect(sent.at(-1)).toBe('board'));
    known.value = [mark('board')];
    await vi.waitFor(() => expect(second.pending.marks.value).toEqual([]));
    second.close();
  });
  it('are taken back where the server refuses, with its sentence', async () => {
    answer = () =>
      new Response(JSON.stringify({ code: 'frame-open', detail: 'A frame still runs.' }), {
        status: 409,
        headers: { 'Content-Type': 'application/problem+json' },
      });
    const { pending, close } = open();
    pending.add(mark('frames'), 'frames');
    await vi.waitFor(() => expect(pending.refusal.value?.message).toBe('A frame still runs.'));
    expect(pending.marks.value).toEqual([]);
    close();
  });
});
