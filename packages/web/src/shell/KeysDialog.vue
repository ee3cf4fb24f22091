<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import ToggleSwitch from 'primevue/toggleswitch';
import { useJournal, useRefresh } from '../api/queries.js';
import { Refused, send } from '../api/client.js';
import { oneAtATime } from '../parts/oneTouch.js';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { helpOf } from './help.js';
import { useUi } from './ui.js';
import { said } from '../words/units.js';

const visible = defineModel<boolean>('visible', { required: true });
const ui = useUi();
const route = useRoute();
const help = computed(() => helpOf(String(route.name ?? '')));
const refresh = useRefresh();
const { data: journal } = useJournal();
const refused = ref('');
const keys = [
  [', .', tell('KeysDialog.stage-before-after')],
  ['← →', tell('KeysDialog.comb-before-after')],
  ['A B', tell('KeysDialog.side-comb')],
  ['T', tell('KeysDialog.take-comb-in-hand-or')],
  ['D', tell('common.today')],
  ['R', tell('common.rules')],
  ['U', tell('KeysDialog.undo-last-entry')],
  ['V', tell('KeysDialog.drawing-or-table')],
  ['M', tell('KeysDialog.sun-mode')],
  [tell('KeysDialog.space'), tell('KeysDialog.next-step-in-take')],
  [tell('KeysDialog.page-down'), tell('KeysDialog.next-step-by-pedal')],
  ['/', tell('KeysDialog.find-anything-by-its-name')],
  ['?', tell('KeysDialog.this-list')],
  [tell('KeysDialog.esc'), tell('KeysDialog.put-it-down')],
];
const undo = oneAtATime(async (commandId: string): Promise<void> => {
  refused.value = '';
  try {
    await send('/undo', { commandId });
    await refresh();
  } catch (error) {
    refused.value =
      error instanceof Refused ? error.message : tell('KeysDialog.this-could-not-be-undone');
  }
});
</script>

<template>
  <DialogFrame v-model:visible="visible" :header="tell('common.help-keys-and-undo')" :width="720">
    <div class="two">
      <section>
        <h2 class="furrow-heading">{{ help.title }}</h2>
        <p v-for="sentence in help.sentences" :key="sentence" class="help">{{ sentence }}</p>
        <h2 class="furrow-heading">{{ tell('KeysDialog.keys') }}</h2>
        <dl>
          <div v-for="[key, does] in keys" :key="key">
            <dt>
              <span class="kbd">{{ key }}</span>
            </dt>
            <dd>{{ does }}</dd>
          </div>
        </dl>
        <label class="switch"
          ><ToggleSwitch v-model="ui.keysOn" input-id="keys-on" />
          {{ tell('KeysDialog.keys-are-on') }}</label
        >
        <label class="switch"
          ><ToggleSwitch v-model="ui.sun" input-id="sun-on" /> {{ tell('common.sun-mode') }}</label
        >
      </section>
      <section>
        <h2 class="furrow-heading">{{ tell('KeysDialog.last-entries') }}</h2>
        <p v-if="refused" class="rust" role="alert">{{ refused }}</p>
        <p v-if="!journal?.length" class="sub">{{ tell('KeysDialog.nothing-was-written-yet') }}</p>
        <ul>
          <li
            v-for="line in journal?.slice(0, 8)"
            :key="line.commandId"
            :class="{ undone: line.undoneBy }"
          >
            <span
              >{{ said(line.sentence)
              }}<template v-if="line.undoneBy">{{ ' ' }}{{ tell('KeysDialog.undone') }}</template
              ><span v-if="line.by" class="by">{{ line.by }}</span></span
            >
            <Button
              v-if="!line.undoneBy"
              text
              :label="tell('common.undo')"
              :aria-label="tell('KeysDialog.undo', { sentence: said(line.sentence) })"
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
