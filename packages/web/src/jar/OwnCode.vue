<script setup lang="ts">
import type { BatchDetail } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import { useSend } from '../api/useSend.js';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { tell } from '../words/tell.js';

/** The batch's code, and one of one's own until the first jar carries one. */
const props = defineProps<{ detail: BatchDetail }>();
const coding = useSend();
const ownCode = ref<string | null>(null);
async function keepCode(): Promise<void> {
  if (
    await coding.go(
      `/harvests/${props.detail.batch.id}/code`,
      { code: ownCode.value },
      tell('FillPanel.batch', { code: ownCode.value }),
    )
  )
    ownCode.value = null;
}
</script>

<template>
  <div>
    <p class="sub">
      {{
        tell('FillPanel.nothing-yet', {
          code: detail.batch.code
            ? tell('FillPanel.batch', { code: detail.batch.code })
            : tell('FillPanel.batch-code-given-with-first'),
        })
      }}
      <button
        v-if="ownCode === null"
        type="button"
        class="as-link"
        @click="ownCode = detail.batch.code ?? ''"
      >
        {{ tell('FillPanel.code-your-own') }}
      </button>
    </p>
    <form v-if="ownCode !== null" class="own" @submit.prevent="keepCode">
      <TextField
        v-model="ownCode"
        :label="tell('FillPanel.batch-code')"
        :hint="tell('FillPanel.one-that-never-comes-again')"
        :error="coding.fieldError('code')"
      /><Button
        type="submit"
        outlined
        :label="tell('FillPanel.keep-this-code')"
        :disabled="ownCode.trim().length < 3"
        :loading="coding.busy.value"
      /><Button type="button" text :label="tell('common.put-it-away')" @click="ownCode = null" />
    </form>
    <Refusal :refusal="coding.refusal.value" :fields="['code']" />
  </div>
</template>

<style scoped>
.own {
  display: flex;
  gap: 20px;
  align-items: flex-end;
  flex-wrap: wrap;
  margin: 4px 0 8px;
}
</style>
