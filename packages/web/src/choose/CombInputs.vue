<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { Units } from '@furrow/core';
import Button from 'primevue/button';
import NumberField from '../parts/NumberField.vue';
import type { CombDraft } from './combDraft.js';

/** What comb and liquid are compared by, as the person says it. */
defineProps<{
  money: string;
  units: Units;
  /** What is wrong with a field, by its path; null where nothing is. */
  issue: (path: string) => string | null;
  /** What the household's own cutting board counts, offered. */
  booked: CombDraft['history'] | null;
}>();
const draft = defineModel<CombDraft>({ required: true });
/** Hours are said once: three quarters of it at best, half as much again at worst. */
const around = (hours: number | null) => ({
  low: (hours ?? 0) * 0.75,
  mid: hours ?? 0,
  high: (hours ?? 0) * 1.5,
});
</script>

<template>
  <aside class="acts">
    <h2 class="furrow-heading">{{ tell('CombInputs.supers') }}</h2>
    <div class="three">
      <NumberField
        v-model="draft.boxes as number | null"
        :label="tell('CombInputs.supers-2')"
        whole
        :min="1"
        :max="200"
        :error="issue('boxes')"
      /><NumberField
        v-model="draft.frames as number | null"
        :label="tell('CombInputs.frames-in-one')"
        whole
        :min="1"
        :max="20"
      /><NumberField
        v-model="draft.piecesAFrame as number | null"
        :label="tell('CombInputs.pieces-frame')"
        whole
        :min="1"
        :max="40"
        :error="issue('piecesPerBox')"
      />
    </div>
    <div class="three">
      <NumberField
        v-model="draft.honeyKg.low as number | null"
        :label="tell('CombInputs.honey-low')"
        unit="kg"
        :min="0"
        :max="60"
        :error="issue('honeyKg')"
      /><NumberField
        v-model="draft.honeyKg.mid as number | null"
        :label="tell('CombInputs.likely')"
        unit="kg"
        :min="0"
        :max="60"
      /><NumberField
        v-model="draft.honeyKg.high as number | null"
        :label="tell('CombInputs.high')"
        unit="kg"
        :min="0"
        :max="60"
      />
    </div>
    <NumberField
      v-model="draft.filledPercent as number | null"
      :label="tell('CombInputs.part-filled-super-filled-to')"
      unit="%"
      :min="0"
      :max="100"
    />
    <h2 class="furrow-heading">
      {{ tell('CombInputs.prices', { money: money ? `, ${money}` : '' }) }}
    </h2>
    <div class="three">
      <NumberField
        v-model="draft.pieceG as number | null"
        :label="tell('CombInputs.piece')"
        unit="g"
        :min="20"
        :max="3000"
        :error="issue('pieceG')"
      /><NumberField
        v-model="draft.piecePrice as number | null"
        :label="tell('CombInputs.sells-at')"
        :min="0"
        :error="issue('piecePrice')"
      /><NumberField
        v-model="draft.packCost as number | null"
        :label="tell('CombInputs.its-box')"
        :min="0"
        :error="issue('packCost')"
      />
    </div>
    <div class="two">
      <NumberField
        v-model="draft.discountedPercent as number | null"
        :label="tell('CombInputs.them-at-discount')"
        unit="%"
        :min="0"
        :max="100"
      /><NumberField
        v-model="draft.discountPercent as number | null"
        :label="tell('CombInputs.discount')"
        unit="%"
        :min="0"
        :max="100"
      />
    </div>
    <div class="two">
      <NumberField
        v-model="draft.honeyPerKg as number | null"
        :digits="2"
        :label="tell('CombInputs.honey-brings')"
        unit="a kg"
        :min="0"
        :error="issue('honeyPerKg')"
      /><NumberField
        v-model="draft.jarCostPerKg as number | null"
        :digits="2"
        :label="tell('CombInputs.its-jars')"
        unit="a kg"
        :min="0"
        :error="issue('jarCostPerKg')"
      />
    </div>
    <h2 class="furrow-heading">{{ tell('CombInputs.your-comb-supers-so-far') }}</h2>
    <div class="three">
      <NumberField
        v-model="draft.history.finished as number | null"
        :label="tell('CombInputs.finished')"
        whole
        :min="0"
        :error="issue('history.finished')"
      /><NumberField
        v-model="draft.history.half as number | null"
        :label="tell('CombInputs.half')"
        whole
        :min="0"
        :error="issue('history.half')"
      /><NumberField
        v-model="draft.history.spoilt as number | null"
        :label="tell('common.spoilt')"
        whole
        :min="0"
        :error="issue('history.spoilt')"
      />
    </div>
    <p v-if="booked" class="sub">
      {{
        tell('CombInputs.by-your-cutting-board-finished', {
          finished: booked.finished,
          half: booked.half,
          spoilt: booked.spoilt,
        })
      }}
      <Button text :label="tell('CombInputs.take-these')" @click="draft.history = { ...booked }" />
    </p>
    <h2 class="furrow-heading">{{ tell('CombInputs.hours-super-and-selling') }}</h2>
    <div class="two">
      <NumberField
        :model-value="draft.combHours.mid"
        :label="tell('common.as-comb')"
        unit="h"
        :min="0"
        :max="100"
        :error="issue('combHours')"
        @update:model-value="draft.combHours = around($event)"
      /><NumberField
        :model-value="draft.liquidHours.mid"
        :label="tell('common.as-liquid')"
        unit="h"
        :min="0"
        :max="100"
        :error="issue('liquidHours')"
        @update:model-value="draft.liquidHours = around($event)"
      />
    </div>
    <div class="two">
      <NumberField
        v-model="draft.piecesAMonth as number | null"
        :label="tell('CombInputs.pieces-sold-month')"
        :min="0"
        :error="issue('piecesAMonth')"
      /><NumberField
        v-model="draft.kgAMonth as number | null"
        :label="tell('CombInputs.honey-sold-month')"
        unit="kg"
        :min="0"
        :error="issue('kgAMonth')"
      />
    </div>
    <div class="two">
      <NumberField
        v-model="draft.lowerPrice as number | null"
        :label="tell('CombInputs.lower-price-to-try')"
        :min="0"
        nullable
      /><NumberField
        v-model="draft.piecesAMonthThen as number | null"
        :label="tell('CombInputs.then-sold-month')"
        :min="0"
        nullable
      />
    </div>
    <div class="two">
      <NumberField
        v-model="draft.soldPieces as number | null"
        :label="tell('CombInputs.pieces-sold-this-year')"
        whole
        :min="0"
      /><NumberField
        v-model="draft.missedPieces as number | null"
        :label="tell('CombInputs.asked-for-in-vain')"
        whole
        :min="0"
      />
    </div>
  </aside>
</template>

<style scoped>
.two,
.three {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
.three {
  grid-template-columns: 1fr 1fr 1fr;
}
.acts {
  gap: 8px;
}
</style>
