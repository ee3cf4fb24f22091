<script setup lang="ts">
import { measured, tell } from '../words/tell.js';
import type { JarKindRecord } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import { useJars } from '../api/queries.js';
import DialogFrame from '../parts/DialogFrame.vue';
import JarKindForm from './JarKindForm.vue';
import { JAR_PURPOSES, jarDraft, type JarDraft } from './jarDraft.js';

/** The kinds of jar and box of the kit, each a line; a touch opens the dialog that changes it. */
const { data: jars } = useJars();
const draft = ref<JarDraft | null>(null);
const edit = (kind?: JarKindRecord): void => void (draft.value = jarDraft(kind));
</script>

<template>
  <section class="kit">
    <h2 class="furrow-heading">{{ tell('JarKindsPanel.kit-jars-and-boxes') }}</h2>
    <p v-if="!jars?.length" class="sub">
      {{ tell('JarKindsPanel.none-yet-with-net-weight') }}
    </p>
    <table v-else class="plain jars">
      <thead>
        <tr>
          <th>{{ tell('JarKindsPanel.jar-or-box') }}</th>
          <th>{{ tell('JarKindsPanel.for') }}</th>
          <th class="num">{{ tell('JarKindsPanel.net') }}</th>
          <th class="num">{{ tell('common.tare') }}</th>
          <th class="num">{{ tell('common.in-stock') }}</th>
          <th class="num">{{ tell('JarKindsPanel.price') }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="j in jars" :key="j.id">
          <td>{{ j.name }}</td>
          <td>{{ JAR_PURPOSES[j.purpose] }}</td>
          <td class="num" data-word="net">{{ measured({ massG: j.netG, as: 'read' }) }}</td>
          <td class="num" data-word="tare">{{ measured({ massG: j.tareG, as: 'read' }) }}</td>
          <td class="num" data-word="in stock">{{ j.stock }}</td>
          <td class="num" data-word="price">{{ j.value }}</td>
          <td>
            <Button
              text
              :label="tell('common.change')"
              :aria-label="tell('JarKindsPanel.change', { j: j.name })"
              @click="edit(j)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <Button outlined :label="tell('JarKindsPanel.add-jars-or-boxes')" @click="edit()" />
    <DialogFrame
      :visible="draft !== null"
      :header="draft?.id ? tell('JarKindsPanel.change-jars') : tell('JarKindsPanel.kind-jar')"
      :width="480"
      @update:visible="draft = null"
    >
      <JarKindForm v-if="draft" :kind="draft" @close="draft = null" />
    </DialogFrame>
  </section>
</template>

<style scoped>
.kit {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
.kit > h2,
.kit > table {
  width: 100%;
}
/* Six columns do not fit a phone: each jar is a line of its name and one of its figures. */
@media (max-width: 599px) {
  .jars thead {
    display: none;
  }
  .jars,
  .jars tbody {
    display: block;
  }
  .jars tr {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: center;
    border-bottom: var(--line);
  }
  .jars td {
    border: 0;
    padding: 4px 0;
  }
  .jars td:first-child {
    flex: 1 0 55%;
    font-weight: 600;
  }
  .jars td[data-word]::before {
    content: attr(data-word) ' ';
    color: var(--ink-2);
    font-weight: 400;
  }
}
</style>
