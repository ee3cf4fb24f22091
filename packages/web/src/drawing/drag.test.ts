import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, withDirectives } from 'vue';
import { arrowsOf, vDrag, within, type Pull } from './drag.js';

afterEach(() => vi.restoreAllMocks());

const press = (key: string): KeyboardEvent =>
  new KeyboardEvent('keydown', { key, cancelable: true });

describe('a handle for the keys', () => {
  it.each([
    ['ArrowLeft', { x: -1, y: 0 }],
    ['ArrowRight', { x: 1, y: 0 }],
    ['ArrowUp', { x: 0, y: -1 }],
    ['ArrowDown', { x: 0, y: 1 }],
  ])('%s points, and does nothing else', (key, way) => {
    const event = press(key);
    expect(arrowsOf(event)).toEqual(way);
    expect(event.defaultPrevented).toBe(true);
  });

  it('another key goes on as it was', () => {
    const event = press('a');
    expect(arrowsOf(event)).toBeNull();
    expect(event.defaultPrevented).toBe(false);
  });
});

it('a point of the window is told in the measure of what is drawn', () => {
  const drawing = document.createElement('div');
  vi.spyOn(drawing, 'getBoundingClientRect').mockReturnValue(new DOMRect(100, 50, 200, 400));
  expect(within(drawing, { x: 150, y: 250 }, 1000, 1000)).toEqual({ x: 250, y: 500 });
});

describe('a pull', () => {
  const held = new Set<number>();
  Object.assign(Element.prototype, {
    setPointerCapture: (id: number) => held.add(id),
    hasPointerCapture: (id: number) => held.has(id),
    releasePointerCapture: (id: number) => held.delete(id),
  });
  const pointer = (type: string, x: number, y: number): PointerEvent =>
    new PointerEvent(type, {
      ...{ pointerId: 1, clientX: x, clientY: y, buttons: 1 },
      ...{ bubbles: true, cancelable: true },
    });
  const pulls = (own = false) => {
    const [inner, outer]: [Pull[], Pull[]] = [[], []];
    const Handles = defineComponent(
      () => () =>
        withDirectives(
          h('div', [
            withDirectives(h('button'), [
              [vDrag, (pull: Pull) => inner.push(pull), '', own ? { own: true } : {}],
            ]),
          ]),
          [[vDrag, (pull: Pull) => outer.push(pull)]],
        ),
    );
    const handle = mount(Handles, { attachTo: document.body });
    return { inner, outer, handle };
  };

  it('says where it is and how far it went, from first to last', () => {
    const { inner, handle } = pulls();
    const button = handle.get('button').element;
    button.dispatchEvent(pointer('pointerdown', 10, 10));
    button.dispatchEvent(pointer('pointermove', 30, 14));
    button.dispatchEvent(pointer('pointerup', 30, 14));
    expect(inner[0]).toMatchObject({ first: true, at: { x: 10, y: 10 } });
    expect(inner[inner.length - 1]).toMatchObject({
      last: true,
      canceled: false,
      at: { x: 30, y: 14 },
      by: { x: 20, y: 4 },
    });
    handle.unmount();
  });

  it('of a handle of its own is not heard by what it lies on', () => {
    for (const own of [false, true]) {
      const { outer, handle } = pulls(own);
      handle.get('button').element.dispatchEvent(pointer('pointerdown', 10, 10));
      expect(outer.length > 0).toBe(!own);
      handle.unmount();
    }
  });
});
