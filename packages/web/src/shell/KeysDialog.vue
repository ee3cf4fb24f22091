<script setup lang="ts">
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import ToggleSwitch from 'primevue/toggleswitch';
import { useJournal, useRefresh } from '../api/queries.js';
import { Refused, send } from '../api/client.js';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { helpOf } from './help.js';
import { useUi } from './ui.js';
import { said } from './units.js';

const visible = defineModel<boolean>('visible', { required: true });
const ui = useUi();
const route = useRoute();
const help = computed(() => helpOf(String(route.name ?? '')));
const refresh = useRefresh();
const { data: journal } = useJournal();
const refused = ref('');
const keys = [
  [', .', 'stage before, after'],
  ['← →', 'comb before, after'],
  ['A B', 'side of the comb'],
  ['T', 'take the comb in hand, or put it back, in Choose'],
  ['D', 'Today'],
  ['R', 'Rules'],
  ['U', 'undo the last entry'],
  ['V', 'drawing or table'],
  ['M', 'sun mode'],
  ['Space', 'the next step, in Take'],
  ['/', 'find anything by its name'],
  ['?', 'this list'],
  ['Esc', 'put it down'],
];
async function undo(commandId: string): Promise<void> {
  refused.value = '';
  try {
    await send('/undo', { commandId });
    await refresh();
  } catch (error) {
    refused.value = error instanceof Refused ? error.message : 'This could not be undone.';
  }
}
</script>

<template>
  <DialogFrame v-model:visible="visible" header="Help, keys and undo" :width="720">
    <div class="two">
      <section>
        <h2 class="furrow-heading">{{ help.title }}</h2>
        <p v-for="sentence in help.sentences" :key="sentence" class="help">{{ sentence }}</p>
        <h2 class="furrow-heading">Keys</h2>
        <dl>
          <div v-for="[key, does] in keys" :key="key">
            <dt>
              <span class="kbd">{{ key }}</span>
            </dt>
            <dd>{{ does }}</dd>
          </div>
        </dl>
        <label class="switch"
          ><ToggleSwitch v-model="ui.keysOn" input-id="keys-on" /> Keys are on</label
        >
        <label class="switch"><ToggleSwitch v-model="ui.sun" input-id="sun-on" /> Sun mode</label>
      </section>
      <section>
        <h2 class="furrow-heading">Last entries</h2>
        <p v-if="refused" class="rust" role="alert">{{ refused }}</p>
        <p v-if="!journal?.length" class="sub">Nothing was written yet.</p>
        <ul>
          <li
            v-for="line in journal?.slice(0, 8)"
            :key="line.commandId"
            :class="{ undone: line.undoneBy }"
          >
            <span
              >{{ said(line.sentence) }}<template v-if="line.undoneBy"> (undone)</template
              ><span v-if="line.by" class="by">{{ line.by }}</span></span
            >
            <Button
              v-if="!line.undoneBy"
              text
              label="Undo"
              :aria-label="`Undo: ${said(line.sentence)}`"
              @click="undo(line.commandId)"
            />
          </li>
        </ul>
      </section>
    </div>
  </DialogFrame>
</template>

<style scoped>
.by {
  display: block;
  font-size: 14px;
  color: var(--ink-2);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
}
.help {
  margin: 4px 0;
}
dl > div {
  display: flex;
  gap: 12px;
  padding: 4px 0;
  align-items: center;
}
dt {
  min-width: 60px;
}
.switch {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 44px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  border-bottom: var(--line);
  min-height: 48px;
}
.undone {
  color: var(--ink-3);
  text-decoration: line-through;
}
@media (max-width: 599px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
