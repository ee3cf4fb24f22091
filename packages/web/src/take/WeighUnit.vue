<script setup lang="ts">
import { massField, massRangeText, massText, readingField, weighedText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  OUTCOME_WORDS,
  WENT_TO_WORDS,
  estimateSeen,
  kgByDepth,
  potsCheck,
  runsInPlace,
  tareCheck,
  unitAt,
  type BatchDetail,
  type CombCondition,
  type HouseRules,
  type TakeOutcome,
  type Vessel,
  type WentTo,
  guessOffPercent,
  guessOffSaid,
  isStingless,
} from '@furrow/core';

import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import SpokenFigure from '../parts/SpokenFigure.vue';
import { gramsOf, massUnit, spokenWeight, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import VesselPick from '../parts/VesselPick.vue';
import { newId, read } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import GuessFirst from './GuessFirst.vue';
import LotQuestion from './LotQuestion.vue';
import PotsEmptied from './PotsEmptied.vue';
import { useBesideUsual } from './useBesideUsual.js';
import { said } from '../words/units.js';

/**
 * One comb, frame or group of pots weighed: gross and tare from the scale or by hand, by depth
 * without one; the person's guess first, if they like to guess.
 */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  vessels: Vessel[];
  place: number;
  combId: string;
  outcome: TakeOutcome;
}>();
const emit = defineEmits<{ done: []; back: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => props.rules.units);
const grams = (text: string): number | null => {
  return gramsOf(text, units.value);
};
const look = computed(
  () => props.detail.looks.filter((l) => l.combId === props.combId).at(-1) ?? null,
);
const estimate = computed(() => (look.value ? estimateSeen(look.value, props.detail.hive) : null));
const name = computed(() => said(unitAt(props.detail.hive.kind, props.place)));
const guessText = ref('');
const guessed = ref(!props.rules.guessFirst);
/** How far the scale is from the guess, in words; nothing before both are there. */
const guessOff = computed(() => {
  const guess = grams(guessText.value);
  const netG = check.value?.netG;
  if (!guess || netG === undefined || netG <= 0) return '';
  return `, ${said(guessOffSaid(guessOffPercent(guess, netG)))}`;
});
const tub = ref<string | null>(
  props.vessels.find((v) => v.role === 'tub')?.id ?? props.vessels[0]?.id ?? null,
);
const vessel = computed(() => props.vessels.find((v) => v.id === tub.value) ?? null);
/**
 * Weight before this comb went in: the vessel's own tare, or what it last weighed with the combs
 * before.
 */
