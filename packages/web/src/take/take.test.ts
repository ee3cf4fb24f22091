import { asWritten } from '@furrow/core';
import { todaySay } from '@furrow/core';
import { METRIC } from '@furrow/core';
import { DEFAULT_RULES, type StepCheck, type WhatIf } from '@furrow/core';
import { flushPromises, mount } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { setServerNow, deviceAheadMinutes, serverNow } from '../api/client.js';
import WhatIfs from '../drain/WhatIfs.vue';
import DrainFrameInPlace from '../drawing/DrainFrameInPlace.vue';
import SettlingVessel from '../drawing/SettlingVessel.vue';
import StackMark from '../drawing/StackMark.vue';
import TiltLevel from '../drawing/TiltLevel.vue';
import VesselStack from '../drawing/VesselStack.vue';
import { dueNow } from '../shell/alarms.js';
import StepChecks from './StepChecks.vue';
import WaitClock from './WaitClock.vue';

const clock = (change: object = {}) => ({
  id: 'c',
  kind: 'drain' as const,
  batchId: 'b',
  hiveName: 'Ipê',
  startedAt: '2026-03-14T12:00:00Z',
  dueAt: '2026-03-14T15:00:00Z',
  dueWhat: todaySay('clock.stir'),
  urgent: true,
  ...change,
});

describe('alarms', () => {
  const at = (iso: string, rung = new Set<string>()) =>
    dueNow([clock()], new Date(iso), rung).map((d) => d.text);
  it('ring when due, once, and not for what was due long ago', () => {
    expect(at('2026-03-14T14:59:00Z')).toEqual([]);
    expect(at('2026-03-14T15:00:10Z')).toEqual(['Ipê: stir now']);
    expect(at('2026-03-14T15:00:10Z', new Set(['c clock.stir']))).toEqual([]);
    expect(at('2026-03-14T19:00:00Z')).toEqual([]);
    expect(dueNow([clock({ dueAt: null })], new Date(), new Set())).toEqual([]);
  });
});

describe("the server's clock on this device", () => {
  it('is kept against a device that is hours off, and says by how much', () => {
    setServerNow(new Date(Date.now() - 3 * 3_600_000).toISOString());
    expect(deviceAheadMinutes()).toBe(180);
    expect(Math.abs(serverNow().getTime() - (Date.now() - 3 * 3_600_000))).toBeLessThan(2000);
  });
  it("is not set back by an answer that came late, and runs as fast as the server's", () => {
    const told = Date.now();
    setServerNow(new Date(told).toISOString());
    setServerNow(new Date(told - 20_000).toISOString());
    expect(serverNow().getTime()).toBeGreaterThanOrEqual(told);
    vi.useFakeTimers({ now: told });
    setServerNow(new Date(told + 3_600_000 * 100).toISOString(), 600);
    vi.advanceTimersByTime(1000);
    expect(serverNow().getTime()).toBe(told + 3_600_000 * 100 + 600_000);
    vi.useRealTimers();
  });
  it('says nothing of a rehearsal that is months away', () => {
    setServerNow('2020-01-01T00:00:00Z', 1, true);
    expect(deviceAheadMinutes()).toBe(0);
    setServerNow(new Date().toISOString());
  });
  it('says nothing of it either where the page begins anew, before the house was heard', async () => {
    setServerNow('2020-01-01T00:00:00Z', 1, true);
    vi.resetModules();
    const anew = await import('../api/client.js');
    expect(anew.deviceAheadMinutes()).toBe(0);
    expect(anew.serverNow().getUTCFullYear()).toBe(2020);
    setServerNow(new Date().toISOString());
  });
});

describe('a wait', () => {
  it("counts down by the server's clock and says when it is over", () => {
    const wrapper = mount(WaitClock, {
      props: { until: new Date(serverNow().getTime() + 101_000).toISOString() },
    });
    expect(wrapper.text()).toMatch(/^1:4[01]$/);
    expect(wrapper.attributes('aria-label')).toMatch(/1 minutes 4[01] seconds to wait/);
    expect(mount(WaitClock, { props: { until: '2020-01-01T00:00:00Z' } }).text()).toBe(
      'The wait is over',
    );
  });
});

