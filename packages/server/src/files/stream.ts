import { codeOf } from '../store/thrown.js';
import { open } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import type { Response } from 'express';
import { log } from '../log.js';
import { notFound, type Noun } from '../problem.js';

/**
 * Sends a file whole. One that cannot be opened or is no file is a 404 in the words of `what`; one
 * that fails on its way, or a client that goes away, ends the answer and leaves nothing open. Takes
 * what the head says beside.
 *
 * @throws Only before the first byte.
 */
export async function streamFile(
  response: Response,
  file: string,
  what: Noun,
  head: Record<string, string> = {},
): Promise<void> {
  const handle = await open(file, 'r').catch(() => {
    throw notFound(what);
  });
  if (!(await handle.stat()).isFile()) {
    await handle.close();
    throw notFound(what);
  }
  // Said only of a file that is there: a 404 is not to be kept for a year.
  response.set(head);
  try {
    await pipeline(handle.createReadStream(), response);
  } catch (error) {
    // The head is out already: the connection is closed, so that nobody takes a part for the whole.
    response.destroy();
    if (codeOf(error) !== 'ERR_STREAM_PREMATURE_CLOSE') log.error(error);
  }
}
