<script setup lang="ts">
import { measured, tell } from '../words/tell.js';
import {
  SHAPE_WORDS,
  fillLine,
  honeyDensityKgPerL,
  netVolumeMl,
  newJarKindSchema,
  volumeQuestion,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { said } from '../words/units.js';
import { JAR_PURPOSES, type JarDraft } from './jarDraft.js';
import { asChange, saidOf } from './kept.js';

/** What is said of a kind of jar or box: it is made, changed, or taken out of the kit. */
const props = defineProps<{ kind: JarDraft }>();
const emit = defineEmits<{ close: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const jar = ref<JarDraft>({ ...props.kind });
/** Water of the honey that jars are reckoned with, percent. */
const WATER_PERCENT = 18;
const FIELDS = [
  'name',
  'netG',
  'tareG',
  'stock',
  'value',
  'cost',
  'widthMm',
  'heightMm',
  'depthMm',
  'minG',
  'maxG',
  'volumeMl',
  'lid',
];
/** Whether the net weight goes with the volume the jar is sold by. */
const volumeSays = computed(() => {
  const { purpose, netG, volumeMl } = jar.value;
  return purpose === 'jar' && netG && volumeMl
    ? volumeQuestion(netG, volumeMl, WATER_PERCENT)
    : null;
});
/** How much of its room the net weight takes. */
const netRoom = computed(() => {
  const { netG, volumeMl } = jar.value;
  if (!netG || !volumeMl) return '';
  const ml = netVolumeMl(netG, WATER_PERCENT);
  const left = Math.round(100 - (ml / volumeMl) * 100);
  return tell('JarKindForm.its-fill', {
    net: { massG: netG, as: 'read' },
    volume: { volumeL: ml / 1000 },
    left: left >= 0 ? ' ' + tell('JarKindForm.and-leave-free', { left }) : '',
  });
});
/** Where the net weight stands in a jar whose inside is known. */
const line = computed(() => {
  const { purpose, netG, widthMm, depthMm } = jar.value;
  return purpose === 'jar' && netG && widthMm && depthMm
    ? fillLine({
        netG,
        moisturePercent: WATER_PERCENT,
        innerDiameterMm: widthMm,
        innerDepthMm: depthMm,
      })
    : null;
});
const isReady = computed(
  () => newJarKindSchema.omit({ id: true }).safeParse(saidOf(jar.value)).success,
);
async function keep(): Promise<void> {
  const draft = jar.value;
  const done = draft.id
    ? await go(
        `/jars/${draft.id}`,
        saidOf(draft),
        tell('JarKindForm.changed', { draft: draft.name }),
        asChange(draft),
      )
    : await go(
        '/jars',
        { ...saidOf(draft), id: newId() },
        tell('JarKindForm.in-kit', { draft: draft.name }),
      );
  if (done) emit('close');
}
async function takeOut(): Promise<void> {
  const { id, name, revision } = jar.value;
  const said = tell('JarKindForm.taken-out-kit', { name });
  if (await go(`/jars/${id}/remove`, {}, said, { baseRevision: revision })) emit('close');
}
</script>

<template>
  <form class="acts" @submit.prevent="keep">
    <TextField v-model="jar.name" :label="tell('common.name')" :error="fieldError('name')" />
    <label class="sub" for="purpose">{{ tell('JarKindForm.what-goes-into-it') }}</label><select
      id="purpose"
      v-model="jar.purpose"
      class="native"
    >
      <option v-for="(word, purpose) in JAR_PURPOSES" :key="purpose" :value="purpose">
        {{ word }}
      </option>
    </select>
    <NumberField
      v-model="jar.netG"
      :label="tell('JarKindForm.net-weight')"
      unit="g"
      whole
      :min="10"
      :max="50000"
      :error="fieldError('netG')"
    /><NumberField
      v-model="jar.tareG"
      :label="tell('JarKindForm.weight-empty-with-lid')"
      unit="g"
      whole
      :min="0"
      :error="fieldError('tareG')"
    /><NumberField
      v-model="jar.stock"
      :label="tell('common.in-stock')"
      whole
      :min="0"
      :max="10000"
      :error="fieldError('stock')"
    /><NumberField
      v-model="jar.value"
      :label="tell('JarKindForm.price-one-0-if-none')"
      :min="0"
      :error="fieldError('value')"
    /><NumberField
      v-model="jar.cost"
      :label="tell('JarKindForm.what-empty-one-costs')"
      :min="0"
      :error="fieldError('cost')"
    />
    <div class="sides">
      <NumberField
        v-model="jar.volumeMl"
        nullable
        :label="tell('common.volume-to-brim')"
        unit="ml"
        :min="5"
        :max="50000"
        :error="fieldError('volumeMl')"
      /><TextField
        v-model="jar.lid"
        :label="tell('JarKindForm.its-lid')"
        :error="fieldError('lid')"
      />
    </div>
    <p v-if="jar.volumeMl" class="sub">
      {{
        tell('JarKindForm.to-brim-about-honey-at', {
          said: measured({
            massG: Math.floor(jar.volumeMl * honeyDensityKgPerL(18, 20)),
            as: 'read',
          }),
          netRoom,
        })
      }}
    </p>
    <p v-if="volumeSays" class="rust" role="status">{{ said(volumeSays) }}</p>
    <template v-if="jar.purpose === 'jar'"
      ><div class="sides">
        <NumberField
          v-model="jar.minG"
          nullable
          :label="tell('JarKindForm.filled-with-at-least')"
          unit="g"
          whole
          :min="1"
          :error="fieldError('minG')"
        /><NumberField
          v-model="jar.maxG"
          nullable
          :label="tell('JarKindForm.and-at-most')"
          unit="g"
          whole
          :min="1"
          :error="fieldError('maxG')"
        />
      </div>
      <div class="sides">
        <NumberField
          v-model="jar.widthMm"
          nullable
          :label="tell('JarKindForm.inside-across-if-you-know')"
          unit="mm"
          :min="5"
          :max="1000"
          :error="fieldError('widthMm')"
        /><NumberField
          v-model="jar.depthMm"
          nullable
          :label="tell('JarKindForm.inside-deep')"
          unit="mm"
          :min="5"
          :max="1000"
          :error="fieldError('depthMm')"
        />
      </div>
      <p v-if="line" class="sub" :class="{ rust: line.question }" role="status">
        {{
          said(
            said(line.question) ||
              tell('JarKindForm.filled-high', {
                high: { lengthMm: line.mm },
                holds: { massG: line.holdsG, as: 'read' },
              }),
          )
        }}
      </p></template
    >
    <template v-if="jar.purpose !== 'jar'">
      <p class="sub">
        {{
          jar.purpose === 'chunk'
            ? tell('JarKindForm.strip-that-stands-in-it')
            : tell('JarKindForm.its-inner-measures-knife-planned')
        }}
      </p>
      <div class="sides">
        <NumberField
          v-model="jar.widthMm"
          nullable
          :label="
            jar.purpose === 'chunk'
              ? tell('JarKindForm.strip-wide')
              : tell('JarKindForm.inside-wide')
          "
          unit="mm"
          :min="5"
          :max="1000"
          :error="fieldError('widthMm')"
        /><NumberField
          v-model="jar.heightMm"
          nullable
          :label="
            jar.purpose === 'chunk'
              ? tell('JarKindForm.strip-long')
              : tell('JarKindForm.inside-long')
          "
          unit="mm"
          :min="5"
          :max="1000"
          :error="fieldError('heightMm')"
        /><NumberField
          v-model="jar.depthMm"
          nullable
          :label="tell('JarKindForm.inside-deep')"
          unit="mm"
          :min="5"
          :max="1000"
          :error="fieldError('depthMm')"
        />
      </div>
      <template v-if="jar.purpose !== 'chunk'"
        ><label class="sub" for="shape">{{ tell('JarKindForm.shape-piece') }}</label
        ><select id="shape" v-model="jar.shape" class="native">
          <option v-for="(word, shape) in SHAPE_WORDS" :key="shape" :value="shape">
            {{ said(word) }}
          </option>
        </select>
        <div class="sides">
          <NumberField
            v-model="jar.minG"
            nullable
            :label="tell('JarKindForm.piece-weighs-at-least')"
            unit="g"
            whole
            :min="1"
            :error="fieldError('minG')"
          /><NumberField
            v-model="jar.maxG"
            nullable
            :label="tell('JarKindForm.and-at-most')"
            unit="g"
            whole
            :min="1"
            :error="fieldError('maxG')"
          /></div
      ></template>
    </template>
    <Refusal :refusal="refusal" :fields="FIELDS" /><Button
      type="submit"
      :label="jar.id ? tell('common.write-it-down') : tell('JarKindForm.put-them-in-kit')"
      :disabled="!isReady"
      :loading="busy"
    /><Button
      v-if="jar.id"
      text
      type="button"
      :label="tell('JarKindForm.take-them-out-kit')"
      @click="takeOut"
    />
  </form>
</template>

<style scoped>
.sides {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
}
.sides > * {
  flex: 1;
  min-width: 120px;
}
</style>
