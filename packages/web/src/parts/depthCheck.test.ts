import { METRIC, US_UNITS, type Units } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import DepthCheck from './DepthCheck.vue';

/** A bucket 250 mm wide: 100 mm of 18 % honey are 4.9 L, 6.95 kg. */
async function says(netG: number | null, units: Units = METRIC): Promise<string> {
  const check = mount(DepthCheck, {
    props: { units, vessel: { name: 'Pail', innerDiameterMm: 250 }, of: 'honey', netG },
    global: { plugins: [PrimeVue] },
  });
  await check.get('input').setValue('100');
  return check.get('[role=status]').text();
}

describe('a weight held against its depth', () => {
  it('fits, is more or less, with what may be wrong', async () => {
    expect(await says(7000)).toMatch(/by its depth: the scale fits\.$/);
    expect(await says(4000)).toMatch(/the scale says less\. Is a tare wrong\?$/);
    expect(await says(9000)).toMatch(/the scale says more\. Is a tare missing\?$/);
  });
  it('is a range alone before the scale has spoken, in the units chosen', async () => {
    expect(await says(null)).toMatch(/^6\.5–7\.4 kg by its depth\.$/);
    expect(await says(null, US_UNITS)).toMatch(/^14\.\d–16\.\d lb by its depth\.$/);
  });
});
