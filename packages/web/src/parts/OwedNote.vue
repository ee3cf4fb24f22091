<script setup lang="ts">
import { tell } from '../words/tell.js';
import { owedWeighings, type BatchDetail } from '@furrow/core';
import { computed } from 'vue';
import { waitsOf } from '../api/outbox.js';

/**
 * What of this harvest is not weighed yet, or not in the house, where its figures are shown: they
 * are short of it.
 */
const props = defineProps<{ detail: BatchDetail }>();
const owed = computed(() => owedWeighings(props.detail));
const count = computed(() => owed.value.combs.length + owed.value.vessels.length);
const waits = computed(() => waitsOf(props.detail.batch.id).length);
</script>

<template>
  <p v-if="waits" class="owed" role="status">{{ tell('OwedNote.on-this-device', { waits }) }}</p>
  <p v-if="count && !detail.batch.closedAt" class="owed" role="status">
    <b>{{
      tell('OwedNote.still-open', {
        count:
          count === 1 ? tell('OwedNote.one-weighing') : tell('OwedNote.weighings-are', { count }),
      })
    }}</b>{{ tell('OwedNote.what-not-weighed-in-no') }}
    <RouterLink :to="`/owed/${detail.batch.id}`">{{ tell('common.weigh-it') }}</RouterLink>
  </p>
  <p v-else-if="owed.estimated.length && !detail.batch.closedAt" class="sub">
    {{ tell('OwedNote.its-comb-in-book-by') }}
    <RouterLink :to="`/owed/${detail.batch.id}`">{{
      tell('OwedNote.weigh-it-instead')
    }}</RouterLink>
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
