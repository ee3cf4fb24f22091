import { HIVE_KIND_NAMES, hiveKind, type HiveKindName, type Shares } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { sketchHive } from '../../look/sketch.js';
import HiveSection from './HiveSection.vue';
import { SECTIONS, sectionSizeMm } from './registry.js';
import { layStack, type SectionComb } from './section.js';

const shares: Shares = { capped: 0.6, open: 0.3, pollen: 0, brood: 0, empty: 0.1 };
const stacks = HIVE_KIND_NAMES.filter((k) => k !== 'top-bar');
const combsOf = (kind: HiveKindName): SectionComb[] =>
  sketchHive(kind, hiveKind(kind).defaults).bars.map((b) => ({
    slot: b.slot,
    inBox: b.inBox,
    boxId: b.boxId,
    depthMm: 100,
    A: shares,
    B: null,
    verdict: 'leave' as const,
  }));
const draw = (kind: HiveKindName, props: Record<string, unknown> = {}) =>
  mount(HiveSection, {
    props: {
      hive: sketchHive(kind, hiveKind(kind).defaults),
      combs: combsOf(kind),
      s: 0.5,
      label: `Section of a ${kind}`,
      interactive: true,
      ...props,
    },
    attachTo: document.body,
  });

describe.each(stacks)('the section of a %s', (kind) => {
  it('has a drawing of its own, to scale: twice the scale is twice the place', () => {
    expect(SECTIONS[kind]).toBeDefined();
    const width = (s: number): number => Number(draw(kind, { s }).get('.hit').attributes('width'));
    expect(width(1) / width(0.5)).toBeCloseTo(2, 6);
    const shape = hiveKind(kind).compartment(
      hiveKind(kind).defaults,
      hiveKind(kind).readCompartment,
    );
    expect(width(1)).toBeCloseTo(shape.pitchMm, 6);
  });
  it('has a button for every place that can be read, and none in a closed brood box', async () => {
    const wrapper = draw(kind);
    const hits = wrapper.findAll('.hit');
    expect(hits).toHaveLength(sketchHive(kind, hiveKind(kind).defaults).bars.length);
    expect(hits[0].attributes('aria-label')).toMatch(
      /^(box|super|honey super) \d+, place \d+, leave$/,
    );
    await hits[1].trigger('click');
    await hits[0].trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('select')).toHaveLength(2);
  });
  it('boxes stand on each other without a gap, the highest number on top', () => {
    const { boxes, bottom } = layStack(sketchHive(kind, hiveKind(kind).defaults), [], 0.5, 10, 20);
    for (const [i, box] of boxes.entries()) {
      expect(box.y + box.height).toBeCloseTo(boxes[i + 1]?.y ?? bottom, 6);
      if (i) expect(box.number).toBe(boxes[i - 1].number - 1);
      for (const p of box.places) expect(p.x > box.x && p.x < box.x + box.width).toBe(true);
    }
    expect(sectionSizeMm(sketchHive(kind, hiveKind(kind).defaults)).heightMm).toBeGreaterThan(
      (bottom - 20) / 0.5,
    );
  });
});

describe('walking a stack', () => {
  it('left and right go along a box, up and down to the one above or below; one place is in the tab order', async () => {
    const wrapper = draw('warre', { selected: 103 });
    const hit = (slot: number) => wrapper.get(`[data-slot="${slot}"]`);
    expect(wrapper.findAll('.hit[tabindex="0"]')).toHaveLength(1);
    (hit(103).element as SVGElement).focus();
    await hit(103).trigger('keydown', { key: 'ArrowRight' });
    expect(document.activeElement).toBe(hit(104).element);
    await hit(104).trigger('keydown', { key: 'ArrowUp' });
    expect(document.activeElement).toBe(hit(204).element);
    await hit(204).trigger('keydown', { key: 'ArrowLeft' });
    await hit(203).trigger('keydown', { key: ' ' });
    expect(wrapper.emitted('select')).toEqual([[203]]);
  });
  it('a long hive is still drawn by its own section', () => {
    const wrapper = mount(HiveSection, {
      props: {
        hive: { kind: 'top-bar', geometry: hiveKind('top-bar').defaults, boxes: [], bars: [] },
        combs: [],
        s: 0.5,
        label: 'Long',
        interactive: true,
      },
    });
    expect(wrapper.findAll('[role="button"]')).toHaveLength(22);
  });
  it('pots are drawn as pots: as many as there is room for, each in its pattern', () => {
    const pots = {
      honeySealed: 3,
      honeyOpen: 2,
      pollen: 1,
      empty: 0,
      potWidthMm: 26,
      potHeightMm: 32,
    };
    const wrapper = draw('stingless', {
      combs: [{ slot: 201, inBox: 1, boxId: 'box-2', depthMm: 62, A: null, B: null, pots }],
    });
    const fills = wrapper.findAll('ellipse').map((e) => e.attributes('fill'));
    expect(fills.filter((f) => f === 'url(#p-capped)')).toHaveLength(3);
    expect(fills.filter((f) => f === 'url(#p-pollen)')).toHaveLength(1);
  });
});