const before = computed(() => {
  const earlier = props.detail.takes.filter(
    (t) => t.vesselId === tub.value && t.grossG !== null && !t.byBox,
  );
  return earlier.length ? Math.max(...earlier.map((t) => t.grossG!)) : (vessel.value?.tareG ?? 0);
});
const grossText = ref('');
const tareText = ref('');
const readBy = ref('');
const byDepth = ref(false);
const depthMm = ref<number | null>(null);
const agreed = ref(false);
// A tare nobody knows is asked, never taken for nothing.
watch(before, (g) => (tareText.value = g > 0 ? massField(g, units.value) : ''), {
  immediate: true,
});
const depthKg = computed(() =>
  byDepth.value && depthMm.value !== null && vessel.value
    ? kgByDepth({
        depthMm: depthMm.value,
        innerDiameterMm: vessel.value.innerDiameterMm,
        of: runsInPlace(props.detail.batch.method) ? 'honey' : 'comb',
        moisturePercent: 18,
        temperatureC: 22,
      })
    : null,
);
watch(depthKg, (kg) => {
  if (!kg) return;
  grossText.value = massField(Math.round(kg.mid * 1000) + before.value, units.value);
  readBy.value = tell('WeighUnit.by-depth-weigh-it-at');
});
const grossG = computed(() => grams(grossText.value));
const tareG = computed(() => grams(tareText.value));
const expectedKg = computed(() => {
  const e = estimate.value;
  return e
    ? {
        low: e.honeyKg.low + e.waxKg.low,
        mid: e.honeyKg.mid + e.waxKg.mid,
        high: e.honeyKg.high + e.waxKg.high,
      }
    : null;
});
const check = computed(() =>
  grossG.value === null || tareG.value === null
    ? null
    : tareCheck({
        grossG: grossG.value,
        tareG: tareG.value,
        vesselTareG: before.value,
        expectedKg: expectedKg.value,
      }),
);
const isPots = computed(() => isStingless(props.detail.hive.kind));
/** Honey that ran out in place has nothing usual to stand beside. */
const combNetG = computed(() => {
  const inPlace = isPots.value || runsInPlace(props.detail.batch.method);
  return byDepth.value || inPlace ? 0 : (check.value?.netG ?? 0);
});
const beside = useBesideUsual(() => props.detail, look, combNetG);
const asked = computed(() => {
  if (check.value?.question === 'tare-forgotten')
    return tell('WeighUnit.tare-forgotten-tub-alone-weighed', {
      before: massText(before.value / 1000, units.value, 2),
    });
  if (check.value?.question === 'far-from-estimate')
    return tell('WeighUnit.far-from-estimate-tare-forgotten', {
      honeyKg: massRangeText(estimate.value!.honeyKg, units.value),
    });
  return null;
});
const potsEmptied = ref<number | null>(null);
const pots = computed(() => {
  const netG = check.value?.netG ?? null;
  if (!isPots.value || !potsEmptied.value || netG === null || netG < 0) return null;
  const seen = look.value?.pots ?? null;
  return potsCheck({ potsEmptied: potsEmptied.value, netG, pots: seen });
});
/** What does not fit: it stands with the key that writes it down anyway. */
const questions = computed(() => {
  const ofPots = pots.value?.question ? said(pots.value.question) : null;
  return [asked.value, ofPots].filter((question) => question !== null);
});
const withPollen = ref(false);
const condition = ref<CombCondition>('whole');
const wentTo = ref<WentTo>('tub');
const conditions: { label: string; value: CombCondition }[] = [
  { label: tell('WeighUnit.whole'), value: 'whole' },
  { label: tell('common.cracked'), value: 'cracked' },
  { label: tell('WeighUnit.torn'), value: 'torn' },
  { label: tell('WeighUnit.leaking'), value: 'leaking' },
];
/** What keeps the large key shut, under it. */
const missing = computed(() => {
  if (grossG.value === null)
    return tell('WeighUnit.what-does-it-weigh-vessel', {
      isPots: isPots.value ? tell('WeighUnit.honey') : tell('WeighUnit.comb'),
    });
  if (tareG.value === null) return tell('WeighUnit.what-did-vessel-weigh-before');
  return agreed.value ? null : tell('WeighUnit.answer-first-whether-both-may');
});
const weightSaid = (typed: string): string | null => spokenWeight(typed, units.value);
function takeSpoken(typed: string): void {
  grossText.value = typed;
  readBy.value = tell('SpokenFigure.spoken');
}
async function readScale(): Promise<void> {
  const reading = await read(
    `/instruments/bench-scale?batchId=${props.detail.batch.id}&combId=${props.combId}&vesselId=${tub.value ?? ''}`,
  );
  if (reading.state === 'silent') readBy.value = tell('WeighUnit.scale-says-nothing-it-plugged');
  else if (reading.state === 'overload') readBy.value = tell('common.too-heavy-for-this-scale');
  else {
    grossText.value = readingField(reading.value, units.value);
    readBy.value = reading.simulated
      ? tell('WeighUnit.read-from-practice-scale')
      : tell('WeighUnit.read-from-scale');
  }
}
async function write(outcome: TakeOutcome, later = false): Promise<void> {
  const done = await go(
    '/takes',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      combId: props.combId,
      outcome,
      vesselId: tub.value,
      grossG: later ? null : grossG.value,
      tareG: later ? null : tareG.value,
      ...(later ? { later } : { netBy: byDepth.value && depthKg.value ? 'depth' : 'scale' }),
      guessG: grams(guessText.value),
      condition: outcome === 'taken' ? condition.value : 'torn',
      wentTo: wentTo.value,
      ...(isPots.value ? { potsEmptied: potsEmptied.value, withPollen: withPollen.value } : {}),
    },
    `${name.value[0].toUpperCase()}${name.value.slice(1)} ${said(OUTCOME_WORDS[outcome])}${later ? tell('WeighUnit.weighed-later') : ''}.`,
  );
  if (done) emit('done');
}
</script>

