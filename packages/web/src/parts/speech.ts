import type { Language } from '@furrow/core';
import { ref } from 'vue';
import { fromStorage } from './fromStorage.js';

/** The part of a browser's listener that is used here: it hears one sentence, then stops. */
interface Listener {
  lang: string;
  onresult: ((event: { results: { transcript: string }[][] }) => void) | null;
  onerror: ((event: { error: string }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  abort: () => void;
}
type Listens = new () => Listener;

const KEPT = 'furrow.speech';

/** The browser's own listener; undefined where it offers none. */
const listens = (): Listens | undefined => {
  const browser = window as unknown as Partial<Record<string, Listens>>;
  return browser.SpeechRecognition ?? browser.webkitSpeechRecognition;
};

/** Whether this browser offers to listen. */
export const mayListen = (): boolean => listens() !== undefined;

/** Whether figures may be spoken on this device: only where somebody said so. */
export const speechChosen = ref(fromStorage(KEPT, (value) => value === true) !== null);

/** Lets figures be spoken on this device, or not. */
export function chooseSpeech(chosen: boolean): void {
  speechChosen.value = chosen;
  if (chosen) localStorage.setItem(KEPT, 'true');
  else localStorage.removeItem(KEPT);
}

/** What came of listening: words, or why there are none. */
export type Hearing = { words: string } | { trouble: 'nothing' | 'not-allowed' | 'no-service' };

const TROUBLES: Partial<Record<string, 'not-allowed' | 'no-service'>> = {
  'not-allowed': 'not-allowed',
  'service-not-allowed': 'no-service',
  'audio-capture': 'not-allowed',
  network: 'no-service',
  'language-not-supported': 'no-service',
};

/**
 * Hears one sentence in a language with the browser's own service. Gives what came of it, and how
 * to stop before it ends by itself.
 */
export function listenOnce(language: Language): { hearing: Promise<Hearing>; stop: () => void } {
  const listener = new (listens()!)();
  // The English of this person's own country, where the browser says which.
  const own = navigator.language;
  listener.lang = own.startsWith(language) ? own : language;
  const hearing = new Promise<Hearing>((tell) => {
    listener.onresult = ({ results }) => tell({ words: results[0][0].transcript });
    listener.onerror = ({ error }) => tell({ trouble: TROUBLES[error] ?? 'nothing' });
    listener.onend = () => tell({ trouble: 'nothing' });
  });
  listener.start();
  return { hearing, stop: () => listener.abort() };
}

/** Says a sentence aloud where the browser can; where it cannot it stands on the screen alone. */
export function sayAloud(sentence: string, language: Language): void {
  if (!('speechSynthesis' in window)) return;
  const utterance = new SpeechSynthesisUtterance(sentence);
  utterance.lang = language;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(utterance);
}
