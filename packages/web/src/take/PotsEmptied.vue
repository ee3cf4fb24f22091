<script setup lang="ts">
import { potsCheck, type BatchDetail, type Look, type Units } from '@furrow/core';
import { computed } from 'vue';
import NumberField from '../parts/NumberField.vue';
import SpokenFigure from '../parts/SpokenFigure.vue';
import { figure, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';

/** How many pots a weight came from, what one held, and whether that can be. */
const props = defineProps<{
  netG: number | null;
  look: Look | null;
  method: BatchDetail['batch']['method'];
  units: Units;
}>();
const MOST_POTS = 500;
const emptied = defineModel<number | null>('emptied', { required: true });
const withPollen = defineModel<boolean>('pollen', { required: true });
const pots = computed(() => {
  if (!emptied.value || props.netG === null || props.netG < 0) return null;
  const seen = props.look?.pots ?? null;
  return potsCheck({ potsEmptied: emptied.value, netG: props.netG, pots: seen });
});
/** Honey of one pot: grams or ounces to a tenth. */
const potText = (g: number): string =>
  props.units.mass === 'kilograms' ? `${figure(g, 1)} g` : smallMassText(g, props.units, 1);
/** Whole pots as they are read back; null where it is no count. */
function countSaid(typed: string): string | null {
  const isCount = /^[1-9]\d{0,2}$/.test(typed) && Number(typed) <= MOST_POTS;
  return isCount ? tell('PotsEmptied.pots', { count: Number(typed) }) : null;
}
</script>

<template>
  <NumberField
    v-model="emptied"
    :label="method === 'cut-pots' ? tell('common.pots-cut-out') : tell('WeighUnit.pots-emptied')"
    :unit="
      look?.pots
        ? tell('WeighUnit.sealed', { honeySealed: look.pots.honeySealed })
        : tell('WeighUnit.pots')
    "
    :min="1"
    :max="MOST_POTS"
    whole
    nullable
  />
  <SpokenFigure
    :label="tell('SpokenFigure.say-the-count')"
    :read-back="countSaid"
    @taken="emptied = Number($event)"
  />
  <label class="check"
    ><input v-model="withPollen" type="checkbox" />
    {{ tell('WeighUnit.some-pollen-pots-came-with') }}</label
  >
  <p v-if="pots" class="sub">
    <b v-if="pots.question" class="rust" role="alert">{{ said(pots.question) }}</b><template
      v-else
      >{{ tell('WeighUnit.pot', { said: potText(pots.gPerPot) }) }}</template
    >
  </p>
</template>

<style scoped src="./atTheHive.css" />
