<script setup lang="ts">
import { comesLater } from './parts/comesLater.js';
import { tell } from './words/tell.js';
import { isWithin } from './parts/domEvents';
import { METRIC, STAGES } from '@furrow/core';
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import HarvestRow from './shell/HarvestRow.vue';
import SoilStrip from './shell/SoilStrip.vue';
import CombPatterns from './drawing/CombPatterns.vue';
import { beginToListen, hearDoing } from './house/doing.js';
import { helperOpens } from './house/helperMay.js';
import NotForHelpers from './house/NotForHelpers.vue';
import { useMe } from './house/useHouse.js';
import { useReadAgain } from './api/failure.js';
import { listen, useReadAnew, useRefresh, useRules } from './api/queries.js';
import { hearHouseLanguage } from './words/language.js';
import { currency, householdUnits } from './words/units.js';
import { mindMissingScreens } from './shell/missingScreen.js';
import { mindOutbox } from './api/outbox.js';
import { everTrue } from './parts/everTrue.js';
import { useUi } from './shell/ui.js';

const ui = useUi();
const route = useRoute();
const router = useRouter();
const refresh = useRefresh();
const readAnew = useReadAnew();
useReadAgain(refresh);
const { data: rulesVersion } = useRules();
let hasBegun = false;
watch(
  () => rulesVersion.value?.rules,
  (rules) => {
    householdUnits.value = rules?.units ?? METRIC;
    currency.value = rules?.currency ?? '';
    if (!rules) return;
    const isAnother = hearHouseLanguage(rules.language);
    // Only as the page begins: later something may be typed on it.
    if (isAnother && !hasBegun) location.reload();
    hasBegun = true;
  },
  { immediate: true },
);
const { data: me } = useMe();
/** A page that is the household's own, on a helper's phone. */
const isShut = computed(
  () => me.value?.kind === 'helper' && !helperOpens(String(route.name ?? 'today')),
);
const keysShown = ref(false);
/** Dialogs of every screen come when one is asked for: the first screen does not wait for them. */
const ShellDialogs = comesLater(() => import('./shell/ShellDialogs.vue'));
const dialogAsked = everTrue(() => keysShown.value || ui.finding || ui.question !== null);
const work = ref<HTMLElement | null>(null);
/** What a screen reader hears when another screen stands there. */
const announced = ref('');
const strip = ref<InstanceType<typeof SoilStrip> | null>(null);
watch(
  () => route.meta.title,
  (title) => {
    document.title = title ? tell('App.furrow', { title: String(title) }) : 'Furrow';
    announced.value = String(title ?? '');
  },
  { immediate: true },
);

/**
 * Where a key is the field's or the dialog's own. A dialog on its way out still holds the focus for
 * a moment; by then the keys are the page's again.
 */
const OWN_KEYS =
  'input, textarea, select, [role="slider"], [role="dialog"]:not(.p-dialog-leave-active)';

/** One stage on in the row, or one back; nowhere where there is none. */
function alongTheRow(step: 1 | -1): void {
  const { stage } = route.meta;
  const next = stage && STAGES[STAGES.indexOf(stage) + step];
  if (next) void router.push(`/${next}`);
}
const find = (): void => void (ui.finding = true);
/** What a single key does, wherever one is. */
const KEYS: Readonly<Record<string, () => void>> = {
  '?': () => (keysShown.value = true),
  '/': find,
  '.': () => alongTheRow(1),
  ',': () => alongTheRow(-1),
  d: () => void router.push('/'),
  r: () => void router.push('/rules'),
  m: () => (ui.sun = !ui.sun),
  u: () => void strip.value?.undo(),
};
/** Keys that would otherwise be the browser's. */
const TAKEN_FROM_BROWSER = ['/'];

function onKey(event: KeyboardEvent): void {
  const key = event.key.toLowerCase();
  const isWithCommand = event.ctrlKey || event.metaKey;
  if (isWithCommand && key === 'k') {
    event.preventDefault();
    find();
    return;
  }
  const isOwn = isWithin(event, OWN_KEYS);
  if (!ui.keysOn || isWithCommand || event.altKey || isOwn) return;
  if (TAKEN_FROM_BROWSER.includes(key)) event.preventDefault();
  KEYS[key]?.();
}
// The focus goes along to another screen: it never falls back to the top of the page.
router.afterEach((to, from) => {
  // The first screen begins at the top, where the way past the row is.
  if (to.path === from.path || from.matched.length === 0) return;
  void nextTick(() => {
    // The next stage of one harvest keeps the element: it begins at its top all the same.
    if (to.name !== from.name) work.value?.scrollTo({ top: 0 });
    const lost = document.activeElement === document.body || !document.activeElement?.isConnected;
    if (lost) work.value?.focus({ preventScroll: true });
  });
});
onMounted(() => {
  window.addEventListener('keydown', onKey);
  const heard = (by: string | null): void => {
    void refresh();
    if (by) ui.say(tell('App.something-was-written', { by }));
  };
  listen(heard, hearDoing, beginToListen);
  void mindOutbox({ readAnew, say: ui.say });
  mindMissingScreens(router, () => ui.say(tell('App.screen-not-here-yet')));
});
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <div class="app">
    <CombPatterns />
    <a class="skip" href="#work" @click.prevent="work?.focus()">{{ tell('App.to-work') }}</a>
    <p class="seen-by-none" role="log" aria-live="polite">{{ announced }}</p>
    <HarvestRow @keys="keysShown = true" />
    <main
      id="work"
      :key="String(route.params.id ?? route.name)"
      ref="work"
      class="work"
      tabindex="-1"
    >
      <NotForHelpers v-if="isShut" />
      <RouterView v-else />
    </main>
    <SoilStrip ref="strip" />
    <ShellDialogs v-if="dialogAsked" v-model:keysShown="keysShown" />
  </div>
</template>

<style>
.app {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) 40px;
}
.skip {
  position: absolute;
  left: -9999px;
  z-index: 5;
}
.skip:focus {
  left: 8px;
  top: 8px;
  padding: 12px 18px;
  background: var(--ink);
  color: var(--lime-0);
}
.seen-by-none {
  position: absolute;
  width: 1px;
  height: 1px;
  margin: -1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.work {
  overflow: auto;
  outline: none;
}
@media (max-width: 599px) {
  .app {
    grid-template-rows: auto minmax(0, 1fr) 56px;
  }
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
