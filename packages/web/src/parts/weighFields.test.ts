import { METRIC } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import WeighFields from './WeighFields.vue';

const fields = (firstGrossG: number | null) =>
  mount(WeighFields, {
    props: {
      units: METRIC,
      what: 'vessel and honey',
      knownTareG: 400,
      firstGrossG,
      grossG: null,
      tareG: null,
    },
    global: { plugins: [PrimeVue] },
  });
const gross = (wrapper: ReturnType<typeof fields>): HTMLInputElement =>
  wrapper.find('input').element;

describe('the fields of a weighing', () => {
  it('begin with the weighing that stands already, also where it comes late', async () => {
    const wrapper = fields(null);
    expect(gross(wrapper).value).toBe('');
    await wrapper.setProps({ firstGrossG: 2100 });
    expect(gross(wrapper).value).toBe('2.1 kg');
    expect(wrapper.emitted('update:grossG')!.at(-1)).toEqual([2100]);
  });
  it('keep a tare that was typed when a known one comes late, and follow another vessel', async () => {
    const wrapper = fields(null);
    const tare = (): HTMLInputElement => wrapper.findAll('input')[1].element;
    expect(tare().value).toBe('0.4 kg');
    await wrapper.setProps({ knownTareG: 650 });
    expect(tare().value).toBe('0.65 kg');
    await wrapper.findAll('input')[1].setValue('0');
    await wrapper.setProps({ knownTareG: null });
    await wrapper.setProps({ knownTareG: 700 });
    expect(tare().value).toBe('0');
  });
  it('keep what was typed when it comes late', async () => {
    const wrapper = fields(null);
    await wrapper.find('input').setValue('3,4');
    await wrapper.setProps({ firstGrossG: 2100 });
    expect(gross(wrapper).value).toBe('3,4');
  });
});
