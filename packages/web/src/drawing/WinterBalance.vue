<script setup lang="ts">
import { massFigure, massText } from '../words/figures.js';
import { months as monthNames, tell } from '../words/tell.js';
import { type Units, type WinterBalance, METRIC } from '@furrow/core';

import { computed } from 'vue';

/**
 * What stays against what the winter needs, as a balance: stacks in kg on one scale, whisker =
 * range of the estimate.
 */
const props = withDefaults(
  defineProps<{
    balance: WinterBalance;
    stacks: { label: string; kg: number; pattern: string }[];
    months?: { month: number | null; kg: number }[];
    hardKg?: number | null;
    units?: Units;
  }>(),
  { months: () => [], hardKg: null, units: () => METRIC },
);
const MONTHS = monthNames();
const [middle, beamY, arm, pan] = [202, 60, 122, 150];
const need = computed(() => props.balance.needKg ?? 0);
const perKg = computed(() =>
  Math.min(11.6, 146 / Math.max(need.value, props.balance.staysKg.mid, props.hardKg ?? 0, 1)),
);
/** 1° per 0.3 kg, at most 8°, by the low estimate. */
const tilt = computed(() =>
  Math.max(-8, Math.min(8, (props.balance.staysKg.low - need.value) / 0.3)),
);
const dy = computed(() => arm * Math.sin((tilt.value * Math.PI) / 180));
const left = computed(() => ({ x: middle - arm, y: beamY + dy.value }));
const right = computed(() => ({ x: middle + arm, y: beamY - dy.value }));
const piled = computed(() => {
  let y = left.value.y + pan;
  return props.stacks
    .filter((s) => s.kg > 0)
    .map((s) => {
      const h = s.kg * perKg.value;
      y -= h;
      return { ...s, y, h };
    });
});
/**
 * The need as blocks month by month, the first month on top; scaled to what is needed after the
 * flow that is counted on.
 */
const needed = computed(() => {
  const sum = props.months.reduce((total, m) => total + m.kg, 0);
  const list =
    sum > 0
      ? props.months.map((m) => ({
          label:
            m.month === null
              ? tell('WinterBalance.winter')
              : `${MONTHS[m.month - 1]} ${inUnit(m.kg)}`,
          kg: (m.kg / sum) * need.value,
        }))
      : [{ label: tell('WinterBalance.winter'), kg: need.value }];
  let y = right.value.y + pan;
  return list.reverse().map((m) => {
    const h = m.kg * perKg.value;
    y -= h;
    return { ...m, y, h };
  });
});
/** Kilograms as they are said, without their unit. */
const inUnit = (kg: number): string => massFigure(kg, props.units);
/** How sure it is: comb that was not read is unknown, it is not nothing. */
const staysText = computed(() => {
  const unread = props.balance.unreadBars.length;
  return unread
    ? tell('WinterBalance.at-least-not-read', { unread })
    : tell('WinterBalance.stays-up-to', { high: inUnit(props.balance.staysKg.high) });
});
const topOfStack = computed(() => piled.value.at(-1)?.y ?? left.value.y + pan);
/** The high edge of the estimate; above the beam there is no room to draw it. */
const whiskerTop = computed(() =>
  Math.max(
    left.value.y + 4,
    topOfStack.value - (props.balance.staysKg.high - props.balance.staysKg.low) * perKg.value,
  ),
);
</script>

