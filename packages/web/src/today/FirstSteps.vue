<script setup lang="ts">
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
      error instanceof Refused ? error.message : 'The demo household could not be opened.';
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <header><h1>Nothing runs, nothing is due.</h1></header>
  <p class="first">
    Furrow begins with a hive: draw it as it stands, look at its combs, and everything after follows
    from there. Which one do you stand before?
  </p>
  <nav class="kinds" aria-label="Kinds of hive">
    <RouterLink
      v-for="name in HIVE_KIND_NAMES"
      :key="name"
      class="kind"
      :to="`/hives/new?kind=${name}`"
      ><KindPicture :kind="name" /><b>{{ HIVE_KINDS[name].name }}</b></RouterLink
    >
  </nav>
  <div class="acts row">
    <RouterLink class="p-button p-component" to="/hives/new">Make your first hive</RouterLink
    ><RouterLink class="p-button p-component p-button-outlined" to="/rules?at=all"
      >House rules and kit</RouterLink
    >
  </div>
  <section class="else">
    <h2 class="furrow-heading">Before the first hive</h2>
    <dl>
      <dt>
        <Button
          text
          label="See the demo household"
          :loading="busy"
          aria-describedby="demo-says"
          @click="openDemo"
        />
      </dt>
      <dd id="demo-says">
        An invented apiary in mid-season, in a window of its own. Nothing you do there touches
        yours, and it is gone when Furrow stops.
        <a v-if="address" :href="address" target="_blank" rel="noopener">Open it again</a>
        <b v-if="says" class="rust" role="alert">{{ says }}</b>
      </dd>
      <dt>
        <RouterLink class="p-button p-component p-button-text" to="/book?at=inout"
          >Take in what you kept before</RouterLink
        >
      </dt>
      <dd>
        An archive of another Furrow, or a sheet of earlier harvests: dates, hives, honey, wax.
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
