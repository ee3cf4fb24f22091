import { asWritten } from '@furrow/core';
import { METRIC } from '@furrow/core';
import { DEFAULT_RULES, type Take, type TakeStep } from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import StepDone from './StepDone.vue';
import StepKeys from './StepKeys.vue';
import { useStepAnswers } from './useStepAnswers.js';

const global = { plugins: [PrimeVue] };
const step = (said: object): TakeStep => ({
  id: 'checks',
  kind: 'prepare',
  title: asWritten('Ready'),
  text: asWritten(''),
  done: asWritten('Ready'),
  ...said,
});

describe('what a step asks', () => {
  const answersOf = (first: TakeStep, hasFrames = false) => {
    const shown = ref(first);
    return { shown, ...useStepAnswers(shown, ref(hasFrames), ref(DEFAULT_RULES)) };
  };

  it('each line is touched before it goes on', () => {
    const checks = ['veil', 'water'].map((id) => ({ id, text: id }));
    const { checked, notYet } = answersOf(step({ checks }));
    expect(notYet.value).toBe('Touch each line when it is so.');
    checked.value = ['veil', 'water'];
    expect(notYet.value).toBeNull();
  });

  it('a frame leans as far as the rule says before it is opened', () => {
    const { tiltDegrees, notYet, answers } = answersOf(step({ id: 'tilt', asks: 'tilt' }));
    const needed = DEFAULT_RULES.drainTiltDegrees;
    expect(notYet.value).toBe(`Not before it leans ${needed}°.`);
    tiltDegrees.value = needed - 1;
    expect(notYet.value).toBe(`Not before it leans ${needed}°.`);
    tiltDegrees.value = needed;
    expect(notYet.value).toBeNull();
    expect(answers()).toEqual({ tiltDegrees: needed });
  });

  it('an empty tray is nothing, a weight that cannot be read is no weight', () => {
    const { trayText, isUnreadable, answers } = answersOf(step({ id: 'tray', asks: 'tray' }));
    expect(answers()).toEqual({ trayG: 0 });
    trayText.value = '0.06 kg';
    expect(answers()).toEqual({ trayG: 60 });
    trayText.value = 'some';
    expect(isUnreadable.value).toBe(true);
  });

  it('of a strip nobody measured nothing is said', () => {
    const { stripMm, answers } = answersOf(step({ id: 'strip', asks: 'strip' }));
    expect(answers()).toEqual({});
    stripMm.value = 12;
    expect(answers()).toEqual({ stripMm: 12 });
  });

  it('vessels are told with the first lines, with what stood in them before', () => {
    const { vesselOf, beforeText, vesselsSay, notYet, answers } = answersOf(step({}), true);
    vesselsSay.value = 'Choose a vessel for frame 3.';
    expect(notYet.value).toBe('Choose a vessel for frame 3.');
    vesselsSay.value = null;
    vesselOf.value = { c3: 'pail' };
    beforeText.value = { pail: '250 g', bucket: '' };
    expect(answers()).toEqual({ vessel_c3: 'pail', before_pail: 250 });
  });

  it('is forgotten with the step, but for the vessels', async () => {
    const { shown, tiltDegrees, trayText, vesselOf } = answersOf(step({ asks: 'tilt' }));
    [tiltDegrees.value, trayText.value, vesselOf.value] = [20, '60 g', { c3: 'pail' }];
    shown.value = step({ id: 'open', kind: 'open' });
    await nextTick();
    expect([tiltDegrees.value, trayText.value]).toEqual([null, '']);
    expect(vesselOf.value).toEqual({ c3: 'pail' });
  });
});

describe('the keys of a step', () => {
  const keys = (said: object = {}) =>
    mount(StepKeys, {
      props: {
        label: 'Ready',
        notYet: null,
        isUnreadable: false,
        waits: false,
        asksToSkip: false,
        mayGoUnsmoked: false,
        weighs: false,
        busy: false,
        refusal: null,
        ...said,
      },
      global,
    });

  it('the large one goes on, unless something is still to be done', async () => {
    const open = keys();
    await open.get('.main').trigger('click');
    expect(open.emitted('next')).toHaveLength(1);
    const shut = keys({ notYet: 'Touch each line when it is so.' });
    expect(shut.get('.main').attributes('disabled')).toBeDefined();
    expect(shut.text()).toContain('Touch each line when it is so.');
  });

  it('a comb in hand may be put back, or hold brood', async () => {
    const combs = keys({ weighs: true });
    for (const button of combs.findAll('.halves button')) await button.trigger('click');
    expect(combs.emitted('put')).toEqual([['put-back'], ['brood-seen']]);
    expect(combs.emitted('otherwise')).toHaveLength(1);
  });

  it('a wait cut short is asked about once more', () =>
    expect(keys({ waits: true, asksToSkip: true }).text()).toContain('The wait is not over'));
});

describe('a step that was done', () => {
  const done = (taken: object | null) =>
    mount(StepDone, {
      props: {
        taken: taken as Take | null,
        at: '10:12',
        units: METRIC,
        mayUndo: true,
        busy: false,
        refusal: null,
      },
      global,
    });

  it.each([
    ['a comb with its weight', { netG: 1240, outcome: 'taken' }, 'Written down: 1.24 kg at 10:12'],
    ['one not weighed yet', { netG: null, outcome: 'taken' }, 'Written down: taken, weighed later'],
    ['one that went back', { netG: null, outcome: 'put-back' }, 'Written down: put back at 10:12'],
    ['a step without a comb', null, 'Done at 10:12'],
  ])('%s', (_, taken, says) => expect(done(taken).text()).toContain(says));

  it('leads back to now, and can be taken back', async () => {
    const step = done(null);
    for (const button of step.findAll('button')) await button.trigger('click');
    expect(step.emitted('now')).toHaveLength(1);
    expect(step.emitted('undo')).toHaveLength(1);
  });
});
