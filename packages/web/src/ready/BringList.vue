<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { BringLine, Tick } from '@furrow/core';
import { computed } from 'vue';
import { said } from '../words/units.js';

/** What to bring and have, ticked off a line at a time; what is missing says what to do instead. */
const props = defineProps<{
  lines: readonly BringLine[];
  ticks: readonly Tick[];
  large?: boolean;
}>();
const emit = defineEmits<{ tick: [line: BringLine, state: 'have' | 'missing' | 'open'] }>();
const stateOf = (line: BringLine): Tick['state'] =>
  props.ticks.find((t) => t.line === line.id)?.state ?? 'open';
const groups = computed(() =>
  (
    [
      ['hive', tell('BringList.to-hive')],
      ['bench', tell('common.at-bench')],
    ] as const
  )
    .map(([where, title]) => ({ title, lines: props.lines.filter((l) => l.where === where) }))
    .filter((g) => g.lines.length),
);
</script>

<template>
  <div class="bring" :class="{ large }">
    <section v-for="g in groups" :key="g.title">
      <h3>
        {{ g.title }}
        <span class="sub">{{
          tell('BringList.text', {
            lines: g.lines.filter((l) => stateOf(l) === 'have').length,
            lines2: g.lines.length,
          })
        }}</span>
      </h3>
      <ul>
        <li v-for="line in g.lines" :key="line.id" :class="{ got: stateOf(line) === 'have' }">
          <label
            ><input
              type="checkbox"
              :checked="stateOf(line) === 'have'"
              @change="emit('tick', line, stateOf(line) === 'have' ? 'open' : 'have')"
            /><span
              ><b>{{ said(line.text) }}</b
              ><span class="sub">{{ said(line.serves) }}</span></span
            ></label
          >
          <button
            type="button"
            class="missing"
            :aria-pressed="stateOf(line) === 'missing'"
            :aria-label="tell('BringList.missing', { line: line.text })"
            @click="emit('tick', line, stateOf(line) === 'missing' ? 'open' : 'missing')"
          >
            {{ tell('BringList.missing-2') }}
          </button>
          <p
            v-if="stateOf(line) === 'missing' || line.short > 0"
            class="instead"
            :class="{ rust: line.short > 0 }"
          >
            {{ said(line.ifMissing) }}
          </p>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.bring {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 28px;
}
h3 {
  font: 600 16px/24px var(--display);
}
ul {
  list-style: none;
  margin: 2px 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  border-bottom: var(--line);
  padding: 3px 0;
}
label {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
}
label > span {
  display: flex;
  flex-direction: column;
  line-height: 19px;
}
label .sub {
  font-size: 14px;
}
input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
  flex: none;
}
.got b {
  text-decoration: line-through;
  text-decoration-thickness: 1px;
  color: var(--ink-2);
}
.missing {
  font: inherit;
  font-size: 15px;
  min-height: 40px;
  padding: 0 10px;
  border: 1.5px solid transparent;
  border-radius: 6px;
  background: none;
  color: var(--ink-2);
  text-decoration: underline;
  cursor: pointer;
}
.missing[aria-pressed='true'] {
  border-color: var(--rust);
  color: var(--rust);
  font-weight: 700;
  text-decoration: none;
}
.instead {
  grid-column: 1 / -1;
  padding: 0 0 6px 36px;
  font-size: 15px;
}
.large {
  grid-template-columns: 1fr;
}
.large label {
  min-height: 64px;
  font-size: 18px;
}
.large label .sub {
  font-size: 16px;
}
.large input {
  width: 34px;
  height: 34px;
}
.large .missing {
  min-height: 64px;
  font-size: 17px;
}
.large .instead {
  font-size: 17px;
  padding-left: 46px;
}
@media (max-width: 700px) {
  .bring {
    grid-template-columns: 1fr;
  }
  label,
  .missing {
    min-height: 64px;
  }
}
</style>
