import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import NumberField from './NumberField.vue';

const field = (modelValue: number | null, more: Record<string, unknown> = {}) =>
  mount(NumberField, {
    props: { label: 'Water in the honey', unit: '%', min: 13, max: 35, modelValue, ...more },
    global: { plugins: [PrimeVue] },
  });

describe('a number with its note', () => {
  it('says where an empty field stands, and ties the note to the field', () => {
    const wrapper = field(null, { nullable: true, note: 'Not measured: reckoned with 18 %.' });
    const note = wrapper.find('.note');
    expect(note.text()).toBe('Not measured: reckoned with 18 %.');
    expect(wrapper.find('input').attributes('aria-describedby')).toBe(note.attributes('id'));
    expect(wrapper.find('input').element.value).toBe('');
  });
  it('says what is wrong instead of the note', async () => {
    const wrapper = field(null, { nullable: true, note: 'Not measured.' });
    await wrapper.find('input').setValue('7');
    expect(wrapper.find('.note').exists()).toBe(false);
    expect(wrapper.find('[role=alert]').text()).toBe('At least 13 %.');
  });
  it('reads a comma, and clears what was put away from outside', async () => {
    const wrapper = field(null);
    await wrapper.find('input').setValue('17,6');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([17.6]);
    await wrapper.setProps({ modelValue: 17.6 });
    await wrapper.setProps({ modelValue: null });
    expect(wrapper.find('input').element.value).toBe('');
    expect(wrapper.find('[role=alert]').exists()).toBe(false);
  });
});
