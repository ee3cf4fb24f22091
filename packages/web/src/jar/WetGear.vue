<script setup lang="ts">
import { SCHOOLS, type Aftercare, type BatchDetail, type HouseRules } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import Refusal from '../parts/Refusal.vue';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';

/** Frames, strainers and vessels that are wet with honey, by the house rule. */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; after: Aftercare }>();
const now = useNow();
const gearSend = useSend();
const gearWay = ref<'wash' | 'same-hive' | 'open'>(props.rules.wetGear);
const warned = ref(false);
const gearNow = (): unknown =>
  gearSend.go(
    '/gearCares',
    { id: newId(), batchId: props.detail.batch.id, way: gearWay.value, warned: warned.value },
    tell('WaxPanel.wet-gear-written-down'),
  );
</script>

<template>
  <section class="acts">
    <h2 class="furrow-heading">{{ tell('common.wet-gear') }}</h2>
    <p v-for="c in after.gearCares" :key="c.id" class="sub">
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
      <p v-if="gearWay === 'same-hive' && !after.feed.may" class="rust">
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
  </section>
</template>
