import { inEnglish } from '@furrow/words';
import { METRIC } from '@furrow/core';
import {
  DEFAULT_RULES,
  STARTING_FIELDS,
  STARTING_SHEETS,
  labelText,
  layLabel,
  lotKeeping,
  type Lot,
} from '@furrow/core';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { afterEach, describe, expect, it, vi } from 'vitest';
import HoneyVessels from '../drawing/HoneyVessels.vue';
import JarRow from '../drawing/JarRow.vue';
import LabelFace from '../drawing/LabelFace.vue';
import LabelSheetFace from '../drawing/LabelSheetFace.vue';
import WaxCakes from '../drawing/WaxCakes.vue';
import JarWeights from './JarWeights.vue';

const words = labelText(
  {
    batchCode: 'IPE-260314-A1',
    hiveName: 'Ipê',
    siteName: 'Encosta',
    harvestedOn: '2026-03-14',
    netG: 300,
    lowestWeighedG: null,
    bee: 'honeybee',
    keeping: lotKeeping(
      { bee: 'honeybee', moisturePercent: 16.9, granulating: false },
      DEFAULT_RULES,
    ),
    registeredToSell: false,
    labelMaker: 'Casa Pedra Clara',
    product: 'honey',
  },
  inEnglish,
);
const sheet = STARTING_SHEETS[0];
const laid = layLabel({ fields: STARTING_FIELDS, qr: true }, words, sheet);

describe('a label drawn', () => {
  it('is a picture with its words where it is only shown', () => {
    const face = mount(LabelFace, { props: { laid, sheet, qr: null, s: 5 } });
    expect(face.attributes('role')).toBe('img');
    expect(face.attributes('aria-label')).toContain('300 g / 10.5 oz');
    expect(face.findAll('[role="button"]')).toHaveLength(0);
  });
  it('is touched line by line, by hand and by keys', async () => {
    const face = mount(LabelFace, {
      props: { laid, sheet, qr: null, s: 5, touchable: true, chosen: 2 },
    });
    const net = face.get('[aria-label="Line: 300 g / 10.5 oz"]');
    expect(net.attributes('aria-pressed')).toBe('true');
    await net.trigger('click');
    await net.trigger('keydown', { key: 'Enter' });
    await net.trigger('keydown', { key: ' ' });
    expect(face.emitted('touch')).toEqual([[2], [2], [2]]);
  });
  it('says what runs past its edge in rust', () => {
    const tall = layLabel(
      { fields: STARTING_FIELDS.map((f) => ({ ...f, sizePt: f.sizePt * 2 })), qr: false },
      words,
      sheet,
    );
    expect(mount(LabelFace, { props: { laid: tall, sheet, qr: null, s: 5 } }).html()).toContain(
      'var(--rust)',
    );
  });
});

describe('a sheet of labels drawn', () => {
  it('shows what is used, what is to print and what stays free, and begins where it is touched', async () => {
    const face = mount(LabelSheetFace, { props: { sheet, startAt: 3, count: 5, s: 1 } });
    expect([
      face.findAll('.used').length,
      face.findAll('.print').length,
      face.findAll('.free').length,
    ]).toEqual([3, 5, 6]);
    await face.get('[aria-label="Begin at label 7"]').trigger('keydown', { key: 'Enter' });
    expect(face.emitted('start')).toEqual([[6]]);
  });
});

