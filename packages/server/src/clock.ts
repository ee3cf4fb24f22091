/**
 * The server's clock. Everything that asks for the time asks here, so that tests and pictures can
 * set it.
 */
export interface ServerClock {
  now: () => Date;
  /** How many seconds pass in one: above 1 only in rehearsals and tests. */
  speed?: number;
  /** True where the clock was set by hand: then no device is told that its own is wrong by days. */
  set?: boolean;
}

/**
 * The system's clock; with FURROW_NOW an instant at which the clock starts and runs on, or
 * `=instant` at which it stands still, and with `instant*60` one at which it runs sixty times as
 * fast.
 *
 * @throws Where it is no instant.
 */
export function makeClock(setting: string | null): ServerClock {
  if (!setting) return { now: () => new Date() };
  const frozen = setting.startsWith('=');
  const [instant, times] = (frozen ? setting.slice(1) : setting).split('*');
  const start = Date.parse(instant);
  const speed = times === undefined ? 1 : Number(times);
  if (Number.isNaN(start) || !(speed > 0 && speed <= 3600))
    throw new Error(
      'FURROW_NOW must be an instant such as 2026-03-14T18:12:00Z, with = before it to stand still or *60 behind it to run faster.',
    );
  const begun = Date.now();
  return {
    now: () => new Date(frozen ? start : start + (Date.now() - begun) * speed),
    speed: frozen ? 1 : speed,
    set: true,
  };
}
