import { METRIC, US_UNITS } from '@furrow/core';
import { TOP_BAR_DEFAULTS, type Shares } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import CombFace from './CombFace.vue';
import RangeBar from './RangeBar.vue';
import SectionTopBar from './sections/SectionTopBar.vue';
import VesselStack from './VesselStack.vue';
import WinterBalance from './WinterBalance.vue';

const shares: Shares = { capped: 0.6, open: 0.3, pollen: 0, brood: 0, empty: 0.1 };
const section = (props: Record<string, unknown> = {}) =>
  mount(SectionTopBar, {
    props: {
      geometry: TOP_BAR_DEFAULTS,
      combs: [{ slot: 3, depthMm: 200, A: shares, B: null, verdict: 'test' as const }],
      s: 0.9,
      label: 'Section of Ipê',
      ...props,
    },
  });

describe('the section of a top-bar hive', () => {
  it('is to scale: twice the scale is twice the bar', () => {
    const width = (s: number): number =>
      Number(section({ s, interactive: true }).get('[data-slot="2"]').attributes('width'));
    expect(width(1.8) / width(0.9)).toBeCloseTo(2, 6);
    expect(width(0.9)).toBeCloseTo(36 * 0.9, 6);
  });
  it('has a button for every bar, said with its verdict or that it is empty', async () => {
    const wrapper = section({ interactive: true, selected: 3 });
    const hits = wrapper.findAll('[role="button"]');
    expect(hits).toHaveLength(22);
    expect(hits[2].attributes('aria-label')).toBe('Comb 3, test first');
    expect(hits[2].attributes('aria-pressed')).toBe('true');
    expect(hits[4].attributes('aria-label')).toBe('Bar 5, no comb');
    await hits[4].trigger('click');
    await hits[6].trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('select')).toEqual([[5], [7]]);
  });
  it('is walked by the arrow keys, one bar in the tab order', async () => {
    const wrapper = mount(SectionTopBar, {
      attachTo: document.body,
      props: { geometry: TOP_BAR_DEFAULTS, combs: [], s: 0.9, label: 'Section', interactive: true },
    });
    const hit = (slot: number) => wrapper.get(`[data-slot="${slot}"]`);
    (hit(1).element as SVGElement).focus();
    await hit(1).trigger('keydown', { key: 'ArrowRight' });
    await hit(2).trigger('keydown', { key: 'ArrowRight' });
    await hit(3).trigger('keydown', { key: ' ' });
    expect(document.activeElement).toBe(hit(3).element);
    expect(wrapper.emitted('select')).toEqual([[3]]);
    expect(wrapper.findAll('[role="button"][tabindex="0"]')).toHaveLength(1);
    wrapper.unmount();
  });
  it('has no buttons where it is only looked at', () =>
    expect(section().findAll('[role="button"]')).toHaveLength(0));
  it('moves board and bars by the arrow keys, within bounds', async () => {
    const wrapper = section({
      editBoard: true,
      editBars: true,
      geometry: { ...TOP_BAR_DEFAULTS, followerAfterBar: 22 },
    });
    const [board, bars] = wrapper.findAll('[role="slider"]');
    await board.trigger('keydown', { key: 'ArrowRight' });
    await board.trigger('keydown', { key: 'ArrowLeft' });
    await board.trigger('keydown', { key: 'x' });
    await bars.trigger('keydown', { key: 'ArrowUp' });
    expect(wrapper.emitted('board')).toEqual([[22], [21]]);
    expect(wrapper.emitted('bars')).toEqual([[23]]);
  });
  it('lifts a comb out and leaves its ghost behind', () => {
    const lifted = section({
      combs: [{ slot: 3, depthMm: 200, A: shares, B: shares, verdict: 'take', lifted: true }],
    });
    expect(lifted.html()).toContain('translateY(-58px)');
    expect(lifted.findAll('path[stroke-dasharray="4 4"]').length).toBeGreaterThan(0);
  });
});

describe('the face of a comb', () => {
  const outline = { topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 };
  const face = (props: Record<string, unknown> = {}) =>
    mount(CombFace, {
      props: { outline, shares, s: 1, title: 'Bar 3, side A', seed: 2, edit: true, ...props },
    });
  it('has four edges that say what they bound and move by keys', async () => {
    const wrapper = face();
    const edges = wrapper.findAll('[role="slider"]');
    expect(edges.map((e) => e.attributes('aria-label'))).toEqual([
      'Lower edge of capped',
      'Lower edge of open',
      'Lower edge of pollen',
      'Lower edge of brood',
    ]);
    expect(edges[0].attributes('aria-valuetext')).toBe('Capped 60 %');
    await edges[0].trigger('keydown', { key: 'ArrowDown' });
    await edges[3].trigger('keydown', { key: 'PageUp' });
    const [[first], [second]] = wrapper.emitted('change') as [[Shares], [Shares]];
    expect(first.capped).toBeCloseTo(0.61, 9);
    expect(first.open).toBeCloseTo(0.29, 9);
    expect(second.empty).toBeCloseTo(0.2, 9);
  });
  it('says when it was not seen, and offers no edges then', () => {
    const wrapper = face({ shares: null });
    expect(wrapper.text()).toContain('Not seen');
    expect(wrapper.findAll('[role="slider"]')).toHaveLength(0);
  });
});

