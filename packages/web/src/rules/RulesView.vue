<script setup lang="ts">
import { tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import {
  METRIC,
  flipsBetween,
  houseRulesSchema,
  type HouseRules,
  type RulesVersion,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, nextTick, onUnmounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import PlaceTabs from '../parts/PlaceTabs.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { useHives, useRules } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { serverNow } from '../api/client.js';
import LeaveUnsaved from '../shell/LeaveUnsaved.vue';
import { useUi } from '../shell/ui.js';
import { useQueryHere } from '../shell/useQueryHere.js';
import InTheHouse from '../house/InTheHouse.vue';
import KitPanel from '../kit/KitPanel.vue';
import BenchRules from './BenchRules.vue';
import JudgementRules from './JudgementRules.vue';
import LabelRules from './LabelRules.vue';
import PlanRules from './PlanRules.vue';
import SchoolsPanel from './SchoolsPanel.vue';
import { hearHouseLanguage } from '../words/language.js';
import { householdUnits, whyNot } from '../words/units.js';
import CrushRules from './CrushRules.vue';
import RipeRules from './RipeRules.vue';
import TheirsRules from './TheirsRules.vue';
import LanguageRules from './LanguageRules.vue';
import RuleChoice from './RuleChoice.vue';
import SpeechHere from './SpeechHere.vue';
import UnitRules from './UnitRules.vue';

const ui = useUi();
const route = useRoute();
/** A page a stage; what is in view stands in the address. */
const PLACES = [
  { label: tell('RulesView.schools'), value: 'schools' },
  { label: tell('RulesView.ripe-or-not'), value: 'judge' },
  { label: tell('common.theirs'), value: 'theirs' },
  { label: tell('RulesView.hive-and-bench'), value: 'bench' },
  { label: tell('common.work-and-worth'), value: 'work' },
  { label: tell('RulesView.jar-and-wax'), value: 'jar' },
  { label: tell('RulesView.kit'), value: 'kit' },
  { label: tell('common.in-house'), value: 'house' },
  { label: tell('RulesView.all-on-one-page'), value: 'all' },
];
const setQuery = useQueryHere();
const place = computed({
  get: () => (PLACES.some((p) => p.value === route.query.at) ? String(route.query.at) : 'schools'),
  set: (at) => setQuery({ at }),
});
const shows = (part: string): boolean => place.value === 'all' || place.value === part;
const page = ref<HTMLElement | null>(null);
/** A rule that was looked for by its name is brought into view, its field ready. */
watch(
  [page, () => route.query.find],
  async ([element, name]) => {
    if (!element || !name) return;
    await nextTick();
    const label = [...element.querySelectorAll<HTMLElement>('label, span, h2')].find(
      (e) => e.childElementCount <= 1 && e.textContent?.trim().startsWith(String(name)),
    );
    label?.scrollIntoView({ block: 'center' });
    const id = label?.getAttribute('for');
    const field = id ? document.getElementById(id) : label?.parentElement?.querySelector('button');
    field?.focus({ preventScroll: true });
  },
  { flush: 'post' },
);
const rules = useRules();
const failure = failureOf(rules);
const hives = useHives();
const { go, busy, refusal, fieldError } = useSend();
const draft = ref<HouseRules | null>(null);
/**
 * The version the draft began from. Newer rules from another screen replace an untouched draft,
 * never a touched one.
 */
const base = ref<RulesVersion | null>(null);
const dirty = computed(
  () => draft.value !== null && JSON.stringify(draft.value) !== JSON.stringify(base.value?.rules),
);
function begin(): void {
  base.value = rules.data.value ?? null;
  draft.value = base.value && { ...base.value.rules };
}
watch(
  () => rules.data.value?.version,
  () => {
    if (!dirty.value) begin();
  },
  { immediate: true },
);
// Units that are chosen here hold for the fields beside them at once, and everywhere once written.
watch(
  () => draft.value?.units,
  (units) => {
    if (units) householdUnits.value = units;
  },
);
onUnmounted(() => (householdUnits.value = rules.data.value?.rules.units ?? METRIC));
const parsed = computed(() => houseRulesSchema.safeParse(draft.value));
const issue = (field: string): string | null =>
  fieldError(field) ??
  (parsed.value.success
    ? null
    : whyNot(parsed.value.error.issues.find((i) => i.path.join('.').startsWith(field))?.message));
/** Combs whose verdict these rules would change now. */
const flips = computed(() => {
  if (!parsed.value.success || !rules.data.value || !dirty.value) return [];
  const now = serverNow().toISOString();
  return flipsBetween(hives.data.value ?? [], rules.data.value.rules, parsed.value.data, now).map(
    (f) => `${f.hiveName} ${f.label}: ${words[f.from]} → ${words[f.to]}`,
  );
});
/** Combs named at most, the rest counted. */
const SAID_FLIPS = 8;
const words = {
  take: tell('RulesView.take'),
  leave: tell('RulesView.leave'),
  test: tell('RulesView.test-first'),
  'not-read': tell('RulesView.not-read'),
};
async function save(): Promise<boolean> {
  // As they stand now: what is typed while this waits its turn goes with the next.
  const sent = JSON.stringify(draft.value);
  const done = await go('/rules', JSON.parse(sent), tell('RulesView.house-rules-written-down'), {
    baseRevision: base.value?.version,
  });
  if (!done) return false;
  // By the answer itself: what is read anew may still be on its way.
  base.value = done;
  // What was said meanwhile stays, a change to what was just written.
  if (JSON.stringify(draft.value) === sent) draft.value = { ...done.rules };
  if (hearHouseLanguage(done.rules.language)) beginAnew();
  return true;
}
/** Another language is spoken by a page that begins anew: not before all that was said is written. */
function beginAnew(): void {
  if (!dirty.value) location.reload();
}
</script>

<template>
  <StateLine
    v-if="rules.isLoading.value || failure"
    :loading="rules.isLoading.value"
    :error="failure"
    @retry="rules.refetch()"
  />
  <div v-else-if="draft" ref="page" class="stage rules" :class="{ both: place === 'all' }">
    <LeaveUnsaved
      :what="tell('RulesView.house-rules')"
      :dirty="dirty"
      :against="parsed.success ? null : whyNot(parsed.error.issues[0].message)"
      :save="save"
    />
    <header>
      <h1>{{ tell('common.rules') }}</h1>
      <span class="sub">{{
        tell('RulesView.households-own-version-decision', { version: rules.data.value?.version })
      }}</span>
      <span class="right"
        ><Button text :label="tell('RulesView.find-rule')" @click="ui.finding = true"
      /></span>
      <label class="ours"
        ><input
          type="checkbox"
          :checked="draft.startingValues === 'ours'"
          @change="draft.startingValues = draft.startingValues === 'ours' ? 'marked' : 'ours'"
        />
        {{ tell('RulesView.what-stands-as-furrow-begins') }}</label
      >
      <PlaceTabs v-model="place" :places="PLACES" :label="tell('RulesView.which-rules')" />
    </header>
    <form v-show="!['kit', 'house'].includes(place)" class="form" @submit.prevent="save">
      <SchoolsPanel v-if="place === 'schools'" v-model="draft" />
      <div v-show="shows('judge')" class="part">
        <RipeRules v-model="draft" :issue="issue" />
      </div>
      <div v-show="shows('theirs')" class="part">
        <TheirsRules v-model="draft" :issue="issue" />
        <PlanRules v-model="draft" part="winter" :issue="issue" />
      </div>
      <div v-show="shows('bench')" class="part">
        <CrushRules v-model="draft" :issue="issue" />
        <BenchRules v-model="draft" :issue="issue" />
      </div>
      <div v-show="shows('judge')" class="part">
        <JudgementRules v-model="draft" :issue="issue" />
      </div>
      <div v-show="shows('work')" class="part">
        <PlanRules v-model="draft" part="work" :issue="issue" />
      </div>
      <div v-show="shows('jar')" class="part">
        <h2 class="furrow-heading">{{ tell('RulesView.labels-and-units') }}</h2>
        <div class="line">
          <RuleChoice
            v-model="draft.paper"
            :label="tell('common.paper')"
            above
            :choices="[
              { label: 'A4', value: 'a4' },
              { label: tell('RulesView.letter'), value: 'letter' },
            ]"
          />
        </div>
        <LanguageRules v-model="draft.language" @another="beginAnew" />
        <SpeechHere />
        <UnitRules v-model="draft.units" />
        <LabelRules v-model="draft" :issue="issue" />
      </div>
      <div v-if="dirty" class="save">
        <p v-if="flips.length">
          <b>{{ tell('RulesView.this-changes-now') }}</b> {{ flips.slice(0, SAID_FLIPS).join('; ')
          }}{{
            flips.length > SAID_FLIPS
              ? tell('RulesView.and-more', { flips: flips.length - SAID_FLIPS })
              : ''
          }}.
        </p>
        <p v-if="!parsed.success" class="rust">{{ whyNot(parsed.error.issues[0].message) }}</p>
        <Refusal :refusal="refusal" />
        <div class="acts row">
          <Button
            type="submit"
            :label="tell('RulesView.write-these-rules-down')"
            :disabled="!parsed.success"
            :loading="busy"
          /><Button
            outlined
            type="button"
            :label="tell('RulesView.back-to-what-in-force')"
            @click="begin"
          />
        </div>
      </div>
    </form>
    <KitPanel v-show="shows('kit')" />
    <InTheHouse v-if="place === 'house'" />
  </div>
</template>

<style scoped src="./line.css" />

<style scoped>
.ours {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 48px;
}
.ours input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
}
.rules {
  grid-template-columns: minmax(0, 1fr);
}
.rules.both {
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
}
.part {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.form {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.save {
  position: sticky;
  bottom: -16px;
  background: var(--lime-1);
  border-top: 1.5px solid var(--ink);
  /* As far below as it reaches under the strip, and a little air. */
  padding: 10px 0 24px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
@media (max-width: 700px) {
  .places {
    flex-wrap: nowrap;
    overflow-x: auto;
    max-width: 100%;
  }
  .places :deep(.p-togglebutton) {
    flex: none;
  }
}
@media (max-width: 1023px) {
  .rules.both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
