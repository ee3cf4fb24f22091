<script setup lang="ts">
import { tell } from '../words/tell.js';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import {
  useHarvests,
  useHives,
  useJars,
  usePeople,
  useSites,
  useStock,
  useVessels,
} from '../api/queries.js';
import { everything, find, type Found } from './find.js';
import { useUi } from './ui.js';

/** One field over hives, combs, harvests, lots, the kit, people, places, rules and help. */
const ui = useUi();
const router = useRouter();
const { data: hives } = useHives();
const { data: sites } = useSites();
const { data: harvests } = useHarvests();
const { data: lots } = useStock();
const { data: vessels } = useVessels();
const { data: jars } = useJars();
const { data: people } = usePeople();
const all = computed(() =>
  everything({
    hives: hives.value ?? [],
    sites: sites.value ?? [],
    harvests: harvests.value ?? [],
    lots: lots.value ?? [],
    vessels: vessels.value ?? [],
    jars: jars.value ?? [],
    people: (people.value ?? []).filter((p) => p.name),
  }),
);
const typed = ref('');
const at = ref(0);
/**
 * Opened again while it is on its way out, the dialog is a new one: the old would take it along.
 */
const opened = ref(0);
const found = computed(() => find(all.value, typed.value));
watch(typed, () => (at.value = 0));
watch(
  () => ui.finding,
  (open) => {
    if (!open) return;
    typed.value = '';
    opened.value++;
  },
);
function go(line: Found | undefined): void {
  if (!line) return;
  ui.finding = false;
  void router.push(line.to);
}
function move(by: number): void {
  const count = found.value.length;
  if (count) at.value = (at.value + by + count) % count;
}
const idOf = (line: Found): string => `found-${line.id.replace(/\W+/g, '-')}`;
</script>

<template>
  <DialogFrame
    :key="opened"
    v-model:visible="ui.finding"
    :header="tell('common.find')"
    :width="640"
  >
    <input
      autofocus
      v-model="typed"
      class="p-inputtext field"
      type="text"
      role="combobox"
      :aria-label="tell('FindDialog.hive-comb-lot-jar-person')"
      aria-controls="found"
      aria-autocomplete="list"
      :aria-expanded="found.length > 0"
      :aria-activedescendant="found[at] ? idOf(found[at]) : undefined"
      :placeholder="tell('FindDialog.hive-comb-lot-jar-person')"
      autocomplete="off"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="go(found[at])"
    />
    <ul id="found" role="listbox" :aria-label="tell('FindDialog.found')">
      <li
        v-for="(line, i) in found"
        :id="idOf(line)"
        :key="line.id"
        role="option"
        :aria-selected="i === at"
        @click="go(line)"
        @mousemove="at = i"
      >
        <span class="what">{{ line.what }}</span><span class="name">{{ line.name }}</span
        ><span class="sub">{{ line.leads }}</span>
      </li>
    </ul>
    <p v-if="typed.trim() && !found.length" role="status">
      {{ tell('FindDialog.nothing-called-part-name-enough', { typed: typed.trim() }) }}
    </p>
    <p v-else-if="!typed.trim()" class="sub">
      {{ tell('FindDialog.part-name-enough-keys-and') }}
    </p>
  </DialogFrame>
</template>

<style scoped>
.field {
  width: 100%;
  min-height: 56px;
  padding: 0 14px;
  font-size: 19px;
}
ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 74px 1fr auto;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  padding: 4px 8px;
  border-bottom: var(--line);
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--field-wash);
  outline: 2px solid var(--field);
  outline-offset: -2px;
}
.what {
  font-size: 14px;
  color: var(--ink-2);
}
.name {
  font-weight: 600;
  overflow-wrap: anywhere;
}
</style>
