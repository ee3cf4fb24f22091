import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** What the lock says: who writes, and where it may be asked to swap its file. Read by this user's own tools only. */
interface Lock {
  pid: number;
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

/** Takes the lock beside the database: one process writes. Throws a sentence where another one lives. */
export function takeLock(dataFolder: string): HeldLock {
  mkdirSync(dataFolder, { recursive: true });
  const file = join(dataFolder, 'furrow.lock');
  const { pid } = readLock(dataFolder) ?? { pid: 0 };
  if (pid && pid !== process.pid && isAlive(pid))
    throw new Error(
      `Furrow is already running on this data folder (process ${pid}). Stop it first, or set FURROW_DATA to another folder.`,
    );
  const secret = randomUUID();
  const write = (lock: Lock): void => writeFileSync(file, JSON.stringify(lock), { mode: 0o600 });
  write({ pid: process.pid });
  return Object.assign(() => rmSync(file, { force: true }), {
    secret,
    listening: (url: string) => write({ pid: process.pid, url, secret }),
  });
}

/** The server that runs on a data folder, as far as it can be asked; null where none does. */
export function runningServer(dataFolder: string): { url: string; secret: string } | null {
  const lock = readLock(dataFolder);
  return lock?.url && lock.secret && lock.pid !== process.pid && isAlive(lock.pid)
    ? { url: lock.url, secret: lock.secret }
    : null;
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}
