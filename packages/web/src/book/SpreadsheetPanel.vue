<script setup lang="ts">
import { weighedText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import FileKey from '../parts/FileKey.vue';
import { plainCopy } from '../parts/plainCopy';
import {
  METRIC,
  HIVE_KINDS,
  HIVE_KIND_NAMES,
  SHEET_FIELDS,
  SHEET_FIELD_WORDS,
  SHEET_MASS_UNITS,
  type HiveKindName,
  type SpreadsheetRead,
  type SpreadsheetSettings,
} from '@furrow/core';

import { proxy } from 'comlink';
import Button from 'primevue/button';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import NewSite from './NewSite.vue';
import { newId, serverNow } from '../api/client.js';
import { useHives, useRules, useSites } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { spreadsheetWorker } from '../workers/client.js';
import type { Delimiter, SpreadsheetOpened } from '../workers/spreadsheet.js';

/**
 * A sheet somebody kept before: columns said, units asked, every row in error named, nothing
 * written until all is clear.
 */
const { go, busy, refusal } = useSend();
const { data: hives } = useHives();
const { data: sites } = useSites();
const { data: rules } = useRules();
const units = computed(() => rules.value?.rules.units ?? METRIC);
let worker: ReturnType<typeof spreadsheetWorker> | null = null;
onScopeDispose(() => worker?.end());
const file = shallowRef<File | null>(null);
const opened = shallowRef<SpreadsheetOpened | null>(null);
const settings = ref<SpreadsheetSettings | null>(null);
const found = shallowRef<SpreadsheetRead | null>(null);
const share = ref<number | null>(null);
const says = ref<string | null>(null);
const MARKS: { label: string; value: Delimiter }[] = [
  { label: tell('SpreadsheetPanel.comma'), value: ',' },
  { label: tell('SpreadsheetPanel.semicolon'), value: ';' },
  { label: tell('SpreadsheetPanel.tab'), value: '\t' },
  { label: tell('SpreadsheetPanel.stroke'), value: '|' },
];
async function open(delimiter: Delimiter | null): Promise<void> {
  worker?.end();
  worker = spreadsheetWorker();
  [opened.value, found.value, says.value, share.value] = [null, null, null, 0];
  try {
    const sheet = await worker.api.open(
      file.value!,
      delimiter,
      proxy((s: number) => {
        // A last word on its way when the sheet is there already begins nothing anew.
        if (share.value !== null) share.value = s;
      }),
    );
    opened.value = sheet;
    const { asks: _asks, ...guess } = sheet.guess;
    settings.value = plainCopy(guess);
  } catch (error) {
    says.value =
      error instanceof Error ? error.message : tell('SpreadsheetPanel.this-file-cannot-be-read');
  } finally {
    share.value = null;
  }
}
function chosen(sheet: File): void {
  file.value = sheet;
  void open(null);
}
function putAway(): void {
  worker?.end();
  worker = null;
  [file.value, opened.value, settings.value, found.value, says.value, share.value] = [
    null,
    null,
    null,
    null,
    null,
    null,
  ];
}
const ready = computed(
  () =>
    settings.value !== null &&
    settings.value.columns.date !== null &&
    settings.value.columns.hive !== null &&
    settings.value.columns.honey !== null,
);
watch(
  settings,
  async () => {
    found.value =
      ready.value && settings.value && worker
        ? await worker.api.read(plainCopy(settings.value), serverNow().toISOString().slice(0, 10))
        : null;
  },
  { deep: true },
);
/** Each name of the sheet: a hive that is here, or one to be made with its kind and place. */
const meant = ref<Record<string, string>>({});
const makeKind = ref<Record<string, HiveKindName | ''>>({});
const makeSite = ref<Record<string, string>>({});
const like = (a: string): string =>
  a
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .trim()
    .toLowerCase();
watch(found, (f) => {
  for (const name of f?.hiveNames ?? [])
    meant.value[name] ??=
      (hives.value ?? []).find((h) => like(h.name) === like(name))?.id ?? 'make';
});
/**
 * A site is being made: where there is none at all, or another one was asked for. It stays until it
 * is made.
 */
const makesSite = ref(false);
watch(
  sites,
  (list) => {
    if (list && !list.length) makesSite.value = true;
  },
  { immediate: true },
);
/** A site just made is where the hives without one stood. */
function siteMade(id: string): void {
  makesSite.value = false;
  for (const name of unclear.value) makeSite.value[name] ||= id;
}
const unclear = computed(() =>
  (found.value?.hiveNames ?? []).filter(
    (n) => meant.value[n] === 'make' && (!makeKind.value[n] || !makeSite.value[n]),
  ),
);
const clear = computed(
  () =>
    found.value !== null &&
    found.value.harvests.length > 0 &&
    found.value.problems.length === 0 &&
    unclear.value.length === 0,
);
async function takeIn(): Promise<void> {
  const ids = Object.fromEntries(
    found.value!.hiveNames.map((n) => [n, meant.value[n] === 'make' ? newId() : meant.value[n]]),
  );
  const done = await go(
    '/sheetHarvests',
    {
      hives: found.value!.hiveNames.map((name) => ({
        name,
        hiveId: ids[name],
        make:
          meant.value[name] === 'make'
            ? { kind: makeKind.value[name] || null, siteId: makeSite.value[name] }
            : null,
      })),
      harvests: found.value!.harvests.map(({ line: _line, ...h }) => ({
        batchId: newId(),
        visitId: newId(),
        ...h,
      })),
    },
    tell('SpreadsheetPanel.harvests-are-in-book', { harvests: found.value!.harvests.length }),
  );
  if (done) putAway();
}
const total = computed(() => found.value?.harvests.reduce((g, h) => g + h.honeyG, 0) ?? 0);
</script>

<template>
  <h2 class="furrow-heading">{{ tell('SpreadsheetPanel.sheet-you-kept') }}</h2>
  <p>
    {{ tell('SpreadsheetPanel.harvests-earlier-years-from-table') }}
  </p>
  <div class="line">
    <FileKey
      :label="tell('SpreadsheetPanel.choose-sheet')"
      :reads="tell('SpreadsheetPanel.sheet-to-take-in')"
      accept=".csv,.txt,.tsv,text/csv"
      @chosen="chosen"
    /><progress
      v-if="share !== null"
      :value="share"
      max="1"
      :aria-label="tell('SpreadsheetPanel.sheet-being-read')"
    /><Button v-if="file" text :label="tell('common.put-it-away')" @click="putAway" />
  </div>
  <p v-if="says" class="rust" role="alert">
    <b>{{ says }}</b>
  </p>
  <template v-if="opened && settings">
    <p v-if="opened.says" class="rust" role="alert">
      <b>{{ opened.says }}</b>
    </p>
    <div class="line">
      <label class="sub" for="mark">{{
        tell('SpreadsheetPanel.between-columns-stands')
      }}</label><select
        id="mark"
        class="native narrow"
        :value="opened.delimiter"
        @change="open(($event.target as HTMLSelectElement).value as Delimiter)"
      >
        <option v-for="m in MARKS" :key="m.value" :value="m.value">{{ m.label }}</option></select
      ><span class="sub">{{ tell('SpreadsheetPanel.rows', { rows: opened.rows }) }}</span>
    </div>
    <div class="scroll" tabindex="0" role="region" :aria-label="tell('SpreadsheetPanel.sheet')">
      <table class="plain sheet">
        <thead>
          <tr>
            <th v-for="(h, i) in opened.head" :key="i">
              {{ h || tell('SpreadsheetPanel.column', { i: i + 1 }) }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(r, i) in opened.first" :key="i">
            <td v-for="(c, j) in opened.head.map((_, x) => r[x] ?? '')" :key="j">
              {{ c.slice(0, 60) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="line maps">
      <span v-for="f in SHEET_FIELDS" :key="f"
        ><label class="sub" :for="`map-${f}`">{{ said(SHEET_FIELD_WORDS[f]) }}</label
        ><select :id="`map-${f}`" v-model="settings.columns[f]" class="native">
          <option :value="null">
            {{
              ['date', 'hive', 'honey'].includes(f)
                ? tell('SpreadsheetPanel.choose')
                : tell('SpreadsheetPanel.not-in-it')
            }}
          </option>
          <option v-for="(h, i) in opened.head" :key="i" :value="i">
            {{ h || tell('SpreadsheetPanel.column', { i: i + 1 }) }}
          </option>
        </select></span
      >
      <span
        ><label class="sub" for="honey-unit">{{ tell('SpreadsheetPanel.honey-in') }}</label
        ><select id="honey-unit" v-model="settings.honeyUnit" class="native">
          <option v-for="u in SHEET_MASS_UNITS" :key="u">{{ u }}</option>
        </select></span
      >
      <span v-if="settings.columns.wax !== null"
        ><label class="sub" for="wax-unit">{{ tell('SpreadsheetPanel.wax-in') }}</label
        ><select id="wax-unit" v-model="settings.waxUnit" class="native">
          <option v-for="u in SHEET_MASS_UNITS" :key="u">{{ u }}</option>
        </select></span
      >
      <span
        ><label class="sub" for="date-order">{{ tell('SpreadsheetPanel.dates-are') }}</label
        ><select id="date-order" v-model="settings.dates" class="native">
          <option value="year-first">{{ tell('SpreadsheetPanel.year-month-day') }}</option>
          <option value="day-first">{{ tell('SpreadsheetPanel.day-month-year') }}</option>
          <option value="month-first">{{ tell('SpreadsheetPanel.month-day-year') }}</option>
        </select></span
      >
    </div>
    <p v-for="(a, i) in opened.guess.asks" :key="i" class="sub">? {{ said(a) }}</p>
    <template v-if="found">
      <template v-if="found.problems.length"
        ><p class="rust" role="alert">
          <b>{{
            tell('SpreadsheetPanel.cells-are-not-clear-nothing', {
              problems: found.problems.length,
            })
          }}</b>
        </p>
        <ul class="bad">
          <li v-for="(p, i) in found.problems.slice(0, 40)" :key="i">
            <b
              >{{ tell('SpreadsheetPanel.row', { line: p.line })
              }}<template v-if="p.column">, “{{ said(p.column) }}”</template>:</b
            >
            {{ said(p.sentence) }}
          </li>
        </ul>
        <p v-if="found.problems.length > 40" class="sub">
          {{ tell('SpreadsheetPanel.and-more', { problems: found.problems.length - 40 }) }}
        </p></template
      >
      <template v-if="found.hiveNames.length"
        ><h3 class="sub">{{ tell('SpreadsheetPanel.its-hives') }}</h3>
        <div v-for="n in found.hiveNames" :key="n" class="line hive">
          <b>{{ n }}</b><select
            v-model="meant[n]"
            class="native narrow"
            :aria-label="tell('SpreadsheetPanel.text', { n })"
          >
            <option value="make">{{ tell('SpreadsheetPanel.hive-that-not-here-yet') }}</option>
            <option v-for="h in hives" :key="h.id" :value="h.id">
              {{ h.name }}, {{ h.site.name }}
            </option>
          </select>
          <template v-if="meant[n] === 'make'"
            ><select
              v-model="makeKind[n]"
              class="native narrow"
              :aria-label="tell('SpreadsheetPanel.kind', { n })"
            >
              <option value="">{{ tell('SpreadsheetPanel.which-kind') }}</option>
              <option v-for="k in HIVE_KIND_NAMES" :key="k" :value="k">
                {{ said(HIVE_KINDS[k].name) }}
              </option></select
            ><select
              v-model="makeSite[n]"
              class="native narrow"
              :aria-label="tell('SpreadsheetPanel.site', { n })"
            >
              <option value="">{{ tell('SpreadsheetPanel.which-site') }}</option>
              <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
            </select></template
          >
        </div>
        <template v-if="unclear.length">
          <p v-if="!sites?.length">
            <b>{{ tell('SpreadsheetPanel.where-did-these-hives-stand') }}</b>
            {{ tell('SpreadsheetPanel.site-first-each-hive-set') }}
          </p>
          <NewSite v-if="makesSite" @made="siteMade" />
          <p v-else>
            <button type="button" class="as-link" @click="makesSite = true">
              {{ tell('SpreadsheetPanel.another-site') }}
            </button>
          </p>
        </template>
      </template>
      <p v-if="found.harvests.length">
        {{
          tell('SpreadsheetPanel.harvests-honey-they-come-in', {
            harvests: found.harvests.length,
            total: weighedText(total, units),
          })
        }}
      </p>
      <Refusal :refusal="refusal" />
      <div>
        <Button
          :label="tell('SpreadsheetPanel.take-sheet-in-all-or')"
          :disabled="!clear"
          :loading="busy"
          @click="takeIn"
        />
        <p v-if="unclear.length" class="sub">
          {{ tell('SpreadsheetPanel.kind-and-site-are-missing', { unclear: unclear.join(', ') }) }}
        </p>
      </div>
    </template>
  </template>
</template>

<style scoped>
.line {
  display: flex;
  gap: 12px 14px;
  align-items: center;
  flex-wrap: wrap;
}
.maps {
  align-items: flex-end;
}
.maps > span {
  flex: 0 1 170px;
}
.narrow {
  width: auto;
}
progress {
  width: 220px;
  height: 14px;
  accent-color: var(--field);
}
.scroll {
  overflow-x: auto;
}
.sheet td,
.sheet th {
  white-space: nowrap;
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
}
.bad {
  margin: 0;
  padding-left: 20px;
}
.hive b {
  min-width: 140px;
}
h3 {
  font-weight: 600;
  margin: 0;
}
</style>
