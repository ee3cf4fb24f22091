<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  <h2 class="furrow-heading">{{ tell('WinterAside.winter') }}</h2>
  <p v-if="isStingless(hive.kind)">
    {{ tell('WinterAside.sealed-pots-stay-for-their', { potsStayPercent: rules.potsStayPercent }) }}
  </p>
  <p v-else-if="here?.dead">{{ tell('WinterAside.colony-gone-no-winter-counted') }}</p>
  <WinterNeed
    v-else-if="(!winter || winter.needKg === null) && !asksNeed"
    :kind="hive.kind"
    :rules="rules"
    :rules-version="rulesVersion"
  />
  <p v-else-if="winter && winter.needKg !== null && !isHeld">
    <span v-if="balance.unreadBars.length" class="sub">{{ tell('WinterAside.at-least') }}</span>{{
      ' '
    }}
    <span class="display spare" :class="(balance.spareKg ?? 0) >= -1e-6 ? 'green' : 'rust'">{{
      spareText(balance.spareKg ?? 0, rules.units)
    }}</span>{{ ' ' }}
    <span v-if="winter.hardKg !== null" class="sub hard">{{
      tell('WinterAside.hard-winter', {
        low: spareText(balance.staysKg.low - winter.hardKg, rules.units),
      })
    }}</span>
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
    <summary>{{ tell('WinterAside.how-this-was-got-count') }}</summary>
    <p>
      {{ tell('WinterAside.stays-sealed-honey-in-full')
      }}<template v-if="balance.unreadBars.length"
        >{{ ' '
        }}{{
          tell('WinterAside.not-read-so-not-counted', { unreadBars: balance.unreadBars.join(', ') })
        }}</template
      >
      {{
        tell('WinterAside.need-your-own-number-for', { hardWinterPercent: rules.hardWinterPercent })
      }}
    </p>
    <NumberField
      v-model="flowKg as number | null"
      nullable
      :label="tell('WinterAside.flow-you-still-count-on')"
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
