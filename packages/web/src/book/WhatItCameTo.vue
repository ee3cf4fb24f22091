<script setup lang="ts">
import { said } from '../words/units.js';
import {
  estimateRangeText,
  figure,
  massRangeText,
  massText,
  smallMassText,
  temperatureText,
  volumeText,
  weighedText,
} from '../words/figures.js';
import { eitherOf, tell } from '../words/tell.js';
import {
  harvestAccount,
  hoursText,
  unitAt,
  unitWord,
  type BatchDetail,
  type BoxAccount,
  type JarKindRecord,
  type Range,
  type UnitAccount,
  type Units,
  type WeighedBefore,
  guessOffSaid,
  whyLost,
  type Say,
} from '@furrow/core';
import { gramsPerLarge } from '@furrow/words';
import { computed } from 'vue';

/**
 * What a harvest came to: each comb beside its estimate and guess, then everything people work out
 * at the end.
 */
const props = defineProps<{
  detail: BatchDetail;
  jars: readonly JarKindRecord[];
  units: Units;
  currency: string;
  /** Combs weighed before, for what is usual here. */
  before: readonly WeighedBefore[];
}>();
const account = computed(() => harvestAccount(props.detail, props.jars, props.before));
const W = 320;
/** One row of the drawing: a comb, or a box that was weighed whole. */
interface Row {
  key: string;
  name: string;
  netG: number;
  estimateG: Range | null;
  guessG: number | null;
  ofFullShare: number | null;
  says: string;
}
/** Grams at the right end of the drawing: a full one, or the heaviest that was weighed. */
const most = computed(() =>
  Math.max(
    1,
    ...rows.value.flatMap((u) => [
      u.netG,
      u.guessG ?? 0,
      u.estimateG?.high ?? 0,
      u.ofFullShare ? u.netG / u.ofFullShare : 0,
    ]),
  ),
);
const x = (g: number): number => Math.min(W, (g / most.value) * W);
const nameOf = (u: UnitAccount): string => said(unitAt(props.detail.hive.kind, u.slot));
const off = (percent: number | null, than: string): string | null => {
  if (percent === null) return null;
  const whole = Math.round(Math.abs(percent));
  return whole === 0
    ? tell('WhatItCameTo.as', { than })
    : tell('WhatItCameTo.text', {
        whole,
        percent: percent > 0 ? tell('WhatItCameTo.over') : tell('WhatItCameTo.under'),
        than,
      });
};
const guessText = (offPercent: number | null): string | null =>
  offPercent === null
    ? null
    : tell('WhatItCameTo.guessed', { offPercent: guessOffSaid(offPercent) });
/**
 * A box of combs in words: what share of a full one, and how far its looks and its guess were off.
 */
const boxSays = (b: BoxAccount): string =>
  [
    b.ofFullShare === null
      ? null
      : tell('WhatItCameTo.full-one', { ofFullShare: Math.round(b.ofFullShare * 100) }),
    off(b.overEstimatePercent, tell('WhatItCameTo.estimate')),
    guessText(b.guessOffPercent),
  ]
    .filter(Boolean)
    .join(', ');
const says = (u: UnitAccount): string =>
  [
    u.ofFullShare === null
      ? null
      : tell('WhatItCameTo.full-one', { ofFullShare: Math.round(u.ofFullShare * 100) }),
    off(u.overUsualPercent, tell('WhatItCameTo.your-usual')),
    off(u.overEstimatePercent, tell('WhatItCameTo.estimate')),
    guessText(u.guessOffPercent),
    u.netBy === 'estimate' ? tell('WhatItCameTo.by-estimate') : null,
  ]
    .filter(Boolean)
    .join(', ');
