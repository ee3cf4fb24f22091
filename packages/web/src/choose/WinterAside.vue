<script setup lang="ts">
import {
  type ChoiceHive,
  type Hive,
  type HouseRules,
  type WinterBalance as Balance,
  isStingless,
} from '@furrow/core';
import { computed } from 'vue';
import WinterBalance from '../drawing/WinterBalance.vue';
import NumberField from '../parts/NumberField.vue';
import WinterNeed from '../parts/WinterNeed.vue';
import { spareText } from './spareText.js';

/** What stays in the hive in view against what its winter needs, as a balance. */
const props = defineProps<{
  hive: Hive;
  here: ChoiceHive | null;
  balance: Balance;
  stacks: { label: string; kg: number; pattern: string }[];
  /** Nothing may be taken here, and what holds it back is said already. */
  isHeld: boolean;
  /** The winter's need is asked for there. */
  asksNeed: boolean;
  rules: HouseRules;
  rulesVersion: number;
}>();
/** Kilograms of a flow that is still counted on; null where none is. */
const flowKg = defineModel<number | null | undefined>('flowKg');
const winter = computed(() => props.here?.winter ?? null);
const counts = computed(
  () =>
    !isStingless(props.hive.kind) && !props.here?.dead && (winter.value?.needKg ?? null) !== null,
);
</script>

<template>
  <h2 class="furrow-heading">Winter</h2>
  <p v-if="isStingless(hive.kind)">
    {{ rules.potsStayPercent }} % of the sealed pots stay for their winter, by your rule: no group
    gives more than the rest. Brood and pollen pots are never touched.
  </p>
  <p v-else-if="here?.dead">The colony is gone: no winter is counted.</p>
  <WinterNeed
    v-else-if="(!winter || winter.needKg === null) && !asksNeed"
    :kind="hive.kind"
    :rules="rules"
    :rules-version="rulesVersion"
  />
  <p v-else-if="winter && winter.needKg !== null && !isHeld">
    <span v-if="balance.unreadBars.length" class="sub">at least</span>{{ ' ' }}
    <span class="display spare" :class="(balance.spareKg ?? 0) >= -1e-6 ? 'green' : 'rust'">{{
      spareText(balance.spareKg ?? 0, rules.units)
    }}</span>{{ ' ' }}
    <span v-if="winter.hardKg !== null" class="sub hard"
      >hard winter: {{ spareText(balance.staysKg.low - winter.hardKg, rules.units) }}</span
    >
  </p>
  <WinterBalance
    v-if="counts"
    :balance="balance"
    :stacks="stacks"
    :months="winter?.months ?? []"
    :hard-kg="winter?.hardKg ?? null"
    :units="rules.units"
  />
  <details v-if="counts" class="how">
    <summary>How this was got; count on a flow</summary>
    <p>
      Stays: sealed honey in full and open honey by its sugar, every comb by its low
      estimate.<template v-if="balance.unreadBars.length">
        Not read, so not counted: {{ balance.unreadBars.join(', ') }}.</template
      >
      The need is your own number for this kind of hive, by the strength noted; a hard winter is
      {{ rules.hardWinterPercent }} % more, to be changed in Rules.
    </p>
    <NumberField
      v-model="flowKg as number | null"
      nullable
      label="Flow you still count on, after today"
      unit="kg"
      :min="0"
      :max="60"
    />
  </details>
</template>

<style scoped>
.spare {
  font-size: 34px;
  line-height: 40px;
}
.hard {
  white-space: nowrap;
}
</style>
