import { IANAZone, type Zone } from 'luxon';

const QUARTER_MS = 900_000;
/** Quarters of an hour that are kept by heart, some forty days: enough for any plan. */
const MOST_KEPT = 4096;

/**
 * A zone that asks for its offset once in a quarter of an hour; clocks are set forward and back on
 * the quarter everywhere. A timetable asks for the same hours thousands of times, and each answer
 * costs a formatted date.
 */
class RememberedZone extends IANAZone {
  readonly #offsets = new Map<number, number>();

  override offset(ms: number): number {
    const quarter = Math.floor(ms / QUARTER_MS);
    const known = this.#offsets.get(quarter);
    if (known !== undefined) return known;
    const minutes = super.offset(ms);
    if (this.#offsets.size >= MOST_KEPT) this.#offsets.clear();
    this.#offsets.set(quarter, minutes);
    return minutes;
  }
}

const zones = new Map<string, RememberedZone>();

/** The zone of a name such as Europe/Lisbon, the same object for the same name. */
export function rememberedZone(name: string): Zone {
  const known = zones.get(name);
  if (known) return known;
  const zone = new RememberedZone(name);
  zones.set(name, zone);
  return zone;
}
