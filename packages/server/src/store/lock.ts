import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * What the lock says: who writes, and where it may be asked to swap its file. Read by this user's
 * own tools only.
 */
interface Lock {
  pid: number;
  /**
   * When that process began, as its system counts it; a number that another process was given since
   * has another.
   */
  began?: string | null;
  url?: string;
  secret?: string;
}

function readLock(dataFolder: string): Lock | null {
  const file = join(dataFolder, 'furrow.lock');
  if (!existsSync(file)) return null;
  try {
    const lock = JSON.parse(readFileSync(file, 'utf8')) as Lock | number;
    return typeof lock === 'number' ? { pid: lock } : lock;
  } catch {
    return null;
  }
}

export interface HeldLock {
  (): void;
  secret: string;
  /** Says where the server listens, once it does. */ listening: (url: string) => void;
}

/**
 * Takes the lock beside the database: one process writes.
 *
 * @throws A sentence where another one lives.
 */
export function takeLock(dataFolder: string): HeldLock {
  mkdirSync(dataFolder, { recursive: true });
  const file = join(dataFolder, 'furrow.lock');
  const held = readLock(dataFolder);
  if (held?.pid && held.pid !== process.pid && isHeld(held))
    throw new Error(
      `Furrow is already running on this data folder (process ${held.pid}). Stop it first, or set FURROW_DATA to another folder.`,
    );
  const secret = randomUUID();
  const write = (lock: Lock): void => writeFileSync(file, JSON.stringify(lock), { mode: 0o600 });
  const began = beganAt(process.pid);
  write({ pid: process.pid, began });
  return Object.assign(() => rmSync(file, { force: true }), {
    secret,
    listening: (url: string) => write({ pid: process.pid, began, url, secret }),
  });
}

/** The server that runs on a data folder, as far as it can be asked; null where none does. */
export function runningServer(dataFolder: string): { url: string; secret: string } | null {
  const lock = readLock(dataFolder);
  return lock?.url && lock.secret && lock.pid !== process.pid && isHeld(lock)
    ? { url: lock.url, secret: lock.secret }
    : null;
}

/**
 * Whether the process that wrote a lock still lives: its number, and where the system tells it its
 * beginning.
 */
function isHeld({ pid, began }: Lock): boolean {
  if (!isAlive(pid)) return false;
  const now = beganAt(pid);
  return !began || !now || began === now;
}

/**
 * When a process began, in ticks since the machine did, with the machine's own beginning; null
 * where the system does not say.
 */
function beganAt(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    // Its name may hold spaces and brackets: what counts comes after the last one.
    const ticks = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
    return `${readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim()} ${ticks}`;
  } catch {
    return null;
  }
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}
