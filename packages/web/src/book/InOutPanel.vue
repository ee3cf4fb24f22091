<script setup lang="ts">
import { fileOf } from '../parts/domEvents';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import { useRefresh } from '../api/queries.js';
import { useUi } from '../shell/ui.js';
import SpreadsheetPanel from './SpreadsheetPanel.vue';
import { useArchive } from './useArchive.js';
import { said } from '../shell/units.js';

/**
 * Everything out as one archive and in again with a preview; single tables; a sheet that was kept
 * before.
 */
const refresh = useRefresh();
const ui = useUi();
const out = useArchive();
const into = useArchive();
const choice = ref<'mine' | 'theirs'>('mine');
function chosen(event: Event): void {
  const file = fileOf(event);
  if (file) void into.begin('/archives/import', file);
}
const apply = (): void =>
  void into.begin(`/archives/${into.job.value!.id}/apply`, { conflicts: choice.value });
const undo = (): void => void into.again(`/archives/${into.job.value!.id}/undo`);
watch(
  () => into.job.value?.state,
  async (state) => {
    const words = state === 'done' ? 'The archive is in.' : 'The archive was taken back.';
    if (state !== 'done' && state !== 'taken-back') return;
    ui.say(words);
    await refresh();
  },
);
const WORDS: Record<string, string> = {
  sites: 'places',
  hives: 'hives',
  combs: 'combs',
  looks: 'looks',
  batches: 'harvests',
  lots: 'lots',
  flows: 'entries of the book',
  jarKinds: 'kinds of jar',
  vessels: 'vessels',
  people: 'names',
  ruleVersions: 'versions of the rules',
  photos: 'pictures',
  drains: 'drains',
  weighings: 'weighings',
  takes: 'takes',
  outs: 'things that left the shelf',
  commands: 'commands',
  journal: 'lines of the journal',
};
const rows = computed(() =>
  (into.job.value?.preview?.tables ?? []).filter(
    (t) => t.new + t.changed + t.conflicts + t.older > 0,
  ),
);
const conflicts = computed(() => rows.value.reduce((n, t) => n + t.conflicts, 0));
const news = computed(() => rows.value.reduce((n, t) => n + t.new + t.changed, 0));
const size = (bytes: number): string =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
const TABLES = [
  'flows',
  'lots',
  'batches',
  'looks',
  'takes',
  'weighings',
  'outs',
  'hives',
  'jarKinds',
];
</script>

<template>
  <section class="left">
    <h2 class="furrow-heading">All of it, out</h2>
    <p>
      One archive: a CSV for every table with its schema, pictures beside, readable by any tool for
      data packages. Names of people go with it.
    </p>
    <div class="line">
      <Button
        v-if="out.job.value?.state !== 'ready'"
        label="Write the archive"
        :loading="out.running.value"
        @click="out.begin('/archives/export')"
      /><a
        v-else
        class="p-button p-component"
        :href="`/api/v1/archives/${out.job.value.id}/file`"
        download
        >Save the archive, {{ size(out.job.value.bytes) }}</a
      ><progress
        v-if="out.running.value"
        :value="out.job.value!.share"
        max="1"
        aria-label="Archive being written"
      />
    </div>
    <p v-if="out.says.value" class="rust" role="alert">{{ said(out.says.value) }}</p>
    <h2 class="furrow-heading">An archive, in</h2>
    <div class="line">
      <label class="p-button p-component p-button-outlined file-key"
        >Choose an archive…<input
          type="file"
          accept=".zip,application/zip"
          aria-label="Archive to take in"
          @change="chosen" /></label
      ><progress
        v-if="into.running.value"
        :value="into.job.value!.share"
        max="1"
        aria-label="Archive being read"
      />
    </div>
    <p v-if="into.says.value" class="rust says" role="alert">{{ said(into.says.value) }}</p>
    <template v-if="into.job.value?.state === 'previewed'">
      <p v-if="!news && !conflicts">
        <b>Everything in it is here already.</b
        ><template v-if="rows.length">
          {{ rows.reduce((n, t) => n + t.older, 0) }} things were changed here since: they
          stay.</template
        >
      </p>
      <template v-else>
        <p><b>This is what it would do.</b> Nothing is written yet.</p>
        <div class="scroll" tabindex="0" role="region" aria-label="The tables">
          <table class="plain">
            <thead>
              <tr>
                <th>What</th>
                <th class="num">New</th>
                <th class="num">Newer in it</th>
                <th class="num">Newer here, left</th>
                <th class="num">Changed in both</th>
                <th class="num">The same</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="t in rows" :key="t.table">
                <td>{{ WORDS[t.table] ?? t.table }}</td>
                <td class="num">{{ t.new || '' }}</td>
                <td class="num">{{ t.changed || '' }}</td>
                <td class="num">{{ t.older || '' }}</td>
                <td class="num" :class="{ rust: t.conflicts }">{{ t.conflicts || '' }}</td>
                <td class="num">{{ t.same || '' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-if="into.job.value.preview!.photos" class="sub">
          {{ into.job.value.preview!.photos }} pictures with it.
        </p>
        <template v-if="conflicts">
          <ul>
            <li v-for="c in into.job.value.preview!.conflicts" :key="c.table + c.id" class="rust">
              {{ said(c.sentence) }}
            </li>
          </ul>
          <div class="line">
            <span>Where both changed</span
            ><SelectButton
              v-model="choice"
              :options="[
                { label: 'Mine stays', value: 'mine' },
                { label: 'The archive’s counts', value: 'theirs' },
              ]"
              option-label="label"
              option-value="value"
              :allow-empty="false"
              aria-label="Where both changed"
            />
          </div>
        </template>
        <div class="line">
          <Button label="Take it in, all or nothing" @click="apply" /><Button
            text
            label="Put it away"
            @click="into.putAway()"
          />
        </div>
      </template>
    </template>
    <div v-if="into.job.value?.state === 'done'" class="line">
      <p class="green" role="status">
        <b>It is in.</b> The book was checked: it balances. What stood here before is kept.
      </p>
      <Button outlined label="Take it back" @click="undo" />
    </div>
    <p v-if="into.job.value?.state === 'taken-back'" role="status">
      <b>Taken back.</b> Everything stands here as it did before the archive came in.
    </p>
    <SpreadsheetPanel />
  </section>
  <aside class="acts">
    <h2 class="furrow-heading">One table</h2>
    <p class="links">
      <a v-for="t in TABLES" :key="t" :href="`/api/v1/tables/${t}.csv`" download>{{
        WORDS[t] ?? t
      }}</a>
    </p>
    <p class="sub">
      CSV, UTF-8, commas. A cell that would run as a formula has an apostrophe before it.
    </p>
    <h2 class="furrow-heading">Copies</h2>
    <p>
      Furrow writes a copy of its database every day into <b>copies</b> of its data folder: a week
      of days, five weeks, a year of months.
    </p>
    <p class="sub">
      By hand: <code>node furrow.mjs backup FILE</code> and
      <code>node furrow.mjs restore FILE</code>, also while it runs. Keep one on another machine.
    </p>
  </aside>
</template>

<style scoped>
.left {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.line {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
}
progress {
  width: 220px;
  height: 14px;
  accent-color: var(--field);
}
.says {
  font-size: 18px;
  font-weight: 600;
  max-width: 70ch;
}
.scroll {
  overflow-x: auto;
}
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.links a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
ul {
  margin: 0;
  padding-left: 20px;
}
</style>