describe('honey that waits', () => {
  const lot = (id: string, more = {}) => ({
    id,
    name: id,
    sub: '14 Mar 2026',
    text: '2.56 kg',
    kg: 2.56,
    leftKg: 0.06,
    expected: false,
    on: true,
    ...more,
  });
  it('is touched in and out; what is only expected is dashed and says so', async () => {
    const vessels = mount(HoneyVessels, {
      props: { lots: [lot('Ipê'), lot('Cedro', { expected: true, on: false })] },
    });
    const [a, b] = vessels.findAll('[role="checkbox"]');
    expect([a.attributes('aria-checked'), b.attributes('aria-checked')]).toEqual(['true', 'false']);
    expect(b.attributes('aria-label')).toBe('Cedro, 14 Mar 2026, 2.56 kg, expected');
    expect(b.html()).toContain('at most 2.56 kg');
    await b.trigger('keydown', { key: ' ' });
    expect(vessels.emitted('touch')).toEqual([['Cedro']]);
  });
  it('is drawn to one scale: half the honey stands half as high', () => {
    const heights = mount(HoneyVessels, {
      props: { lots: [lot('a', { kg: 4 }), lot('b', { kg: 2 })] },
    })
      .findAll('[role="checkbox"]')
      .map((g) => Number(g.findAll('rect')[1].attributes('height')));
    expect(heights[1]).toBeCloseTo(heights[0] / 2, 6);
  });
  it('stands in jars side by side, closer where there are many, never more than two dozen', () => {
    const jars = (count: number) =>
      mount(JarRow, { props: { count, netG: 500, moisturePercent: 18 } });
    expect(jars(5).findAll('g')).toHaveLength(5);
    expect(jars(60).findAll('g')).toHaveLength(24);
    expect(Number(jars(60).attributes('width'))).toBeLessThan(260);
  });
});

describe('wax drawn', () => {
  it('has its blocks one on the other, to the scale of the wet wax', () => {
    const cakes = mount(WaxCakes, {
      props: {
        wetG: 600,
        cleanG: 120,
        expected: { low: 80, mid: 130, high: 180 },
        frozen: true,
        blocks: [
          { g: 70, colour: 'yellow' },
          { g: 50, colour: 'amber' },
        ],
        text: (g: number) => `${g} g`,
      },
    });
    expect(cakes.attributes('aria-label')).toBe('600 g of wet wax, 120 g of clean wax');
    const [first, second] = cakes
      .findAll('rect[rx="3"]')
      .map((r) => ({ y: Number(r.attributes('y')), h: Number(r.attributes('height')) }));
    expect(second.y).toBeLessThan(first.y);
    expect((first.h + 1) / (second.h + 1)).toBeCloseTo(70 / 50, 1);
  });
});

describe('jars weighed one by one', () => {
  afterEach(() => vi.unstubAllGlobals());
  const lot = { id: 'l', kind: 'jars', count: 3, netG: 300, weights: null } as unknown as Lot;
  const weights = () =>
    mount(JarWeights, {
      props: { lot, units: METRIC, tareG: 160 },
      global: { plugins: [PrimeVue, createPinia(), VueQueryPlugin] },
    });
  const type = async (w: ReturnType<typeof weights>, text: string): Promise<void> => {
    await w.get('input').setValue(text);
    await w.get('form').trigger('submit');
  };
  it('say how they lie against their weight, and no more than there are', async () => {
    const w = weights();
    await type(w, '303');
    await type(w, 'about 300');
    await type(w, '296 g');
    expect(w.text()).toContain('1 of 2 jars under 300 g, the lightest 296 g');
    await type(w, '300');
    expect(w.text()).toContain('All are weighed');
    await type(w, '300');
    expect(w.findAll('circle')).toHaveLength(3);
    await w
      .findAll('button')
      .find((b) => b.text() === 'Take the last back')!
      .trigger('click');
    expect(w.findAll('circle')).toHaveLength(2);
  });
  it('keep what was typed where the server refuses', async () => {
    vi.stubGlobal('fetch', async () => ({
      ok: false,
      status: 400,
      json: async () => ({
        code: 'bad-input',
        detail: "29 g is far from 300 g. Was the jar's tare taken off?",
      }),
    }));
    const w = weights();
    await type(w, '29');
    await w
      .findAll('button')
      .find((b) => b.text() === 'Write the weights down')!
      .trigger('click');
    await vi.waitFor(() =>
      expect(w.find('[role="alert"]').text()).toContain('29 g is far from 300 g'),
    );
    expect(w.findAll('circle')).toHaveLength(1);
    expect(w.emitted('done')).toBeUndefined();
  });
});
