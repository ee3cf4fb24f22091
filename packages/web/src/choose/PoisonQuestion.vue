<script setup lang="ts">
import type { Site } from '@furrow/core';
import Button from 'primevue/button';
import { useSend } from '../api/useSend.js';

/** Plants known to give poisonous honey: a fact of the site, asked once. */
const props = defineProps<{ site: Site }>();
const { go, busy } = useSend();
const ANSWERS = [
  { label: 'No', value: 'no' },
  { label: 'Yes', value: 'yes' },
  { label: 'I shall ask', value: 'ask' },
] as const;
const say = (poisonousNectar: 'yes' | 'no' | 'ask'): unknown =>
  go(
    `/sites/${props.site.id}`,
    { poisonousNectar },
    `${props.site.name}: plants that give poisonous honey noted.`,
    { method: 'PATCH', baseRevision: props.site.revision },
  );
</script>

<template>
  <p v-if="site.poisonousNectar === null" class="asks">
    Are plants known to give poisonous honey in reach of {{ site.name }}?
    <Button
      v-for="a in ANSWERS"
      :key="a.value"
      size="small"
      outlined
      :label="a.label"
      :loading="busy"
      @click="say(a.value)"
    />
  </p>
  <p v-else-if="site.poisonousNectar !== 'no'" class="rust">
    <b v-if="site.poisonousNectar === 'yes'"
      >Plants that give poisonous honey are known near {{ site.name }}: not for eating until
      somebody who knows them, or a laboratory, has spoken.</b
    ><b v-else
      >Ask locally about plants that give poisonous honey near {{ site.name }} before it is
      eaten.</b
    >
    <Button size="small" text label="Asked: none are known" :loading="busy" @click="say('no')" />
  </p>
</template>

<style scoped>
.asks {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: center;
}
</style>
