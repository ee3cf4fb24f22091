<script setup lang="ts">
import { measured, tell } from '../words/tell.js';
import { BLEMISH_WORDS, GRADE_WORDS, type Blemish, type CutPiece } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import { said } from '../words/units.js';

/** One piece that was touched: what it should weigh, and what is seen on it. */
const props = defineProps<{ piece: CutPiece; name: string; busy: boolean }>();
const emit = defineEmits<{ cracked: []; toggle: [blemish: Blemish]; back: [] }>();

const about = computed(() => {
  const { lowG, highG, bestSide } = props.piece;
  const side = bestSide ? tell('PieceInHand.side-up', { bestSide }) : '';
  return tell('PieceInHand.about', {
    said: measured({ massG: { low: lowG, high: highG }, as: 'estimate' }),
    side,
  });
});
const mayCrack = computed(() => props.piece.state !== 'cracked' && !props.piece.lotId);
const isCut = computed(() => props.piece.state === 'cut' && !props.piece.lotId);
</script>

<template>
  <h2 class="furrow-heading">{{ name }}</h2>
  <p>
    {{ about
    }}<template v-if="piece.grade">
      {{ ' ' }}<b>{{ said(GRADE_WORDS[piece.grade]) }}</b
      >: {{ said(piece.reason) }}.</template
    >
  </p>
  <Button
    v-if="mayCrack"
    outlined
    class="rusty"
    :label="tell('PieceInHand.this-one-cracked')"
    :loading="busy"
    @click="emit('cracked')"
  />
  <div v-if="isCut" class="tools" role="group" :aria-label="tell('PieceInHand.what-seen-on-it')">
    <Button
      v-for="(word, b) in BLEMISH_WORDS"
      v-show="b !== 'cracked'"
      :key="b"
      size="small"
      :outlined="!piece.blemishes.includes(b)"
      :label="said(word)"
      :aria-pressed="piece.blemishes.includes(b)"
      @click="emit('toggle', b)"
    />
  </div>
  <Button text :label="tell('common.back')" @click="emit('back')" />
</template>

<style scoped src="./tools.css" />

<style scoped>
.rusty {
  color: var(--rust) !important;
  border-color: var(--rust) !important;
}
</style>
