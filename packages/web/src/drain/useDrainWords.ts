import { toldWhenRead } from '../words/toldWhenRead.js';
import { tell } from '../words/tell.js';
import {
  RUNS_TO_APPLY,
  hoursText,
  isCutOpen,
  isStirred,
  nextStirAt,
  pressAdvice,
  pressTurns,
  remashAt,
  type BatchDetail,
  type Drain,
  type HouseRules,
} from '@furrow/core';
import { computed, type Ref } from 'vue';
import { clockText } from '../shell/times.js';
import type { DrainNow } from './useDrain.js';

/** What the one large key does. */
export type MainAct = 'press' | 'stir' | 'weigh';

const BROKEN_UP = toldWhenRead({
  mash: 'useDrainWords.mashed',
  chop: 'useDrainWords.chopped',
  slice: 'useDrainWords.sliced',
});

/** Whether the comb was only cut open and not broken up. */
const isOpened = (drain: Drain, { batch }: Pick<BatchDetail, 'batch'>): boolean =>
  drain.method === 'slice' && isCutOpen(batch.method, batch.hiveKind);

/** How the comb was broken up, as the heading says it. */
export function brokenUpWord(drain: Drain, detail: Pick<BatchDetail, 'batch'>): string {
  return isOpened(drain, detail) ? tell('useDrainWords.cut-open') : BROKEN_UP[drain.method];
}

/**
 * What is to be done at a drain now, and when: the press where it runs or is due, else a stir, else
 * the scale. Takes the harvest, its drain, the house rules, the drain as it stands and the moment.
 */
export function useDrainActs(
  detail: Ref<BatchDetail>,
  drain: Ref<Drain>,
  rules: Ref<HouseRules>,
  { running, forecast, elapsed }: Pick<DrainNow, 'running' | 'forecast' | 'elapsed'>,
  now: Ref<Date>,
) {
  const zone = computed(() => detail.value.batch.zone);
  const clock = (instant: string): string => clockText(instant, zone.value, now.value);
  const pressing = computed(() => drain.value.events.some((e) => e.kind === 'press'));
  const advice = computed(() =>
    pressAdvice(pressTurns(drain.value), rules.value, now.value.toISOString()),
  );
  const stirAt = computed(() =>
    running.value ? nextStirAt(drain.value, rules.value, now.value.toISOString()) : null,
  );
  const isDripped = computed(() => {
    const told = forecast.value;
    return Boolean(told && (told.stopAdvised || elapsed.value > told.nineTenthsHours.mid));
  });
  const main = computed<MainAct>(() => {
    const { method } = detail.value.batch;
    if (pressing.value) return advice.value.say === 'enough' ? 'weigh' : 'press';
    if (method === 'press' || (method === 'drip-press' && isDripped.value)) return 'press';
    return stirAt.value ? 'stir' : 'weigh';
  });

  function stirWhen(dueAt: string): string {
    const minutes = (Date.parse(dueAt) - now.value.getTime()) / 60_000;
    const due = clock(dueAt);
    return minutes > 0
      ? tell('useDrainWords.at-in', { due, minutes: hoursText(minutes / 60) })
      : tell('useDrainWords.due-since', { due });
  }
  /** Why nothing is left to stir. */
  const whyNoStir = computed(() => {
    if (isStirred(drain.value.method, rules.value)) return tell('useDrainWords.stirred-twice');
    const opened = isOpened(drain.value, detail.value);
    return tell('useDrainWords.left-alone-by-your-rule', {
      opened: opened ? tell('useDrainWords.cut-open-comb') : tell('useDrainWords.slices-are'),
    });
  });
  const turnAt = computed(() => advice.value.nextTurnAt);
  const WORDS: Record<MainAct, () => { big: string; when: string }> = {
    press: () => {
      if (!pressing.value)
        return { big: tell('WhatIfs.press'), when: tell('useDrainWords.what-left-in-comb') };
      return {
        big:
          advice.value.say === 'rest'
            ? tell('useDrainWords.rest')
            : tell('useDrainWords.turn-press'),
        when: turnAt.value
          ? tell('useDrainWords.turn-at', { turnAt: clock(turnAt.value) })
          : tell('useDrainWords.what-left-in-comb'),
      };
    },
    stir: () => ({
      big: tell('useDrainWords.stir'),
      when: stirAt.value ? stirWhen(stirAt.value) : '',
    }),
    weigh: () => ({
      big: tell('common.weigh-2'),
      when: pressing.value ? tell('useDrainWords.pressed-enough') : whyNoStir.value,
    }),
  };
  const mainWords = computed(() => WORDS[main.value]());
  /** Mashing again says when the household's school would, and nothing where it never does. */
  const remashText = computed(() => {
    const at = remashAt(drain.value, rules.value);
    if (!at) return tell('useDrainWords.mash-again');
    return at <= now.value.toISOString()
      ? tell('useDrainWords.mash-again-due')
      : tell('useDrainWords.mash-again-from', { at: clock(at) });
  });
  return { main, mainWords, pressing, remashText };
}

/** Whether a household's own runs are enough to start from. */
export const ownApplies = (own: DrainNow['own']['value']): boolean => own.runs >= RUNS_TO_APPLY;

/**
 * Whose share and time the forecast starts from: the person should not take a guess for a
 * measurement.
 */
export function startsFrom(own: DrainNow['own']['value'], weighings: number): string {
  const narrowed = weighings ? tell('useDrainWords.narrowed-by-weighings', { weighings }) : '';
  if (ownApplies(own))
    return tell('useDrainWords.yours-from-your-runs-this', { runs: own.runs, narrowed });
  const learned = own.runs ? tell('useDrainWords.your-own-runs-this-kind', { runs: own.runs }) : '';
  return tell('useDrainWords.starting-range', { narrowed, learned });
}
