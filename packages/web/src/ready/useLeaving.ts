import { computed, onMounted, ref, type Ref } from 'vue';
import { keptAt } from '../api/keptReads.js';
import { browserKeeps } from '../api/deviceStore.js';

/** A battery, where the browser tells of it. */
interface Battery {
  level: number;
}
const batteryOf = async (): Promise<number | null> => {
  const { getBattery } = navigator as Navigator & { getBattery?: () => Promise<Battery> };
  if (!getBattery) return null;
  const battery = await getBattery.call(navigator).catch(() => null);
  return battery && Math.round(100 * battery.level);
};

/** Whether the application itself lies on this device, and opens without the house. */
async function liesOnDevice(): Promise<boolean> {
  const registration = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  return Boolean(registration?.active);
}

/** What a person looks at before going where the signal ends: what lies on this device. */
export function useLeaving() {
  const lies = ref<boolean | null>(null);
  const isForGood = ref<boolean | null>(null);
  const wasRefused = ref(false);
  const batteryPercent: Ref<number | null> = ref(null);
  onMounted(async () => {
    [lies.value, isForGood.value, batteryPercent.value] = await Promise.all([
      liesOnDevice(),
      navigator.storage?.persisted?.() ?? null,
      batteryOf(),
    ]);
  });
  /** Asks the browser not to clear what lies here where the device runs short of room. */
  async function askForGood(): Promise<void> {
    isForGood.value = await navigator.storage.persist();
    wasRefused.value = !isForGood.value;
  }
  return {
    lies,
    isForGood,
    /** It was asked, and did not agree. */
    wasRefused,
    batteryPercent,
    askForGood,
    /** When what was read last lay on this device; null while nothing does. */
    readAt: computed(() => (browserKeeps.value ? keptAt.value : null)),
  };
}
