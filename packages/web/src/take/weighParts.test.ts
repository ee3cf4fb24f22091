import { IMPERIAL, METRIC, US_UNITS, type Look, type Pots, type Units } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import GuessFirst from './GuessFirst.vue';
import PotsEmptied from './PotsEmptied.vue';

const global = { plugins: [PrimeVue] };

describe('a guess before the scale', () => {
  const form = (modelValue: string, units: Units = METRIC) =>
    mount(GuessFirst, { global, props: { name: 'comb 9', units, modelValue } });
  const shut = (wrapper: ReturnType<typeof form>): boolean =>
    wrapper.get('button[type=submit]').attributes('disabled') !== undefined;

  it('waits for a weight, and says what one looks like', () => {
    expect(shut(form(''))).toBe(true);
    expect(shut(form('heavy'))).toBe(true);
    expect(form('heavy').text()).toMatch(/2100|2,100|2\.1/);
    expect(shut(form('2100'))).toBe(false);
  });
  it.each([
    ['4 lb 10 oz', US_UNITS],
    ['4 lb 10 oz', IMPERIAL],
    ['2.1 kg', METRIC],
  ])('takes %s in any household', (text, units) => {
    expect(shut(form(text, units))).toBe(false);
  });
  it('says which it is of, and goes on when it is made', async () => {
    const wrapper = form('2100');
    expect(wrapper.text()).toContain('comb 9');
    await wrapper.trigger('submit');
    expect(wrapper.emitted('guessed')).toHaveLength(1);
  });
  it('goes on without one, and forgets what was begun', async () => {
    const wrapper = form('21');
    await wrapper.findAll('button').at(-1)!.trigger('click');
    expect(wrapper.emitted('update:modelValue')).toEqual([['']]);
    expect(wrapper.emitted('guessed')).toHaveLength(1);
  });
});

describe('pots that a weight came from', () => {
  const counted = { honeySealed: 20, honeyOpen: 4 } as unknown as Pots;
  const look = { pots: counted } as Look;
  const pots = (said: object = {}) =>
    mount(PotsEmptied, {
      global,
      props: {
        ...{ gPerPot: 10, look: null, method: 'drain-pots', units: METRIC },
        ...{ emptied: 20, pollen: false },
        ...said,
      } as never,
    });

  it('say what one held, with its unit', () => {
    expect(pots().text()).toContain('10.0 g');
    expect(pots({ units: US_UNITS }).text()).toMatch(/0\.4 oz/);
  });
  it('say nothing of one where there is no weight that can be', () => {
    expect(pots({ gPerPot: null }).find('p.sub').exists()).toBe(false);
  });
  it('are told beside how many stood sealed, where they were counted', () => {
    expect(pots({ look }).text()).toContain('20');
    expect(pots({ method: 'cut-pots' }).text()).toContain('Pots cut out');
  });
  it('say whether pollen came with them', async () => {
    const wrapper = pots();
    await wrapper.get('input[type=checkbox]').setValue(true);
    expect(wrapper.emitted('update:pollen')).toEqual([[true]]);
  });
});
