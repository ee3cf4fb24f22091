<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { FLOWER_SUPPORTS, FLOWER_SUPPORT_WORDS, type FlowerSupport, type Lot } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import { useSend } from '../api/useSend.js';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';

/** A flower that honey is named after, and what supports it. */
const props = defineProps<{ lot: Lot }>();
const { go, busy, refusal, fieldError } = useSend();
const flower = ref(props.lot.flower ?? '');
const support = ref<FlowerSupport | ''>(props.lot.flowerSupport ?? '');
const claim = (): unknown =>
  go(
    `/lots/${props.lot.id}/claim`,
    { flower: flower.value.trim() || null, flowerSupport: support.value || null },
    flower.value ? tell('FlowerClaim.flower-written-down') : tell('FlowerClaim.no-flower-named'),
  );
</script>

<template>
  <details class="how">
    <summary>
      {{ tell('FlowerClaim.flower-by-name', { flower: lot.flower ? `: ${lot.flower}` : '…' }) }}
    </summary>
    <form class="acts" @submit.prevent="claim">
      <TextField
        v-model="flower"
        :label="tell('FlowerClaim.flower')"
        :hint="tell('FlowerClaim.empty-no-flower-named')"
      /><label class="sub" for="support">{{ tell('FlowerClaim.what-supports-it') }}</label
      ><select id="support" v-model="support" class="native">
        <option value="">{{ tell('common.choose') }}</option>
        <option v-for="s in FLOWER_SUPPORTS" :key="s" :value="s">
          {{ said(FLOWER_SUPPORT_WORDS[s]) }}
        </option>
      </select>
      <p v-if="support === 'none'" class="rust">
        {{ tell('FlowerClaim.flower-that-nothing-supports-not') }}
      </p>
      <p v-if="fieldError('flowerSupport')" class="rust">{{ fieldError('flowerSupport') }}</p>
      <Refusal :refusal="refusal" :fields="['flowerSupport']" />
      <Button
        outlined
        type="submit"
        :label="tell('common.write-it-down')"
        :disabled="Boolean(flower.trim()) && !support"
        :loading="busy"
      />
    </form>
  </details>
</template>
