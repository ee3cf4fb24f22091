<script setup lang="ts">
import { STAGES, type Stage } from '@furrow/core';
import { onMounted, onUnmounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import HarvestRow from './shell/HarvestRow.vue';
import KeysDialog from './shell/KeysDialog.vue';
import SoilStrip from './shell/SoilStrip.vue';
import CombPatterns from './drawing/CombPatterns.vue';
import { listen, useRefresh } from './server/queries.js';
import { useUi } from './shell/ui.js';

const ui = useUi();
const route = useRoute();
const router = useRouter();
const refresh = useRefresh();
const keysShown = ref(false);
const strip = ref<InstanceType<typeof SoilStrip> | null>(null);
watch(
  () => route.meta.title,
  (title) => (document.title = title ? `${String(title)} · Furrow` : 'Furrow'),
  { immediate: true },
);

/** Where a key is the field's or the dialog's own. A dialog on its way out still holds the focus for a moment; by then the keys are the page's again. */
const OWN_KEYS =
  'input, textarea, select, [role="slider"], [role="dialog"]:not(.p-dialog-leave-active)';

function onKey(event: KeyboardEvent): void {
  const target = event.target as HTMLElement;
  if (!ui.keysOn || event.ctrlKey || event.metaKey || event.altKey || target.closest(OWN_KEYS))
    return;
  const stage = STAGES.indexOf(route.meta.stage as Stage);
  if (event.key === '?') keysShown.value = true;
  else if (event.key === '.' && stage >= 0 && stage < STAGES.length - 1)
    void router.push(`/${STAGES[stage + 1]}`);
  else if (event.key === ',' && stage > 0) void router.push(`/${STAGES[stage - 1]}`);
  else if (event.key.toLowerCase() === 'd') void router.push('/');
  else if (event.key.toLowerCase() === 'r') void router.push('/rules');
  else if (event.key.toLowerCase() === 'm') ui.sun = !ui.sun;
  else if (event.key.toLowerCase() === 'u') void strip.value?.undo();
}
onMounted(() => {
  window.addEventListener('keydown', onKey);
  listen(() => void refresh());
});
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <div class="app">
    <CombPatterns />
    <HarvestRow @keys="keysShown = true" />
    <main :key="String(route.params.id ?? route.name)" class="work" tabindex="-1">
      <RouterView />
    </main>
    <SoilStrip ref="strip" />
    <KeysDialog v-model:visible="keysShown" />
  </div>
</template>

<style>
.app {
  height: 100%;
  display: grid;
  grid-template-rows: 80px minmax(0, 1fr) 40px;
}
.work {
  overflow: auto;
  outline: none;
}
@media print {
  .app {
    display: block;
  }
  .work {
    overflow: visible;
  }
}
</style>
