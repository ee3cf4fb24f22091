<script setup lang="ts">
import { lengthText } from '../words/figures.js';
import { tell } from '../words/tell.js';

import { readShape, shimHeightMm, type Hive, type HouseRules } from '@furrow/core';
import { computed } from 'vue';
import TiltLevel from '../drawing/TiltLevel.vue';
import NumberField from '../parts/NumberField.vue';

/** The tilt measured before anything is opened, with the wedge it still needs. */
const props = defineProps<{ hive: Hive; rules: HouseRules }>();
const degrees = defineModel<number | null>({ required: true });
const supportsMm = computed(() => Math.round(readShape(props.hive).outline.topWidthMm + 60));
/** A tilt as millimetres over the hive's length, as a spirit level and a rule measure it. */
const overLength = (deg: number): number =>
  Math.round(supportsMm.value * Math.tan((deg * Math.PI) / 180));
const wedgeMm = computed(() =>
  degrees.value === null
    ? null
    : shimHeightMm({
        supportsMm: supportsMm.value,
        neededDegrees: props.rules.drainTiltDegrees,
        nowDegrees: degrees.value,
      }),
);
/** What the tilt that is asked lifts over the supports, and what it leans now. */
const tiltText = computed(() => {
  const needed = props.rules.drainTiltDegrees;
  const over = (tilt: number): string => lengthText(Number(overLength(tilt)), props.rules.units);
  const now =
    degrees.value === null
      ? ''
      : tell('TiltStep.text', { degrees: degrees.value, degrees2: over(degrees.value) });
  return tell('TiltStep.over', {
    needed,
    needed2: over(needed),
    supportsMm: lengthText(supportsMm.value, props.rules.units),
    now,
  });
});
</script>

<template>
  <div class="tilt bench">
    <TiltLevel :degrees="degrees" :needed="rules.drainTiltDegrees" :length-mm="supportsMm" />
    <NumberField
      v-model="degrees"
      :label="tell('TiltStep.tilt-toward-outlets')"
      unit="°"
      :min="-10"
      :max="15"
    />
    <p class="sub">
      {{ tiltText }}
    </p>
    <p v-if="wedgeMm !== null && wedgeMm >= 1" class="rust says">
      <b>{{
        tell('TiltStep.lift-far-side-by', { wedgeMm: lengthText(wedgeMm, rules.units) })
      }}</b>{{
        tell('TiltStep.between-supports-then-measure-again', {
          supportsMm: lengthText(supportsMm, rules.units),
        })
      }}
    </p>
    <p v-else-if="wedgeMm !== null" class="green says">
      <b>{{ tell('TiltStep.it-leans-enough') }}</b>
    </p>
  </div>
</template>

<style scoped>
.tilt {
  max-width: 420px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.says {
  font-size: 19px;
}
</style>
