<script setup lang="ts">
import { figure, massText, smallMassText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  dripPress,
  drippedBeforePress,
  honeyInComb,
  pressAccount,
  pressAdvice,
  pressTurns,
  isLike,
  residualNorm,
  runKind,
  type Drain,
  type HiveKindName,
  type HouseRules,
  type HouseholdRun,
} from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import WeighFields from '../parts/WeighFields.vue';
import { newId } from '../api/client.js';

import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';

/**
 * Turns and rests of the press, drip against press, and what stays in the wax against the
 * household's own norm.
 */
const props = defineProps<{
  drain: Drain;
  rules: HouseRules;
  zone: string;
  now: Date;
  outKg: number;
  runs: HouseholdRun[];
  hiveKind: HiveKindName;
}>();
const emit = defineEmits<{ drawFirst: []; away: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => props.rules.units);
const turns = computed(() => pressTurns(props.drain));
const advice = computed(() => pressAdvice(turns.value, props.rules, props.now.toISOString()));
const grossG = ref<number | null>(null);
const tareG = ref<number | null>(null);
const fields = ref<InstanceType<typeof WeighFields> | null>(null);
/** Nothing stands under the spout at the first turn; later it need not be weighed at each. */
const g = computed(() =>
  grossG.value === null || tareG.value === null ? null : grossG.value - tareG.value,
);
const knownTareG = computed(
  () => props.drain.events.filter((e) => e.kind === 'press' && e.tareG).at(-1)?.tareG ?? null,
);
const drippedG = computed(() => drippedBeforePress(props.drain, props.now.toISOString()));
const pressedG = computed(() => turns.value.reduce((most, t) => Math.max(most, t.g ?? 0), 0));
const split = computed(() =>
  dripPress(props.drain, drippedG.value + pressedG.value, drippedG.value),
);
const kind = computed(() => runKind(props.drain, props.hiveKind));
const norm = computed(() =>
  split.value
    ? residualNorm(
        split.value.residualShare.mid,
        props.runs
          .filter((r) => r.pressed && r.drainId !== props.drain.id && isLike(kind.value, r))
          .map((r) => r.residualShare),
      )
    : null,
);
const scale = computed(() => 170 / Math.max(1, honeyInComb(props.drain.crushedG).mid * 1000));
const bars = computed(() => {
  const inside = honeyInComb(props.drain.crushedG).mid * 1000;
  return [
    { word: tell('PressPanel.dripped'), g: drippedG.value, fill: 'var(--open)' },
    { word: tell('PressPanel.pressed'), g: pressedG.value, fill: 'var(--capped)' },
    {
      word: tell('PressPanel.still-in-wax'),
      g: Math.max(0, inside - drippedG.value - pressedG.value),
      fill: 'var(--empty)',
    },
  ];
});
/**
 * What the press found so far, as a share of all that is out, beside the tenth that people speak
 * of.
 */
const found = computed(() =>
  pressedG.value > 0 ? pressAccount(pressedG.value, drippedG.value + pressedG.value) : null,
);
const HELD = {
  less: tell('PressPanel.still-less-than'),
  as: 'about',
  more: tell('PressPanel.more-than'),
};
const past = computed(() =>
  props.runs
    .filter((r) => r.pressed)
    .slice(-5)
    .reverse(),
);
const percent = (share: number): string => `${figure(share * 100)} %`;
async function turn(): Promise<void> {
  const sentG = grossG.value;
  // The first turn begins with nothing in the vessel; a later one that was not weighed says nothing.
  const unweighed = turns.value.length ? {} : { g: 0 };
  const done = await go(
    '/drainEvents',
    {
      id: newId(),
      drainId: props.drain.id,
      kind: 'press',
      minutes: 3,
      ...(g.value === null ? unweighed : { g: g.value, grossG: grossG.value, tareG: tareG.value }),
    },
    tell('PressPanel.turn-press', { turns: turns.value.length + 1 }),
  );
  // What was typed meanwhile stays.
  if (done && grossG.value === sentG) fields.value?.clear();
}
</script>

