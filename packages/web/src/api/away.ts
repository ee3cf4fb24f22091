import { ref, type Ref } from 'vue';

/** How long the house is asked whether it is there, and how often while it is not. */
const [PING_MS, AGAIN_MS] = [2500, 3000];
/** How long a read may take while the house is there; it is given up sooner while it is not. */
const [READ_MS, READ_AWAY_MS] = [12_000, 2000];

const awaySince = ref<number | null>(null);
const letIn = ref(true);
let asking = false;

/** Since when the house does not answer, in milliseconds of this device; null while it does. */
export const useAwaySince = (): Ref<number | null> => awaySince;

/** How long a read of now may take before it counts as unanswered, in milliseconds. */
export const readMs = (): number => (awaySince.value === null ? READ_MS : READ_AWAY_MS);

/** Whether the house lets this device in; it may have been taken off its list. */
export const useLetIn = (): Ref<boolean> => letIn;

/** The house answered: it is there. */
export function heardFromHouse(): void {
  awaySince.value = null;
}

/** Whether the house answers at all, whatever it says. */
export const isHouseThere = (): Promise<boolean> =>
  fetch('/api/v1/health', { cache: 'no-store', signal: AbortSignal.timeout(PING_MS) }).then(
    () => true,
    () => false,
  );

/**
 * A call was not answered, or the line of events broke: the house is asked whether it is there, and
 * again until it is. So it is known within three seconds, however long a call would wait.
 */
export async function missedHouse(): Promise<void> {
  if (asking) return;
  asking = true;
  while (!(await isHouseThere())) {
    awaySince.value ??= Date.now();
    await new Promise((done) => setTimeout(done, AGAIN_MS));
  }
  asking = false;
  heardFromHouse();
}
