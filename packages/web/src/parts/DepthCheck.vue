<script setup lang="ts">
import { massRangeText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { kgByDepth, type Units, type Vessel } from '@furrow/core';

import { computed, ref } from 'vue';
import NumberField from './NumberField.vue';
import { said } from '../words/units.js';

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
  props.moisturePercent === undefined
    ? tell('DepthCheck.18-water-assumed')
    : tell('DepthCheck.water', { moisturePercent: props.moisturePercent }),
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
  const range = tell('DepthCheck.by-its-depth', { kg: massRangeText(kg.value, props.units) });
  if (props.netG === null || props.netG < 0) return `${range}.`;
  const netKg = props.netG / 1000;
  if (netKg < kg.value.low) return tell('DepthCheck.scale-says-less-tare-wrong', { range });
  return netKg > kg.value.high
    ? tell('DepthCheck.scale-says-more-tare-missing', { range })
    : tell('DepthCheck.scale-fits', { range });
});
</script>

<template>
  <details class="how">
    <summary>{{ tell('DepthCheck.check-it-by-its-depth') }}</summary>
    <NumberField
      v-model="depthMm"
      :label="tell('DepthCheck.it-stands-this-deep-in', { vessel: vessel.name })"
      unit="mm"
      :min="1"
      :max="1500"
      nullable
    />
    <p v-if="says" role="status">{{ said(says) }}</p>
    <p class="sub">
      {{
        tell('DepthCheck.wide-inside-round-vessel-estimate', {
          said: measured({ lengthMm: vessel.innerDiameterMm }),
          waterText,
          said2: measured({ temperatureC: 22 }),
          of: of === 'comb' ? tell('DepthCheck.comb-fills-55-to-85') : '',
        })
      }}
    </p>
  </details>
</template>
