import { type Say } from '@furrow/core';
import { tell } from '../words/tell.js';
import type { ArchiveJob } from '@furrow/core';
import { computed, onScopeDispose, ref } from 'vue';
import { Refused, ask, read } from '../api/client.js';

/** An archive on its way: asked for, followed until it is there. */
export function useArchive() {
  const job = ref<ArchiveJob | null>(null);
  const says = ref<Say | string | null>(null);
  let timer: ReturnType<typeof setTimeout> | null = null;
  const stop = (): void => {
    if (timer) clearTimeout(timer);
    timer = null;
  };
  onScopeDispose(stop);
  async function follow(): Promise<void> {
    try {
      const now = await read(`/archives/${job.value!.id}`);
      job.value = now;
      if (now.state === 'running') timer = setTimeout(() => void follow(), 250);
      else if (now.state === 'failed') says.value = now.says;
    } catch (error) {
      says.value = error instanceof Refused ? error.message : tell('common.this-did-not-work-try');
    }
  }
  async function begin(path: string, body?: Blob | object): Promise<void> {
    stop();
    says.value = null;
    try {
      job.value = await ask<ArchiveJob>(path, body);
      await follow();
    } catch (error) {
      job.value = null;
      says.value = error instanceof Refused ? error.message : tell('common.this-did-not-work-try');
    }
  }
  /** Something more with the one that is here; where it is refused it stays as it was. */
  async function again(path: string): Promise<void> {
    says.value = null;
    try {
      job.value = await ask<ArchiveJob>(path);
    } catch (error) {
      says.value = error instanceof Refused ? error.message : tell('common.this-did-not-work-try');
    }
  }
  const putAway = (): void => {
    stop();
    [job.value, says.value] = [null, null];
  };
  return {
    job,
    says,
    begin,
    again,
    putAway,
    running: computed(() => job.value?.state === 'running'),
  };
}
