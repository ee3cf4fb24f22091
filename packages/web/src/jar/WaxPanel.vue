<script setup lang="ts">
import {
  SCHOOLS,
  WAX_CARE_WORDS,
  WAX_WAYS,
  daysLater,
  waxExpected,
  type BatchDetail,
  type HouseRules,
  type WaxCareKind,
  type WaxWay,
} from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import { newId } from '../api/client.js';
import { useAftercare } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import WaxCakes from '../drawing/WaxCakes.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { smallMassRangeText, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { toldWhenRead } from '../words/toldWhenRead.js';
import { said } from '../words/units.js';
import RinsePanel from './RinsePanel.vue';
import WetGear from './WetGear.vue';

/** Wet wax frozen, rinsed and rendered; beside it its rinse and the wet gear. */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules }>();
const now = useNow();
const units = computed(() => props.rules.units);
const {
  data: after,
  error: afterError,
  refetch: readAgain,
} = useAftercare(computed(() => props.detail.batch.id));
const care = useSend();
const waxSend = useSend();
const wet = computed(() => props.detail.lots.find((l) => l.kind === 'wet-wax') ?? null);
const clean = computed(() => props.detail.lots.find((l) => l.kind === 'clean-wax') ?? null);
const grams = (text: string): number | null => {
  const g = gramsOf(text, units.value, 'small');
  return g === null ? null : Math.round(g);
};
const g = (x: number): string => smallMassText(x, units.value, 1);
const frozen = computed(
  () => after.value?.waxCares.filter((c) => c.kind !== 'rinsed').at(-1)?.kind === 'frozen',
);
const rinsed = computed(() => after.value?.waxCares.some((c) => c.kind === 'rinsed') ?? false);
/** Moth's clock: from the close of the drain, or from the freezer's door. */
const mothAt = computed(() => {
  const since =
    after.value?.waxCares.filter((c) => c.kind === 'taken-out').at(-1)?.occurredAt ??
    props.detail.flows.find((f) => f.to === wet.value?.id)?.at;
  return since && !frozen.value ? daysLater(since, props.rules.wetWaxDays) : null;
});
/** The end of the household's own weeks in the freezer; null where it has no such rule. */
const frozenUntil = computed(() => {
  const since = after.value?.waxCares.filter((c) => c.kind === 'frozen').at(-1)?.occurredAt;
  const weeks = props.rules.waxFrozenWeeks;
  return since && weeks !== null ? daysLater(since, 7 * weeks) : null;
});
const careNow = (kind: WaxCareKind): unknown =>
  care.go(
    '/waxCares',
    { id: newId(), batchId: props.detail.batch.id, kind },
    `${said(WAX_CARE_WORDS[kind])}.`,
  );
const way = ref<WaxWay>(props.rules.waxWay);
const filtered = ref(1);
const expected = computed(() =>
  after.value && wet.value && wet.value.nowG > 0
    ? waxExpected({
        way: way.value,
        wetG: wet.value.nowG,
        combG: after.value.combG || null,
        runs: after.value.householdRuns,
      })
    : null,
);
const cleanText = ref('');
const cleanG = computed(() => grams(cleanText.value));
const restIsSlumgum = ref(true);
const blocks = ref<{ text: string; colour: string }[]>([]);
/** Colours of wax as they are kept, and their words. */
const COLOURS = toldWhenRead({
  lemon: 'WaxPanel.lemon',
  yellow: 'WaxPanel.yellow',
  amber: 'WaxPanel.amber',
  brown: 'WaxPanel.brown',
  dark: 'WaxPanel.dark',
});
/** A block's colour; one that another program called otherwise stands as it was written. */
const colourWord = (colour: string): string =>
  (COLOURS as Readonly<Record<string, string>>)[colour] ?? colour;
