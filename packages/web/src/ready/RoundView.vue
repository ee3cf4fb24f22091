<script setup lang="ts">
import { figure, massText, volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import { METRIC, boxWish, planRound, siteDate, stateAt, type RoundHive } from '@furrow/core';

import Button from 'primevue/button';
import { computed } from 'vue';
import FaintDrawing from '../parts/FaintDrawing.vue';
import StateLine from '../parts/StateLine.vue';
import { useGear, useHives, useRules } from '../api/queries.js';
import { useDraft } from '../shell/draft.js';
import { dateText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';

/**
 * A round of hives: which wants a box, what is in stock, what the vehicle takes, when to come back.
 */
const hives = useHives();
const rules = useRules();
const gear = useGear();
const now = useNow();
/** What the person says each should get; without it the suggestion counts. */
const { draft } = useDraft<{ needs: Record<string, number> }>('round', () => ({ needs: {} }));
const loading = computed(
  () => hives.isLoading.value || rules.isLoading.value || gear.isLoading.value,
);
const error = failureOf(hives, rules, gear);
const onRound = computed((): RoundHive[] => {
  const house = rules.data.value?.rules;
  if (!house) return [];
  return (hives.data.value ?? []).flatMap((hive) => {
    const { flow } = stateAt(hive, now.value.toISOString(), house);
    const wish = boxWish(hive, flow?.flow ?? null, house.extraSuper);
    if (!wish) return [];
    return [{ ...wish, need: draft.value.needs[hive.id] ?? wish.suggested ?? 0 }];
  });
});
/** Empty boxes and supers in stock, and how large and heavy one of them is. */
const boxes = computed(() => (gear.data.value ?? []).filter((g) => g.kind === 'empty-super'));
const stock = computed(() => boxes.value.reduce((n, g) => n + g.stock, 0));
const today = computed(() => {
  const first = hives.data.value?.[0];
  return first ? siteDate(first, now.value.toISOString()) : '';
});
const plan = computed(() =>
  planRound({
    hives: onRound.value,
    stock: stock.value,
    box: {
      volumeL: boxes.value[0]?.volumeL ?? 0,
      weightKg: boxes.value[0]?.weightKg ?? 0,
    },
    vehicle: {
      volumeL: rules.data.value?.rules.vehicleL ?? null,
      weightKg: rules.data.value?.rules.vehicleKg ?? null,
    },
    today: today.value,
  }),
);
const units = computed(() => rules.data.value?.rules.units ?? METRIC);
const step = (h: RoundHive, by: number): void => {
  draft.value.needs[h.hiveId] = Math.max(0, Math.min(9, h.need + by));
};
const headline = computed(() => {
  const { load, short } = plan.value;
  if (!load && !short) return tell('RoundView.no-hive-wants-box-now');
  const what = tell('RoundView.load-boxes', { load });
  return short ? tell('RoundView.more-would-be-needed-than', { what, short }) : `${what}.`;
});
const seenText = (h: RoundHive): string => {
  if (h.filledShare === null) return tell('RoundView.not-looked-into-touch-how');
  const filled = tell('RoundView.filled', { filledShare: Math.round(h.filledShare * 100) });
  const pace =
    h.aDay !== null && h.aDay >= 0.001
      ? tell('RoundView.day', { aDay: figure(h.aDay * 100, 1) })
      : '';
  return `${filled}${h.seenOn ? ' ' + tell('RoundView.on', { seenOn: dateText(h.seenOn) }) : ''}${pace}`;
};
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="hives.refetch()" />
  <div v-else-if="!onRound.length" class="stage wide">
    <header>
      <h1>{{ tell('RoundView.no-hive-in-boxes-yet') }}</h1>
    </header>
    <FaintDrawing of="boxes" />
    <p>
      {{ tell('RoundView.which-hive-wants-super-or') }}
    </p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/hives/new">{{
        tell('common.make-hive')
      }}</RouterLink>
    </div>
  </div>
  <div v-else class="stage wide bench">
    <header>
      <h1>{{ tell('common.round-hives') }}</h1>
      <RouterLink class="right" to="/ready">{{ tell('RoundView.back-to-ready') }}</RouterLink>
    </header>
    <p class="display big" role="status">{{ headline }}</p>
    <p>
      <b>{{ stock }}</b> {{ tell('RoundView.empty-in-stock')
      }}<template v-if="plan.trips && (plan.trips.volumeL || plan.trips.weightKg)">{{
        tell('RoundView.and-with-vehicle', {
          volumeL: volumeText(plan.trips.volumeL, units),
          weightKg: massText(plan.trips.weightKg, units, 0),
          trips:
            plan.trips.trips === 1
              ? tell('RoundView.one-trip')
              : tell('RoundView.trips', { trips: plan.trips.trips }),
        })
      }}</template
      >.
      <b v-if="plan.backOn">{{
        tell('RoundView.come-back-on', { backOn: dateText(plan.backOn) })
      }}</b>{{ ' ' }}
      <RouterLink to="/rules?at=kit">{{ tell('RoundView.boxes-in-stock-and-vehicle') }}</RouterLink>
    </p>
    <ul :aria-label="tell('RoundView.hives-round')">
      <li v-for="h in plan.hives" :key="h.hiveId">
        <RouterLink :to="`/look/${h.hiveId}`"
          ><b class="display">{{ h.name }}</b></RouterLink
        >
        <span class="sub">{{ h.siteName }}</span>
        <svg width="120" height="26" role="img" :aria-label="seenText(h)">
          <rect x="1" y="3" width="118" height="20" fill="none" stroke="var(--ink)" />
          <rect
            v-if="h.filledShare"
            x="1"
            y="3"
            :width="118 * h.filledShare"
            height="20"
            fill="url(#p-capped)"
            stroke="var(--ink)"
          />
        </svg>
        <span class="seen">{{ seenText(h) }}</span>
        <span class="needs">
          <Button
            outlined
            :aria-label="tell('RoundView.needs-one-less', { h: h.name })"
            label="−"
            @click="step(h, -1)"
          />
          <b>{{ h.need }}</b>
          <Button
            outlined
            :aria-label="tell('RoundView.needs-one-more', { h: h.name })"
            label="+"
            @click="step(h, 1)"
          />
        </span>
        <span
          >{{
            tell('RoundView.gets', {
              there: h.there ? tell('RoundView.there', { there: h.there }) + ' ' : '',
            })
          }}
          <b>{{ h.gets }}</b><b v-if="h.short" class="rust">{{
            tell('RoundView.short', { short: h.short })
          }}</b
          ><template v-if="h.backOn">{{
            tell('RoundView.next-by', { backOn: dateText(h.backOn) })
          }}</template></span
        >
      </li>
    </ul>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{ tell('RoundView.hive-wants-next-box-once') }}
      </p>
    </details>
  </div>
</template>

<style scoped>
.big {
  font-size: 34px;
  line-height: 42px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 110px 120px 124px minmax(0, 1fr) 190px minmax(0, 1fr);
  gap: 4px 14px;
  align-items: center;
  border-bottom: var(--line);
  padding: 6px 0;
}
.needs {
  display: flex;
  gap: 12px;
  align-items: center;
  font-size: 22px;
}
.needs :deep(.p-button) {
  min-width: 64px;
  min-height: 64px;
  font-size: 24px;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: 1fr 1fr;
  }
  .seen {
    grid-column: 1 / -1;
  }
}
</style>
