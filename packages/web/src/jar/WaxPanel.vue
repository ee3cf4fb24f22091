<script setup lang="ts">
import {
  figure,
  massText,
  smallMassRangeText,
  smallMassText,
  volumeText,
} from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  RINSE_FATE_WORDS,
  SCHOOLS,
  type Say,
  WAX_CARE_WORDS,
  WAX_WAYS,
  gravityOfBrix,
  mustToGravity,
  rinseHolds,
  waxExpected,
  type BatchDetail,
  type HouseRules,
  type MustPlan,
  type RinseFate,
  type WaxCareKind,
  type WaxWay,
  daysLater,
} from '@furrow/core';

import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import WaxCakes from '../drawing/WaxCakes.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useAftercare } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { said } from '../words/units.js';
import { gramsOf, weightSuch, massUnit } from '../parts/massUnit.js';

/**
 * Wet wax frozen, rinsed and rendered; the rinse fed back or made into mead; wet gear by the house
 * rule.
 */
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
const rinseSend = useSend();
const useSendRinse = useSend();
const gearSend = useSend();
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
const COLOURS = ['lemon', 'yellow', 'amber', 'brown', 'dark'];
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
const litres = ref<number | null>(null);
const brix = ref<number | null>(null);
const cold = ref(false);
const holds = computed(() =>
  litres.value && litres.value > 0 && brix.value !== null && brix.value >= 0 && brix.value <= 40
    ? rinseHolds(litres.value, brix.value)
    : null,
);
async function writeRinse(): Promise<void> {
  if (
    await rinseSend.go(
      '/rinses',
      {
        id: newId(),
        batchId: props.detail.batch.id,
        litres: litres.value,
        brixPercent: brix.value,
        cold: cold.value,
      },
      tell('WaxPanel.rinse-written-down-its-clock'),
    )
  )
    [litres.value, brix.value] = [null, null];
}
const open = computed(() => after.value?.rinses.filter((r) => !r.usedAt) ?? []);
const used = computed(() => after.value?.rinses.filter((r) => r.usedAt) ?? []);
const rinseDue = (r: { occurredAt: string; cold: boolean }): string =>
  clockText(
    new Date(
      Date.parse(r.occurredAt) +
        (r.cold ? props.rules.rinseColdKeepsHours : props.rules.rinseKeepsHours) * 3_600_000,
    ).toISOString(),
    props.detail.batch.zone,
    now.value,
  );
const fate = ref<Record<string, RinseFate>>({});
const fateOf = (id: string): RinseFate => fate.value[id] ?? 'mead';
const target = ref<number | null>(1.09);
const final = ref<number | null>(1.0);
const must = (r: { litres: number; brixPercent: number }): MustPlan | null => {
  try {
    return target.value && final.value
      ? mustToGravity({
          litres: r.litres,
          brixPercent: r.brixPercent,
          targetGravity: target.value,
          finalGravity: final.value,
        })
      : null;
  } catch {
    return null;
  }
};
const honey = computed(
  () => props.detail.lots.find((l) => l.kind === 'honey' && l.nowG > 0) ?? null,
);
async function useRinse(r: { id: string; litres: number; brixPercent: number }): Promise<void> {
  const how = fateOf(r.id);
  const plan = how === 'mead' ? must(r) : null;
  await useSendRinse.go(
    `/rinses/${r.id}/use`,
    {
      fate: how,
      hiveId: how === 'fed' ? after.value!.feed.hiveId : null,
      targetGravity: how === 'mead' ? target.value : null,
      finalGravity: how === 'mead' ? final.value : 1,
      honeyLotId: plan && plan.honeyKg > 0 ? (honey.value?.id ?? null) : null,
      honeyG: plan ? Math.round(plan.honeyKg * 1000) : 0,
      waterL: plan ? Math.round(plan.waterL * 100) / 100 : 0,
    },
    `${said(RINSE_FATE_WORDS[how])}.`,
  );
}
const gearWay = ref<'wash' | 'same-hive' | 'open'>(props.rules.wetGear);
const warned = ref(false);
const gearNow = (): unknown =>
  gearSend.go(
    '/gearCares',
    { id: newId(), batchId: props.detail.batch.id, way: gearWay.value, warned: warned.value },
    tell('WaxPanel.wet-gear-written-down'),
  );
