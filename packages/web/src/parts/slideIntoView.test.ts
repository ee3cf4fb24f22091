import { describe, expect, it } from 'vitest';
import { slideIntoView } from './slideIntoView.js';

/**
 * A frame of 300 px over a drawing with a place every 100 px; the dom of the tests has no layout.
 */
function drawing(): HTMLElement {
  const frame = document.createElement('div');
  const rect = (left: number, width: number): DOMRect =>
    ({ left, right: left + width, width }) as DOMRect;
  frame.getBoundingClientRect = () => rect(0, 300);
  for (let slot = 1; slot <= 8; slot++) {
    const place = document.createElement('i');
    place.dataset.slot = String(slot);
    place.getBoundingClientRect = () => rect((slot - 1) * 100 - frame.scrollLeft, 40);
    frame.append(place);
  }
  return frame;
}

describe('a drawing wider than its frame', () => {
  it('slides until the last of the places stands in its middle', () => {
    const frame = drawing();
    slideIntoView(frame, [6, 7]);
    expect(frame.scrollLeft).toBe(600 - 130);
  });
  it('stays where one of them is seen, so that a touch moves nothing', () => {
    const frame = drawing();
    slideIntoView(frame, [2, 7]);
    expect(frame.scrollLeft).toBe(0);
  });
  it('stays where no such place is drawn, and without a frame', () => {
    const frame = drawing();
    slideIntoView(frame, [99]);
    slideIntoView(frame, []);
    slideIntoView(null, [1]);
    expect(frame.scrollLeft).toBe(0);
  });
});
