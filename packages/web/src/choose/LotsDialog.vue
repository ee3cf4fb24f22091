<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { planLots, type ChoiceUnit, type KeepApart, type Way } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed } from 'vue';
import WayMark from '../drawing/WayMark.vue';

/**
 * One lot or more: what is kept apart, which lots that makes, and what is lost where they are put
 * together.
 */
const props = defineProps<{ chosen: { unit: ChoiceUnit; way: Way }[]; seasonStart: string }>();
const open = defineModel<boolean>('open', { required: true });
const keep = defineModel<KeepApart>({ required: true });
const lots = computed(() => planLots(props.chosen, keep.value, props.seasonStart));
/** The answer is a new one: what stands by the household's rule is never changed in place. */
const turn = (key: keyof KeepApart): void => {
  keep.value = { ...keep.value, [key]: !keep.value[key] };
};
const WORDS: [keyof KeepApart, string][] = [
  ['hive', tell('LotsDialog.each-hive-in-its-own')],
  ['box', tell('LotsDialog.each-box-in-its-own')],
  ['season', tell('LotsDialog.this-seasons-comb-apart-from')],
  ['capped', tell('LotsDialog.fully-capped-comb-apart-from')],
  ['comb', tell('LotsDialog.each-comb-or-frame-by')],
];
</script>

<template>
  <DialogFrame v-model:visible="open" :header="tell('LotsDialog.one-lot-or-more')" :width="620">
    <div class="lots">
      <label v-for="[key, word] in WORDS" :key="key" class="tick"
        ><input type="checkbox" :checked="keep[key]" @change="turn(key)" /> {{ word }}</label
      >
      <h2 class="furrow-heading">
        {{
          tell('LotsDialog.that-makes', {
            lots:
              lots.length === 1
                ? tell('LotsDialog.one-lot')
                : tell('LotsDialog.lots', { lots: lots.length }),
          })
        }}
      </h2>
      <div v-for="lot in lots" :key="lot.key" class="lot">
        <WayMark :way="lot.way" />
        <div>
          <b>{{ said(lot.name) }}</b>
          <p v-for="(l, i) in lot.lost" :key="i" class="rust">{{ said(l) }}</p>
          <p v-if="!lot.lost.length" class="sub">
            {{ tell('LotsDialog.every-jar-can-say-where') }}
          </p>
        </div>
      </div>
      <Button :label="tell('common.that-it')" @click="open = false" />
    </div>
  </DialogFrame>
</template>

<style scoped>
.lots {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.lot {
  display: flex;
  gap: 12px;
  border-bottom: var(--line);
  padding-bottom: 8px;
}
</style>