const options = (map: Record<string, Say>): { label: string; value: string }[] =>
  Object.entries(map).map(([value, says]) => ({ value, label: said(says) }));
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
            <option v-for="c in COLOURS" :key="c">{{ c }}</option>
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
          >; {{ r.blocks.map((b) => `${g(b.g)} ${b.colour}`).join(', ') }}</template
        >.
      </p></template
    >
  </section>
  <aside class="acts">
    <h2 class="furrow-heading">{{ tell('common.rinse') }}</h2>
    <div v-for="r in open" :key="r.id" class="acts rinse">
      <p>
        <b>{{
          tell('WaxPanel.at-brix', {
            litres: volumeText(r.litres, units),
            brixPercent: r.brixPercent,
          })
        }}</b>
        {{
          tell('WaxPanel.honey-in-it-use-it', {
            brixPercent: figure(gravityOfBrix(r.brixPercent), 3),
            honeyG: g(r.honeyG),
            r: rinseDue(r),
            cold: r.cold ? tell('WaxPanel.cold') : '',
          })
        }}
      </p>
      <SelectButton
        :model-value="fateOf(r.id)"
        :options="options(RINSE_FATE_WORDS)"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('WaxPanel.what-rinse-becomes')"
        @update:model-value="fate[r.id] = $event"
      />
      <template v-if="fateOf(r.id) === 'mead'"
        ><div class="line">
          <NumberField
            v-model="target"
            narrow
            :label="tell('WaxPanel.begins-at')"
            :min="1.001"
            :max="1.178"
          /><NumberField
            v-model="final"
            narrow
            :label="tell('WaxPanel.ends-at')"
            :min="0.98"
            :max="1.178"
          />
        </div>
        <p v-if="must(r)">
          {{ said(must(r)!.sentence)
          }}<template v-if="must(r)!.honeyKg > (honey?.nowG ?? 0) / 1000">
            <b class="rust">{{
              tell('WaxPanel.only-honey-this-harvest-are', {
                nowG: massText((honey?.nowG ?? 0) / 1000, units, 2),
              })
            }}</b></template
          >
        </p>
        <p class="caution">
          {{ tell('WaxPanel.vented-until-it-quiet-bottles') }}
        </p></template
      >
      <p v-else-if="fateOf(r.id) === 'fed'" :class="{ rust: !after!.feed.may }">
        <b>{{ after!.feed.may ? tell('WaxPanel.may-go-back') : tell('WaxPanel.not-to-be-fed') }}</b>
        {{ said(after!.feed.reason) }}
      </p>
      <Button
        :label="said(RINSE_FATE_WORDS[fateOf(r.id)])"
        :disabled="
          (fateOf(r.id) === 'fed' && !after!.feed.may) || (fateOf(r.id) === 'mead' && !must(r))
        "
        :loading="useSendRinse.busy.value"
        @click="useRinse(r)"
      />
    </div>
    <Refusal :refusal="useSendRinse.refusal.value" />
    <form class="acts" @submit.prevent="writeRinse">
      <div class="line">
        <NumberField
          v-model="litres"
          :label="tell('WaxPanel.rinse-water')"
          unit="L"
          nullable
          :min="0.05"
          :max="500"
          :error="rinseSend.fieldError('litres')"
        /><NumberField
          v-model="brix"
          :label="tell('WaxPanel.sugar-reading')"
          unit="°Brix"
          nullable
          :min="0"
          :max="40"
          :error="rinseSend.fieldError('brixPercent')"
        />
      </div>
      <p v-if="holds">
        {{ tell('WaxPanel.it-holds') }} <b>{{ massText(holds.honeyKg, units, 2) }}</b>
        {{ tell('WaxPanel.honey') }}
      </p>
      <label class="tick"
        ><input v-model="cold" type="checkbox" /> {{ tell('WaxPanel.it-stands-in-cold') }}</label
      >
      <Refusal :refusal="rinseSend.refusal.value" :fields="['litres', 'brixPercent']" />
      <Button
        outlined
        type="submit"
        :label="tell('WaxPanel.write-rinse-down')"
        :disabled="!holds"
        :loading="rinseSend.busy.value"
      />
    </form>
    <p v-for="r in used" :key="r.id" class="sub">
      {{
        tell('WaxPanel.at-brix-2', {
          litres: volumeText(r.litres, units),
          brixPercent: r.brixPercent,
          fate: said(RINSE_FATE_WORDS[r.fate!]).toLowerCase(),
        })
      }}<template v-if="r.fate === 'mead'"
        >{{ ' '
        }}{{
          tell('WaxPanel.at-honey-and-water-added', {
            targetGravity: figure(r.targetGravity ?? 0, 3),
            addedHoneyG: g(r.addedHoneyG),
            addedWaterL: volumeText(r.addedWaterL ?? 0, units),
          })
        }}</template
      >.
    </p>
    <h2 class="furrow-heading">{{ tell('common.wet-gear') }}</h2>
    <p v-for="c in after?.gearCares ?? []" :key="c.id" class="sub">
      {{ said(SCHOOLS.wetGear[c.way]) }}, {{ clockText(c.occurredAt, detail.batch.zone, now) }}.
    </p>
    <form class="acts" @submit.prevent="gearNow">
      <label class="sub" for="gear-way">{{ tell('WaxPanel.what-you-do') }}</label><select
        id="gear-way"
        v-model="gearWay"
        class="native"
      >
        <option v-for="(label, value) in SCHOOLS.wetGear" :key="value" :value="value">
          {{ said(label) }}
        </option>
      </select>
      <template v-if="gearWay === 'open'"
        ><p class="caution">
          {{ tell('WaxPanel.in-open-it-calls-robbers') }}
        </p>
        <label class="tick"
          ><input v-model="warned" type="checkbox" />
          {{ tell('WaxPanel.i-know-and-it-allowed') }}</label
        ></template
      >
      <p v-if="gearWay === 'same-hive' && after && !after.feed.may" class="rust">
        {{ said(after.feed.reason) }}
      </p>
      <Refusal :refusal="gearSend.refusal.value" /><Button
        outlined
        type="submit"
        :label="tell('WaxPanel.done-with-wet-gear')"
        :disabled="gearWay === 'open' && !warned"
        :loading="gearSend.busy.value"
      />
    </form>
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
aside .line > .field {
  flex: 0 1 130px;
}
.caution {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  font-weight: 600;
}
.tick {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
}
.tick input {
  width: 22px;
  height: 22px;
  accent-color: var(--field);
  flex: none;
}
.rinse {
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 12px;
}
</style>
