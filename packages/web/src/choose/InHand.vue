<script setup lang="ts">
import { figureRange, smallMassRangeText } from '../words/figures.js';
import { estimated, tell } from '../words/tell.js';
import {
  QUESTION_WORDS,
  wayName,
  wayNote,
  type ChoiceUnit,
  type HouseRules,
  type Question,
  type Way,
  type WayOrLeave,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import WayMark from '../drawing/WayMark.vue';
import JarAdd from '../kit/JarAdd.vue';
import type { WayOffer } from './useChoice.js';
import { said } from '../words/units.js';

/**
 * The comb in hand and the ways it can go, each with what it would give or why not; touching one
 * pins it.
 */
const props = defineProps<{
  unit: ChoiceUnit;
  name: string;
  offers: WayOffer[];
  way: WayOrLeave;
  pinned: boolean;
  rules: HouseRules;
}>();
const emit = defineEmits<{ pin: [way: Way | 'leave']; unpin: [] }>();
/** The way whose figures stand open below. */
const open = ref<Way | null>(null);
watch(
  () => props.unit.id,
  () => (open.value = null),
);
function gives(offer: WayOffer): string {
  const o = offer.outcome;
  if (!o) return tell('InHand.not-known');
  const parts = [];
  const mostOf = ({ high }: { high: number }): number => Math.round(high);
  if (o.pieces.high > 0)
    parts.push(tell('InHand.pieces', { pieces: figureRange(o.pieces, 0), most: mostOf(o.pieces) }));
  if (o.chunkJars.high > 0)
    parts.push(
      tell('InHand.chunk-jars', {
        chunkJars: figureRange(o.chunkJars, 0),
        most: mostOf(o.chunkJars),
      }),
    );
  if (o.honeyKg.high > 0) parts.push(estimated(o.honeyKg));
  return parts.join(', ') || tell('InHand.nothing');
}
/**
 * The rule that stands against a way, by its name: a finding of the look, or what the kit or the
 * comb lacks.
 */
function againstText({ against: [first] }: WayOffer): string {
  const name = QUESTION_WORDS[first.rule as Question]?.name ?? first.rule;
  return tell('InHand.against-your-rule', { name });
}
function choose(offer: WayOffer): void {
  if (offer.against.some((b) => b.hard)) return void (open.value = offer.way);
  emit('pin', offer.way);
  open.value = offer.way;
}
/** What the kit lacks for the way that stands open: it is put into it here. */
const missingBox = computed(() => {
  const offer = shown();
  if (!offer?.against.some((b) => b.rule === 'kit')) return null;
  return offer.way === 'chunk' ? 'chunk' : 'piece';
});
const shown = (): WayOffer | null =>
  props.offers.find((o) => o.way === (open.value ?? props.way)) ?? null;
</script>

<template>
  <div class="in-hand" role="group" :aria-label="tell('InHand.in-hand', { name })">
    <h2 class="furrow-heading">
      {{ tell('InHand.in-hand-2', { name, pinned: pinned ? tell('InHand.pinned') : '' }) }}
    </h2>
    <div class="ways">
      <button
        type="button"
        class="way"
        :class="{ on: way === 'leave' }"
        :aria-pressed="way === 'leave'"
        @click="emit('pin', 'leave')"
      >
        <WayMark way="leave" :size="28" /><span
          ><b>{{ tell('InHand.stays') }}</b
          ><span class="sub">{{ tell('InHand.with-bees') }}</span></span
        >
      </button>
      <button
        v-for="offer in offers"
        :key="offer.way"
        type="button"
        class="way"
        :class="{ on: way === offer.way, against: offer.against.length }"
        :aria-pressed="way === offer.way"
        @click="choose(offer)"
      >
        <WayMark :way="offer.way" :size="28" /><span
          ><b>{{ said(wayName(offer.way)) }}</b
          ><span class="sub">{{
            offer.against.length
              ? offer.against[0].hard
                ? tell('InHand.not-possible')
                : againstText(offer)
              : gives(offer)
          }}</span></span
        >
      </button>
      <Button v-if="pinned" text :label="tell('InHand.let-it-be-chosen')" @click="emit('unpin')" />
    </div>
    <p v-if="shown() && shown()!.against.length" class="why">
      {{ said(wayName(shown()!.way)) }}:
      {{
        shown()!
          .against.map((b) => said(b.sentence))
          .join(' ')
      }}
    </p>

    <p v-else-if="shown()?.outcome" class="sub">
      {{
        tell('InHand.clean-wax-min-your-hands', {
          way: wayName(shown()!.way),
          note: wayNote(shown()!.way),
          shown: gives(shown()!),
          said: smallMassRangeText(shown()!.outcome!.cleanWaxG, rules.units),
          handsOnMinutes: figureRange(shown()!.outcome!.handsOnMinutes, 0),
          elapsedHours: figureRange(shown()!.outcome!.elapsedHours, 0),
        })
      }}<template v-if="rules.currency && shown()!.outcome!.worth.high">{{
        tell('InHand.worth', {
          currency: rules.currency,
          worth: figureRange(shown()!.outcome!.worth, 0),
        })
      }}</template
      >.<template v-if="unit.what === 'box'"
        >{{ ' '
        }}{{
          tell('InHand.box-weighs-about', {
            said: estimated(unit.liftKg),
            high:
              unit.liftKg.high > rules.liftKg
                ? tell('InHand.two-people')
                : tell('InHand.one-person'),
          })
        }}</template
      >
    </p>
    <JarAdd v-if="missingBox" :key="missingBox" :rules="rules" :purpose="missingBox" />
  </div>
</template>

<style scoped>
.in-hand {
  margin-bottom: 10px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 6px 0;
}
.way {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 52px;
  padding: 4px 12px 4px 8px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.way > span {
  display: flex;
  flex-direction: column;
  line-height: 18px;
}
.way .sub {
  font-size: 14px;
}
.way.on {
  border: 3px solid var(--field);
  background: var(--field-wash);
  padding: 2.5px 10.5px 2.5px 6.5px;
}
.way.against {
  border-style: dashed;
  color: var(--ink-2);
}
.why {
  border-left: 5px solid var(--ink-2);
  padding-left: 12px;
}
</style>
