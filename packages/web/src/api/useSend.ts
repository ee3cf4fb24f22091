import { tell } from '../words/tell.js';
import type { KeptPath, MethodTo, PayloadTo, SpokenWrite, WrittenTo } from '@furrow/core';
import { computed, ref } from 'vue';
import { useUi } from '../shell/ui.js';
import { said as inUnits } from '../words/units.js';
import { useAwaySince } from './away.js';
import { Refused, newId, send, type SendOptions } from './client.js';
import { ONE_TOUCH_MS } from '../parts/oneTouch.js';
import { isBehind, keepEntry, layDown, mayBeKept, notInHouse, settleOutbox } from './outbox.js';
import { useRefresh } from './queries.js';

/** A command that changes what stands there says so; of any other nothing need be said. */
type HowSent<Said extends string> =
  MethodTo<Said> extends 'patch'
    ? [options: SendOptions & { method: 'PATCH' }]
    : [options?: SendOptions & { method?: 'POST' }];

/**
 * What a command is answered with: where the house is out of reach a device may keep some of them,
 * and goes on.
 */
export type Answered<Said extends SpokenWrite> =
  WrittenTo<Said> | (Said extends SpokenKept ? 'kept' : never);
/** A kept path as it is spoken. */
type SpokenKept =
  | KeptPath
  | `/harvests/${string}/stage`
  | `/boxes/${string}/${'turn' | 'off' | 'below'}`
  | `/cutBoards/${string}`
  | `/cutPieces/${string}`;

/** A command's own id, and how it is told once it is written. */
interface Naming {
  commandId: string;
  said: string;
}

/**
 * What a command says and how it is told, whatever new id the thing it writes was given by the tap:
 * a third part of a frame that is opened has the words of the second, but is told as the third.
 */
function wordsOf(path: string, payload: unknown, told: string): string {
  const { id: _, ...said } = { ...(payload as object) } as { id?: unknown };
  return JSON.stringify([path, said, told]);
}

/**
 * Sends a command from a form: keeps what was refused and at which field, the same id on a second
 * try, and says in the soil strip what was written. What needs no answer is kept on the device
 * where the house does not give one. Gives null where it was refused, so that the form stays as it
 * is.
 */
export function useSend() {
  const refresh = useRefresh();
  const ui = useUi();
  const underway = ref(0);
  const busy = computed(() => underway.value > 0);
  /** What is on its way: the same tap twice is one command. */
  const onItsWay = new Map<string, Promise<unknown>>();
  /** The last that was written, while a finger may still tremble on its key. */
  let justWritten: { words: string; until: number; answer: unknown } | null = null;
  const refusal = ref<Refused | null>(null);
  /** Of the command that is sent next, and of its second try. */
  let nextId = newId();
  /** A command that goes while another is still on its way is another one. */
  const takeId = (): string => (underway.value > 0 ? newId() : nextId);
  const isWritten = (id: string): void => {
    if (id === nextId) nextId = newId();
  };
  /** Where somebody else wrote the same just now the person is asked; null: it was the same. */
  async function sendAsked<Said extends SpokenWrite>(
    path: Said,
    payload: PayloadTo<Said>,
    options: SendOptions,
  ): Promise<WrittenTo<Said> | null> {
    try {
      return await send(path, payload, options);
    } catch (error) {
      if (!(error instanceof Refused) || error.code !== 'written-just-now') throw error;
      if (await ui.askFirst(inUnits(error.message)))
        return send(path, payload, { ...options, again: true });
      ui.say(tell('useSend.not-written-twice'));
      await refresh();
      return null;
    }
  }
  /** Keeps a command until the house answers: under the same id, so that it is written once. */
  async function keepHere(path: string, payload: unknown, naming: Naming): Promise<boolean> {
    const at = mayBeKept(path);
    if (!at) return false;
    await keepEntry(at, path, payload, naming);
    ui.say(tell('useSend.kept-here', { said: naming.said }), naming.commandId);
    isWritten(naming.commandId);
    return true;
  }
  /** Lays a command down here until the house has answered; gives how it is taken up again. */
  function laid(path: string, payload: unknown, naming: Naming): () => void {
    const at = mayBeKept(path);
    return at ? layDown(at, path, payload, naming) : () => undefined;
  }
  /** Why it failed; null where it did not arrive, and is kept here instead. */
  async function keptAfter(
    failed: unknown,
    path: string,
    payload: unknown,
    naming: Naming,
  ): Promise<unknown> {
    // Which of two stands is asked where what waits is read.
    const isAsked = failed instanceof Refused && failed.code === 'said-otherwise';
    if (!(failed instanceof Refused) || (failed.isFinal && !isAsked)) return failed;
    try {
      return (await keepHere(path, payload, naming)) ? null : failed;
    } catch (refused) {
      return refused;
    }
  }
  async function goNow<Said extends SpokenWrite>(
    path: Said,
    payload: PayloadTo<Said>,
    said: string,
    options: SendOptions | undefined,
  ): Promise<Answered<Said> | null> {
    const naming = { commandId: takeId(), said };
    const { commandId } = naming;
    underway.value++;
    refusal.value = null;
    const takeUp = laid(path, payload, naming);
    try {
      // What was written before goes before: the house reads it in its order.
      if (notInHouse.value.length && useAwaySince().value === null) await settleOutbox();
      const mustWait = useAwaySince().value !== null || isBehind();
      if (mustWait && (await keepHere(path, payload, naming))) return 'kept' as Answered<Said>;
      const result = await sendAsked(path, payload, { ...options, commandId });
      if (result === null) return null;
      ui.say(said, commandId);
      isWritten(commandId);
      await refresh();
      return result;
    } catch (failed) {
      const error = await keptAfter(failed, path, payload, naming);
      if (error === null) return 'kept' as Answered<Said>;
      refusal.value =
        error instanceof Refused
          ? error
          : new Refused(0, 'unexpected', tell('useSend.this-did-not-work-what'), null);
      // A refused entry was not written: the next try is a new one. Any other may have been.
      nextId = refusal.value.isFinal ? newId() : commandId;
      return null;
    } finally {
      takeUp();
      underway.value--;
    }
  }
  /** The command that a tap is the second touch of; undefined where it is one of its own. */
  function sameTap(words: string): Promise<unknown> | undefined {
    const isTremble = justWritten?.words === words && Date.now() < justWritten.until;
    return isTremble ? Promise.resolve(justWritten!.answer) : onItsWay.get(words);
  }
  function go<Said extends SpokenWrite>(
    path: Said,
    payload: PayloadTo<Said>,
    said: string,
    ...[options]: HowSent<Said>
  ): Promise<Answered<Said> | null> {
    const words = wordsOf(path, payload, said);
    const same = sameTap(words);
    if (same) return same as Promise<Answered<Said> | null>;
    const until = Date.now() + ONE_TOUCH_MS;
    const sent = goNow(path, payload, said, options).then((answer) => {
      onItsWay.delete(words);
      // What was not written may be sent again at once.
      justWritten = answer === null ? null : { words, until, answer };
      return answer;
    });
    onItsWay.set(words, sent);
    return sent;
  }
  const fieldError = (name: string): string | null =>
    refusal.value?.field === name ? inUnits(refusal.value.message) : null;
  return { go, busy, refusal, fieldError };
}
