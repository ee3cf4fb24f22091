<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { HIVE_KINDS, HIVE_KIND_NAMES } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import KindPicture from '../look/KindPicture.vue';
import { Refused, ask } from '../api/client.js';

/**
 * An empty household: the first hive, and what else somebody may bring or want to see before it.
 */
const busy = ref(false);
const says = ref<string | null>(null);
const address = ref<string | null>(null);
/** The demo household runs beside this one and opens in a window of its own. */
async function openDemo(): Promise<void> {
  // Opened at the touch itself: a browser shuts out a window that comes seconds after.
  const tab = window.open('about:blank', '_blank');
  [busy.value, says.value] = [true, null];
  try {
    const { port } = await ask<{ port: number }>('/demo');
    address.value = `${location.protocol}//${location.hostname}:${port}/`;
    if (tab) tab.location.href = address.value;
  } catch (error) {
    tab?.close();
    says.value =
      error instanceof Refused ? error.message : tell('FirstSteps.demo-household-could-not-be');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <header>
    <h1>{{ tell('FirstSteps.nothing-runs-nothing-due') }}</h1>
  </header>
  <p class="first">
    {{ tell('FirstSteps.furrow-begins-with-hive-draw') }}
  </p>
  <nav class="kinds" :aria-label="tell('FirstSteps.kinds-hive')">
    <RouterLink
      v-for="name in HIVE_KIND_NAMES"
      :key="name"
      class="kind"
      :to="`/hives/new?kind=${name}`"
      ><KindPicture :kind="name" /><b>{{ said(HIVE_KINDS[name].name) }}</b></RouterLink
    >
  </nav>
  <div class="acts row">
    <RouterLink class="p-button p-component" to="/hives/new">{{
      tell('FirstSteps.make-your-first-hive')
    }}</RouterLink><RouterLink class="p-button p-component p-button-outlined" to="/rules?at=all">{{
      tell('FirstSteps.house-rules-and-kit')
    }}</RouterLink>
  </div>
  <section class="else">
    <h2 class="furrow-heading">{{ tell('FirstSteps.before-first-hive') }}</h2>
    <dl>
      <dt>
        <Button
          text
          :label="tell('FirstSteps.see-demo-household')"
          :loading="busy"
          aria-describedby="demo-says"
          @click="openDemo"
        />
      </dt>
      <dd id="demo-says">
        {{ tell('FirstSteps.invented-apiary-in-mid-season') }}
        <a v-if="address" :href="address" target="_blank" rel="noopener">{{
          tell('FirstSteps.open-it-again')
        }}</a>{{ ' ' }}
        <b v-if="says" class="rust" role="alert">{{ says }}</b>
      </dd>
      <dt>
        <RouterLink class="p-button p-component p-button-text" to="/book?at=inout">{{
          tell('FirstSteps.take-in-what-you-kept')
        }}</RouterLink>
      </dt>
      <dd>
        {{ tell('FirstSteps.archive-another-furrow-or-sheet') }}
      </dd>
    </dl>
  </section>
</template>

<style scoped>
.kinds {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.kind {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  gap: 4px;
  min-width: 118px;
  padding: 8px 10px;
  border: var(--line);
  border-radius: 8px;
  text-decoration: none;
  font-size: 14px;
}
.kind:hover {
  background: var(--lime-0);
}
.first {
  font-size: 19px;
  max-width: 620px;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px 20px;
  align-items: center;
  max-width: 780px;
  margin: 0;
}
dd {
  margin: 0;
}
@media (max-width: 600px) {
  .kinds {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 6px;
  }
  .kind {
    min-width: 0;
    padding: 4px 2px;
    font-size: 13px;
    line-height: 16px;
    text-align: center;
    justify-content: space-between;
  }
  .kind :deep(svg) {
    max-width: 100%;
    height: auto;
  }
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