const byBox = computed(
  () => new Set(props.detail.takes.filter((t) => t.byBox).map((t) => Math.floor(t.slot / 100))),
);
/** Combs weighed one by one, and boxes weighed whole: their combs have no weight of their own. */
const rows = computed((): Row[] => [
  ...account.value.units
    .filter((u) => !byBox.value.has(Math.floor(u.slot / 100)))
    .map((u) => ({ ...u, key: u.takeId, name: nameOf(u), says: says(u) })),
  ...account.value.boxes
    .filter((b) => byBox.value.has(b.number))
    .map((b) => ({
      ...b,
      key: `box-${b.number}`,
      name: tell('WhatItCameTo.box', { number: b.number }),
      netG: b.combG,
      says: boxSays(b),
    })),
]);
const honey = computed(() => {
  const { honeyG, honeyL, waterPercent } = account.value;
  if (!honeyG) return null;
  const water =
    waterPercent === null
      ? tell('WhatItCameTo.18-water-not-measured')
      : tell('WhatItCameTo.water', { waterPercent: figure(waterPercent, 1) });
  return tell('WhatItCameTo.honey-at', {
    honeyG: weighedText(honeyG, props.units),
    honeyL: volumeText(honeyL, props.units),
    water,
  });
});
/** Why it was lost, as it stands within a sentence. */
const lossWord = (reason: Say): string => {
  const text = said(whyLost(reason));
  return text.charAt(0).toLowerCase() + text.slice(1);
};
/** Some jars of a kind, in tenths while they are few. */
const jarsText = (n: number): string => (n < 20 ? figure(n, 1) : String(Math.floor(n)));
const inJars = computed(() => {
  const kinds = account.value.jars;
  if (!kinds.length) return null;
  const all = eitherOf(kinds.map((j) => `${jarsText(j.all)} × ${j.name}`));
  const one = kinds.flatMap((j) =>
    j.perUnit === null ? [] : `${jarsText(j.perUnit)} × ${j.name}`,
  );
  const unit = said(unitWord(props.detail.hive.kind));
  return tell('WhatItCameTo.in-jars', {
    all,
    one:
      one.length && account.value.units.length > 1
        ? tell('WhatItCameTo.one-fills', { unit, one: eitherOf(one) })
        : '',
  });
});
const AGAINST = {
  less: tell('WhatItCameTo.less-than-that'),
  within: tell('WhatItCameTo.as-promised'),
  more: tell('WhatItCameTo.more-than-that'),
};
/** The unit that minutes and money are said by, and its kilograms. */
const per = computed(() => ({
  word: props.units.mass === 'pounds' ? tell('WhatItCameTo.pound') : tell('WhatItCameTo.kilogram'),
  kg: gramsPerLarge(props.units) / 1000,
}));
const promised = computed(() => {
  const { promisedKg, against } = account.value;
  if (!promisedKg) return null;
  const range = massRangeText(promisedKg, props.units);
  return tell('WhatItCameTo.choice-promised', {
    range,
    against: against ? `: ${AGAINST[against]}` : '',
  });
});
const PRESS_HELD = {
  less: tell('WhatItCameTo.less-than-tenth-that-people'),
  as: tell('WhatItCameTo.about-tenth-that-people-speak'),
  more: tell('WhatItCameTo.more-than-tenth-that-people'),
};
/** Box by box, where there is more than one comb to a box or more than one box. */
const boxLines = computed(() =>
  account.value.boxes.map((b) => {
    const honeyG = b.drippedG + b.pressedG;
    const beside = byBox.value.has(b.number) ? '' : boxSays(b);
    const comb = tell('WhatItCameTo.box-comb', {
      number: b.number,
      combG: weighedText(b.combG, props.units),
      beside: beside ? ` (${beside})` : '',
    });
    if (honeyG <= 0) return `${comb}.`;
    const all = weighedText(Math.round(honeyG), props.units);
    if (b.pressedG <= 0) return tell('WhatItCameTo.honey', { comb, all });
    const dripped = weighedText(Math.round(b.drippedG), props.units);
    return tell('WhatItCameTo.dripped-and-pressed', {
      comb,
      dripped,
      pressedG: weighedText(Math.round(b.pressedG), props.units),
      all,
    });
  }),
);
const pressed = computed(() => {
  const found = account.value.pressed;
  if (!found) return null;
  const mass = smallMassText(found.g, props.units, 1);
  return tell('WhatItCameTo.press-brought-it', {
    mass,
    share: Math.round(found.share * 100),
    held: PRESS_HELD[found.held],
  });
});
const inWax = computed(() => {
  const { inWaxG } = account.value;
  if (!inWaxG) return null;
  const kg = { low: inWaxG.low / 1000, mid: inWaxG.mid / 1000, high: inWaxG.high / 1000 };
  return tell('WhatItCameTo.about-honey-stayed-in-wet', { kg: estimateRangeText(kg, props.units) });
});
const nectar = computed(() => {
  const { nectarKg, honeyG } = account.value;
  if (nectarKg === null || honeyG <= 0) return null;
  return tell('WhatItCameTo.bees-carried-about-nectar-for', {
    nectarKg: massText(nectarKg, props.units, 0),
  });
});
const hands = computed(() => {
  const { minutesPerKg, handsOnMinutes, elapsedHours } = account.value;
  if (minutesPerKg === null) return null;
  const within =
    elapsedHours === null ? '' : tell('WhatItCameTo.within', { hours: hoursText(elapsedHours) });
  const each = figure(minutesPerKg * per.value.kg);
  return tell('WhatItCameTo.your-hands-min-min', {
    handsOnMinutes,
    within,
    each,
    word: per.value.word,
  });
});
const jarsCost = computed(() => {
  const { jarCostPerKg } = account.value;
  if (jarCostPerKg === null) return null;
  const each = figure(jarCostPerKg * per.value.kg, 2);
  return tell('WhatItCameTo.empty-jars', { currency: props.currency, each, word: per.value.word });
});
const losses = computed(() =>
  account.value.losses.map(({ g, reason }) =>
    tell('WhatItCameTo.lost', { g: smallMassText(g, props.units, 1), reason: lossWord(reason) }),
  ),
);
const lines = computed(() =>
  [
    honey.value,
    inJars.value,
    promised.value,
    ...boxLines.value,
    pressed.value,
    inWax.value,
    nectar.value,
    hands.value,
    jarsCost.value,
    ...losses.value,
  ].filter((line) => line !== null),
);
</script>

