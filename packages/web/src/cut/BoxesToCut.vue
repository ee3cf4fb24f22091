<script setup lang="ts">
import { householdUnits } from '../shell/units.js';
import { sidesText } from '@furrow/words';
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
const misfit = (box: CombBox): string | null => unfitFor(box, props.thicknessMm);
const allTheSame = (box: CombBox): boolean => Boolean(props.boards.allTheSame.value[box.id]);
const misfitText = (box: CombBox): string =>
  `${allTheSame(box) ? 'Cut all the same' : 'Left out'}: ${misfit(box)}.`;
const worthText = (box: CombBox): string => {
  const value = props.boards.priced(box).value.toFixed(0);
  return `${props.boards.free(box, props.boardId)} empty, ${props.rules.currency} ${value}`;
};
</script>

<template>
  <h2 class="furrow-heading">Boxes to cut for</h2>
  <p v-if="!boards.boxes.value.length" class="rust">
    <b>No box of the kit has inner measures.</b>{{ ' ' }}
    <RouterLink to="/rules?at=kit">Put boxes in the kit</RouterLink>, with their width and length in
    mm.
  </p>
  <div v-for="b in boards.boxes.value" :key="b.id" class="tick">
    <TickLine
      :label="`Cut for ${b.name}`"
      :checked="boards.wanted.value[b.id] ?? true"
      @change="boards.want(b.id, $event)"
    /><span
      ><b>{{ b.name }}</b> {{ sidesText([b.widthMm, b.heightMm], householdUnits)
      }}<small class="sub"> {{ worthText(b) }}</small
      ><small v-if="misfit(b)" class="rust"
        >{{ misfitText(b) }}
        <button type="button" class="as-link" @click="boards.cutAllTheSame(b.id, !allTheSame(b))">
          {{ allTheSame(b) ? 'Leave it out' : 'Cut it all the same' }}
        </button></small
      ></span
    ><span class="gift"
      ><TickLine
        :id="`gift-${b.id}`"
        :checked="boards.gifts.value[b.id] ?? false"
        @change="boards.gift(b.id, $event)"
      /><label :for="`gift-${b.id}`" class="sub">as gifts</label></span
    >
  </div>
  <label class="tick"
    ><TickLine :checked="boards.mayTurn.value" @change="boards.turn" /><span
      >Pieces may lie crosswise</span
    ></label
  >
  <Button class="main" label="Find the best cuts" :disabled="!mayFind" @click="emit('find')" />
  <details class="how">
    <summary>Spoilt for pieces…</summary>
    <NumberField
      v-model="sheetSeasons"
      nullable
      label="Its sheet has served, if known"
      unit="seasons"
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
        :label="SPOILT_WORDS[c]"
        @click="emit('spoil', c, sheetSeasons)"
      />
    </div>
  </details>
</template>

<style scoped src="./tools.css" />

<style scoped>
.tick {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
}
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
