<script setup lang="ts">
import {
  incidentAnswer,
  type FrameForecast,
  type FrameNext,
  type HouseRules,
  type VesselForecast,
  type VesselQuestion,
} from '@furrow/core';
import { computed } from 'vue';
import { aboutText } from '../shell/times.js';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import type { useFrames } from './useFrames.js';

/**
 * What is to be done at a frame, when its vessel will be full and its honey out, and how that was
 * got.
 */
type FrameNow = ReturnType<typeof useFrames>['frames']['value'][number];
const props = defineProps<{
  frame: FrameNow;
  step: FrameNext;
  forecast: FrameForecast | null;
  vesselForecast: VesselForecast | null;
  /** Frames that run into the same vessel. */
  together: FrameNow[];
  questions: VesselQuestion[];
  /** Logged frames that the forecast rests on. */
  ownFrames: number;
  rules: HouseRules;
  zone: string;
  now: Date;
}>();
const leakSteps = computed(
  () => incidentAnswer('leak', { stings: 0, rules: props.rules, frameRuns: true }).doNow,
);
/** Once only drops come there is nothing left to foretell. */
const nineTenthsAt = computed(() => {
  const { drops, isReset } = props.frame.run;
  return drops || isReset ? null : (props.forecast?.nineTenthsAt ?? null);
});
</script>

<template>
  <div class="told">
    <p class="says">
      <b>{{ said(step.says) }}</b>
    </p>
    <ol v-if="step.act === 'handle-leak'">
      <li v-for="line in leakSteps" :key="line.key">{{ said(line) }}</li>
    </ol>
    <template v-else-if="forecast && !frame.run.closed">
      <p v-if="vesselForecast?.fullAt" class="says rust">
        {{
          tell('FramesPanel.full-from-swap-before', {
            vessel: frame.vessel?.name,
            fullAt: aboutText(vesselForecast.fullAt, zone, now, 'earlier'),
          })
        }}
      </p>
      <p v-if="together.length > 1" class="sub">
        {{
          tell('FramesPanel.run-into-it-together-it', {
            together: together.map((f) => f.label).join(', '),
          })
        }}
      </p>
      <p v-if="nineTenthsAt" class="sub">
        {{
          tell('FramesPanel.nine-tenths-what-open-about', {
            mid: aboutText(nineTenthsAt.mid, zone, now),
            low: aboutText(nineTenthsAt.low, zone, now, 'earlier'),
            high: aboutText(nineTenthsAt.high, zone, now, 'later'),
          })
        }}
      </p>
      <details class="how">
        <summary>{{ tell('common.how-this-was-got') }}</summary>
        <p>
          {{
            tell('FramesPanel.share-its-parts-that-are', {
              warmth: { temperatureC: { low: 25, high: 33 } },
              estimated: frame.estimated
                ? tell('FramesPanel.honey-read-in-this-frame')
                : tell('FramesPanel.frame-not-read', {
                    holds: { massG: { low: 800, high: 3000 }, as: 'estimate' },
                  }),
              ownFrames: ownFrames
                ? tell('FramesPanel.your-logged-frames', { ownFrames })
                : tell('FramesPanel.starting-range'),
              weighedAt: frame.run.weighedAt
                ? tell('FramesPanel.narrowed-by-its-weighed-vessel')
                : tell('FramesPanel.weigh-its-vessel-once-and'),
            })
          }}
        </p>
      </details>
    </template>
    <p
      v-for="q in questions.filter((x) => x.combId === frame.combId && !frame.run.openedAt)"
      :key="q.sentence.key"
      class="rust says"
    >
      {{ said(q.sentence) }}
    </p>
  </div>
</template>

<style scoped>
.told {
  flex: 1;
  min-width: 260px;
}
.says {
  font-size: 20px;
  line-height: 27px;
  margin-bottom: 8px;
}
ol {
  padding-left: 28px;
  font-size: 19px;
  line-height: 27px;
  margin: 0;
}
</style>
