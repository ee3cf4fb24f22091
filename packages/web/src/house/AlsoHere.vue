<script setup lang="ts">
import { listed, tell } from '../words/tell.js';
import { computed, toRef } from 'vue';
import { useDoing } from './doing.js';

/** Who else does just now what is done here: it is done once. */
const props = defineProps<{
  /** The harvest or the hive it is done to; null while there is none. */
  about: string | null;
  /** Which step of it; null where nothing is being done. */
  step: string | null;
  /** Where that is, in words: "at this step". */
  where: string;
}>();
const others = useDoing(toRef(props, 'about'), toRef(props, 'step'));
const says = computed(() => {
  const [one, ...more] = others.value;
  return more.length
    ? tell('AlsoHere.some-too', { others: listed(others.value), where: props.where })
    : tell('AlsoHere.one-too', { other: one, where: props.where });
});
</script>

<template>
  <p v-if="others.length" class="others" role="status">{{ says }}</p>
</template>

<style scoped>
.others {
  margin: 0;
  padding: 4px 12px;
  border-left: 5px solid var(--ink);
  background: var(--lime-0);
  font-weight: 600;
}
</style>
