/** The server's clock. Everything that asks for the time asks here, so that tests and pictures can set it. */
export interface ServerClock {
  now: () => Date;
}

/**
 * The system's clock; with FURROW_NOW an instant at which the clock starts and runs on, or `=instant` at
 * which it stands still. Throws where it is no instant.
 */
export function makeClock(setting: string | null): ServerClock {
  if (!setting) return { now: () => new Date() };
  const frozen = setting.startsWith('=');
  const start = Date.parse(frozen ? setting.slice(1) : setting);
  if (Number.isNaN(start)) throw new Error('FURROW_NOW must be an instant such as 2026-03-14T18:12:00Z, with = before it to stand still.');
  const begun = Date.now();
  return { now: () => new Date(frozen ? start : start + Date.now() - begun) };
}
