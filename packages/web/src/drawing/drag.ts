import { DragGesture, type DragState } from '@use-gesture/vanilla';
import type { Directive } from 'vue';

/** A handle, or a drawing, that is pulled with a finger, a pen or the mouse. */
export interface Pull {
  /** Where the pointer is, in pixels of the window. */
  at: Point;
  /** How far it was pulled since it was taken hold of, in pixels. */
  by: Point;
  /** Taken hold of now. */
  first: boolean;
  /** Let go now. */
  last: boolean;
  /** Let go by the device, not by the person: what was pulled stays where it was. */
  canceled: boolean;
  /** The thing that is held. */
  held: Element;
}
export interface Point {
  x: number;
  y: number;
}

const pullOf = (state: DragState): Pull | null => {
  const { xy, movement, first, last, canceled, currentTarget: held } = state;
  if (!(held instanceof Element)) return null;
  return { at: asPoint(xy), by: asPoint(movement), first, last, canceled, held };
};
const asPoint = ([x, y]: readonly [number, number]): Point => ({ x, y });

const gestures = new WeakMap<Element, DragGesture>();
const handlers = new WeakMap<Element, (pull: Pull) => void>();

/**
 * `v-drag="pulled"`: says of every pull at this element where it is and how far it went. With
 * `.own` what it lies on does not hear of it. What a pull can do the arrow keys do too: `arrowsOf`.
 */
export const vDrag: Directive<Element, (pull: Pull) => void, 'own'> = {
  mounted(element, { value, modifiers }) {
    handlers.set(element, value);
    const notify = (state: DragState): void => {
      if (modifiers.own) state.event.stopPropagation();
      const pull = pullOf(state);
      if (pull) handlers.get(element)?.(pull);
    };
    gestures.set(element, new DragGesture(element, notify, { pointer: { keys: false } }));
  },
  updated(element, { value }) {
    handlers.set(element, value);
  },
  unmounted(element) {
    gestures.get(element)?.destroy();
  },
};

/** A point of the window in an element's own measure: from its upper left, so wide and high as said. */
export function within(element: Element, at: Point, width: number, height: number): Point {
  const box = element.getBoundingClientRect();
  return {
    x: ((at.x - box.left) / box.width) * width,
    y: ((at.y - box.top) / box.height) * height,
  };
}

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** Which way an arrow key points; null for another key. The key then does nothing else. */
export function arrowsOf(event: KeyboardEvent): Point | null {
  const way = ARROWS[event.key];
  if (!way) return null;
  event.preventDefault();
  event.stopPropagation();
  return way;
}
