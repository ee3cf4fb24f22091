import { METRIC } from '@furrow/core';
import {
  DEFAULT_RULES,
  drainForecast,
  forecastInput,
  ownPrior,
  type BatchDetail,
  type Drain,
  type DrainForecast,
} from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import DrainKeys from './DrainKeys.vue';
import DrainSum from './DrainSum.vue';
import DrainTold from './DrainTold.vue';
import { brokenUpWord, startsFrom, useDrainActs } from './useDrainWords.js';

const global = { plugins: [PrimeVue] };
const startedAt = '2026-03-14T12:00:00.000Z';
const drain = (said: object = {}): Drain =>
  ({
    id: 'd',
    batchId: 'b',
    zone: 'America/Sao_Paulo',
    startedAt,
    endedAt: null,
    method: 'mash',
    fineness: 'middle',
    thixotropic: false,
    arrangement: 'bucket-over-pail',
    crushedG: 4200,
    potStartG: 0,
    temperatureC: 25,
    nightTemperatureC: null,
    moisturePercent: 18,
    events: [],
    weighings: [],
    readings: [],
    ...said,
  }) as unknown as Drain;
const detail = (method = 'crush'): BatchDetail =>
  ({
    batch: { id: 'b', method, hiveKind: 'top-bar', zone: 'America/Sao_Paulo' },
  }) as unknown as BatchDetail;
const noRuns = ownPrior(drain(), 'top-bar', []);
const at = (hours: number): Date => new Date(Date.parse(startedAt) + hours * 3_600_000);
const told = (hours: number, of = drain()): DrainForecast =>
  drainForecast(forecastInput(of, null, DEFAULT_RULES, at(hours).toISOString()));

describe('what a drain says of itself', () => {
  const panel = (hours: number, said: object = {}) =>
    mount(DrainTold, {
      props: {
        drain: drain(),
        rules: DEFAULT_RULES,
        forecast: told(hours),
        running: true,
        elapsed: hours,
        own: noRuns,
        warming: { all: [], now: null },
        pricePerKg: null,
        zone: 'America/Sao_Paulo',
        now: at(hours),
        ...said,
      },
    });

  it('its clock in hours and minutes, read out as one', () => {
    const clock = panel(3.5).get('.clock');
    expect(clock.attributes('aria-label')).toBe('3 hours 30 minutes');
    expect(clock.text().replace(/\s/g, '')).toBe('3h30min');
  });

  it('a forecast as a range that begins from no guess taken for a measurement', () => {
    const text = panel(1).text();
    expect(text).toContain('Nine tenths out about');
    expect(text).toContain('A starting range.');
  });

  it('where its time is over it asks for the scale', () =>
    expect(panel(200).text()).toContain('Nine tenths should be out: weigh it'));

  it('one that stands still forecasts nothing', () => {
    const text = panel(3, { forecast: { ...told(3), stalled: true } }).text();
    expect(text).toContain('It has stopped: strainer blocked or stuck.');
    expect(text).not.toContain('Nine tenths');
  });

  it('a closed one says when it began, and forecasts nothing', () => {
    const text = panel(3, { running: false }).text();
    expect(text).toContain('closed; began');
    expect(text).not.toContain('Nine tenths');
  });
});

describe('whose experience a forecast starts from', () => {
  it.each([
    [0, 0, 'A starting range.'],
    [0, 2, 'A starting range, narrowed by 2 weighings.'],
    [3, 0, 'A starting range; your own runs of this kind count from the fifth on, so far 3.'],
    [6, 1, 'Yours: from your 6 runs of this kind, narrowed by 1 weighing.'],
  ])('%i runs and %i weighings', (runs, weighings, says) =>
    expect(startsFrom({ ...noRuns, runs }, weighings)).toBe(says),
  );
});

describe('what is due at a drain', () => {
  const acts = (
    hours: number,
    { method = 'crush', of = drain(), forecast = null as DrainForecast | null } = {},
  ) =>
    useDrainActs(
      ref(detail(method)),
      ref(of),
      ref(DEFAULT_RULES),
      { running: ref(true), forecast: ref(forecast), elapsed: ref(hours) } as never,
      ref(at(hours)),
    );

  it('is a stir while one is still to come, with when', () => {
    const { main, mainWords } = acts(0.5);
    expect(main.value).toBe('stir');
    expect(mainWords.value.when).toMatch(/^at \d\d:\d\d, in /);
  });

  it('is the press where comb is pressed at once', () => {
    const { main, mainWords } = acts(0.5, { method: 'press' });
    expect([main.value, mainWords.value.big]).toEqual(['press', 'Press']);
  });

  it('is the press of comb that dripped first, once nine tenths are likely out', () => {
    const forecast = told(200);
    expect(acts(0.5, { method: 'drip-press', forecast: told(0.5) }).main.value).toBe('stir');
    expect(acts(200, { method: 'drip-press', forecast }).main.value).toBe('press');
  });

  it('is the scale where slices are left alone, and says by whose rule', () => {
    const { main, mainWords } = acts(0.5, { of: drain({ method: 'slice' }) });
    expect(main.value).toBe('weigh');
    expect(mainWords.value.when).toBe('slices are left alone, by your rule');
  });
});

describe('how comb was broken up', () => {
  it.each([
    ['mash', 'Mashed'],
    ['chop', 'Chopped'],
    ['slice', 'Sliced'],
  ])('%s', (method, word) => expect(brokenUpWord(drain({ method }), detail())).toBe(word));
});

describe('the sum of a drain', () => {
  it('its parts add up, as shown, to what was crushed', () => {
    const sum = mount(DrainSum, {
      props: {
        forecast: told(3),
        parts: { total: 4.2, out: 2.349, coming: 0.852, stays: 0.555, wax: 0.444 },
        own: noRuns,
        units: METRIC,
      },
    });
    const [total, ...parts] = sum.findAll('.sum b').map((b) => parseFloat(b.text()));
    expect(parts.reduce((all, part) => all + part, 0)).toBeCloseTo(total, 6);
  });
});

describe('the keys of a drain', () => {
  const keys = (said: object = {}) =>
    mount(DrainKeys, {
      props: {
        main: 'stir',
        words: { big: 'Stir', when: 'due since 12:40' },
        overflowsAt: null,
        stirred: true,
        remashText: 'Mash again',
        busy: false,
        refusal: null,
        ...said,
      },
      global,
    });

  it('the one thing that is due is not offered twice', () => {
    const pressing = keys({ main: 'press', words: { big: 'Press', when: '' } });
    expect(pressing.text()).not.toContain('Press…');
    expect(pressing.text()).toContain('Weigh…');
    expect(keys({ main: 'weigh', words: { big: 'Weigh', when: '' } }).text()).not.toContain(
      'Weigh…',
    );
  });

  it('a vessel that will run over says until when', async () => {
    const full = keys({ overflowsAt: '15:20' });
    expect(full.get('.soon').text()).toContain('before 15:20');
    await full.get('.soon').trigger('click');
    expect(full.emitted('open')).toEqual([['draw']]);
  });

  it('comb that is left alone is not mashed again', () =>
    expect(keys({ stirred: false }).text()).not.toContain('Mash again'));
});
