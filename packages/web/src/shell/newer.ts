import { registerSW } from 'virtual:pwa-register';
import { readonly, ref } from 'vue';

const isReady = ref(false);
let takeIn: (reload: boolean) => Promise<void> = async () => undefined;

/** Whether a newer Furrow lies on this device, and waits until somebody has a quiet moment. */
export const newerIsReady = readonly(isReady);

/**
 * Keeps everything a stage needs on this device, so that it opens where the house is out of reach.
 * A browser keeps it over an encrypted line, or on the machine itself; elsewhere nothing changes.
 */
export function keepOnDevice(): void {
  takeIn = registerSW({ immediate: true, onNeedRefresh: () => void (isReady.value = true) });
}

/** Begins the page anew with the newer Furrow. */
export const takeNewerIn = (): Promise<void> => takeIn(true);
