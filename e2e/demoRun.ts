import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A folder for the demo households of one run; gives what takes it away again. */
export default function demoRun(): () => void {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-demos-'));
  process.env.FURROW_DEMOS = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
