import { tell } from '../words/tell.js';
import { todaySay, type Clock } from '@furrow/core';
import { said } from '../words/units.js';

/**
 * Which clocks have come due and were not rung yet: each once for its instant. Pure, so that it can
 * be tested.
 */
export function dueNow(
  clocks: readonly Clock[],
  now: Date,
  rung: ReadonlySet<string>,
): { key: string; text: string }[] {
  return clocks.flatMap((clock) => {
    if (!clock.dueAt || !clock.dueWhat || Date.parse(clock.dueAt) > now.getTime()) return [];
    // What was due long ago is on the screen in rust; it does not ring again on every reload.
    if (now.getTime() - Date.parse(clock.dueAt) > 30 * 60_000) return [];
    const key = `${clock.id} ${clock.dueWhat.key}`;
    const what = todaySay('clock.now', { what: clock.dueWhat });
    const text = said(todaySay('today.clock', { hive: clock.hiveName, what }));
    return rung.has(key) ? [] : [{ key, text }];
  });
}

/** Asks once whether notifications may be shown; gives a sentence where this browser cannot. */
export async function askForNotifications(): Promise<string | null> {
  if (!('Notification' in window)) return tell('alarms.this-browser-shows-no-notifications');
  if (Notification.permission === 'default') await Notification.requestPermission();
  return Notification.permission === 'granted'
    ? null
    : tell('alarms.notifications-are-not-allowed-sound');
}

let audio: AudioContext | null = null;
/** Sound, vibration and a notification, as far as this device has them. */
export function ring(text: string): void {
  try {
    audio ??= new AudioContext();
    for (const [i, hz] of [660, 880, 660].entries()) {
      const tone = audio.createOscillator();
      const level = audio.createGain();
      tone.frequency.value = hz;
      level.gain.setValueAtTime(0.25, audio.currentTime + i * 0.32);
      level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + i * 0.32 + 0.28);
      tone.connect(level).connect(audio.destination);
      tone.start(audio.currentTime + i * 0.32);
      tone.stop(audio.currentTime + i * 0.32 + 0.3);
    }
  } catch {
    // No sound here: the line in rust and the notification stay.
  }
  navigator.vibrate?.([300, 150, 300]);
  if ('Notification' in window && Notification.permission === 'granted')
    new Notification('Furrow', { body: text, tag: text });
}
