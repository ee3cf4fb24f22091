<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { HouseDevice } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import StateLine from '../parts/StateLine.vue';
import { ask } from '../api/client.js';
import { aboutAgo } from './lastSeen.js';
import HouseNames from './HouseNames.vue';
import PairingCode from './PairingCode.vue';
import { useHouse, useMe } from './useHouse.js';
import { useWorldNow } from './useWorldNow.js';
import { comesLater } from '../parts/comesLater.js';

// It reads what another device wrote by every schema.
const TakeOver = comesLater(() => import('./TakeOver.vue'));

/** Who is let in besides this machine: the door of the house, a code for one phone, the phones. */
const { data: me } = useMe();
const atTable = computed(() => me.value?.at === 'table');
const { house, error, isLoading, refetch, busy, refusal, nameRefusal, call, share, letIn, remove } =
  useHouse(atTable);
const now = useWorldNow();
const address = computed(() => house.value?.sharing.addresses[0] ?? null);
/** Of a machine in several networks: a phone in another reaches it by these. */
const otherAddresses = computed(() => house.value?.sharing.addresses.slice(1) ?? []);
const whose = (device: HouseDevice): string =>
  tell('InTheHouse.text', {
    person: device.person,
    kind:
      device.kind === 'helper' ? tell('InTheHouse.helper-for-today') : tell('InTheHouse.household'),
  });
async function leave(): Promise<void> {
  await ask('/house/leave');
  location.assign('/');
}
</script>

<template>
  <section class="house" aria-labelledby="in-the-house">
    <h2 id="in-the-house" class="furrow-heading">{{ tell('common.in-house') }}</h2>
    <div v-if="me && !atTable" class="line">
      <p>
        {{ tell('InTheHouse.this') }} <b>{{ me.name }}</b>{{
          tell('InTheHouse.s-who-else-let-in', { person: me.person })
        }}
      </p>
      <Button outlined :label="tell('InTheHouse.let-this-phone-in-no')" @click="leave" />
    </div>
    <StateLine
      v-else-if="isLoading || error"
      :loading="isLoading"
      :error="error"
      @retry="refetch()"
    />
    <template v-else-if="house">
      <p v-if="refusal" class="rust" role="alert">{{ refusal }}</p>
      <template v-if="!house.sharing.on">
        <p class="wide">
          {{ tell('InTheHouse.furrow-answers-this-machine-alone') }}
        </p>
        <Button
          class="main"
          :disabled="busy"
          :label="tell('InTheHouse.open-door-house')"
          @click="share(true)"
        />
      </template>
      <template v-else>
        <p v-if="address" class="wide">
          {{ tell('InTheHouse.door-open-at') }} <b class="address">{{ address }}</b>{{
            tell('InTheHouse.for-phones-that-were-let')
          }}<template v-if="otherAddresses.length"
            >{{ ' '
            }}{{
              tell('InTheHouse.from-another-its-networks', {
                otherAddresses: otherAddresses.join(', '),
              })
            }}</template
          >
        </p>
        <p v-else class="wide rust" role="alert">
          {{ tell('InTheHouse.this-machine-in-no-network') }}
        </p>
        <PairingCode v-if="house.pairing && address" :pairing="house.pairing" :address="address" />
        <div class="keys">
          <Button
            :disabled="busy || !address"
            :outlined="house.pairing !== null"
            :label="tell('InTheHouse.let-phone-in')"
            @click="letIn('household')"
          />
          <Button
            outlined
            :disabled="busy || !address"
            :label="tell('InTheHouse.let-helper-in-for-today')"
            @click="letIn('helper')"
          />
          <Button
            text
            :disabled="busy"
            :label="tell('InTheHouse.shut-door')"
            @click="share(false)"
          />
        </div>
        <p class="sub wide">
          {{ tell('InTheHouse.helpers-phone-sees-today-look') }}
        </p>
      </template>
      <ul
        v-if="house.devices.length"
        class="devices"
        :aria-label="tell('InTheHouse.phones-that-are-let-in')"
      >
        <li v-for="device in house.devices" :key="device.id">
          <svg class="phone" viewBox="0 0 26 44" aria-hidden="true">
            <rect x="1.5" y="1.5" width="23" height="41" rx="4" />
            <path d="M10 38h6" />
          </svg>
          <span class="who"
            ><b>{{ device.name }}</b
            ><span class="sub">{{ whose(device) }}</span></span
          >
          <span class="sub">{{ aboutAgo(device.lastSeenAt, now) }}</span>
          <Button
            outlined
            severity="danger"
            :label="tell('common.remove')"
            :aria-label="tell('InTheHouse.let-in-no-longer', { device: device.name })"
            :disabled="busy"
            @click="remove(device.id)"
          />
        </li>
      </ul>
      <p v-else class="sub">{{ tell('InTheHouse.no-phone-let-in') }}</p>
      <HouseNames
        v-if="house.sharing.on"
        :names="house.sharing.names"
        :busy="busy"
        :refusal="nameRefusal"
        @call="call"
      />
      <details v-if="house.sharing.fingerprint" class="how">
        <summary>{{ tell('InTheHouse.how-phone-knows-that-it') }}</summary>
        <p class="wide">
          {{ tell('InTheHouse.furrow-made-certificate-this') }}
          <code>{{ house.sharing.fingerprint }}</code>
        </p>
      </details>
    </template>
    <TakeOver v-if="me" />
  </section>
</template>

<style scoped>
.house {
  display: flex;
  flex-direction: column;
  gap: 14px;
  align-items: flex-start;
  width: 100%;
  max-width: 900px;
}
.wide {
  margin: 0;
  max-width: 64ch;
}
.address {
  font-size: 22px;
  white-space: nowrap;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.devices {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 100%;
}
.devices li {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr) auto auto;
  gap: 16px;
  align-items: center;
  min-height: 72px;
  border-top: 1px solid var(--lichen-5);
}
.phone {
  height: 44px;
  fill: var(--lime-0);
  stroke: var(--ink);
  stroke-width: 2;
}
.who {
  display: flex;
  flex-direction: column;
}
code {
  overflow-wrap: anywhere;
}
@media (max-width: 599px) {
  .devices li {
    grid-template-columns: 32px minmax(0, 1fr) auto;
  }
  .devices li > .sub {
    grid-column: 2;
    grid-row: 2;
  }
}
</style>
