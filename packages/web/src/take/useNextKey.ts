import { onMounted, onUnmounted } from 'vue';
import { isWithin } from '../parts/domEvents.js';
import { ONE_TOUCH_MS } from '../parts/oneTouch.js';

/** Keys of a keyboard: what has the focus may mean something of its own by them. */
const OF_A_KEYBOARD: readonly string[] = [' ', 'Enter'];
/** What foot pedals and remotes of a phone send: nothing on the screen means anything by them. */
const OF_A_PEDAL: readonly string[] = ['PageDown', 'MediaTrackNext', 'MediaPlayPause'];
const OWN_KEYS = 'input, button, a, select, summary, [role="button"]';
const TYPES = 'input, select, textarea';

/**
 * The one next action by a key: space or Enter, a foot pedal, a remote or a knuckle on whatever
 * sends such a key. A key that is held down is one touch, an open dialog is answered first.
 */
export function useNextKey(next: () => unknown): void {
  let lastAt = -ONE_TOUCH_MS;
  function meansNext(event: KeyboardEvent): boolean {
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return false;
    if (document.querySelector('[role="dialog"]')) return false;
    if (OF_A_PEDAL.includes(event.key)) return !isWithin(event, TYPES);
    return OF_A_KEYBOARD.includes(event.key) && !isWithin(event, OWN_KEYS);
  }
  function onKey(event: KeyboardEvent): void {
    if (!meansNext(event)) return;
    event.preventDefault();
    if (event.timeStamp - lastAt < ONE_TOUCH_MS) return;
    lastAt = event.timeStamp;
    void next();
  }
  onMounted(() => window.addEventListener('keydown', onKey));
  onUnmounted(() => window.removeEventListener('keydown', onKey));
}
