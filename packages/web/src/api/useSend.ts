import { tell } from '../words/tell.js';
import type { KeptPath, MethodTo, PayloadTo, SpokenWrite, WrittenTo } from '@furrow/core';
import { ref } from 'vue';
import { useUi } from '../shell/ui.js';
import { said as inUnits } from '../words/units.js';
import { useAwaySince } from './away.js';
import { Refused, newId, send, type SendOptions } from './client.js';
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
  KeptPath | `/harvests/${string}/stage` | `/boxes/${string}/${'turn' | 'off' | 'below'}`;

/**
 * Sends a command from a form: keeps what was refused and at which field, the same id on a second
 * try, and says in the soil strip what was written. What needs no answer is kept on the device
 * where the house does not give one. Gives null where it was refused, so that the form stays as it
 * is.
 */
export function useSend() {
  const refresh = useRefresh();
  const ui = useUi();
  const busy = ref(false);
  const refusal = ref<Refused | null>(null);
  let commandId = newId();
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
  async function keepHere(path: string, payload: unknown, said: string): Promise<boolean> {
    const at = mayBeKept(path);
    if (!at) return false;
    await keepEntry(at, path, payload, { commandId, said });
    ui.say(tell('useSend.kept-here', { said }), commandId);
    commandId = newId();
    return true;
  }
  /** Lays a command down here until the house has answered; gives how it is taken up again. */
  function laid(path: string, payload: unknown, said: string): () => void {
    const at = mayBeKept(path);
    return at ? layDown(at, path, payload, { commandId, said }) : () => undefined;
  }
  /** Why it failed; null where it did not arrive, and is kept here instead. */
  async function keptAfter(
    failed: unknown,
    path: string,
    payload: unknown,
    said: string,
  ): Promise<unknown> {
    // Which of two stands is asked where what waits is read.
    const isAsked = failed instanceof Refused && failed.code === 'said-otherwise';
    if (!(failed instanceof Refused) || (failed.isFinal && !isAsked)) return failed;
    try {
      return (await keepHere(path, payload, said)) ? null : failed;
    } catch (refused) {
      return refused;
    }
  }
  async function go<Said extends SpokenWrite>(
    path: Said,
    payload: PayloadTo<Said>,
    said: string,
    ...[options]: HowSent<Said>
  ): Promise<Answered<Said> | null> {
    busy.value = true;
    refusal.value = null;
    const takeUp = laid(path, payload, said);
    try {
      // What was written before goes before: the house reads it in its order.
      if (notInHouse.value.length && useAwaySince().value === null) await settleOutbox();
      const mustWait = useAwaySince().value !== null || isBehind();
      if (mustWait && (await keepHere(path, payload, said))) return 'kept' as Answered<Said>;
      const result = await sendAsked(path, payload, { ...options, commandId });
      if (result === null) return null;
      ui.say(said, commandId);
      commandId = newId();
      await refresh();
      return result;
    } catch (failed) {
      const error = await keptAfter(failed, path, payload, said);
      if (error === null) return 'kept' as Answered<Said>;
      refusal.value =
        error instanceof Refused
          ? error
          : new Refused(0, 'unexpected', tell('useSend.this-did-not-work-what'), null);
      // A refused entry was not written: the next try is a new one. Any other may have been.
      if (refusal.value.isFinal) commandId = newId();
      return null;
    } finally {
      takeUp();
      busy.value = false;
    }
  }
  const fieldError = (name: string): string | null =>
    refusal.value?.field === name ? inUnits(refusal.value.message) : null;
  return { go, busy, refusal, fieldError };
}
