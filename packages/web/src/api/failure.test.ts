import { QueryClient, VueQueryPlugin, useQuery } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { Refused } from './client.js';
import { failureOf, useReadAgain, useStandsSince } from './failure.js';

const NOON = Date.parse('2026-03-14T12:00:00Z');
beforeEach(() => vi.useFakeTimers({ now: NOON, toFake: ['Date'] }));
afterEach(() => vi.useRealTimers());

const away = new Refused(0, 'no-connection', 'Furrow cannot be reached from here.', null);
const broken = new Refused(503, 'damaged', 'A page is damaged.', null);
const gone = new Refused(404, 'not-found', 'There is no such harvest.', null);

/** A screen that reads one thing, answered or refused as the test says. */
function screen(answers: (string | Error)[]) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const Screen = defineComponent(() => {
    const read = useQuery({
      queryKey: ['harvest'],
      queryFn: () => {
        const answer = answers.shift() ?? '';
        return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer);
      },
    });
    const [failure, since] = [failureOf(read), useStandsSince()];
    useReadAgain(() => client.refetchQueries());
    return () => h('p', failure.value?.message ?? `${read.data.value} ${since.value ?? 'now'}`);
  });
  const shown = mount(Screen, { global: { plugins: [[VueQueryPlugin, { queryClient: client }]] } });
  const again = async (): Promise<string> => {
    await client.refetchQueries();
    await flushPromises();
    return shown.text();
  };
  return { shown, again };
}

describe('a screen', () => {
  it('has nothing to show where its read never answered, and says why', async () => {
    const { shown } = screen([away]);
    await flushPromises();
    expect(shown.text()).toBe('Furrow cannot be reached from here.');
  });

  it.each([
    ['is away', away],
    ['is broken', broken],
  ])('stands, with its age, while the house %s, and is new again after', async (_, trouble) => {
    const { shown, again } = screen(['Aroeira', trouble, 'Aroeira, taken']);
    await flushPromises();
    expect(shown.text()).toBe('Aroeira now');
    vi.setSystemTime(NOON + 300_000);
    expect(await again()).toBe(`Aroeira ${NOON}`);
    expect(await again()).toBe('Aroeira, taken now');
  });

  it('goes where the house answers that what it shows is there no more', async () => {
    const { again } = screen(['Aroeira', gone]);
    await flushPromises();
    expect(await again()).toBe('There is no such harvest.');
  });

  it('asks again by itself where a read broke off though the house is there', async () => {
    vi.useFakeTimers({ now: NOON, toFake: ['Date', 'setInterval', 'clearInterval'] });
    const { shown, again } = screen(['Aroeira', away, 'Aroeira, taken']);
    await flushPromises();
    expect(await again()).toBe(`Aroeira ${NOON}`);
    vi.advanceTimersByTime(5000);
    await flushPromises();
    expect(shown.text()).toBe('Aroeira, taken now');
    shown.unmount();
  });
});
