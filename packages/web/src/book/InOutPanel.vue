<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import FileKey from '../parts/FileKey.vue';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import { useRefresh } from '../api/queries.js';
import { useUi } from '../shell/ui.js';
import SpreadsheetPanel from './SpreadsheetPanel.vue';
import { useArchive } from './useArchive.js';
import { said } from '../words/units.js';

/**
 * Everything out as one archive and in again with a preview; single tables; a sheet that was kept
 * before.
 */
const refresh = useRefresh();
const ui = useUi();
const out = useArchive();
const into = useArchive();
const choice = ref<'mine' | 'theirs'>('mine');
const chosen = (file: File): void => void into.begin('/archives/import', file);
const apply = (): void =>
  void into.begin(`/archives/${into.job.value!.id}/apply`, { conflicts: choice.value });
const undo = (): void => void into.again(`/archives/${into.job.value!.id}/undo`);
watch(
  () => into.job.value?.state,
  async (state) => {
    const words =
      state === 'done' ? tell('InOutPanel.archive-in') : tell('InOutPanel.archive-was-taken-back');
    if (state !== 'done' && state !== 'taken-back') return;
    ui.say(words);
    await refresh();
  },
);
const WORDS: Record<string, string> = {
  sites: tell('InOutPanel.sites-table'),
  hives: tell('InOutPanel.hives-table'),
  combs: tell('InOutPanel.combs-table'),
  looks: tell('InOutPanel.looks-table'),
  batches: tell('InOutPanel.batches-table'),
  lots: tell('InOutPanel.lots-table'),
  flows: tell('InOutPanel.entries-book'),
  jarKinds: tell('InOutPanel.kinds-jar'),
  vessels: tell('InOutPanel.vessels-table'),
  people: tell('InOutPanel.people-table'),
  ruleVersions: tell('InOutPanel.versions-rules'),
  photos: tell('InOutPanel.photos-table'),
  drains: tell('InOutPanel.drains-table'),
  weighings: tell('InOutPanel.weighings-table'),
  takes: tell('InOutPanel.takes-table'),
  outs: tell('InOutPanel.things-that-left-shelf'),
  commands: tell('InOutPanel.commands-table'),
  journal: tell('InOutPanel.lines-journal'),
};
const rows = computed(() =>
  (into.job.value?.preview?.tables ?? []).filter(
    (t) => t.new + t.changed + t.conflicts + t.older > 0,
  ),
);
const conflicts = computed(() => rows.value.reduce((n, t) => n + t.conflicts, 0));
const news = computed(() => rows.value.reduce((n, t) => n + t.new + t.changed, 0));
const size = (bytes: number): string =>
  bytes < 1e6
    ? tell('InOutPanel.kb', { max: Math.max(1, Math.round(bytes / 1000)) })
    : tell('InOutPanel.mb', { bytes: figure(bytes / 1e6, 1) });
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
    <h2 class="furrow-heading">{{ tell('InOutPanel.all-it-out') }}</h2>
    <p>
      {{ tell('InOutPanel.one-archive-csv-for-every') }}
    </p>
    <div class="line">
      <Button
        v-if="out.job.value?.state !== 'ready'"
        :label="tell('InOutPanel.write-archive')"
        :loading="out.running.value"
        @click="out.begin('/archives/export')"
      /><a
        v-else
        class="p-button p-component"
        :href="`/api/v1/archives/${out.job.value.id}/file`"
        download
        >{{ tell('InOutPanel.save-archive', { bytes: size(out.job.value.bytes) }) }}</a
      ><progress
        v-if="out.running.value"
        :value="out.job.value!.share"
        max="1"
        :aria-label="tell('InOutPanel.archive-being-written')"
      />
    </div>
    <p v-if="out.says.value" class="rust" role="alert">{{ said(out.says.value) }}</p>
    <h2 class="furrow-heading">{{ tell('InOutPanel.archive-in-2') }}</h2>
    <div class="line">
      <FileKey
        :label="tell('InOutPanel.choose-archive')"
        :reads="tell('InOutPanel.archive-to-take-in')"
        accept=".zip,application/zip"
        @chosen="chosen"
      /><progress
        v-if="into.running.value"
        :value="into.job.value!.share"
        max="1"
        :aria-label="tell('InOutPanel.archive-being-read')"
      />
    </div>
    <p v-if="into.says.value" class="rust says" role="alert">{{ said(into.says.value) }}</p>
    <template v-if="into.job.value?.state === 'previewed'">
      <p v-if="!news && !conflicts">
        <b>{{ tell('InOutPanel.everything-in-it-here-already') }}</b><template v-if="rows.length"
          >{{ ' '
          }}{{
            tell('InOutPanel.things-were-changed-here-since', {
              things: rows.reduce((n, t) => n + t.older, 0),
            })
          }}</template
        >
      </p>
      <template v-else>
        <p>
          <b>{{ tell('InOutPanel.this-what-it-would-do') }}</b>
          {{ tell('InOutPanel.nothing-written-yet') }}
        </p>
        <div class="scroll" tabindex="0" role="region" :aria-label="tell('InOutPanel.tables')">
          <table class="plain">
            <thead>
              <tr>
                <th>{{ tell('common.what') }}</th>
                <th class="num">{{ tell('InOutPanel.new') }}</th>
                <th class="num">{{ tell('InOutPanel.newer-in-it') }}</th>
                <th class="num">{{ tell('InOutPanel.newer-here-left') }}</th>
                <th class="num">{{ tell('InOutPanel.changed-in-both') }}</th>
                <th class="num">{{ tell('InOutPanel.same') }}</th>
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
          {{ tell('InOutPanel.pictures-with-it', { photos: into.job.value.preview!.photos }) }}
        </p>
        <template v-if="conflicts">
          <ul>
            <li v-for="c in into.job.value.preview!.conflicts" :key="c.table + c.id" class="rust">
              {{ said(c.sentence) }}
            </li>
          </ul>
          <div class="line">
            <span>{{ tell('InOutPanel.where-both-changed') }}</span><SelectButton
              v-model="choice"
              :options="[
                { label: tell('InOutPanel.mine-stays'), value: 'mine' },
                { label: tell('InOutPanel.archives-counts'), value: 'theirs' },
              ]"
              option-label="label"
              option-value="value"
              :allow-empty="false"
              :aria-label="tell('InOutPanel.where-both-changed')"
            />
          </div>
        </template>
        <div class="line">
          <Button :label="tell('InOutPanel.take-it-in-all-or')" @click="apply" /><Button
            text
            :label="tell('common.put-it-away')"
            @click="into.putAway()"
          />
        </div>
      </template>
    </template>
    <div v-if="into.job.value?.state === 'done'" class="line">
      <p class="green" role="status">
        <b>{{ tell('InOutPanel.it-in') }}</b> {{ tell('InOutPanel.book-was-checked-it-balances') }}
      </p>
      <Button outlined :label="tell('common.take-it-back')" @click="undo" />
    </div>
    <p v-if="into.job.value?.state === 'taken-back'" role="status">
      <b>{{ tell('InOutPanel.taken-back') }}</b>
      {{ tell('InOutPanel.everything-stands-here-as-it') }}
    </p>
    <SpreadsheetPanel />
  </section>
  <aside class="acts">
    <h2 class="furrow-heading">{{ tell('InOutPanel.one-table') }}</h2>
    <p class="links">
      <a v-for="t in TABLES" :key="t" :href="`/api/v1/tables/${t}.csv`" download>{{
        WORDS[t] ?? t
      }}</a>
    </p>
    <p class="sub">
      {{ tell('InOutPanel.csv-utf-8-commas-cell') }}
    </p>
    <h2 class="furrow-heading">{{ tell('InOutPanel.copies') }}</h2>
    <p>
      {{ tell('InOutPanel.furrow-writes-copy-its-database') }}
      <b>{{ tell('InOutPanel.copies-2') }}</b> {{ tell('InOutPanel.its-data-folder-week-days') }}
    </p>
    <p class="sub">
      {{ tell('InOutPanel.by-hand') }}
      <code>{{ tell('InOutPanel.node-furrow-mjs-backup-file') }}</code> {{ tell('InOutPanel.and') }}
      <code>{{ tell('InOutPanel.node-furrow-mjs-restore-file') }}</code>{{
        tell('InOutPanel.also-while-it-runs-keep')
      }}
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