describe('conditions', () => {
  const checks: StepCheck[] = [
    {
      id: 'tray',
      text: asWritten('Spill tray in its upper position'),
      ifNot: asWritten('Push it up.'),
    },
    { id: 'floor', text: asWritten('Floor closed'), ifNot: asWritten('Close it.') },
  ];
  it('are touched one by one and taken back; what is not so says what to do', async () => {
    const wrapper = mount(StepChecks, {
      props: {
        checks,
        modelValue: [] as string[],
        'onUpdate:modelValue': (v: string[]) => wrapper.setProps({ modelValue: v }),
      },
    });
    expect(wrapper.text()).toContain('Not so? Push it up.');
    await wrapper.findAll('[role=checkbox]')[0].trigger('click');
    expect(wrapper.findAll('[aria-checked=true]')).toHaveLength(1);
    expect(wrapper.text()).not.toContain('Push it up.');
    await wrapper.findAll('[role=checkbox]')[0].trigger('click');
    expect(wrapper.props('modelValue')).toEqual([]);
  });
  it('hand the focus on, so that one key ticks them all and takes none back', async () => {
    const wrapper = mount(StepChecks, {
      attachTo: document.body,
      props: {
        checks,
        modelValue: [] as string[],
        'onUpdate:modelValue': (v: string[]) => wrapper.setProps({ modelValue: v }),
      },
    });
    const [first, second] = wrapper.findAll('[role=checkbox]');
    (first.element as HTMLElement).focus();
    await first.trigger('click');
    await flushPromises();
    expect(document.activeElement).toBe(second.element);
    expect(wrapper.emitted('all')).toBeUndefined();
    await second.trigger('click');
    await flushPromises();
    expect(wrapper.emitted('all')).toHaveLength(1);
    wrapper.unmount();
  });
});

