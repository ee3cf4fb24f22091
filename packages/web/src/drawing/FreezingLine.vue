<script setup lang="ts">
import { temperatureText } from '../words/figures.js';
import { tell, moment } from '../words/tell.js';
import { type FreezingPlan, type Units, between } from '@furrow/core';

import { DateTime } from 'luxon';
import { computed } from 'vue';

/**
 * Cooling, holding and thawing on one line of hours, to scale; the slow edge is what counts, the
 * quick one is hatched.
 */
const props = defineProps<{
  plan: FreezingPlan;
  startedAt: string;
  zone: string;
  now: Date;
  units?: Units;
}>();
const core = computed(() => temperatureText(props.plan.coreC, props.units));
const W = 760;
const parts = computed(() => {
  const { coolingHours, holdHours, thawHours } = props.plan;
  const total = coolingHours.high + holdHours + thawHours.high;
  const x = (hours: number): number => 20 + (hours / total) * W;
  return {
    total,
    x,
    cool: x(coolingHours.high),
    quick: x(coolingHours.low),
    hold: x(coolingHours.high + holdHours),
    end: x(total),
  };
});
const clock = (hours: number): string =>
  moment(
    DateTime.fromISO(props.startedAt, { zone: props.zone }).plus({ hours }),
    hours > 0 && parts.value.total > 12 ? 'weekday-clock' : 'clock',
  );
const ahead = computed(() =>
  between(0, parts.value.total, (props.now.getTime() - Date.parse(props.startedAt)) / 3_600_000),
);
const words = computed(() =>
  tell('FreezingLine.core-at-by-held-until', {
    core: core.value,
    high: clock(props.plan.coolingHours.high),
    high2: clock(props.plan.freezeHours.high),
    total: clock(parts.value.total),
  }),
);
</script>

<template>
  <figure>
    <svg :width="W + 40" height="128" :viewBox="`0 0 ${W + 40} 128`" role="img" :aria-label="words">
      <defs>
        <pattern
          id="cold-hatch"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0v7" stroke="var(--ink)" stroke-width="1.2" />
        </pattern>
      </defs>
      <rect
        x="20"
        y="44"
        :width="parts.cool - 20"
        height="36"
        fill="var(--lime-2)"
        stroke="var(--ink)"
      />
      <rect
        :x="parts.quick"
        y="44"
        :width="parts.cool - parts.quick"
        height="36"
        fill="url(#cold-hatch)"
      />
      <rect
        :x="parts.cool"
        y="44"
        :width="parts.hold - parts.cool"
        height="36"
        fill="var(--field-wash)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
      <rect
        :x="parts.hold"
        y="44"
        :width="parts.end - parts.hold"
        height="36"
        fill="var(--lime-0)"
        stroke="var(--ink)"
        stroke-dasharray="6 4"
      />
      <g font-size="15" font-weight="700">
        <text x="24" y="34">{{ tell('FreezingLine.core-cools') }}</text>
        <text :x="parts.cool + 4" y="34">{{ tell('FreezingLine.held-at', { core }) }}</text>
        <text :x="parts.hold + 4" y="34">{{ tell('FreezingLine.thaws-closed') }}</text>
      </g>
      <g font-size="15">
        <text x="20" y="100">{{ clock(0) }}</text>
        <text :x="parts.cool" y="100" text-anchor="middle">
          {{ clock(plan.coolingHours.high) }}
        </text>
        <text :x="parts.hold" y="118" text-anchor="middle" font-weight="700">
          {{ tell('FreezingLine.out', { high: clock(plan.freezeHours.high) }) }}
        </text>
        <text :x="parts.end" y="100" text-anchor="end">
          {{ tell('FreezingLine.unwrap', { total: clock(parts.total) }) }}
        </text>
      </g>
      <path
        v-if="ahead > 0"
        :d="`M${parts.x(ahead)} 38V86`"
        stroke="var(--field)"
        stroke-width="4"
      />
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  overflow-x: auto;
}
svg {
  width: 100%;
  max-width: 800px;
  min-width: 600px;
  height: auto;
}
</style>
