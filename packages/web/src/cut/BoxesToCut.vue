<script setup lang="ts">
import { figure, sidesText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { householdUnits } from '../words/units.js';

import {
  SPOILT_CAUSES,
  SPOILT_WORDS,
  unfitFor,
  type CombBox,
  type HouseRules,
  type SpoiltCause,
} from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import TickLine from '../parts/TickLine.vue';
import type { useBoards } from './useBoards.js';

/** For which boxes of the kit a comb is cut; or why it is spoilt for pieces. */
const props = defineProps<{
  boardId: string;
  boards: ReturnType<typeof useBoards>;
  rules: HouseRules;
  thicknessMm: number;
  mayFind: boolean;
}>();
const emit = defineEmits<{ find: []; spoil: [cause: SpoiltCause, sheetSeasons: number | null] }>();
const sheetSeasons = ref<number | null>(null);

/** Why the comb as a whole does not suit a box, if it does not; its regions may. */
const misfit = (box: CombBox): string => said(unfitFor(box, props.thicknessMm));
const allTheSame = (box: CombBox): boolean => Boolean(props.boards.allTheSame.value[box.id]);
const misfitText = (box: CombBox): string =>
  tell('BoxesToCut.text', {
    box: allTheSame(box) ? tell('BoxesToCut.cut-all-same') : tell('BoxesToCut.left-out'),
    box2: misfit(box),
  });
const worthText = (box: CombBox): string => {
  const value = figure(props.boards.priced(box).value);
  return tell('BoxesToCut.empty', {
    box: props.boards.free(box, props.boardId),
    currency: props.rules.currency,
    value,
  });
};
</script>

<template>
  <h2 class="furrow-heading">{{ tell('BoxesToCut.boxes-to-cut-for') }}</h2>
  <p v-if="!boards.boxes.value.length" class="rust">
    <b>{{ tell('common.no-box-kit-has-inner') }}</b>{{ ' ' }}
    <RouterLink to="/rules?at=kit">{{ tell('common.put-boxes-in-kit') }}</RouterLink>{{
      tell('BoxesToCut.with-their-width-and-length')
    }}
  </p>
  <div v-for="b in boards.boxes.value" :key="b.id" class="tick">
    <TickLine
      :label="tell('BoxesToCut.cut-for', { b: b.name })"
      :checked="boards.wanted.value[b.id] ?? true"
      @change="boards.want(b.id, $event)"
    /><span
      ><b>{{ b.name }}</b> {{ sidesText([b.widthMm, b.heightMm], householdUnits)
      }}<small class="sub"> {{ worthText(b) }}</small
      ><small v-if="misfit(b)" class="rust"
        >{{ misfitText(b) }}
        <button type="button" class="as-link" @click="boards.cutAllTheSame(b.id, !allTheSame(b))">
          {{ allTheSame(b) ? tell('common.leave-it-out') : tell('BoxesToCut.cut-it-all-same') }}
        </button></small
      ></span
    ><span class="gift"
      ><TickLine
        :id="`gift-${b.id}`"
        :checked="boards.gifts.value[b.id] ?? false"
        @change="boards.gift(b.id, $event)"
      /><label :for="`gift-${b.id}`" class="sub">{{ tell('BoxesToCut.as-gifts') }}</label></span
    >
  </div>
  <label class="tick"
    ><TickLine :checked="boards.mayTurn.value" @change="boards.turn" /><span>{{
      tell('BoxesToCut.pieces-may-lie-crosswise')
    }}</span></label
  >
  <Button
    class="main"
    :label="tell('BoxesToCut.find-best-cuts')"
    :disabled="!mayFind"
    @click="emit('find')"
  />
  <details class="how">
    <summary>{{ tell('BoxesToCut.spoilt-for-pieces') }}</summary>
    <NumberField
      v-model="sheetSeasons"
      nullable
      :label="tell('BoxesToCut.its-sheet-has-served-if')"
      :unit="tell('BoxesToCut.seasons')"
      whole
      :min="0"
      :max="40"
    />
    <div class="tools">
      <Button
        v-for="c in SPOILT_CAUSES"
        :key="c"
        size="small"
        outlined
        :label="said(SPOILT_WORDS[c])"
        @click="emit('spoil', c, sheetSeasons)"
      />
    </div>
  </details>
</template>

<style scoped src="./tools.css" />

<style scoped>
.tick small {
  display: block;
}
.gift {
  margin-left: auto;
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 48px;
}
</style>
