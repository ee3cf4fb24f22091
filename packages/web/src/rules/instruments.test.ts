import { DEFAULT_RULES, METRIC, US_UNITS, type Units } from '@furrow/core';
import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { householdUnits } from '../words/units.js';
import InstrumentsPanel from './InstrumentsPanel.vue';

const READINGS: Record<string, object> = {
  '/instruments/bench-scale?grams=1000': { value: 1000, unit: 'g', state: 'still' },
  '/instruments/thermometer': { value: 24.5, unit: '°C' },
  '/instruments/refractometer': { value: 17.9, unit: '%' },
};
vi.mock('../api/client.js', () => ({ read: (path: string) => Promise.resolve(READINGS[path]) }));
vi.mock('../api/queries.js', () => ({ useHives: () => ({ data: ref([]) }) }));

async function saidBy(units: Units): Promise<string[]> {
  householdUnits.value = units;
  const panel = mount(InstrumentsPanel, {
    props: { rules: { ...DEFAULT_RULES, units } },
    global: {
      stubs: { Button: { template: '<button @click="$emit(\'click\')" />', emits: ['click'] } },
    },
  });
  for (const key of panel.findAll('button').slice(0, 3)) await key.trigger('click');
  await flushPromises();
  return panel
    .findAll('[aria-live]')
    .map((each) => each.text())
    .filter(Boolean);
}
afterEach(() => (householdUnits.value = METRIC));

describe('what an instrument reads', () => {
  it.each([
    ['kilograms and degrees Celsius', METRIC, ['1.00 kg', '24.5 °C', '17.9 %']],
    ['pounds and degrees Fahrenheit', US_UNITS, ['2.20 lb', '76.1 °F', '17.9 %']],
  ])('is said in %s where the household chose them', async (_, units, texts) => {
    expect(await saidBy(units)).toEqual(texts);
  });
});
