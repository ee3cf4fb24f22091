<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { plainCopy } from '../parts/plainCopy';
import {
  SCHOOL_QUESTIONS,
  SCHOOL_STAGES,
  VERDICT_WORDS,
  type Flip,
  type HouseRules,
  type SchoolFlips,
  type SchoolQuestion,
  type SchoolStage,
} from '@furrow/core';
import { proxy } from 'comlink';
import SelectButton from 'primevue/selectbutton';
import { computed, onMounted, ref, shallowRef, toRaw, watch } from 'vue';
import { useRoute } from 'vue-router';
import VerdictMark from '../drawing/VerdictMark.vue';
import { serverNow } from '../api/client.js';
import { useHives } from '../api/queries.js';
import { compute } from '../workers/client.js';
import { STAGE_NAMES } from '../shell/stageNames.js';
import { startingWords, isStarting } from './starting.js';

/**
 * Where practitioners disagree: each question with its schools, whom each suits, and the combs it
 * would turn now.
 */
const draft = defineModel<HouseRules>({ required: true });
const route = useRoute();
/** The question that was looked for by its words, if one was. */
const askedFor = SCHOOL_QUESTIONS.find((q) => q.rule === route.query.ask);
const stage = ref<SchoolStage>(askedFor?.stage ?? 'look');
const panel = ref<HTMLElement | null>(null);
onMounted(() => {
  const found = panel.value?.querySelector<HTMLInputElement>(
    `input[name='${askedFor?.rule ?? ''}']:checked`,
  );
  found?.scrollIntoView({ block: 'center' });
  found?.focus({ preventScroll: true });
});
const questions = computed(() => SCHOOL_QUESTIONS.filter((q) => q.stage === stage.value));
const hives = useHives();
const flips = shallowRef<SchoolFlips>({});
const share = ref<number | null>(null);
let turn = 0;
watch(
  [hives.data, () => JSON.stringify(draft.value)],
  async ([found]) => {
    if (!found?.length) return;
    const mine = ++turn;
    share.value = 0;
    const done = await compute()
      .schoolFlips(
        structuredClone(toRaw(found)),
        plainCopy(draft.value),
        serverNow().toISOString(),
        proxy((s: number) => {
          // A last word on its way when the answer is there already begins nothing anew.
          if (mine === turn && share.value !== null) share.value = s;
        }),
      )
      .catch(() => ({}));
    if (mine !== turn) return;
    flips.value = done;
    share.value = null;
  },
  { immediate: true },
);
const flipsOf = (q: SchoolQuestion, i: number): Flip[] => flips.value[q.rule]?.[i] ?? [];
/** Combs drawn at most, the rest counted. */
const DRAWN = 12;
/** The first of them, hive by hive. */
function drawnOf(q: SchoolQuestion, i: number): { hiveName: string; flips: Flip[] }[] {
  const drawn = flipsOf(q, i).slice(0, DRAWN);
  return [...new Set(drawn.map((f) => f.hiveName))].map((hiveName) => ({
    hiveName,
    flips: drawn.filter((f) => f.hiveName === hiveName),
  }));
}
const flipText = (f: Flip): string =>
  tell('SchoolsPanel.would-be', {
    hiveName: f.hiveName,
    f: f.label,
    from: said(VERDICT_WORDS[f.from]).toLowerCase(),
    to: said(VERDICT_WORDS[f.to]).toLowerCase(),
  });
const choose = (q: SchoolQuestion, value: unknown): void => {
  draft.value = { ...draft.value, [q.rule]: value };
};
</script>

<template>
  <div ref="panel" class="schools">
    <SelectButton
      v-model="stage"
      class="stages"
      :options="SCHOOL_STAGES.map((value) => ({ value, label: STAGE_NAMES[value] }))"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="tell('SchoolsPanel.questions-which-stage')"
    />
    <p v-if="share !== null" class="sub" aria-busy="true">
      {{
        tell('SchoolsPanel.holding-each-school-against-your', { share: Math.round(share * 100) })
      }}
    </p>
    <fieldset v-for="q in questions" :key="q.rule">
      <legend>
        <b class="display">{{ said(q.asks) }}</b>
        <span v-if="isStarting(draft, q.rule)" class="sub">{{ startingWords() }}</span>
      </legend>
      <label v-for="(c, i) in q.choices" :key="String(c.value)">
        <input
          type="radio"
          :name="q.rule"
          :checked="draft[q.rule] === c.value"
          @change="choose(q, c.value)"
        />
        <span class="words"
          ><b>{{ said(c.label) }}</b> <span class="sub">{{ said(c.suits) }}</span></span
        >
        <span v-if="flipsOf(q, i).length" class="flips">
          <span class="sub">{{
            tell('SchoolsPanel.turns-combs-now', { q: flipsOf(q, i).length })
          }}</span>
          <span v-for="g in drawnOf(q, i)" :key="g.hiveName" class="hive">
            <b>{{ g.hiveName }}</b>
            <svg
              v-for="f in g.flips"
              :key="f.label"
              width="46"
              height="34"
              role="img"
              :aria-label="flipText(f)"
            >
              <title>{{ flipText(f) }}</title>
              <VerdictMark :verdict="f.from" :x="9" :y="9" />
              <path d="M18 9h8m-3-3 3 3-3 3" fill="none" stroke="var(--ink)" stroke-width="1.5" />
              <VerdictMark :verdict="f.to" :x="36" :y="9" />
              <text x="23" y="31" font-size="13" text-anchor="middle">{{ f.label }}</text>
            </svg>
          </span>
          <span v-if="flipsOf(q, i).length > DRAWN" class="sub">{{
            tell('SchoolsPanel.and-more', { q: flipsOf(q, i).length - DRAWN })
          }}</span>
        </span>
      </label>
    </fieldset>
    <p class="sub">
      {{ tell('SchoolsPanel.measures-limits-and-prices-stand') }}
    </p>
  </div>
</template>

<style scoped>
.schools {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
fieldset {
  border: 0;
  border-top: 1.5px solid var(--ink);
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  padding: 6px 12px 6px 0;
  font-size: 20px;
}
legend .sub {
  margin-left: 8px;
  font-size: 15px;
}
label {
  display: grid;
  grid-template-columns: 28px minmax(260px, 1fr) minmax(0, 1.2fr);
  gap: 4px 12px;
  align-items: center;
  min-height: 48px;
  border-bottom: var(--line);
  cursor: pointer;
}
input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
}
.words {
  line-height: 21px;
}
.flips {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
}
.hive {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  align-items: center;
}
text {
  fill: var(--ink);
}
@media (max-width: 800px) {
  .stages {
    flex-wrap: nowrap;
    overflow-x: auto;
    max-width: 100%;
  }
  .stages :deep(.p-togglebutton) {
    flex: none;
  }
  label {
    grid-template-columns: 28px minmax(0, 1fr);
    min-height: 64px;
  }
  .flips {
    grid-column: 2;
  }
}
</style>
