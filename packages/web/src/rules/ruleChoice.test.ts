import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import RuleChoice from './RuleChoice.vue';

const choices = [
  { label: 'No', value: null },
  { label: '60 %', value: 60 },
];
const shown = (modelValue: number | null) =>
  mount(RuleChoice, {
    props: { label: 'Worth testing from', choices, modelValue },
    global: { plugins: [PrimeVue] },
  });
const pressed = (choice: ReturnType<typeof shown>): string[] =>
  choice.findAll('[aria-pressed="true"]').map((key) => key.text());

describe('a rule that is one of a few', () => {
  it('shows the one in force, nothing too', () => {
    expect(pressed(shown(60))).toEqual(['60 %']);
    expect(pressed(shown(null))).toEqual(['No']);
  });
  it('gives the value that was touched', async () => {
    const choice = shown(60);
    await choice.findAll('button')[0].trigger('click');
    expect(choice.emitted('update:modelValue')).toEqual([[null]]);
  });
});
