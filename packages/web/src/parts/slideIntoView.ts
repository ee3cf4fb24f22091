/**
 * Where a place of a drawing stands beside the frame it is seen through; null where it is not
 * drawn.
 */
function sidesOf(
  frame: HTMLElement | null,
  slot: number,
): { place: DOMRect; seen: DOMRect } | null {
  const place = frame?.querySelector(`[data-slot="${slot}"]`)?.getBoundingClientRect();
  return frame && place ? { place, seen: frame.getBoundingClientRect() } : null;
}

/**
 * Slides a drawing that is wider than its frame sideways until one of the places stands in the
 * middle, the last of them; the page itself stays where it is. Nothing moves where one of them is
 * in view. Takes the frame and the numbers of the places.
 */
export function slideIntoView(frame: HTMLElement | null, slots: readonly number[]): void {
  const found = slots.flatMap((slot) => sidesOf(frame, slot) ?? []);
  const last = found.at(-1);
  const isSeen = found.some(
    ({ place, seen }) => place.left >= seen.left && place.right <= seen.right,
  );
  if (!frame || !last || isSeen) return;
  frame.scrollLeft += last.place.left - last.seen.left - (last.seen.width - last.place.width) / 2;
}