<template>
  <section v-if="account.units.length || lines.length" class="account">
    <h2 class="furrow-heading">{{ tell('WhatItCameTo.what-it-came-to') }}</h2>
    <p v-for="line in lines" :key="line">{{ line }}</p>
    <ul v-if="rows.length" :aria-label="tell('WhatItCameTo.each-beside-its-estimate-and')">
      <li v-for="u in rows" :key="u.key">
        <b>{{ u.name }}</b>
        <svg :width="W + 4" height="26" aria-hidden="true">
          <rect
            v-if="u.ofFullShare"
            x="1"
            y="5"
            :width="x(u.netG / u.ofFullShare)"
            height="14"
            fill="none"
            stroke="var(--lichen-5)"
            stroke-dasharray="4 3"
          />
          <rect
            x="1"
            y="5"
            :width="x(u.netG)"
            height="14"
            fill="url(#p-capped)"
            stroke="var(--ink)"
          />
          <path
            v-if="u.estimateG"
            :d="`M${x(u.estimateG.low)} 22H${x(u.estimateG.high)}M${x(u.estimateG.low)} 19v6M${x(u.estimateG.high)} 19v6`"
            stroke="var(--ink)"
            stroke-width="1.5"
            fill="none"
          />
          <path v-if="u.guessG" :d="`M${x(u.guessG) - 5} 0h10l-5 7Z`" fill="var(--rust)" />
        </svg>
        <span
          ><b>{{ weighedText(u.netG, units) }}</b
          >{{ u.says ? `, ${u.says}` : '' }}</span
        >
      </li>
    </ul>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{
          tell('WhatItCameTo.filled-what-was-weighed-dashed', {
            temperatureText: temperatureText(20, units),
          })
        }}
      </p>
    </details>
  </section>
</template>

<style scoped>
.account p {
  margin: 2px 0;
}
ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 90px auto 1fr;
  gap: 4px 12px;
  align-items: center;
  padding: 3px 0;
}
svg {
  max-width: 100%;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
    gap: 0;
    padding: 6px 0;
  }
}
</style>
