import { tell } from '../words/tell.js';
import type { MethodTo, PayloadTo, SpokenWrite, WrittenTo } from '@furrow/core';
import { ref } from 'vue';
import { useUi } from '../shell/ui.js';
import { said as inUnits } from '../words/units.js';
import { Refused, newId, send, type SendOptions } from './client.js';
import { useRefresh } from './queries.js';

/** A command that changes what stands there says so; of any other nothing need be said. */
type HowSent<Said extends string> =
  MethodTo<Said> extends 'patch'
    ? [options: SendOptions & { method: 'PATCH' }]
    : [options?: SendOptions & { method?: 'POST' }];

/**
 * Sends a command from a form: keeps what was refused and at which field, the same id on a second
 * try, and says in the soil strip what was written. Gives null where it was refused, so that the
 * form stays as it is.
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
  async function go<Said extends SpokenWrite>(
    path: Said,
    payload: PayloadTo<Said>,
    said: string,
    ...[options]: HowSent<Said>
  ): Promise<WrittenTo<Said> | null> {
    busy.value = true;
    refusal.value = null;
    try {
      const result = await sendAsked(path, payload, { ...options, commandId });
      if (result === null) return null;
      ui.say(said, commandId);
      commandId = newId();
      await refresh();
      return result;
    } catch (error) {
      refusal.value =
        error instanceof Refused
          ? error
          : new Refused(0, 'unexpected', tell('useSend.this-did-not-work-what'), null);
      // A refused entry was not written: the next try is a new one. Any other may have been.
      if (refusal.value.isFinal) commandId = newId();
      return null;
    } finally {
      busy.value = false;
    }
  }
  const fieldError = (name: string): string | null =>
    refusal.value?.field === name ? inUnits(refusal.value.message) : null;
  return { go, busy, refusal, fieldError };
}
