import type { CutBoard, CutPiece } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import FlawTools from './FlawTools.vue';
import NextCut from './NextCut.vue';
import PieceInHand from './PieceInHand.vue';
import PlanDrafts from './PlanDrafts.vue';
import { useBoardActs } from './useBoardActs.js';

const global = { plugins: [PrimeVue] };
const piece = (said: object = {}): CutPiece =>
  ({
    id: 'p',
    lowG: 310,
    highG: 380,
    bestSide: 'B',
    grade: null,
    reason: null,
    blemishes: [],
    state: 'planned',
    lotId: null,
    ...said,
  }) as unknown as CutPiece;
const board = (said: object = {}): CutBoard =>
  ({
    id: 'board',
    cuts: [{}, {}, {}],
    cutsDone: 0,
    flaws: [],
    doneAt: null,
    revision: 7,
    ...said,
  }) as unknown as CutBoard;

describe('the next cut', () => {
  const cut = (cutsDone: number) =>
    mount(NextCut, {
      props: { board: board({ cutsDone }), likely: 'About 5 pieces.', busy: false },
      global,
    });
  it('is counted, and the last one is told from the others', () => {
    expect(cut(0).text()).toContain('Cut 1 of 3 made');
    expect(cut(2).text()).toContain('Last cut made');
  });
  it('once one is made the plan is not laid anew as a whole', () => {
    expect(cut(0).text()).toContain('Plan it anew');
    expect(cut(1).text()).not.toContain('Plan it anew');
  });
});

describe('a piece in hand', () => {
  const hand = (said: object = {}) =>
    mount(PieceInHand, { props: { piece: piece(said), name: 'Round box 2', busy: false }, global });
  it('says what it should weigh and which side is up', () =>
    expect(hand().text()).toContain('About 310–380 g, side B up.'));
  it('is looked over once it is cut, and before it is packed', async () => {
    expect(hand().find('[role="group"]').exists()).toBe(false);
    expect(hand({ state: 'cut', lotId: 'lot' }).find('[role="group"]').exists()).toBe(false);
    const cut = hand({ state: 'cut' });
    await cut.findAll('[role="group"] button')[1].trigger('click');
    expect(cut.emitted('toggle')).toHaveLength(1);
  });
  it('cracks once', () => {
    expect(hand().text()).toContain('This one cracked');
    expect(hand({ state: 'cracked' }).text()).not.toContain('This one cracked');
  });
});

describe('plans one after the other', () => {
  it('are flipped within their number, and kept', async () => {
    const first = mount(PlanDrafts, { props: { at: 0, of: 2, busy: false }, global });
    expect(first.text()).toContain('Plan 1 of 2');
    const key = (label: string) => first.get(`[aria-label="${label}"]`);
    expect(key('Before').attributes('disabled')).toBeDefined();
    await key('Next').trigger('click');
    await key('Keep this plan').trigger('click');
    expect(first.emitted('flip')).toEqual([[1]]);
    expect(first.emitted('keep')).toHaveLength(1);
  });
});

describe('flaws that are drawn', () => {
  const tools = (said: object = {}) =>
    mount(FlawTools, { props: { modelValue: null, regionMm: 24, offered: true, ...said }, global });
  it('a tool touched again is put away', async () => {
    const open = tools();
    const [first] = open.findAll('[role="group"] button');
    await first.trigger('click');
    const [[tool]] = open.emitted<[string]>('update:modelValue') ?? [['']];
    const taken = tools({ modelValue: tool });
    await taken.findAll('[role="group"] button')[0].trigger('click');
    expect(taken.emitted('update:modelValue')).toEqual([[null]]);
  });
  it('by numbers only when all four are said', async () => {
    const numbers = tools({ modelValue: 'brood' });
    const fields = numbers.findAll('.how input');
    const draw = numbers.get('.how button');
    for (const [i, value] of ['10', '20', '30'].entries()) await fields[i].setValue(value);
    expect(draw.attributes('disabled')).toBeDefined();
    await fields[3].setValue('40');
    await draw.trigger('click');
    expect(numbers.emitted('flaw')).toEqual([[{ xMm: 10, yMm: 20, widthMm: 30, heightMm: 40 }]]);
  });
});

describe('what is done at the board', () => {
  const acts = (said: object = {}, isPlanning = false) => {
    const go = vi.fn().mockResolvedValue({});
    const knife = {
      draft: ref(isPlanning ? { pieces: [] } : null),
      find: vi.fn().mockResolvedValue(undefined),
      afterCrack: vi.fn().mockResolvedValue(null),
    };
    const measures = ref({ widthMm: 300, heightMm: 200, thicknessMm: 28 });
    const given = { comb: ref({}), board: ref(board(said)), boards: {}, knife, measures, go };
    return { go, knife, ...useBoardActs(given as never) };
  };

  it('a flaw drawn over the edge is cut off at it, to the tenth of a millimetre', async () => {
    const { addFlaw, go } = acts();
    await addFlaw('brood', { xMm: -4, yMm: 150.04, widthMm: 20, heightMm: 90 }, null);
    const flaw = { kind: 'brood', xMm: 0, yMm: 150, widthMm: 16, heightMm: 50 };
    expect(go.mock.calls[0][1]).toEqual({ flaws: [flaw] });
  });

  it('a thin place without its millimetres is not drawn', async () => {
    const { addFlaw, go } = acts();
    await addFlaw('thickness', { xMm: 0, yMm: 0, widthMm: 20, heightMm: 20 }, null);
    expect(go).not.toHaveBeenCalled();
  });

  it('a plan that was being looked at is looked for again after a flaw', async () => {
    const planning = acts({ flaws: [{ kind: 'brood' }] }, true);
    await planning.rub(0);
    expect(planning.go.mock.calls[0][1]).toEqual({ flaws: [] });
    expect(planning.knife.find).toHaveBeenCalledTimes(1);
  });

  it('the last cut closes the board, against the revision that was seen', async () => {
    const last = acts({ cutsDone: 2 });
    await last.cut();
    expect(last.go).toHaveBeenCalledWith(
      '/cutBoards/board',
      { cutsDone: 3, done: true },
      'The last cut: all pieces are free.',
      { method: 'PATCH', baseRevision: 7 },
    );
  });

  it('a piece that cracks once all is cut plans nothing anew', async () => {
    const over = acts({ doneAt: '2026-03-14T15:00:00Z' });
    await over.cracked(piece({ state: 'cut' }));
    expect(over.knife.afterCrack).not.toHaveBeenCalled();
    expect(over.go).toHaveBeenCalledTimes(1);
  });
});
