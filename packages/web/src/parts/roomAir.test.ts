import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import RoomAir from './RoomAir.vue';

const air = (humidityPercent: number | null, openCm2: number | null = 600) =>
  mount(RoomAir, {
    props: { honeyKg: 8, openCm2, hours: 19.4, moisturePercent: 18, humidityPercent },
    global: { plugins: [PrimeVue] },
  });

describe('what the room does to open honey', () => {
  it('says the common rule while nobody measured the air', () => {
    expect(air(null).text()).toContain('takes on more above about 60 % humidity');
    expect(air(null).text()).not.toContain('nothing is published');
  });
  it('warns with a range of grams and of water in a damp room', () => {
    const said = air(75).text();
    expect(said).toMatch(/open for 19 h it takes on about \d+–\d+ g of water/);
    expect(said).toMatch(/from 18\.0 % to 18\.\d–18\.\d %/);
    expect(said).toContain('28.3 % water (Martin 1958');
  });
  it('says that dry air dries it, without a warning', () => {
    expect(air(52).text()).toContain('takes water out of it');
    expect(air(52).find('.rust').exists()).toBe(false);
  });
  it('says what was taken for an unmeasured pail, and nothing where nothing is published', () => {
    expect(air(70, null).text()).toContain('a usual pail, as its width is not known');
    expect(air(90).text()).toContain('Below 50 and above 80 % nothing is published');
  });
});
