import { METRIC, US_UNITS, asWritten } from '@furrow/core';
import type { Flow, Lot } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { createPinia } from 'pinia';
import BookEntries from './BookEntries.vue';
import FlowDrawing from './FlowDrawing.vue';
import { bandPattern } from './chartPatterns.js';
import { useArchive } from './useArchive.js';

const lot = (id: string, kind = 'honey'): Lot =>
  ({ id, kind, name: asWritten(`Ipê, ${id}`), code: null }) as unknown as Lot;
let n = 0;
const flow = (from: string, to: string, g: number): Flow =>
  ({ id: String(++n), from, to, g, at: '2026-03-14T12:00:00Z' }) as unknown as Flow;
const drawn = (lots: Lot[], flows: Flow[]): string[] =>
  mount(FlowDrawing, { props: { lots, flows, units: METRIC } })
    .findAll('path')
    .map((p) => p.attributes('aria-label')!);

describe('the book as bands', () => {
  it('adds up what goes the same way', () => {
    expect(
      drawn([lot('comb', 'comb')], [flow('outside', 'comb', 2000), flow('outside', 'comb', 1985)]),
    ).toEqual(['hive to comb: 3985 g']);
  });
  it('shows what was poured there and back as its difference, and never hangs on a circle', () => {
    const lots = [lot('a'), lot('b'), lot('c')];
    expect(
      drawn(lots, [flow('outside', 'a', 3000), flow('a', 'b', 900), flow('b', 'a', 400)]),
    ).toEqual(expect.arrayContaining(['hive to a: 3000 g', 'a to b: 500 g']));
    const circle = drawn(lots, [
      flow('outside', 'a', 3000),
      flow('a', 'b', 900),
      flow('b', 'c', 800),
      flow('c', 'a', 100),
    ]);
    expect(circle).toContain('b to c: 800 g');
    expect(circle.some((l) => l.startsWith('c to a'))).toBe(false);
  });
  it("says a band's grams when it is touched", async () => {
    const drawing = mount(FlowDrawing, {
      props: {
        lots: [lot('comb', 'comb')],
        flows: [flow('outside', 'comb', 2000)],
        units: US_UNITS,
      },
    });
    await drawing.get('path').trigger('click');
    expect(drawing.get('figcaption').text()).toBe('hive to comb: 4.41 lb');
  });
});

describe('the entries of a book', () => {
  const entries = (...flows: Flow[]): string[][] =>
    mount(BookEntries, {
      props: { flows, lots: [lot('comb', 'comb')], zone: 'UTC', gram: (g: number) => `${g} g` },
      global: { plugins: [createPinia()] },
    })
      .findAll('tr')
      .map((row) => row.findAll('th, td').map((cell) => cell.text()));
  const taken = flow('outside', 'comb', 2000);
  it('say nothing of who, where the household wrote them all at its table', () => {
    const [head, line] = entries({ ...taken, by: null, reason: asWritten('Weighed') });
    expect(head).toEqual(['When', 'From → to', 'Why', 'Mass']);
    expect(line.slice(1)).toEqual([
      'the hive and the world outside → Ipê, comb',
      'Weighed',
      '2000 g',
    ]);
  });
  it('say who wrote each, as soon as a phone wrote one', () => {
    const rows = entries(
      { ...taken, by: null },
      { ...flow('comb', 'loss', 15), by: 'Rui, Blue phone' },
    );
    expect(rows.map((row) => row[3])).toEqual(['Who', 'the table', 'Rui, Blue phone']);
  });
});

describe('an archive on its way', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });
  const answers = (...list: object[]): unknown =>
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => ({ ok: true, json: async () => list.shift() })),
    );
  const used = (): ReturnType<typeof useArchive> => {
    let found!: ReturnType<typeof useArchive>;
    mount(
      defineComponent({
        setup() {
          found = useArchive();
          return () => null;
        },
      }),
    );
    return found;
  };
  const job = (state: string, more = {}) => ({
    id: 'j',
    kind: 'import',
    state,
    share: 0.5,
    says: null,
    bytes: 0,
    preview: null,
    ...more,
  });
  it('is followed until it is there', async () => {
    vi.useFakeTimers();
    answers(job('running'), job('running'), job('running'), job('previewed'));
    const archive = used();
    await archive.begin('/archives/import', new Blob(['x']));
    expect(archive.running.value).toBe(true);
    await vi.advanceTimersByTimeAsync(600);
    expect(archive.job.value!.state).toBe('previewed');
  });
  it('says why it failed, and can be put away', async () => {
    answers(
      job('running'),
      job('failed', { says: 'This is no zip, or it is cut off. Nothing was changed.' }),
    );
    const archive = used();
    await archive.begin('/archives/import', new Blob(['x']));
    expect(archive.says.value).toMatch(/cut off/);
    archive.putAway();
    expect([archive.job.value, archive.says.value]).toEqual([null, null]);
  });
  it('says so where nobody answers', async () => {
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('no');
    });
    const archive = used();
    await archive.begin('/archives/export');
    expect(archive.says.value).toMatch(/cannot be reached/);
  });
});

it('series of a chart have a tone even where no pattern can be drawn', () =>
  expect(new Set(Array.from({ length: 8 }, (_, i) => bandPattern(i, '#000', '#fff'))).size).toBe(
    8,
  ));
