<script setup lang="ts">
import { kgByDepth, type Units, type Vessel } from '@furrow/core';
import { massRangeText } from '@furrow/words';
import { computed, ref } from 'vue';
import NumberField from './NumberField.vue';
import { said } from '../shell/units.js';

/** A weight held against how deep it stands in a round vessel: a check, never a weight. */
const props = defineProps<{
  units: Units;
  vessel: Pick<Vessel, 'name' | 'innerDiameterMm'>;
  of: 'honey' | 'comb';
  /** What the scale said, net; null before it spoke. */
  netG: number | null;
  moisturePercent?: number;
}>();
const waterText = computed(() =>
  props.moisturePercent === undefined ? '18 % water, assumed' : `${props.moisturePercent} % water`,
);
const depthMm = ref<number | null>(null);
const kg = computed(() =>
  depthMm.value === null
    ? null
    : kgByDepth({
        depthMm: depthMm.value,
        innerDiameterMm: props.vessel.innerDiameterMm,
        of: props.of,
        moisturePercent: props.moisturePercent ?? 18,
        temperatureC: 22,
      }),
);
const says = computed(() => {
  if (!kg.value) return '';
  const range = `${massRangeText(kg.value, props.units)} by its depth`;
  if (props.netG === null || props.netG < 0) return `${range}.`;
  const netKg = props.netG / 1000;
  if (netKg < kg.value.low) return `${range}: the scale says less. Is a tare wrong?`;
  return netKg > kg.value.high
    ? `${range}: the scale says more. Is a tare missing?`
    : `${range}: the scale fits.`;
});
</script>

<template>
  <details class="how">
    <summary>Check it by its depth</summary>
    <NumberField
      v-model="depthMm"
      :label="`It stands this deep in ${vessel.name}`"
      unit="mm"
      :min="1"
      :max="1500"
      nullable
    />
    <p v-if="says" role="status">{{ said(says) }}</p>
    <p class="sub">
      {{ said(`${vessel.innerDiameterMm} mm`) }} wide inside, {{ waterText }}, {{ said('22 °C')
      }}{{ of === 'comb' ? '; comb fills 55 to 85 % of its depth' : '' }}. A round vessel; an
      estimate, never a weight.
    </p>
  </details>
</template>
