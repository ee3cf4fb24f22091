import { flushPromises, mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { RouterView, createMemoryHistory, createRouter } from 'vue-router';
import { useQueryHere } from './useQueryHere.js';

let setQuery: ReturnType<typeof useQueryHere>;
const Here = defineComponent({
  setup() {
    setQuery = useQueryHere();
    return () => h('p', 'here');
  },
});
const There = defineComponent({ render: () => h('p', 'there') });

/** A screen, and another one whose code arrives when `arrive` is called. */
async function screens() {
  let arrive = (): void => undefined;
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/here', component: Here },
      {
        path: '/there',
        component: () =>
          new Promise<typeof There>((done) => {
            arrive = () => done(There);
          }),
      },
    ],
  });
  await router.push('/here');
  mount(RouterView, { global: { plugins: [router] } });
  await flushPromises();
  return { router, arrive: () => arrive() };
}

describe('the query of the screen one is on', () => {
  it('is changed in place', async () => {
    const { router } = await screens();
    setQuery({ comb: '4' });
    await flushPromises();
    expect(router.currentRoute.value.fullPath).toBe('/here?comb=4');
  });
  it('calls nobody back who is on the way to another screen', async () => {
    const { router, arrive } = await screens();
    const gone = router.push('/there');
    await flushPromises();
    setQuery({ comb: '4' });
    await flushPromises();
    arrive();
    await gone;
    expect(router.currentRoute.value.path).toBe('/there');
  });
});