<template>
  <GuessFirst
    v-if="!guessed"
    v-model="guessText"
    :name="name"
    :units="units"
    @guessed="guessed = true"
  />
  <form v-else class="acts bench" @submit.prevent="write(outcome)">
    <h2 class="furrow-heading">{{ tell('WeighUnit.weigh', { name }) }}</h2>
    <VesselPick
      v-model="tub"
      :label="tell('WeighUnit.in-which-vessel')"
      :rules="rules"
      :vessels="vessels"
      :about="(v) => tell('WeighUnit.empty', { tareG: weighedText(v.tareG, units) })"
      role="tub"
      :none-text="tell('WeighUnit.one-that-not-in-kit')"
      :no-jars="!isPots"
    />
    <LotQuestion :detail="detail" :vessel-id="tub" @agreed="agreed = $event" />
    <Button
      v-if="!grossText && !guessText"
      text
      type="button"
      :label="tell('WeighUnit.guess-it-first')"
      @click="guessed = false"
    />
    <div class="pair">
      <TextField
        v-model="grossText"
        :unit="massUnit(units)"
        :label="
          tell('WeighUnit.gross-weight-vessel-and', {
            isPots: isPots ? tell('WeighUnit.honey') : tell('WeighUnit.comb'),
          })
        "
        :error="fieldError('grossG') ?? (grossText && grossG === null ? weightSuch(4300) : null)"
        :hint="readBy"
      />
      <TextField
        v-model="tareText"
        :unit="massUnit(units)"
        :label="
          tell('WeighUnit.tare-before', {
            isPots: isPots ? tell('WeighUnit.these-pots') : tell('WeighUnit.this-comb'),
          })
        "
        :error="
          fieldError('tareG') ??
          (tareText && tareG === null
            ? weightSuch(1240)
            : check?.question === 'tare-above-gross'
              ? tell('common.tare-above-gross-weight')
              : null)
        "
      />
    </div>
    <div class="acts row halves">
      <Button outlined type="button" :label="tell('common.read-scale')" @click="readScale" /><Button
        outlined
        type="button"
        :label="tell('WeighUnit.no-scale-by-depth')"
        @click="byDepth = !byDepth"
      />
    </div>
    <SpokenFigure
      :label="tell('SpokenFigure.say-the-weight')"
      :read-back="weightSaid"
      @taken="takeSpoken"
    />
    <template v-if="byDepth"
      ><NumberField
        v-model="depthMm"
        :label="tell('WeighUnit.it-stands-this-deep-in')"
        unit="mm"
        :min="0"
        :max="1500"
      />
      <p v-if="depthKg" class="sub">
        {{
          tell('WeighUnit.by-depth-in-estimate-never', {
            depthKg: massRangeText(depthKg, units),
            vessel: vessel?.name,
          })
        }}
      </p></template
    >
    <PotsEmptied
      v-if="isPots"
      v-model:emptied="potsEmptied"
      v-model:pollen="withPollen"
      :g-per-pot="pots && !pots.question ? pots.gPerPot : null"
      :look="look"
      :method="detail.batch.method"
      :units="units"
    />
    <p v-if="check && check.netG >= 0" class="net display">
      {{ tell('WeighUnit.net', { netG: weighedText(check.netG, units) })
      }}<small v-if="grams(guessText) !== null" class="sub"
        >{{ ' '
        }}{{
          tell('WeighUnit.you-guessed', {
            guessText: weighedText(grams(guessText)!, units),
            guessOff,
          })
        }}</small
      >
    </p>
    <p v-if="beside" class="sub">{{ beside }}</p>
    <details class="how">
      <summary>{{ tell('WeighUnit.its-condition-and-where-it') }}</summary>
      <SelectButton
        v-model="condition"
        :options="conditions"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('WeighUnit.condition')"
      />
      <label class="sub" for="went">{{ tell('WeighUnit.where-it-goes') }}</label><select
        id="went"
        v-model="wentTo"
        class="native big-touch"
      >
        <option v-for="(word, key) in WENT_TO_WORDS" :key="key" :value="key">
          {{ said(word) }}
        </option>
      </select>
    </details>
    <div class="foot">
      <p v-for="question in questions" :key="question" class="caution" role="alert">
        {{ question }}
      </p>
      <Refusal :refusal="refusal" :fields="['grossG', 'tareG']" />
      <Button
        type="submit"
        class="main"
        :label="questions.length ? tell('common.write-it-down-as-i') : tell('common.write-it-down')"
        :disabled="!check || check.netG < 0 || !agreed"
        :loading="busy"
      />
    </div>
    <p v-if="missing" class="sub">{{ missing }}</p>
    <div class="acts row halves">
      <Button
        outlined
        type="button"
        :label="tell('common.weigh-it-later')"
        :disabled="!agreed"
        :loading="busy"
        @click="write(outcome, true)"
      />
      <Button
        v-if="outcome === 'taken'"
        outlined
        type="button"
        :label="tell('WeighUnit.it-broke')"
        :disabled="!check || check.netG < 0 || !agreed"
        @click="write('broke')"
      /><Button outlined type="button" :label="tell('common.back')" @click="emit('back')" />
    </div>
  </form>
</template>

<style scoped src="./atTheHive.css" />

<style scoped>
.pair {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: inherit;
  align-items: end;
}
.caution {
  font-size: 18px;
}
.foot {
  display: grid;
  gap: inherit;
}
.foot p {
  margin: 0;
}
.net {
  font-size: 31px;
}
.big-touch {
  min-height: 64px;
}
.halves .p-button {
  flex: 1;
  min-height: 80px;
  padding: 0 8px;
}
/* What writes it down stays in sight: low enough on a desk, at the foot of a phone. */
@media (max-width: 599px) {
  .main {
    min-height: 88px !important;
  }
  .foot {
    position: sticky;
    bottom: 8px;
    z-index: 3;
    background: var(--lime-1);
    box-shadow: 0 0 0 8px var(--lime-1);
  }
  .halves .p-button {
    min-height: 64px;
  }
}
@media (min-width: 1100px) {
  .main {
    min-height: 72px !important;
  }
  .halves .p-button {
    min-height: 64px;
  }
}
</style>
