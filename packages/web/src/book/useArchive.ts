import type { answers } from '@furrow/core';
import { computed, onScopeDispose, ref } from 'vue';
import { Refused, ask, read } from '../server/client.js';

/** An archive on its way: asked for, followed until it is there. */
export function useArchive() {
  const job = ref<answers.ArchiveJob | null>(null);
  const says = ref<string | null>(null);
  let timer: ReturnType<typeof setTimeout> | null = null;
  const stop = (): void => {
    if (timer) clearTimeout(timer);
    timer = null;
  };
  onScopeDispose(stop);
  async function follow(): Promise<void> {
    try {
      job.value = await read<answers.ArchiveJob>(`/archives/${job.value!.id}`);
      if (job.value.state === 'running') timer = setTimeout(() => void follow(), 250);
      else if (job.value.state === 'failed') says.value = job.value.says;
    } catch (error) {
      says.value = error instanceof Refused ? error.message : 'This did not work. Try again.';
    }
  }
  async function begin(path: string, body?: Blob | object): Promise<void> {
    stop();
    says.value = null;
    try {
      job.value = await ask<answers.ArchiveJob>(path, body);
      await follow();
    } catch (error) {
      job.value = null;
      says.value = error instanceof Refused ? error.message : 'This did not work. Try again.';
    }
  }
  /** Something more with the one that is here; where it is refused it stays as it was. */
  async function again(path: string): Promise<void> {
    says.value = null;
    try {
      job.value = await ask<answers.ArchiveJob>(path);
    } catch (error) {
      says.value = error instanceof Refused ? error.message : 'This did not work. Try again.';
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
