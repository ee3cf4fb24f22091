import {
  RUNS_TO_APPLY,
  counted,
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

const BROKEN_UP = { mash: 'Mashed', chop: 'Chopped', slice: 'Sliced' } as const;

/** How the comb was broken up, as the heading says it. */
export function brokenUpWord(drain: Drain, { batch }: Pick<BatchDetail, 'batch'>): string {
  const opened = drain.method === 'slice' && isCutOpen(batch.method, batch.hiveKind);
  return opened ? 'Cut-open' : BROKEN_UP[drain.method];
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
    return minutes > 0 ? `at ${due}, in ${hoursText(minutes / 60)}` : `due since ${due}`;
  }
  /** Why nothing is left to stir. */
  const whyNoStir = computed(() => {
    if (isStirred(drain.value.method, rules.value)) return 'stirred twice';
    const opened = brokenUpWord(drain.value, detail.value) === 'Cut-open';
    return `${opened ? 'cut-open comb is' : 'slices are'} left alone, by your rule`;
  });
  const turnAt = computed(() => advice.value.nextTurnAt);
  const WORDS: Record<MainAct, () => { big: string; when: string }> = {
    press: () => {
      if (!pressing.value) return { big: 'Press', when: 'what is left in the comb' };
      return {
        big: advice.value.say === 'rest' ? 'Rest' : 'Turn the press',
        when: turnAt.value ? `turn at ${clock(turnAt.value)}` : 'what is left in the comb',
      };
    },
    stir: () => ({ big: 'Stir', when: stirAt.value ? stirWhen(stirAt.value) : '' }),
    weigh: () => ({
      big: 'Weigh',
      when: pressing.value ? 'pressed enough' : whyNoStir.value,
    }),
  };
  const mainWords = computed(() => WORDS[main.value]());
  /** Mashing again says when the household's school would, and nothing where it never does. */
  const remashText = computed(() => {
    const at = remashAt(drain.value, rules.value);
    if (!at) return 'Mash again';
    return at <= now.value.toISOString() ? 'Mash again: due' : `Mash again, from ${clock(at)}`;
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
  const narrowed = weighings ? `, narrowed by ${counted(weighings, 'weighing')}` : '';
  if (ownApplies(own)) return `Yours: from your ${own.runs} runs of this kind${narrowed}.`;
  const learned = own.runs
    ? `; your own runs of this kind count from the fifth on, so far ${own.runs}`
    : '';
  return `A starting range${narrowed}${learned}.`;
}
