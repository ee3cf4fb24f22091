<script setup lang="ts">
import { massText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { type Drain, type DrainForecast, type HouseRules, type Range } from '@furrow/core';

import { computed } from 'vue';
import { aboutText, clockText, type Rounding } from '../shell/times.js';
import type { DrainNow } from './useDrain.js';
import { startsFrom } from './useDrainWords.js';

/** How long it drains, and when most of it is out: a forecast, which only the scale makes certain. */
const props = defineProps<{
  drain: Drain;
  rules: HouseRules;
  forecast: DrainForecast | null;
  running: boolean;
  elapsed: number;
  own: DrainNow['own']['value'];
  warming: DrainNow['warming']['value'];
  pricePerKg: number | null;
  zone: string;
  now: Date;
}>();
const clock = computed(() => {
  const hours = Math.floor(props.elapsed);
  const minutes = Math.floor((props.elapsed % 1) * 60);
  return { hours: String(hours), minutes: String(minutes).padStart(2, '0') };
});
const clockLabel = computed(() =>
  tell('DrainTold.hours-minutes', {
    hours: Number(clock.value.hours),
    minutes: Number(clock.value.minutes),
  }),
);
const at = (hours: number, rounding?: Rounding): string =>
  aboutText(
    new Date(Date.parse(props.drain.startedAt) + hours * 3_600_000).toISOString(),
    props.zone,
    props.now,
    rounding,
  );
const since = computed(() => {
  const began = clockText(props.drain.startedAt, props.zone, props.now);
  const stir = props.drain.events.filter((e) => e.kind === 'stir' || e.kind === 'mash').at(-1);
  const stirred = stir
    ? tell('DrainTold.last-stirred', {
        occurredAt: clockText(stir.occurredAt, props.zone, props.now),
      })
    : '';
  return tell('DrainTold.text', {
    running: props.running ? tell('DrainTold.draining-since') : tell('DrainTold.closed-began'),
    began,
    stirred,
  });
});
const warmed = computed(() => {
  const { now } = props.warming;
  return now
    ? tell('DrainTold.warmed-at', { said: measured({ temperatureC: now.temperatureC }) })
    : null;
});
/** When most of it is out. */
function nineTenthsText({ mid, high }: Range): string {
  if (props.elapsed > high) return tell('DrainTold.nine-tenths-should-be-out');
  if (props.elapsed > mid) return tell('DrainTold.nine-tenths-are-likely-out');
  return tell('DrainTold.nine-tenths-out-about', { mid: at(mid) });
}
/** From when to when, and how fast it still flows. */
function flowText({ nineTenthsHours: { low, high }, rateGPerHour }: DrainForecast): string {
  const rate = measured({ massG: Math.round(rateGPerHour.mid / 5) * 5, as: 'read' });
  return tell('DrainTold.to-flows-about-hour', {
    low: at(low, 'earlier'),
    high: at(high, 'later'),
    rate,
  });
}
const stopAt = computed(() => measured({ massG: props.rules.stopBelowGPerHour, as: 'read' }));
function stillText({ stillKg }: DrainForecast): string {
  const { currency, units } = props.rules;
  const worth =
    props.pricePerKg && currency
      ? tell('DrainTold.about', { currency, mid: Math.round(stillKg.mid * props.pricePerKg) })
      : '';
  return tell('DrainTold.would-still-come', { mid: massText(stillKg.mid, units), worth });
}
</script>

<template>
  <p class="clock display" :aria-label="clockLabel">
    <span v-for="(digit, i) in clock.hours" :key="`h${i}`" class="digit">{{ digit }}</span><small
      >h</small
    ><span v-for="(digit, i) in clock.minutes" :key="`m${i}`" class="digit">{{ digit }}</span
    ><small>min</small>
  </p>
  <p class="since">
    {{ since
    }}<template v-if="warmed"
      >, <b class="rust">{{ warmed }}</b></template
    >
  </p>
  <template v-if="running && forecast">
    <div v-if="forecast.stalled" role="alert">
      <p class="display fore rust">{{ tell('DrainTold.it-has-stopped-strainer-blocked') }}</p>
      <p class="since">
        {{ tell('DrainTold.look-free-it-or-stir') }}
      </p>
    </div>
    <template v-else>
      <p class="display fore">{{ nineTenthsText(forecast.nineTenthsHours) }}</p>
      <p class="since">
        {{ flowText(forecast)
        }}<template v-if="forecast.stopAdvised"
          >: <b class="green">{{ tell('DrainTold.under-your-you-may-stop', { stopAt }) }}</b>;
          {{ stillText(forecast) }}</template
        ><template v-else>{{
          tell('DrainTold.under-your-about', { stopAt, mid: at(forecast.endHours.mid) })
        }}</template
        >.
      </p>
      <p class="since small">{{ startsFrom(own, forecast.weighingsUsed) }}</p>
    </template>
  </template>
</template>

<style scoped>
.clock {
  font-size: 88px;
  line-height: 84px;
  margin: 0;
  display: flex;
  align-items: baseline;
  white-space: nowrap;
}
.clock small {
  font-size: 32px;
  margin: 0 14px 0 6px;
  color: var(--ink-2);
}
.digit {
  display: inline-block;
  width: 0.6em;
  text-align: center;
}
.digit:first-child {
  margin-left: -5px;
}
.since {
  font-size: 17px;
  line-height: 23px;
  margin: 2px 0;
  color: var(--ink-2);
}
.fore {
  font-size: 27px;
  line-height: 32px;
  margin: 8px 0 0;
}
@media (max-width: 800px) {
  .clock {
    font-size: 64px;
    line-height: 68px;
  }
}
</style>
