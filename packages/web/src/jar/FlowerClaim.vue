<script setup lang="ts">
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
    flower.value ? 'Flower written down.' : 'No flower named.',
  );
</script>

<template>
  <details class="how">
    <summary>A flower by name{{ lot.flower ? `: ${lot.flower}` : '…' }}</summary>
    <form class="acts" @submit.prevent="claim">
      <TextField v-model="flower" label="Flower" hint="Empty: no flower is named." /><label
        class="sub"
        for="support"
        >What supports it</label
      ><select id="support" v-model="support" class="native">
        <option value="">Choose…</option>
        <option v-for="s in FLOWER_SUPPORTS" :key="s" :value="s">
          {{ FLOWER_SUPPORT_WORDS[s] }}
        </option>
      </select>
      <p v-if="support === 'none'" class="rust">A flower that nothing supports is not printed.</p>
      <p v-if="fieldError('flowerSupport')" class="rust">{{ fieldError('flowerSupport') }}</p>
      <Refusal :refusal="refusal" :fields="['flowerSupport']" />
      <Button
        outlined
        type="submit"
        label="Write it down"
        :disabled="Boolean(flower.trim()) && !support"
        :loading="busy"
      />
    </form>
  </details>
</template>
