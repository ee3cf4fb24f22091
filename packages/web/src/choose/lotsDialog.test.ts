import { KEEP_BY_HIVE } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import LotsDialog from './LotsDialog.vue';

it('what is kept apart is said anew; what stood by the rule of the house is not touched', async () => {
  const standing = { ...KEEP_BY_HIVE };
  const dialog = mount(LotsDialog, {
    props: { chosen: [], seasonStart: '2026-07-01', open: true, modelValue: standing },
    global: { stubs: { Dialog: { template: '<div><slot /></div>' }, Button: true } },
  });
  await dialog.findAll('input')[0].trigger('change');
  expect(dialog.emitted('update:modelValue')).toEqual([[{ ...KEEP_BY_HIVE, hive: false }]]);
  expect(standing).toEqual(KEEP_BY_HIVE);
});
