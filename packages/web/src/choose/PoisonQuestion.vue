<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { Site } from '@furrow/core';
import Button from 'primevue/button';
import { useSend } from '../api/useSend.js';

/** Plants known to give poisonous honey: a fact of the site, asked once. */
const props = defineProps<{ site: Site }>();
const { go, busy } = useSend();
const ANSWERS = [
  { label: tell('common.no'), value: 'no' },
  { label: tell('common.yes'), value: 'yes' },
  { label: tell('PoisonQuestion.i-shall-ask'), value: 'ask' },
] as const;
const say = (poisonousNectar: 'yes' | 'no' | 'ask'): unknown =>
  go(
    `/sites/${props.site.id}`,
    { poisonousNectar },
    tell('PoisonQuestion.plants-that-give-poisonous-honey-2', { site: props.site.name }),
    { method: 'PATCH', baseRevision: props.site.revision },
  );
</script>

<template>
  <p v-if="site.poisonousNectar === null" class="asks">
    {{ tell('PoisonQuestion.are-plants-known-to-give', { site: site.name }) }}
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
    <b v-if="site.poisonousNectar === 'yes'">{{
      tell('PoisonQuestion.plants-that-give-poisonous-honey', { site: site.name })
    }}</b><b v-else>{{
      tell('PoisonQuestion.ask-locally-about-plants-that', { site: site.name })
    }}</b>
    <Button
      size="small"
      text
      :label="tell('PoisonQuestion.asked-none-are-known')"
      :loading="busy"
      @click="say('no')"
    />
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