async function writeWax(): Promise<void> {
  const done = await waxSend.go(
    '/waxes',
    {
      batchId: props.detail.batch.id,
      cleanG: cleanG.value,
      restIsSlumgum: restIsSlumgum.value,
      way: way.value,
      filtered: filtered.value,
      blocks: blocks.value.flatMap((b) => {
        const of = grams(b.text);
        return of ? [{ g: of, colour: b.colour }] : [];
      }),
    },
    tell('WaxPanel.clean-wax-written-down'),
  );
  if (done) [cleanText.value, blocks.value] = ['', []];
}
/** A disc out of the press, kept with its honey for the household's own table. */
const wasPressed = computed(() =>
  (props.detail.drains ?? []).some((d) => d.events.some((e) => e.kind === 'press')),
);
const discSend = useSend();
const discText = ref('');
const discG = computed(() => grams(discText.value));
async function writeDisc(): Promise<void> {
  const done = await discSend.go(
    '/waxDiscs',
    { batchId: props.detail.batch.id, g: discG.value },
    tell('WaxPanel.disc-households-own'),
  );
  if (done) discText.value = '';
}
</script>

<template>
  <section class="left">
    <p v-if="afterError" class="rust" role="alert">
      {{ afterError.message }}
      <button type="button" class="as-link" @click="readAgain()">
        {{ tell('common.try-again') }}
      </button>
    </p>
    <h2 class="furrow-heading">{{ tell('common.wax') }}</h2>
    <WaxCakes
      :wet-g="wet?.nowG ?? 0"
      :clean-g="clean?.nowG ?? 0"
      :expected="expected?.cleanG ?? null"
      :frozen="frozen"
      :blocks="after?.waxRuns.flatMap((r) => r.blocks) ?? []"
      :text="g"
    />
    <p>
      {{
        wet && wet.nowG > 0
          ? tell('WaxPanel.wet-wax', { nowG: g(wet.nowG) })
          : tell('WaxPanel.no-wet-wax-waits')
      }}<template v-if="clean && clean.nowG > 0">{{
        tell('WaxPanel.clean', { nowG: g(clean.nowG) })
      }}</template
      >.<template v-if="rinsed">{{ ' ' }}{{ tell('WaxPanel.rinsed') }}</template
      >{{ ' ' }}
      <b v-if="wet && wet.nowG > 0 && frozen"
        >{{ tell('WaxPanel.in-freezer-moth-cannot-work')
        }}<template v-if="frozenUntil"
          >{{ ' '
          }}{{
            tell('WaxPanel.by-your-rule-until', {
              frozenUntil: clockText(frozenUntil, detail.batch.zone, now),
            })
          }}</template
        ></b
      ><b
        v-else-if="wet && wet.nowG > 0 && mothAt"
        :class="{ rust: Date.parse(mothAt) < now.getTime() }"
        >{{
          tell('WaxPanel.render-or-freeze-it-before', {
            mothAt: clockText(mothAt, detail.batch.zone, now),
          })
        }}</b
      >
    </p>
    <div v-if="wet && wet.nowG > 0" class="line">
      <Button
        outlined
        :label="said(WAX_CARE_WORDS[frozen ? 'taken-out' : 'frozen'])"
        :loading="care.busy.value"
        @click="careNow(frozen ? 'taken-out' : 'frozen')"
      /><Button
        v-if="!rinsed"
        outlined
        :label="tell('WaxPanel.rinsed-2')"
        :loading="care.busy.value"
        @click="careNow('rinsed')"
      />
    </div>
    <Refusal :refusal="care.refusal.value" />
    <form v-if="wet && wet.nowG > 0 && wasPressed" class="acts" @submit.prevent="writeDisc">
      <div class="line">
        <TextField
          v-model="discText"
          :label="tell('WaxPanel.pressed-disc-with-its-honey')"
          :unit="massUnit(units, 'small')"
          :error="discSend.fieldError('g') ?? (discText && discG === null ? weightSuch(350) : null)"
        /><Button
          outlined
          type="submit"
          :label="tell('WaxPanel.keep-it-for-house')"
          :disabled="!discG"
          :loading="discSend.busy.value"
        />
      </div>
      <Refusal :refusal="discSend.refusal.value" :fields="['g']" />
    </form>
    <form v-if="wet && wet.nowG > 0" class="acts" @submit.prevent="writeWax">
      <div class="line">
        <SelectButton
          v-model="way"
          :options="WAX_WAYS.map((value) => ({ value, label: said(SCHOOLS.waxWay[value]) }))"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          :aria-label="tell('WaxPanel.how-it-rendered')"
        /><SelectButton
          v-model="filtered"
          :options="[
            { label: tell('WaxPanel.not-filtered'), value: 0 },
            { label: tell('WaxPanel.once'), value: 1 },
            { label: tell('WaxPanel.twice'), value: 2 },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          :aria-label="tell('WaxPanel.filtered')"
        />
      </div>
      <p class="caution">
        {{
          way === 'solar'
            ? tell('WaxPanel.under-glass-it-burns-hands')
            : tell('WaxPanel.melt-in-water-bath-never')
        }}
      </p>
      <p v-if="expected" class="sub">
        {{
          tell('WaxPanel.about-clean', {
            clean: smallMassRangeText(expected.cleanG, units),
            sentence: said(expected.sentence),
          })
        }}
      </p>
      <div class="line">
        <TextField
          v-model="cleanText"
          :label="tell('common.clean-wax')"
          :unit="massUnit(units, 'small')"
          :error="
            waxSend.fieldError('cleanG') ?? (cleanText && cleanG === null ? weightSuch(130) : null)
          "
        /><label class="tick"
          ><input v-model="restIsSlumgum" type="checkbox" />
          {{ tell('WaxPanel.rest-slumgum-honey-and-water') }}</label
        >
      </div>
      <div v-for="(b, i) in blocks" :key="i" class="line">
        <TextField
          v-model="b.text"
          :label="tell('WaxPanel.block', { i: i + 1 })"
          :unit="massUnit(units, 'small')"
        /><span
          ><label class="sub" :for="`colour-${i}`">{{ tell('WaxPanel.colour') }}</label
          ><select :id="`colour-${i}`" v-model="b.colour" class="native">
            <option v-for="(word, colour) in COLOURS" :key="colour" :value="colour">
              {{ word }}
            </option>
          </select></span
        ><Button
          text
          type="button"
          :label="tell('common.leave-it-out')"
          @click="blocks.splice(i, 1)"
        />
      </div>
      <p v-if="waxSend.fieldError('blocks')" class="rust">{{ waxSend.fieldError('blocks') }}</p>
      <Refusal :refusal="waxSend.refusal.value" :fields="['cleanG', 'blocks']" />
      <div class="line">
        <Button
          type="submit"
          :label="tell('WaxPanel.write-wax-down')"
          :disabled="cleanG === null"
          :loading="waxSend.busy.value"
        /><Button
          text
          type="button"
          :label="tell('WaxPanel.its-blocks')"
          @click="blocks.push({ text: '', colour: 'yellow' })"
        />
      </div>
    </form>
    <template v-if="after?.waxRuns.length"
      ><h2 class="furrow-heading">{{ tell('WaxPanel.rendered') }}</h2>
      <p v-for="r in after.waxRuns" :key="r.id">
        {{
          tell('WaxPanel.gave', {
            way: SCHOOLS.waxWay[r.way],
            filtered:
              r.filtered === 0
                ? tell('WaxPanel.not-filtered-2')
                : r.filtered === 1
                  ? tell('WaxPanel.filtered-once')
                  : tell('WaxPanel.filtered-twice'),
            inG: g(r.inG),
            cleanG: g(r.cleanG),
            cleanG2: Math.round((r.cleanG / Math.max(1, r.inG)) * 100),
          })
        }}<template v-if="r.blocks.length"
          >; {{ r.blocks.map((b) => `${g(b.g)} ${colourWord(b.colour)}`).join(', ') }}</template
        >.
      </p></template
    >
  </section>
  <aside class="acts">
    <RinsePanel v-if="after" :detail="detail" :rules="rules" :after="after" />
    <WetGear v-if="after" :detail="detail" :rules="rules" :after="after" />
    <slot />
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
  gap: 12px 16px;
  flex-wrap: wrap;
  align-items: flex-end;
}
.line > .field {
  flex: 0 1 180px;
}
</style>
