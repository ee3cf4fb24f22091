<script setup lang="ts">
import { type BatchDetail, type Look, type Units } from '@furrow/core';
import NumberField from '../parts/NumberField.vue';
import SpokenFigure from '../parts/SpokenFigure.vue';
import { figure, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';

/** How many pots a weight came from, what one held, and whether pollen came with it. */
const props = defineProps<{
  /** What one of them held, where it can be; null where there is no such weight. */
  gPerPot: number | null;
  look: Look | null;
  method: BatchDetail['batch']['method'];
  units: Units;
}>();
const MOST_POTS = 500;
const emptied = defineModel<number | null>('emptied', { required: true });
const withPollen = defineModel<boolean>('pollen', { required: true });
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
  <p v-if="gPerPot !== null" class="sub">
    {{ tell('WeighUnit.pot', { said: potText(gPerPot) }) }}
  </p>
</template>

<style scoped src="./atTheHive.css" />
