import { tell } from '../words/tell.js';
import type { HouseRules, TakeStep } from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { gramsOf } from '../parts/massUnit.js';

type Answer = Record<string, string | number | boolean>;

/**
 * What a step asks before it may be done: lines to touch, an angle, a weight, a height, vessels.
 * Takes the step shown, whether frames are drained at it, and the house rules; what was answered is
 * forgotten with the step, but for the vessels, which stand all day.
 */
export function useStepAnswers(
  step: Ref<TakeStep>,
  hasFrames: Ref<boolean>,
  rules: Ref<HouseRules>,
) {
  const checked = ref<string[]>([]);
  const tiltDegrees = ref<number | null>(null);
  const trayText = ref('');
  /** How high the strips are that were left on the bars; null where nobody said. */
  const stripMm = ref<number | null>(null);
  const vesselOf = ref<Record<string, string>>({});
  const beforeText = ref<Record<string, string>>({});
  const vesselsSay = ref<string | null>(null);
  watch(
    () => step.value.id,
    () => {
      checked.value = [];
      tiltDegrees.value = null;
      trayText.value = '';
    },
  );
  const trayG = computed(() => {
    const g = gramsOf(trayText.value || '0', rules.value.units);
    return g === null ? null : Math.round(g);
  });
  const tiltNeeded = computed(() => rules.value.drainTiltDegrees);
  const leansTooLittle = computed(
    () => step.value.asks === 'tilt' && (tiltDegrees.value ?? 0) < tiltNeeded.value,
  );
  /** What still keeps the large key shut, in a sentence; null where nothing does. */
  const notYet = computed(() => {
    if (step.value.checks?.some((c) => !checked.value.includes(c.id)))
      return tell('useStepAnswers.touch-each-line-when-it');
    if (leansTooLittle.value)
      return tell('useStepAnswers.not-before-it-leans', { tiltNeeded: tiltNeeded.value });
    return step.value.id === 'checks' && hasFrames.value ? vesselsSay.value : null;
  });
  /** The tray's weight cannot be read. */
  const isUnreadable = computed(() => step.value.asks === 'tray' && trayG.value === null);

  /** Which vessel stands under which frame, and what was in it before. */
  function vesselAnswers(): Answer {
    const answer: Answer = {};
    for (const [combId, id] of Object.entries(vesselOf.value)) answer[`vessel_${combId}`] = id;
    for (const [id, text] of Object.entries(beforeText.value)) {
      const g = gramsOf(text, rules.value.units);
      if (g) answer[`before_${id}`] = g;
    }
    return answer;
  }
  function answers(): Answer {
    const { asks, id } = step.value;
    return {
      ...(tiltDegrees.value === null ? {} : { tiltDegrees: tiltDegrees.value }),
      ...(asks === 'tray' ? { trayG: trayG.value ?? 0 } : {}),
      ...(asks === 'strip' && stripMm.value !== null ? { stripMm: stripMm.value } : {}),
      ...(id === 'checks' ? vesselAnswers() : {}),
    };
  }
  return {
    ...{ checked, tiltDegrees, trayText, trayG, stripMm, vesselOf, beforeText, vesselsSay },
    ...{ notYet, isUnreadable, answers },
  };
}
