<script setup lang="ts">
import type { FreezingInput, HouseRules } from '@furrow/core';
import { lengthText, sidesText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { toldWhenRead } from '../words/toldWhenRead.js';
import { householdUnits } from '../words/units.js';

/** How the hours in the cold were got: what of, how thick, and by which rule they are longer. */
defineProps<{
  block: Pick<FreezingInput, 'packing' | 'widthMm' | 'heightMm' | 'thicknessMm'>;
  rules: HouseRules;
}>();
const BLOCK_WORDS = toldWhenRead({
  piece: 'ColdPanel.a-piece',
  frame: 'ColdPanel.a-comb',
  super: 'ColdPanel.whole-box',
});
</script>

<template>
  <details class="how">
    <summary>{{ tell('common.how-this-was-got') }}</summary>
    <p v-if="rules.waxFrozenWeeks">
      {{ tell('ColdPanel.your-rule-keeps-comb-in', { waxFrozenWeeks: rules.waxFrozenWeeks }) }}
    </p>
    <p>
      {{ tell('ColdPanel.conduction-in', { packing: BLOCK_WORDS[block.packing] })
      }}<template v-if="block.widthMm"
        >{{ ' '
        }}{{
          tell('ColdPanel.text-2', {
            sidesText: sidesText(
              [block.widthMm, block.heightMm ?? 0, block.thicknessMm],
              householdUnits,
            ),
          })
        }}</template
      ><template v-else
        >{{ ' '
        }}{{
          tell('ColdPanel.thick', {
            thicknessMm: lengthText(block.thicknessMm, householdUnits),
          })
        }}</template
      >
      {{ tell('ColdPanel.with-still-air-on-all', { said: measured({ temperatureC: -12 }) }) }}
    </p>
  </details>
</template>