describe('balance, vessels and ranges', () => {
  const staysKg = { low: 10, mid: 12, high: 14 };
  it('leans to the heavier side by the low estimate', () => {
    const beam = (needKg: number | null): number => {
      const d = mount(WinterBalance, {
        props: {
          balance: { staysKg, needKg, spareKg: 0, unreadBars: [], slideForwardBars: [] },
          stacks: [{ label: 'nest', kg: 10, pattern: 'brood' }],
        },
      })
        .findAll('path')
        .find((p) => p.attributes('stroke-width') === '7')!
        .attributes('d')!;
      const ends = /M([\d.-]+) ([\d.-]+)L([\d.-]+) ([\d.-]+)/.exec(d)!;
      // Left end's height less the right one's: above 0 the stores' pan hangs lower.
      return Number(ends[2]) - Number(ends[4]);
    };
    expect(beam(8)).toBeGreaterThan(0);
    expect(beam(12)).toBeLessThan(0);
    expect(Math.abs(beam(10))).toBeLessThan(1e-9);
  });
  it('says both pans in words', () => {
    const wrapper = mount(WinterBalance, {
      props: {
        balance: { staysKg, needKg: 11, spareKg: -1, unreadBars: [], slideForwardBars: [] },
        stacks: [],
      },
    });
    expect(wrapper.attributes('aria-label')).toBe(
      'Balance: 10.0 kg stays, counted low, 11.0 kg needed',
    );
  });
  it('draws levels from mass, density and width, and says them', () => {
    const pail = { volumeL: 5, innerDiameterMm: 200, name: 'Pail' };
    const level = (inLowerKg: number): number =>
      Number(
        mount(VesselStack, {
          props: {
            upper: pail,
            lower: pail,
            crushedKg: 4,
            outKg: inLowerKg,
            inLowerKg,
            fullKg: 6,
            densityKgPerL: 1.41,
            fullAbout: null,
            units: METRIC,
          },
        })
          .findAll('rect[fill="var(--open)"]')[0]
          .attributes('height'),
      );
    expect(level(2) / level(1)).toBeCloseTo(2, 6);
    const wrapper = mount(VesselStack, {
      props: {
        upper: null,
        lower: null,
        crushedKg: 4,
        outKg: 1.5,
        inLowerKg: 1.5,
        fullKg: null,
        densityKgPerL: 1.41,
        fullAbout: null,
        units: METRIC,
      },
    });
    expect(wrapper.attributes('aria-label')).toBe(
      '2.5 kg still in the upper bucket, 1.5 kg in the lower vessel',
    );
  });
  it('say about of a level that only the forecast knows', () => {
    const pail = { volumeL: 12, innerDiameterMm: 250, name: 'Pail' };
    const stack = mount(VesselStack, {
      props: {
        ...{ upper: pail, lower: pail, crushedKg: 4, outKg: 1.5, inLowerKg: 1.5, about: true },
        ...{ fullKg: 15, densityKgPerL: 1.41, fullAbout: null, units: METRIC },
      },
    });
    const words = stack.findAll('text').map((t) => t.text());
    expect(words).toContain('about 2.5 kg');
    expect(words).toContain('about 1.5 kg');
  });
  it('say pounds, ticks and all, where pounds were chosen', () => {
    const pail = { volumeL: 12, innerDiameterMm: 250, name: 'Pail' };
    const stack = mount(VesselStack, {
      props: {
        ...{ upper: pail, lower: pail, crushedKg: 4.536, outKg: 0, inLowerKg: 0 },
        ...{ fullKg: 15, densityKgPerL: 1.41, fullAbout: null, units: US_UNITS },
      },
    });
    const words = stack.findAll('text').map((t) => t.text().replace(/\s+/g, ' '));
    expect(words).toContain('10.0 lb at the start');
    expect(words).toContain('33.1 lb full');
    // 16.92 kg to the brim are 37.3 lb: by tens, the last tick with its unit.
    expect(words.filter((w) => /^\d+( lb)?$/.test(w))).toEqual(['0', '10', '20', '30 lb']);
    expect(stack.html()).not.toMatch(/\d kg/);
  });
  it('keeps a range within its axis', () => {
    const bar = mount(RangeBar, {
      props: { range: { low: 5, mid: 8, high: 20 }, max: 10, width: 100 },
    });
    expect(bar.findAll('path')[1].attributes('d')).toBe('M50 6H100');
    expect(
      mount(RangeBar, { props: { range: { low: 0, mid: 0, high: 0 }, max: 10 } })
        .find('circle')
        .exists(),
    ).toBe(true);
  });
});
