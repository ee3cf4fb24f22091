<script setup lang="ts">
import { type Drain, type DrainForecast, type HouseRules, type Range } from '@furrow/core';
import { massText } from '@furrow/words';
import { computed } from 'vue';
import { aboutText, clockText, type Rounding } from '../shell/times.js';
import { said } from '../shell/units.js';
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
const clockLabel = computed(
  () => `${clock.value.hours} hours ${Number(clock.value.minutes)} minutes`,
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
  const stirred = stir ? `, last stirred ${clockText(stir.occurredAt, props.zone, props.now)}` : '';
  return `${props.running ? 'draining since' : 'closed; began'} ${began}${stirred}`;
});
const warmed = computed(() => {
  const { now } = props.warming;
  return now ? `warmed at ${said(`${now.temperatureC} °C`)}` : null;
});
/** When most of it is out. */
function nineTenthsText({ mid, high }: Range): string {
  if (props.elapsed > high) return 'Nine tenths should be out: weigh it';
  if (props.elapsed > mid) return 'Nine tenths are likely out: weigh it';
  return `Nine tenths out about ${at(mid)}`;
}
/** From when to when, and how fast it still flows. */
function flowText({ nineTenthsHours: { low, high }, rateGPerHour }: DrainForecast): string {
  const rate = said(`${Math.round(rateGPerHour.mid / 5) * 5} g`);
  return `${at(low, 'earlier')} to ${at(high, 'later')}. Flows about ${rate} an hour`;
}
const stopAt = computed(() => said(`${props.rules.stopBelowGPerHour} g`));
function stillText({ stillKg }: DrainForecast): string {
  const { currency, units } = props.rules;
  const worth =
    props.pricePerKg && currency
      ? `, about ${currency} ${Math.round(stillKg.mid * props.pricePerKg)}`
      : '';
  return `${massText(stillKg.mid, units)} would still come${worth}`;
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
      <p class="display fore rust">It has stopped: strainer blocked or stuck.</p>
      <p class="since">
        Look, free it or stir, then weigh again. Until then nothing more is forecast.
      </p>
    </div>
    <template v-else>
      <p class="display fore">{{ nineTenthsText(forecast.nineTenthsHours) }}</p>
      <p class="since">
        {{ flowText(forecast)
        }}<template v-if="forecast.stopAdvised"
          >: <b class="green">under your {{ stopAt }}, you may stop</b>;
          {{ stillText(forecast) }}</template
        ><template v-else>, under your {{ stopAt }} about {{ at(forecast.endHours.mid) }}</template
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
