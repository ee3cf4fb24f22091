import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { useNextKey } from './useNextKey.js';

const next = vi.fn();
const Screen = defineComponent({
  setup() {
    useNextKey(next);
    return () => h('div', [h('input'), h('button', 'Other'), h('p', 'Lift bar 15')]);
  },
});
let screen: ReturnType<typeof mount>;
beforeEach(() => {
  next.mockClear();
  screen = mount(Screen, { attachTo: document.body });
});
afterEach(() => {
  screen.unmount();
  document.body.innerHTML = '';
});

let now = 0;
/** A key after so many milliseconds, where the focus is. */
function press(
  key: string,
  at: Element = document.body,
  more: KeyboardEventInit = {},
  after = 1000,
) {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
  now += after;
  Object.defineProperty(event, 'timeStamp', { value: now });
  at.dispatchEvent(event);
  return event;
}
const the = (selector: string): Element => screen.element.querySelector(selector)!;

describe('the next action by a key', () => {
  it.each([' ', 'Enter', 'PageDown', 'MediaTrackNext', 'MediaPlayPause'])('%j', (key) => {
    expect(press(key).defaultPrevented).toBe(true);
    expect(next).toHaveBeenCalledTimes(1);
  });

  it('leaves space and Enter to what has the focus, a pedal to a field alone', () => {
    for (const key of [' ', 'Enter']) for (const at of ['input', 'button']) press(key, the(at));
    press('PageDown', the('input'));
    expect(next).not.toHaveBeenCalled();
    press('PageDown', the('button'));
    expect(next).toHaveBeenCalledTimes(1);
  });

  it('is one touch where the key is held, or the contact bounces', () => {
    press('PageDown');
    press('PageDown', document.body, {}, 80);
    press('PageDown', document.body, { repeat: true });
    expect(next).toHaveBeenCalledTimes(1);
    press('PageDown');
    expect(next).toHaveBeenCalledTimes(2);
  });

  it('waits for a dialog that is open', () => {
    const dialog = document.createElement('div');
    dialog.setAttribute('role', 'dialog');
    document.body.append(dialog);
    press('PageDown');
    expect(next).not.toHaveBeenCalled();
  });

  it.each(['a', 'PageUp', 'Tab'])('%s is another key', (key) => {
    expect(press(key).defaultPrevented).toBe(false);
    expect(next).not.toHaveBeenCalled();
  });

  it('is not heard any more once the screen is left', () => {
    screen.unmount();
    press('PageDown');
    expect(next).not.toHaveBeenCalled();
  });
});