<template>
  <section class="press" :aria-label="tell('common.press')">
    <h2 class="furrow-heading">{{ tell('common.press') }}</h2>
    <p v-if="!turns.length" class="text">
      {{ tell('PressPanel.what-dripped-clearer-draw-it') }}
      <b>{{ tell('PressPanel.bag-that-bursts-honey-on') }}</b>
    </p>
    <p v-else class="text">
      <b class="display big">{{
        advice.say === 'enough'
          ? tell('PressPanel.enough')
          : advice.say === 'turn'
            ? tell('PressPanel.turn-again')
            : tell('PressPanel.rest-until', {
                nextTurnAt: clockText(advice.nextTurnAt!, zone, now),
              })
      }}</b>
      {{ tell('PressPanel.turns', { turns: advice.turns })
      }}<template v-if="advice.lastGainG !== null">{{
        tell('PressPanel.last-brought', { lastGainG: smallMassText(advice.lastGainG, units, 1) })
      }}</template
      ><template v-if="advice.say === 'enough'">{{
        tell('PressPanel.under-your-rest-for-wax', {
          said: measured({ massG: rules.pressEnoughG, as: 'read' }),
        })
      }}</template
      >.
    </p>
    <svg
      width="340"
      height="112"
      viewBox="0 0 340 112"
      role="img"
      :aria-label="bars.map((b) => `${b.word} ${massText(b.g / 1000, units, 2)}`).join(', ')"
    >
      <g v-for="(b, i) in bars" :key="b.word" :transform="`translate(0 ${i * 36})`">
        <rect
          x="0"
          y="4"
          :width="Math.max(1, b.g * scale)"
          height="22"
          :fill="b.fill"
          stroke="var(--ink)"
          stroke-width="1.3"
        />
        <text
          :x="Math.max(1, b.g * scale) + 8"
          y="21"
          font-size="16"
          style="paint-order: stroke; stroke: var(--lime-1); stroke-width: 4px"
        >
          <tspan font-weight="700">{{ massText(b.g / 1000, units, 2) }}</tspan>
          {{ b.word }}
        </text>
      </g>
    </svg>
    <p v-if="split && turns.length" class="text">
      {{
        tell('PressPanel.to-honey-still-in-wax', {
          low: percent(split.residualShare.low),
          high: percent(split.residualShare.high),
        })
      }}<template v-if="norm"
        >{{ ' '
        }}{{
          tell('PressPanel.to', {
            says: {
              usual: tell('PressPanel.that-usual-here'),
              more: tell('PressPanel.more-than-usual-here-turn'),
              less: tell('PressPanel.less-than-usual-here'),
            }[norm.says],
            low: percent(norm.usual.low),
            high: percent(norm.usual.high),
          })
        }}</template
      ><template v-else>{{ ' ' }}{{ tell('PressPanel.no-norm-yet-from-third') }}</template>
    </p>
    <p v-if="found" class="text">
      {{
        tell('PressPanel.press-found-honey-tenth-that', {
          share: percent(found.share),
          held: HELD[found.held],
        })
      }}
    </p>
    <form class="acts" @submit.prevent="turn">
      <template v-if="turns.length">
        <p class="sub">{{ tell('PressPanel.what-stands-under-spout-leave') }}</p>
        <WeighFields
          ref="fields"
          v-model:gross-g="grossG"
          v-model:tare-g="tareG"
          :units="units"
          :what="tell('PressPanel.pressed-honey-and-its-vessel')"
          :tare-label="tell('common.tare-that-vessel-empty')"
          :known-tare-g="knownTareG"
          :gross-error="fieldError('g') ?? fieldError('grossG')"
          :tare-error="fieldError('tareG')"
        />
      </template>
      <Refusal :refusal="refusal" :fields="['g', 'grossG', 'tareG']" />
      <Button
        type="submit"
        :label="
          turns.length ? tell('PressPanel.turned-written-down') : tell('PressPanel.first-turn')
        "
        :disabled="grossG !== null && (g === null || g < 0)"
        :loading="busy"
      />
      <Button text type="button" :label="tell('PressPanel.put-press-away')" @click="emit('away')" />
      <Button
        v-if="!turns.length"
        text
        type="button"
        :label="tell('PressPanel.draw-off-what-dripped-first')"
        @click="emit('drawFirst')"
      />
    </form>
    <table v-if="past.length" class="plain">
      <caption class="visually-hidden">
        {{
          tell('PressPanel.earlier-pressings')
        }}
      </caption>
      <thead>
        <tr>
          <th>{{ tell('common.harvest') }}</th>
          <th class="num">{{ tell('PressPanel.dripped') }}</th>
          <th class="num">{{ tell('PressPanel.pressed') }}</th>
          <th class="num">{{ tell('PressPanel.left') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in past" :key="r.drainId">
          <td>{{ r.hiveName }}, {{ r.date }}</td>
          <td class="num">{{ massText(r.drippedG / 1000, units, 2) }}</td>
          <td class="num">{{ massText(r.pressedG / 1000, units, 2) }}</td>
          <td class="num">{{ percent(r.residualShare) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.press {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.text {
  font-size: 17px;
}
.big {
  font-size: 27px;
  display: block;
}
svg {
  max-width: 100%;
  height: auto;
  overflow: visible;
}
</style>