describe('drawings of the hive and the bench', () => {
  const frame = (change: object = {}) =>
    mount(DrainFrameInPlace, {
      props: {
        widthMm: 420,
        heightMm: 200,
        parts: 4,
        open: 1,
        mayOpen: true,
        isReset: false,
        isPlugged: false,
        leaking: false,
        outShare: 0.4,
        vessel: { volumeL: 3, innerDiameterMm: 140, name: 'Jar' },
        levelKg: 0.8,
        levelHighKg: 1,
        isWeighed: false,
        fullKg: 3.7,
        densityKgPerL: 1.41,
        s: 0.5,
        label: 'Frame',
        units: METRIC,
        ...change,
      },
    });
  it('a frame: only the next part can be touched, none while it may not be opened', async () => {
    const wrapper = frame();
    const hit = wrapper.findAll('[role=button]');
    expect(hit.map((h) => h.attributes('aria-label'))).toEqual(['Open part 2 of 4']);
    await hit[0].trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('open')).toHaveLength(1);
    expect(frame({ mayOpen: false }).findAll('[role=button]')).toHaveLength(0);
    expect(frame({ open: 4 }).findAll('[role=button]')).toHaveLength(0);
    expect(wrapper.text()).toContain('3.7 kg full');
  });
  it('what is in its vessel is about so much while it runs, and as read once all was weighed', () => {
    expect(frame().text()).toContain('about 0.8 kg');
    const weighed = frame({ isWeighed: true, levelKg: 2.3 }).text();
    expect(weighed).toContain('2.30 kg');
    expect(weighed).not.toContain('about');
  });
  it('the level in its vessel is to scale: a litre in 140 mm stands 65 mm deep', () => {
    const rects = frame({ levelKg: 1.41, levelHighKg: 0 })
      .findAll('rect')
      .map((r) => Number(r.attributes('height')));
    expect(rects.some((h) => Math.abs(h - 64.96 * 0.5) < 0.1)).toBe(true);
  });
  it('the tilt is drawn true, and named', () => {
    const wrapper = mount(TiltLevel, { props: { degrees: 2, needed: 3, lengthMm: 480 } });
    expect(wrapper.attributes('aria-label')).toBe(
      'It leans 2 degrees toward the outlet; 3 are asked',
    );
    expect(wrapper.find('g').attributes('transform')).toContain('rotate(2)');
    expect(
      mount(TiltLevel, { props: { degrees: null, needed: 3, lengthMm: 480 } }).attributes(
        'aria-label',
      ),
    ).toMatch(/not measured/);
  });
  it('every way vessels stand has its own picture', () => {
    const pictures = (
      [
        'holed-bucket',
        'two-bucket-gate',
        'mesh',
        'cloth',
        'colander',
        'press-bag',
        'box-tray',
      ] as const
    ).map((arrangement) => mount(StackMark, { props: { arrangement } }).html());
    expect(new Set(pictures).size).toBe(pictures.length);
    const stack = mount(VesselStack, {
      props: {
        arrangement: 'press-bag',
        upper: null,
        lower: null,
        crushedKg: 6,
        outKg: 2,
        inLowerKg: 2,
        fullKg: 8,
        densityKgPerL: 1.41,
        fullAbout: 'from 19:00',
        units: METRIC,
      },
    });
    expect(stack.attributes('aria-label')).toBe(
      '4.0 kg still in the upper bucket, 2.0 kg in the lower vessel',
    );
    expect(stack.text()).toContain('from 19:00');
  });
  it('crumbs rise in the settling vessel until it is skimmed', () => {
    const vessel = (risen: number, skimmed = false) =>
      mount(SettlingVessel, {
        props: {
          vessel: { volumeL: 16, innerDiameterMm: 270, name: 'Gate' },
          honeyKg: 8,
          depthMm: 99,
          risen,
          skimmed,
          fullKg: 20,
          densityKgPerL: 1.41,
          units: METRIC,
        },
      });
    const highest = (risen: number): number =>
      Math.max(
        ...vessel(risen)
          .findAll('circle')
          .map((c) => Number(c.attributes('cy'))),
      );
    expect(highest(0.9)).toBeLessThan(highest(0.1));
    expect(vessel(1, true).findAll('circle')).toHaveLength(0);
    expect(vessel(0.4).attributes('aria-label')).toContain('crumbs 40 % of the way up');
  });
});

describe('what an act would bring', () => {
  const acts: WhatIf[] = [
    {
      act: 'stir',
      moreKg: { low: 0.1, mid: 0.2, high: 0.4 },
      soonerHours: 0,
      diastaseLostPercent: 0,
      invertaseLostPercent: 0,
    },
    {
      act: 'press',
      moreKg: { low: 0.5, mid: 0.52, high: 0.55 },
      soonerHours: 0,
      diastaseLostPercent: 0,
      invertaseLostPercent: 0,
    },
    {
      act: 'warm',
      moreKg: { low: 0, mid: 0, high: 0 },
      soonerHours: 1.26,
      diastaseLostPercent: 0.04,
      invertaseLostPercent: 0.09,
    },
  ];
  it('is said with its range, its worth where there is a price, and its cost', () => {
    const rows = mount(WhatIfs, {
      props: { acts, rules: { ...DEFAULT_RULES, currency: 'R$' }, pricePerKg: 60 },
    })
      .findAll('tbody tr')
      .map((r) => r.text());
    expect(rows[0]).toContain('0.1–0.4 kg more, about R$ 12');
    expect(rows[1]).toMatch(/about 0\.5 kg more.*30 min of hands, cloudier/);
    expect(rows[2]).toMatch(
      /1\.3 h sooner.*< 0\.1 % of diastase, 0\.1 % of invertase; HMF not computed/,
    );
    expect(
      mount(WhatIfs, { props: { acts, rules: DEFAULT_RULES, pricePerKg: null } }).text(),
    ).not.toContain('R$');
  });
});
