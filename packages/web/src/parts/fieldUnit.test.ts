import { mount } from '@vue/test-utils';
import fc from 'fast-check';
import PrimeVue from 'primevue/config';
import { afterEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { householdUnits, said } from '../shell/units.js';
import { Refused } from '../api/client.js';
import NumberField from './NumberField.vue';
import RefusalText from './Refusal.vue';
import { fieldUnit } from './fieldUnit.js';
import { weightSuch } from './massUnit.js';

afterEach(() => (householdUnits.value = 'metric'));

const field = (props: Record<string, unknown>) =>
  mount(NumberField, {
    props: { label: 'Weight', modelValue: null, ...props },
    global: { plugins: [PrimeVue] },
  });

describe('a field of a mass or a temperature', () => {
  it('stays as it is where kilograms were chosen, and where its unit is neither', () => {
    expect(fieldUnit('kg', 'metric').unit).toBe('kg');
    for (const unit of ['mm', '%', 'L', undefined]) {
      const how = fieldUnit(unit, 'imperial');
      expect([how.unit, how.shown(17), how.kept(17)]).toEqual([unit, 17, 17]);
    }
  });
  it('gives back what was kept, to the step that is measured', () => {
    const steps = { kg: 0.005, g: 1.5, '°C': 0.06 };
    for (const [unit, step] of Object.entries(steps)) {
      const how = fieldUnit(unit, 'imperial');
      fc.assert(
        fc.property(fc.integer({ min: 0, max: 2000 }), (kept) => {
          expect(Math.abs(how.kept(how.shown(kept)) - kept)).toBeLessThanOrEqual(step);
        }),
      );
    }
  });
  it('is typed in pounds and kept in kilograms, its edges said in pounds', async () => {
    householdUnits.value = 'imperial';
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
    householdUnits.value = 'imperial';
    await nextTick();
    expect(wrapper.get('input').element.value).toBe('75.2');
    householdUnits.value = 'metric';
    await nextTick();
    expect(wrapper.get('input').element.value).toBe('24');
  });
  it('keeps whole grams, whatever was typed in ounces', async () => {
    householdUnits.value = 'imperial';
    const wrapper = field({ unit: 'g', whole: true, modelValue: 300 });
    await wrapper.get('input').setValue('10.6');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([301]);
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
  });
  it('has a refusal of the server said in them too', () => {
    householdUnits.value = 'imperial';
    const refusal = new Refused(409, 'short', 'Only 1.00 kg of Ipê are there.', null);
    const wrapper = mount(RefusalText, { props: { refusal } });
    expect(wrapper.text()).toBe('Only 2.20 lb of Ipê are there.');
  });
  it('says sentences of the core in the same units', () => {
    householdUnits.value = 'imperial';
    expect(said('your least is 300 g')).toBe('your least is 10.6 oz');
    expect(said(null)).toBe('');
    expect(weightSuch('2,1 kg')).toBe('A weight such as 4,6 lb.');
    householdUnits.value = 'metric';
    expect(weightSuch('2,1 kg')).toBe('A weight such as 2,1 kg.');
  });
});
