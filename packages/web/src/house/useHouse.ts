import { tell } from '../words/tell.js';
import type { HouseDevice, HouseView } from '@furrow/core';
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, ref, type Ref } from 'vue';
import { Refused, ask, read } from '../api/client.js';

/** How often the table looks whether a phone has come in, while a code is open. */
const LOOK_MS = 2000;

/** Who uses this screen: the household at its own machine, or a device that was let in. */
export const useMe = () =>
  useQuery({
    queryKey: ['me'],
    queryFn: () => read('/house/me'),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The door of the house as the table sees it, and what is done about it. */
export function useHouse(atTable: Ref<boolean>) {
  const client = useQueryClient();
  const { data, error, isLoading, refetch } = useQuery({
    queryKey: ['house'],
    queryFn: () => read('/house'),
    enabled: atTable,
    refetchInterval: (query) => (query.state.data?.pairing ? LOOK_MS : false),
  });
  const busy = ref(false);
  const refusal = ref('');
  /** What the server did not take, in its words; null where it took it. */
  async function tried(path: string, body: object): Promise<string | null> {
    try {
      client.setQueryData(['house'], await ask<HouseView>(`/house${path}`, body));
      return null;
    } catch (failed) {
      return failed instanceof Refused ? failed.message : tell('common.this-did-not-work-try');
    }
  }
  async function act(path: string, body: object = {}, says = refusal): Promise<void> {
    if (busy.value) return;
    busy.value = true;
    says.value = (await tried(path, body)) ?? '';
    busy.value = false;
  }
  /** What is wrong with a name, said at its field. */
  const nameRefusal = ref('');
  return {
    house: computed(() => data.value ?? null),
    ...{ error, isLoading, refetch, busy, refusal, nameRefusal },
    share: (on: boolean) => act('/sharing', { on }),
    call: (names: readonly string[]) => act('/names', { names }, nameRefusal),
    letIn: (kind: HouseDevice['kind']) => act('/pairings', { kind }),
    remove: (id: string) => act(`/devices/${id}/remove`),
  };
}
