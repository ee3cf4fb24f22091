<script setup lang="ts">
import { owedWeighings, type BatchDetail } from '@furrow/core';
import { computed } from 'vue';

/** What of this harvest is not weighed yet, where its figures are shown: they are short of it. */
const props = defineProps<{ detail: BatchDetail }>();
const owed = computed(() => owedWeighings(props.detail));
const count = computed(() => owed.value.combs.length + owed.value.vessels.length);
</script>

<template>
  <p v-if="count && !detail.batch.closedAt" class="owed" role="status">
    <b>{{ count === 1 ? 'One weighing is' : `${count} weighings are` }} still open</b>: what is not
    weighed is in no figure here.
    <RouterLink :to="`/owed/${detail.batch.id}`">Weigh it</RouterLink>
  </p>
  <p v-else-if="owed.estimated.length && !detail.batch.closedAt" class="sub">
    Its comb is in the book by estimate.
    <RouterLink :to="`/owed/${detail.batch.id}`">Weigh it instead</RouterLink>
  </p>
</template>

<style scoped>
.owed {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  margin: 6px 0;
  flex-basis: 100%;
}
</style>
