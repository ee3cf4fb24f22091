<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type HouseRules } from '@furrow/core';

import SelectButton from 'primevue/selectbutton';
import { computed } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { useSend } from '../api/useSend.js';

/**
 * How many hands there are: what is lifted, who smokes and what fits into the day go by it. A house
 * rule, said where it matters.
 */
const props = defineProps<{ rules: HouseRules; rulesVersion: number }>();
const { go, busy, refusal } = useSend();
const MOST_OFFERED = 4;
const options = computed(() =>
  Array.from({ length: Math.max(MOST_OFFERED, props.rules.people) }, (_, i) => i + 1),
);
const carries = computed(() =>
  massText(props.rules.liftKg * Math.min(2, props.rules.people), props.rules.units, 0),
);
function say(people: number): void {
  if (people !== props.rules.people)
    void go(
      '/rules',
      { ...props.rules, people },
      people === 1
        ? tell('PeopleThere.one-person-works')
        : tell('PeopleThere.people-work', { people }),
      { baseRevision: props.rulesVersion },
    );
}
</script>

<template>
  <div>
    <span id="people-there" class="sub">{{ tell('PeopleThere.people-at-hive-by-your') }}</span>
    <SelectButton
      :model-value="rules.people"
      :options="options"
      :allow-empty="false"
      :disabled="busy"
      aria-labelledby="people-there"
      @update:model-value="say"
    />
    <p class="sub">
      {{ tell('PeopleThere.two-you-lift', { people: rules.people, carries })
      }}<template v-if="rules.people === 1"
        >{{ ' ' }}{{ tell('PeopleThere.stings-can-kill-never-alone') }}</template
      >
    </p>
    <Refusal :refusal="refusal" :fields="[]" />
  </div>
</template>
