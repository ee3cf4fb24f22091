<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { HouseRules, JarKindRecord } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { usePeople, useReserves } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';

/** Jars promised: orders and gifts, filled before anything else. */
const props = defineProps<{ jars: JarKindRecord[]; rules: HouseRules }>();
const { go, busy, refusal, fieldError } = useSend();
const { data: reserves } = useReserves();
const { data: people } = usePeople();
const making = ref<{
  jarKindId: string;
  count: number | null;
  fate: 'sold' | 'given';
  forDate: string;
  who: string;
} | null>(null);
const open = (): void =>
  void (making.value = {
    jarKindId: props.jars[0]?.id ?? '',
    count: 1,
    fate: props.rules.registeredToSell ? 'sold' : 'given',
    forDate: '',
    who: '',
  });
const kindName = (id: string): string =>
  props.jars.find((j) => j.id === id)?.name ?? tell('PromisesPanel.a-jar');
const lines = computed(() =>
  (reserves.value ?? [])
    .map((r) => ({ r, who: people.value?.find((p) => p.id === r.personId)?.name ?? '' }))
    .sort((a, b) => (a.r.forDate ?? '9').localeCompare(b.r.forDate ?? '9')),
);
async function make(): Promise<void> {
  const m = making.value!;
  if (
    await go(
      '/reserves',
      { id: newId(), ...m, forDate: m.forDate || null },
      tell('PromisesPanel.promised-2', { count: m.count }),
    )
  )
    making.value = null;
}
</script>

<template>
  <h2 class="furrow-heading">{{ tell('PromisesPanel.promised') }}</h2>
  <p v-if="!lines.length" class="sub">
    {{ tell('PromisesPanel.nothing-promised-orders-and-gifts') }}
  </p>
  <ul v-else class="promises">
    <li v-for="{ r, who } in lines" :key="r.id">
      <span
        ><b>{{ r.count }} × {{ kindName(r.jarKindId) }}</b
        >, {{ r.fate === 'sold' ? tell('PromisesPanel.ordered') : tell('PromisesPanel.gift')
        }}<template v-if="who">{{ ' ' }}{{ tell('PromisesPanel.for', { who }) }}</template
        ><template v-if="r.forDate">, {{ dateText(r.forDate) }}</template></span
      ><Button
        text
        size="small"
        :label="tell('PromisesPanel.handed-over')"
        :aria-label="
          tell('PromisesPanel.handed-over-2', { count: r.count, jarKindId: kindName(r.jarKindId) })
        "
        @click="go(`/reserves/${r.id}/done`, {}, tell('PromisesPanel.promise-kept'))"
      /><Button
        text
        size="small"
        :label="tell('PromisesPanel.withdraw')"
        :aria-label="
          tell('PromisesPanel.withdraw-2', { count: r.count, jarKindId: kindName(r.jarKindId) })
        "
        @click="go(`/reserves/${r.id}/withdraw`, {}, tell('PromisesPanel.withdrawn'))"
      />
    </li>
  </ul>
  <p v-if="lines.length" class="sub">
    {{ tell('PromisesPanel.handed-over-closes-promise-what') }}
  </p>
  <Refusal :refusal="refusal" :fields="['count', 'forDate']" />
  <form v-if="making" class="promise" @submit.prevent="make">
    <span
      ><label class="sub" for="promise-kind">{{ tell('common.which-jars') }}</label
      ><select id="promise-kind" v-model="making.jarKindId" class="native">
        <option v-for="j in jars" :key="j.id" :value="j.id">{{ j.name }}</option>
      </select></span
    >
    <NumberField
      v-model="making.count"
      :label="tell('common.how-many')"
      whole
      :min="1"
      :max="2000"
      :error="fieldError('count')"
    />
    <span
      ><label class="sub" for="promise-fate">{{ tell('PromisesPanel.as') }}</label
      ><select id="promise-fate" v-model="making.fate" class="native">
        <option value="sold">{{ tell('PromisesPanel.order') }}</option>
        <option value="given">{{ tell('PromisesPanel.gift-2') }}</option>
      </select></span
    >
    <TextField
      v-model="making.forDate"
      type="date"
      :label="tell('PromisesPanel.for-which-day-if-any')"
      :error="fieldError('forDate')"
    /><TextField v-model="making.who" :label="tell('PromisesPanel.for-whom-if-you-like')" />
    <Button
      type="submit"
      :label="tell('PromisesPanel.promise-them')"
      :disabled="!making.count || !making.jarKindId"
      :loading="busy"
    /><Button text type="button" :label="tell('common.put-it-away')" @click="making = null" />
  </form>
  <p v-else-if="jars.length">
    <Button outlined :label="tell('PromisesPanel.promise-some-jars')" @click="open" />
  </p>
</template>

<style scoped>
.promises {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
.promises li {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  border-bottom: var(--line);
  min-height: 48px;
}
.promises li > span {
  flex: 1 1 240px;
}
.promise {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  flex-wrap: wrap;
}
.promise > * {
  flex: 0 1 190px;
}
</style>
