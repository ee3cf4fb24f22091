import type { Reading, Shares } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import BandShares from './BandShares.vue';
import CombMeasures from './CombMeasures.vue';
import SideUnseen from './SideUnseen.vue';
import WaterSamples from './WaterSamples.vue';

const global = { plugins: [PrimeVue] };
const outline = { topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 };
const shares: Shares = { capped: 0.6, open: 0.2, pollen: 0.05, brood: 0, empty: 0.15 };
const sample = (value: number, side: 'A' | 'B'): Reading => ({
  scale: 'moisture',
  value,
  side,
  cells: 'open',
  temperatureC: 20,
  calibratedOn: '2026-03-14',
  temperatureCompensated: true,
});

describe('the shares of a side', () => {
  const bands = () => mount(BandShares, { props: { shares, side: 'A', outline, s: 1 }, global });
  const lastShares = (of: ReturnType<typeof bands>): Shares =>
    (of.emitted<[Shares]>('shares') ?? []).at(-1)?.[0] ?? shares;

  it('stand as percents that add up to a hundred', () => {
    const fields = bands().findAll('input');
    const percents = fields.map((field) => Number(field.element.value));
    expect(percents).toEqual([60, 20, 5, 0, 15]);
  });

  it('are stepped by five, and the sum stays whole', async () => {
    const side = bands();
    await side.get('[aria-label="More capped"]').trigger('click');
    const told = lastShares(side);
    expect(told.capped).toBeCloseTo(0.65, 6);
    expect(Object.values(told).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 6);
  });

  it('stay as they are at their end', async () => {
    const side = bands();
    await side.get('[aria-label="Less brood"]').trigger('click');
    expect(side.emitted('shares')).toBeUndefined();
  });

  it('are written far enough apart to be touched', () => {
    const tops = bands()
      .findAll('li')
      .map((line) => parseFloat(line.attributes('style')?.match(/top: ([-\d.]+)px/)?.[1] ?? ''));
    tops.slice(1).forEach((top, i) => expect(top - tops[i]).toBeGreaterThanOrEqual(43.9));
  });
});

describe('a side that nobody saw', () => {
  const unseen = (said: { isDraft: boolean; hasOther: boolean; hasLast: boolean }) =>
    mount(SideUnseen, { props: { side: 'B', ...said }, global });

  it('says that it counts as unknown, and offers only what there is', () => {
    const first = unseen({ isDraft: false, hasOther: false, hasLast: false });
    expect(first.text()).toContain('Side B was not seen. It counts as unknown.');
    expect(first.text()).not.toContain('Like side');
    expect(first.text()).not.toContain('As at the last look');
  });

  it('is begun from the other side or the last look', async () => {
    const second = unseen({ isDraft: true, hasOther: true, hasLast: true });
    expect(second.text()).toContain('Side B was not seen this time.');
    for (const button of second.findAll('button')) await button.trigger('click');
    expect(second.emitted('start')).toEqual(
      ['empty', 'top-third', 'half-capped', 'all-capped', 'other', 'last'].map((from) => [from]),
    );
  });
});

describe('samples of water', () => {
  const samples = (readings: Reading[], mayDrop = true) =>
    mount(WaterSamples, { props: { readings, readOn: '2026-03-14', mayDrop } });

  it('one alone asks for more, and gives no average', () => {
    const text = samples([sample(18.2, 'A')]).text();
    expect(text).toContain('2 more samples from open cells, of both sides.');
    expect(text).not.toContain('on the average');
  });

  it('several say their mean, how far apart they lie, and that the wettest decides', () => {
    const text = samples([sample(18, 'A'), sample(19, 'A'), sample(20, 'B')]).text();
    expect(text).toContain('Water of 3 samples: 19.0 % on the average, 2.0 apart;');
    expect(text).toContain('the wettest, 20.0 %, decides.');
  });

  it('three of one side ask for the other', () =>
    expect(samples([18, 18.4, 18.8].map((value) => sample(value, 'A'))).text()).toContain(
      'One more from open cells of the other side.',
    ));

  it('each can be taken away while the look is made, and not after', async () => {
    const open = samples([sample(18, 'A'), sample(19, 'B')]);
    await open.get('[aria-label="Take away sample 2"]').trigger('click');
    expect(open.emitted('drop')).toEqual([[1]]);
    expect(
      samples([sample(18, 'A')], false)
        .find('button')
        .exists(),
    ).toBe(false);
  });

  it('of a comb nobody sampled nothing is said', () => expect(samples([]).text()).toBe(''));
});

describe('measures of a comb', () => {
  it('a depth that was wiped out changes nothing; that no comb hangs there is a key', async () => {
    const measures = { depthMm: 204, thicknessMm: 28, combAge: 'new', straight: null } as const;
    const panel = mount(CombMeasures, {
      props: { measures, noCombLabel: 'No comb on bar 4' },
      global,
    });
    const [depth] = panel.findAll('input');
    await depth.setValue('210');
    await depth.setValue('');
    const changes = panel.emitted<[object]>('change') ?? [];
    expect(changes.at(-1)).toEqual([{ depthMm: 210 }]);
    const buttons = panel.findAll('button');
    await buttons[buttons.length - 1].trigger('click');
    expect(panel.emitted('noComb')).toHaveLength(1);
  });
});
