import { defineAsyncComponent, watch, type Component } from 'vue';
import { useAwaySince } from '../api/away.js';
import { useUi } from '../shell/ui.js';
import { tell } from '../words/tell.js';

/** Tries where the house is there: a file that does not come then is gone, or kept as failed. */
const TRIES = 3;

/** Does something once the house answers; at once where it does. */
function onceHouseAnswers(act: () => void): void {
  const away = useAwaySince();
  if (away.value === null) return void setTimeout(act, 1000);
  const stop = watch(away, (since) => {
    if (since !== null) return;
    stop();
    act();
  });
}

/**
 * A part of a screen that comes when it is asked for. Where it cannot be fetched that is said, and
 * it is fetched again when the house answers: what was touched is then there, without a second
 * touch.
 */
export function comesLater<Part extends Component>(
  fetched: () => Promise<{ default: Part }>,
): Part {
  let tries = 0;
  return defineAsyncComponent({
    loader: () => fetched().then(({ default: part }) => part),
    onError(_error, retry, fail) {
      useUi().say(tell('App.screen-not-here-yet'));
      const isAway = useAwaySince().value !== null;
      if (!isAway && ++tries >= TRIES) return fail();
      onceHouseAnswers(retry);
    },
  });
}
