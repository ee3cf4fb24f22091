/** A finger or a foot that trembles, or a contact that bounces, is one touch, ms. */
export const ONE_TOUCH_MS = 300;

/**
 * An act that is one while it is underway, however often its key is touched: touched again meanwhile
 * it answers as the first. Acts on different things go side by side.
 */
export function oneAtATime<On extends [thing?: string] | [thing: string], Answer>(
  act: (...on: On) => Promise<Answer>,
): (...on: On) => Promise<Answer> {
  const underway = new Map<string | undefined, Promise<Answer>>();
  return (...on) => {
    const same = underway.get(on[0]);
    if (same) return same;
    const acting = act(...on).finally(() => underway.delete(on[0]));
    underway.set(on[0], acting);
    return acting;
  };
}
