import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useDraft } from '../shell/draft.js';
import { clockText, dateText } from '../shell/times.js';
import NumberField from './NumberField.vue';

const field = (props: Record<string, unknown>) =>
  mount(NumberField, {
    props: { label: 'Weight', modelValue: null, ...props },
    global: { plugins: [PrimeVue] },
  });

describe('a number field', () => {
  it('is empty where nothing was said, never the word for it', () => {
    expect(field({ modelValue: undefined }).get('input').element.value).toBe('');
  });
  it('is not asked for again when it was put away from outside', async () => {
    const wrapper = field({});
    await wrapper.get('input').setValue('3,5');
    await wrapper.setProps({ modelValue: 3.5 });
    expect(wrapper.get('input').element.value).toBe('3,5');
    await wrapper.setProps({ modelValue: null });
    expect(wrapper.get('input').element.value).toBe('');
    expect(wrapper.text()).not.toContain('Say a number.');
  });
  it('takes a comma or a point and keeps what cannot be read', async () => {
    const wrapper = field({ unit: 'kg', min: 0, max: 10 });
    const input = wrapper.get('input');
    await input.setValue('5,8');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([5.8]);
    await input.setValue('5,8 or so');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([null]);
    expect(input.element.value).toBe('5,8 or so');
    expect(wrapper.get('[role="alert"]').text()).toBe('Type a number, or a number with its unit.');
    await input.setValue('11');
    expect(wrapper.get('[role="alert"]').text()).toBe('At most 10 kg.');
  });
  it('is cleared when its number is put away from outside, and only then', async () => {
    const wrapper = field({ modelValue: 17.9 });
    expect(wrapper.find('input').element.value).toBe('17.9');
    await wrapper.setProps({ modelValue: null });
    expect(wrapper.find('input').element.value).toBe('');
  });
  it('is labelled, and says a refusal of the server at itself', () => {
    const wrapper = field({ error: 'The tare is above the gross weight.' });
    const input = wrapper.get('input');
    expect(wrapper.get('label').attributes('for')).toBe(input.attributes('id'));
    expect(wrapper.get(`#${input.attributes('aria-describedby')}`).text()).toContain('tare');
  });
});

describe('a draft', () => {
  beforeEach(() => localStorage.clear());
  it('survives, until it is cleared', async () => {
    const first = useDraft('x', () => ({ name: '' }));
    first.draft.value.name = 'Ipê';
    await nextTick();
    expect(useDraft('x', () => ({ name: '' })).draft.value.name).toBe('Ipê');
    first.clear();
    expect(useDraft('x', () => ({ name: 'new' })).draft.value.name).toBe('new');
  });
  it('of an earlier shape stands with the fields that came since as they begin', () => {
    localStorage.setItem('furrow.draft.z', '{"name":"Ipê"}');
    expect(useDraft('z', () => ({ name: '', holes: 3 })).draft.value).toEqual({
      name: 'Ipê',
      holes: 3,
    });
  });
  it('is dropped where what was stored cannot be read', () => {
    localStorage.setItem('furrow.draft.y', '{broken');
    expect(useDraft('y', () => 7).draft.value).toBe(7);
  });
});

describe('times', () => {
  it('are told in the place, nearer times shorter', () => {
    const now = new Date('2026-03-14T18:12:00Z');
    expect(clockText('2026-03-14T19:00:00Z', 'America/Sao_Paulo', now)).toBe('16:00');
    expect(clockText('2026-03-16T12:30:00Z', 'America/Sao_Paulo', now)).toBe('Mon 09:30');
    expect(clockText('2025-11-16T12:30:00Z', 'America/Sao_Paulo', now)).toBe('16 Nov, 09:30');
    expect(dateText('2026-03-14')).toBe('14 Mar 2026');
  });
});