<template>
  <svg
    width="404"
    height="292"
    viewBox="0 0 404 292"
    overflow="visible"
    role="img"
    :aria-label="
      tell('WinterBalance.balance-stays-counted-low-needed', {
        low: massText(balance.staysKg.low, units),
        need: massText(need, units),
      })
    "
  >
    <path
      :d="`M${middle} ${beamY}V276M${middle - 40} 278h80`"
      stroke="var(--ink)"
      stroke-width="3"
    />
    <path :d="`M${middle - 9} ${beamY + 15}L${middle} ${beamY - 2}l9 17Z`" fill="var(--ink)" />
    <path
      :d="`M${left.x - 6} ${left.y}L${right.x + 6} ${right.y}`"
      stroke="var(--ink)"
      stroke-width="7"
      stroke-linecap="round"
    />
    <path
      :d="`M${middle} ${beamY - 4}V${beamY - 40}`"
      :stroke="tilt >= 0 ? 'var(--field)' : 'var(--rust)'"
      stroke-width="3"
      :transform="`rotate(${-tilt * 1.2} ${middle} ${beamY})`"
    />
    <path
      :d="`M${middle - 34} ${beamY - 34}a48 48 0 0 1 68 0`"
      fill="none"
      stroke="var(--lichen-5)"
      stroke-width="1.5"
    />
    <path :d="`M${middle} ${beamY - 54}v8`" stroke="var(--ink)" stroke-width="2" />
    <g v-for="end in [left, right]" :key="end.x">
      <path
        :d="`M${end.x} ${end.y}L${end.x - 66} ${end.y + pan}M${end.x} ${end.y}L${end.x + 66} ${end.y + pan}`"
        stroke="var(--ink-2)"
        stroke-width="1.2"
      />
      <path :d="`M${end.x - 72} ${end.y + pan}h144l-8 9h-128Z`" fill="var(--ink)" />
    </g>
    <g v-for="p in piled" :key="p.label">
      <rect
        :x="left.x - 39"
        :y="p.y"
        width="78"
        :height="p.h"
        :fill="`url(#p-${p.pattern})`"
        stroke="var(--ink)"
      />
      <template v-if="p.h > 14">
        <rect
          :x="left.x - p.label.length * 4.4 - 4"
          :y="p.y + p.h / 2 - 8"
          :width="p.label.length * 8.8 + 8"
          height="16"
          rx="2"
          fill="var(--lime-0)"
        />
        <text
          :x="left.x"
          :y="p.y + p.h / 2 + 5"
          font-size="14"
          font-weight="600"
          text-anchor="middle"
        >
          {{ p.label }}
        </text>
      </template>
    </g>
    <path
      v-if="piled.length"
      :d="`M${left.x + 47} ${whiskerTop}V${topOfStack}m-5 0h10M${left.x + 42} ${whiskerTop}h10`"
      stroke="var(--ink)"
      stroke-width="1.5"
      fill="none"
    />
    <template v-if="need > 0">
      <g v-for="m in needed" :key="m.label">
        <rect
          :x="right.x - 39"
          :y="m.y"
          width="78"
          :height="m.h"
          fill="var(--lime-0)"
          stroke="var(--ink)"
        />
        <text
          v-if="m.h > 11.5"
          :x="right.x"
          :y="m.y + m.h / 2 + 5"
          text-anchor="middle"
          font-size="14"
          :font-weight="needed.length > 1 ? 400 : 600"
        >
          {{ m.label }}
        </text>
      </g>
      <path
        v-if="hardKg !== null && hardKg > need"
        :d="`M${right.x + 47} ${right.y + pan - need * perKg}V${right.y + pan - hardKg * perKg}m-5 0h10`"
        stroke="var(--ink)"
        stroke-width="1.5"
        fill="none"
      />
    </template>
    <text
      v-else
      :x="right.x"
      :y="right.y + pan - 12"
      text-anchor="middle"
      font-size="22"
      font-weight="700"
    >
      ?
    </text>
    <text :x="left.x" :y="left.y + pan + 34" text-anchor="middle" class="display" font-size="22">
      {{ massText(balance.staysKg.low, units) }}
    </text>
    <text
      :x="left.x"
      :y="left.y + pan + 54"
      text-anchor="middle"
      font-size="15"
      style="fill: var(--ink-2)"
    >
      {{ staysText }}
    </text>
    <text :x="right.x" :y="right.y + pan + 34" text-anchor="middle" class="display" font-size="22">
      {{ balance.needKg === null ? tell('WinterBalance.not-said') : massText(need, units) }}
    </text>
    <text
      :x="right.x"
      :y="right.y + pan + 54"
      text-anchor="middle"
      font-size="15"
      style="fill: var(--ink-2)"
    >
      {{ tell('WinterBalance.needed') }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
}
text.display {
  font-family: var(--display);
}
</style>
