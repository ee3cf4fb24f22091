<script setup lang="ts">
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import { unitWord, type BatchDetail, type TakeStep } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import AlsoHere from '../house/AlsoHere.vue';
import AlarmKey from '../shell/AlarmKey.vue';
import { useUi } from '../shell/ui.js';

/** Which hive is open, and how far the work at it is. */
const props = defineProps<{
  detail: BatchDetail;
  steps: readonly TakeStep[];
  /** The step that is shown, and the one that is to be done now, counted from 0. */
  shown: number;
  at: number;
  stings: number;
  mayGoBack: boolean;
}>();
const emit = defineEmits<{ back: [] }>();
const ui = useUi();
const step = computed(() => props.steps[props.shown]);
/** The combs of this hive, one after the other: "comb 2 of 5". */
const unit = computed(() => {
  const units = props.steps.filter((s) => s.kind === 'unit');
  const number = units.indexOf(step.value) + 1;
  return number
    ? tell('TakeHeading.text', {
        kind: said(unitWord(props.detail.hive.kind)),
        number,
        units: units.length,
      })
    : null;
});
const where = computed(() =>
  [
    tell('TakeHeading.step', { shown: props.shown + 1, steps: props.steps.length }),
    unit.value,
    props.stings ? tell('TakeHeading.stings', { count: props.stings }) : null,
  ]
    .filter(Boolean)
    .join(', '),
);
</script>

<template>
  <header>
    <h1>{{ tell('TakeHeading.take', { hiveName: detail.batch.hiveName }) }}</h1>
    <AlsoHere
      :about="shown < at ? null : detail.batch.id"
      :step="step.id"
      :where="tell('TakeHeading.at-this-step')"
    />
    <span class="sub">{{ where }}</span>
    <span class="right small"
      ><Button
        v-if="mayGoBack"
        text
        :label="tell('TakeHeading.step-before')"
        @click="emit('back')" /><AlarmKey /><Button
        text
        :label="ui.sun ? tell('TakeHeading.indoor-colours') : tell('common.sun-mode')"
        @click="ui.sun = !ui.sun"
    /></span>
    <span class="dots" aria-hidden="true"
      ><i v-for="(s, i) in steps" :key="s.id" :class="{ done: i < at, now: i === shown }"
    /></span>
  </header>
</template>

<style scoped>
.dots {
  display: flex;
  gap: 8px;
  align-items: center;
}
.dots i {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  border: 2px solid var(--ink);
}
.dots .done {
  background: var(--field);
  border-color: var(--field);
}
.dots .now {
  border: 4px solid var(--field);
  width: 18px;
  height: 18px;
}
.small {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.small :deep(.p-button) {
  min-height: 44px !important;
  font-size: 17px !important;
}
@media (max-width: 599px) {
  .dots {
    display: none;
  }
  header {
    gap: 0 10px;
  }
  header h1 {
    display: none;
  }
  header .right {
    margin-left: auto;
    gap: 4px;
    flex-wrap: nowrap;
  }
  .small :deep(.p-button) {
    font-size: 15px !important;
    padding: 0 5px;
  }
}
</style>
