import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Takes the lock beside the database: one process writes. Throws a sentence where another one lives. */
export function takeLock(dataFolder: string): () => void {
  mkdirSync(dataFolder, { recursive: true });
  const file = join(dataFolder, 'furrow.lock');
  if (existsSync(file)) {
    const pid = Number(readFileSync(file, 'utf8'));
    if (pid && pid !== process.pid && isAlive(pid)) throw new Error(`Furrow is already running on this data folder (process ${pid}). Stop it first, or set FURROW_DATA to another folder.`);
  }
  writeFileSync(file, String(process.pid));
  return () => rmSync(file, { force: true });
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}
