<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { CutBoard } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';

/** The cut that is next, and how many pieces are likely to come of them all. */
const props = defineProps<{ board: CutBoard; likely: string; busy: boolean }>();
const emit = defineEmits<{ cut: []; anew: [] }>();
const label = computed(() => {
  const { cutsDone, cuts } = props.board;
  return cutsDone + 1 === cuts.length
    ? tell('NextCut.last-cut-made')
    : tell('NextCut.cut-made', { cutsDone: cutsDone + 1, cuts: cuts.length });
});
const template = computed(() => `/api/v1/cutBoards/${props.board.id}/template`);
</script>

<template>
  <p class="caution">{{ tell('NextCut.cut-away-from-hand') }}</p>
  <Button class="main" :label="label" :loading="busy" @click="emit('cut')" />
  <p class="sub">
    {{ tell('NextCut.green-line-next-if-piece', { likely }) }}
  </p>
  <a class="p-button p-component p-button-outlined" :href="`${template}.pdf`" target="_blank">{{
    tell('NextCut.template-at-true-size-pdf')
  }}</a><a class="small" :href="`${template}.svg`" target="_blank">{{
    tell('NextCut.same-as-svg')
  }}</a>
  <Button
    v-if="board.cutsDone === 0"
    text
    :label="tell('NextCut.plan-it-anew')"
    @click="emit('anew')"
  />
</template>

<style scoped>
.small {
  font-size: 15px;
}
</style>
