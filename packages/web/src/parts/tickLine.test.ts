import { mount } from '@vue/test-utils';
import { expect, test } from 'vitest';
import TickLine from './TickLine.vue';

test('a line is ticked and says so', async () => {
  const line = mount(TickLine, { props: { checked: false, label: 'Cut for round box' } });
  const box = line.get('input');
  expect(box.attributes('aria-label')).toBe('Cut for round box');
  await box.setValue(true);
  await box.setValue(false);
  expect(line.emitted('change')).toEqual([[true], [false]]);
});
