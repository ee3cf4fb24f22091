import { judgeHiveAt, type Hive, type HouseRules, type Seen } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { serverNow } from '../api/client.js';

/** A look that is being made of one comb. */
export type Making = { combId: string; seen: Seen; droneShare?: number | null } | null;

/** A hive's combs judged now under the rules in force, a look being made in place of the last one. */
export const useJudged = (hive: Ref<Hive>, rules: Ref<HouseRules>, making: Ref<Making>) =>
  computed(() => judgeHiveAt(hive.value, rules.value, serverNow().toISOString(), making.value));
