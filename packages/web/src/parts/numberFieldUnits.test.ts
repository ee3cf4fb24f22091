import { METRIC, US_UNITS, fieldSay } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { afterEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { householdUnits, said } from '../words/units.js';
import NumberField from './NumberField.vue';
import { weightSuch } from './massUnit.js';

afterEach(() => (householdUnits.value = METRIC));

const field = (props: Record<string, unknown>) =>
  mount(NumberField, {
    props: { label: 'Weight', modelValue: null, ...props },
    global: { plugins: [PrimeVue] },
  });

describe('a field of a measure', () => {
  it('is typed in pounds and kept in kilograms, its edges said in pounds', async () => {
    householdUnits.value = US_UNITS;
    const wrapper = field({ unit: 'kg', min: 1, max: 60, modelValue: 8 });
    const input = wrapper.get('input');
    expect(input.element.value).toBe('17.64');
    expect(wrapper.get('.unit').text()).toBe('lb');
    await input.setValue('20');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([9.072]);
    await wrapper.setProps({ modelValue: 9.072 });
    expect(input.element.value).toBe('20');
    await input.setValue('200');
    expect(wrapper.get('[role="alert"]').text()).toBe('At most 132.3 lb.');
  });
  it('is said anew when other units are chosen', async () => {
    const wrapper = field({ unit: '°C', modelValue: 24 });
    householdUnits.value = US_UNITS;
    await nextTick();
    expect(wrapper.get('input').element.value).toBe('75.2');
    householdUnits.value = METRIC;
    await nextTick();
    expect(wrapper.get('input').element.value).toBe('24');
  });
  it('keeps whole grams, whatever was typed in ounces', async () => {
    householdUnits.value = US_UNITS;
    const wrapper = field({ unit: 'g', whole: true, modelValue: 300 });
    await wrapper.get('input').setValue('10.6');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([301]);
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
  });
  it('says sentences of the core in the same units', () => {
    householdUnits.value = US_UNITS;
    expect(said(fieldSay('field.at-least', { least: { massG: 300, as: 'read' } }))).toBe(
      'At least 10.6 oz.',
    );
    expect(said('Jar 3 L')).toBe('Jar 3 L');
    expect(said(null)).toBe('');
    expect(weightSuch(2100)).toBe('A weight such as 4.63 lb.');
    householdUnits.value = METRIC;
    expect(weightSuch(2100)).toBe('A weight such as 2.1 kg.');
  });
  it('takes any unit that is typed with the number, and says what it understood', async () => {
    const wrapper = field({ unit: 'L', min: 1, max: 60 });
    await wrapper.get('input').setValue('5 US gal');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([18.927]);
    expect(wrapper.get('.note').text()).toBe('Understood: 18.927 L.');
    expect(wrapper.get('input').element.value).toBe('5 US gal');
    await wrapper.get('input').setValue('20');
    expect(wrapper.find('.note').exists()).toBe(false);
  });
  it('asks whose gallon, and names a unit that is not known', async () => {
    const wrapper = field({ unit: 'L' });
    await wrapper.get('input').setValue('5 gal');
    expect(wrapper.get('[role="alert"]').text()).toMatch(/^Whose\? Say US gal or imp gal/);
    await wrapper.get('input').setValue('5 kg');
    expect(wrapper.get('[role="alert"]').text()).toBe('Type a number, or a number with its unit.');
    expect(wrapper.emitted('update:modelValue')).toBeUndefined();
  });
  it('keeps what was typed in the kept unit as it was typed', async () => {
    const wrapper = field({ unit: 'cm' });
    await wrapper.get('input').setValue('20,5 cm');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([20.5]);
    await wrapper.get('input').setValue('8 in');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([20.32]);
  });
});
