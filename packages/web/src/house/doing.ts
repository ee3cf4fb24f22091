import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { ask } from '../api/client.js';
import { tell } from '../words/tell.js';

/** What another screen does just now. */
export interface Doing {
  /** A person and a device; null at the household's own table. */
  by: string | null;
  /** The harvest or the hive it is done to. */
  aboutId: string;
  step: string;
  /** Who has only begun to listen asks the others to say what they do. */
  asks?: boolean;
}
interface Heard extends Doing {
  heardAt: number;
}

/** It is told again while it lasts, and forgotten soon after it was told last. */
const TELL_MS = 20_000;
const FORGET_MS = 45_000;
/** A screen that nobody touched for so long does nothing, whatever it shows. */
const LEFT_ALONE_MS = 5 * 60_000;
const heard = ref<Heard[]>([]);

let touchedAt = Date.now();
const touch = (): void => void (touchedAt = Date.now());
for (const kind of ['pointerdown', 'keydown'])
  window.addEventListener(kind, touch, { capture: true, passive: true });

/** The last who began something: whoever is at the same answers at once, so that both know it. */
const began = ref<Doing | null>(null);

/** How often this screen began to listen: what the others said before was not heard. */
const listened = ref(0);
/** This screen hears the others from now on. */
export const beginToListen = (): void => void listened.value++;

type Work = Pick<Doing, 'aboutId' | 'step'>;
const isSame = (one: Work, other: Work): boolean =>
  one.aboutId === other.aboutId && one.step === other.step;

/** Keeps what another screen said it does; the last word of each counts. */
export function hearDoing(doing: Doing): void {
  const since = Date.now() - FORGET_MS;
  const known = heard.value.find((each) => each.by === doing.by && each.heardAt > since);
  const others = heard.value.filter((each) => each.by !== doing.by);
  heard.value = [...others, { ...doing, heardAt: Date.now() }];
  if (doing.asks || !known || !isSame(known, doing)) began.value = doing;
}

/**
 * Tells the others which step of a harvest, or comb of a hive, is worked at here; gives who else is
 * at it.
 */
export function useDoing(aboutId: Ref<string | null>, step: Ref<string | null>): Ref<string[]> {
  const announce = (asks = false): void => {
    const isLeftAlone = document.hidden || Date.now() - touchedAt > LEFT_ALONE_MS;
    if (!aboutId.value || !step.value || isLeftAlone) return;
    // Whether the others hear of it changes nothing here.
    const own = { aboutId: aboutId.value, step: step.value, ...(asks ? { asks } : {}) };
    void ask('/house/doing', own).catch(() => undefined);
  };
  const others = ref<string[]>([]);
  const look = (): void => {
    const since = Date.now() - FORGET_MS;
    others.value = heard.value
      .filter((d) => d.heardAt > since && d.aboutId === aboutId.value && d.step === step.value)
      .map((d) => d.by ?? tell('doing.the-table'));
  };
  watch([aboutId, step], () => announce(), { immediate: true });
  watch(listened, () => announce(true));
  watch(began, (doing) => {
    const own = { aboutId: aboutId.value ?? '', step: step.value ?? '' };
    if (doing && isSame(doing, own)) announce();
  });
  watch([heard, aboutId, step], look, { immediate: true });
  const telling = setInterval(() => announce(), TELL_MS);
  const looking = setInterval(look, 5000);
  onScopeDispose(() => {
    clearInterval(telling);
    clearInterval(looking);
  });
  return others;
}
