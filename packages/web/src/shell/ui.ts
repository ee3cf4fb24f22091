import { defineStore } from 'pinia';
import { ref, watch } from 'vue';

export interface Question {
  text: string;
  answer: (yes: boolean) => void;
}

/**
 * The interface's own state: what is lit, what was just said. Server data lives in the query cache.
 */
export const useUi = defineStore('ui', () => {
  const sun = ref(localStorage.getItem('furrow.sun') === 'yes');
  const alarms = ref(localStorage.getItem('furrow.alarms') === 'on');
  const keysOn = ref(localStorage.getItem('furrow.keys') !== 'off');
  /** Whether the field that finds everything is open. */
  const finding = ref(false);
  const message = ref<{ text: string; commandId: string | null } | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;

  watch(
    sun,
    (on) => {
      localStorage.setItem('furrow.sun', on ? 'yes' : 'no');
      document.documentElement.classList.toggle('sun', on);
    },
    { immediate: true },
  );
  watch(alarms, (on) => localStorage.setItem('furrow.alarms', on ? 'on' : 'off'));
  watch(keysOn, (on) => localStorage.setItem('furrow.keys', on ? 'on' : 'off'));

  /** Says something in the soil strip for a while; with a command it can be undone from there. */
  function say(text: string, commandId: string | null = null): void {
    clearTimeout(timer);
    message.value = { text, commandId };
    timer = setTimeout(() => (message.value = null), 12_000);
  }
  /** What a person is asked before something is written; null: nothing. */
  const question = ref<Question | null>(null);
  /** Asks, and gives the answer: yes where it is another one. */
  const askFirst = (text: string): Promise<boolean> =>
    new Promise((answered) => {
      question.value = {
        text,
        answer: (yes) => {
          question.value = null;
          answered(yes);
        },
      };
    });
  return { question, askFirst, sun, keysOn, alarms, finding, message, say };
});
