<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import type { Hive, HiveKind } from '@furrow/core';
import Button from 'primevue/button';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/** The risks of a kind of hive, said once before it is used for the first time. */
const props = defineProps<{ hive: Hive; kind: HiveKind; read: string[]; date: string }>();
const { go, busy } = useSend();
const known = (): Promise<unknown> =>
  go(
    '/colonyFacts',
    {
      id: newId(),
      colonyId: props.hive.colony!.id,
      on: props.date,
      fact: { kind: 'risks-read', of: props.kind.kind },
    },
    tell('RisksOnce.risks-read', { kind: props.kind.name }),
  );
</script>

<template>
  <section v-if="hive.colony && !read.includes(kind.kind)" class="risks">
    <p>
      <b>{{ tell('RisksOnce.before-first-time-with-this') }}</b>
    </p>
    <ul>
      <li v-for="r in kind.risks" :key="r.key">{{ said(r) }}</li>
    </ul>
    <Button outlined :label="tell('RisksOnce.read-go-on')" :loading="busy" @click="known" />
  </section>
</template>

<style scoped>
.risks {
  border-left: 5px solid var(--rust);
  padding: 2px 0 6px 14px;
  margin-bottom: 12px;
}
ul {
  margin: 4px 0 8px;
  padding-left: 18px;
}
</style>
