<script setup lang="ts">
import { tell } from '../words/tell.js';
import FileKey from '../parts/FileKey.vue';
import {
  BadInput,
  saidOf,
  fromSenml,
  streamQuestions,
  type Drain,
  type InstrumentReading,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { newId, send, serverNow } from '../api/client.js';
import { useRefresh } from '../api/queries.js';
import { useUi } from '../shell/ui.js';
import { said } from '../words/units.js';

/**
 * Readings leave and come in as SenML. What a file would do is shown before it is done; a broken
 * one changes nothing.
 */
const props = defineProps<{ drain: Drain }>();
const ui = useUi();
const refresh = useRefresh();
const found = ref<InstrumentReading[] | null>(null);
const says = ref<string | null>(null);
const busy = ref(false);
const inTime = computed(() =>
  (found.value ?? []).filter(
    (r) => r.at >= props.drain.startedAt && r.at <= serverNow().toISOString(),
  ),
);
const count = (quantity: InstrumentReading['quantity']): number =>
  inTime.value.filter((r) => r.quantity === quantity).length;
const usable = computed(() => count('mass') + count('temperature') + count('moisture'));
const asks = computed(() => streamQuestions(props.drain.readings));
async function choose(file: File): Promise<void> {
  found.value = says.value = null;
  try {
    found.value = fromSenml(JSON.parse(await file.text()), serverNow().toISOString());
  } catch (error) {
    says.value =
      error instanceof BadInput
        ? tell('ReadingsDialog.nothing-was-changed', {
            message: saidOf(error),
            path: error.path ? ` (${error.path})` : '',
          })
        : tell('ReadingsDialog.this-file-no-json-nothing');
  }
}
async function bring(): Promise<void> {
  busy.value = true;
  try {
    const mass = inTime.value
      .filter((r) => r.quantity === 'mass')
      .map((r) => ({ at: r.at, g: r.value }));
    let [added, known] = [0, 0];
    for (let i = 0; i < mass.length; i += 2000) {
      const answer = await send('/readings', {
        id: newId(),
        drainId: props.drain.id,
        instrument: tell('ReadingsDialog.from-file'),
        readings: mass.slice(i, i + 2000),
      });
      added += answer.added;
      known += answer.known;
    }
    for (const r of inTime.value.filter(
      (x) =>
        x.quantity === 'temperature' &&
        x.value >= 5 &&
        x.value <= 45 &&
        !props.drain.events.some((e) => e.kind === 'temperature' && e.occurredAt === x.at),
    ))
      await send(
        '/drainEvents',
        {
          id: newId(),
          drainId: props.drain.id,
          kind: 'temperature',
          temperatureC: r.value,
          minutes: 0,
        },
        { occurredAt: r.at },
      );
    for (const r of inTime.value.filter(
      (x) =>
        x.quantity === 'moisture' &&
        x.value >= 10 &&
        x.value <= 40 &&
        !props.drain.events.some((e) => e.kind === 'moisture' && e.occurredAt === x.at),
    ))
      await send(
        '/drainEvents',
        {
          id: newId(),
          drainId: props.drain.id,
          kind: 'moisture',
          moisturePercent: Number(r.value.toFixed(2)),
          minutes: 0,
        },
        { occurredAt: r.at },
      );
    ui.say(
      tell('ReadingsDialog.readings-came-in', {
        added,
        known: known ? tell('ReadingsDialog.were-there-already', { known }) : '',
      }),
    );
    found.value = null;
    await refresh();
  } catch (error) {
    says.value =
      error instanceof Error ? error.message : tell('ReadingsDialog.this-did-not-work-nothing');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="acts">
    <p>
      {{
        tell('ReadingsDialog.readings-stand-beside-this-drain', {
          readings: drain.readings.length,
        })
      }}<template v-if="asks.length"
        >{{ ' '
        }}{{
          tell('ReadingsDialog.in-row', {
            asks: asks
              .map((q) => said(q.sentence))
              .slice(0, 3)
              .join(' '),
          })
        }}</template
      >
    </p>
    <a
      class="p-button p-component p-button-outlined"
      :href="`/api/v1/drains/${drain.id}/readings.senml.json`"
      download
      >{{ tell('ReadingsDialog.take-readings-out-senml') }}</a
    >
    <FileKey
      :label="tell('ReadingsDialog.bring-readings-in-senml-file')"
      :reads="tell('ReadingsDialog.bring-readings-in-senml-file')"
      accept=".json,application/senml+json"
      @chosen="choose"
    />
    <p v-if="says" class="rust" role="alert">
      <b>{{ said(says) }}</b>
    </p>
    <template v-if="found"
      ><p>
        <b>{{ tell('ReadingsDialog.this-will-come-in') }}</b>
        {{
          tell('ReadingsDialog.weights-lower-vessel-temperatures', {
            weights: count('mass'),
            temperatures: count('temperature'),
            waters: count('moisture'),
            leftOut: found.length - usable,
          })
        }}
      </p>
      <Button
        :label="tell('ReadingsDialog.bring-them-in')"
        :disabled="usable === 0"
        :loading="busy"
        @click="bring"
    /></template>
  </div>
</template>
