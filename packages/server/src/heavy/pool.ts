import { houseSay } from '@furrow/words';
import { MessageChannel, receiveMessageOnPort, type MessagePort } from 'node:worker_threads';
import { BadInput } from '@furrow/core';
import { Piscina } from 'piscina';
import { Problem } from '../problem.js';
import type { TaskName, Tasks } from './tasks.js';
import type { Order, Outcome } from './worker.js';

/** Threads for heavy work at most: the machine of a household has few. */
const THREADS = 2;
/** Orders that may wait; more are turned away with a sentence instead of piling up. */
const WAITING = 64;
/** Memory of one thread, MB: an order that wants more is given up, the server goes on. */
const MEMORY_MB = 768;
/** A thread without work is let go after so long. */
const IDLE_MS = 60_000;
const MOST_MS = 60_000;

/** From the sources the thread is TypeScript, too; built it lies beside the server. */
const isSource = import.meta.url.endsWith('.ts');

/** Threads of a memory each, started when there is work. */
export const makeThreads = (memoryMb = MEMORY_MB): Piscina =>
  new Piscina({
    filename: new URL(isSource ? './worker.ts' : './heavy/worker.js', import.meta.url).href,
    execArgv: isSource ? ['--import', 'tsx'] : [],
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: memoryMb },
  });

let pool: Piscina | null = null;
const householdThreads = (): Piscina => (pool ??= makeThreads());

/** What a thread that was ended means, in words. */
function inWords(error: unknown, mostMs: number): unknown {
  const { name, code, message } = error as { name?: string; code?: string; message?: string };
  if (name === 'AbortError')
    return new Problem(
      503,
      'took-too-long',
      houseSay('refusal.this-took-longer-than-s', { seconds: mostMs / 1000 }),
    );
  if (code === 'ERR_WORKER_OUT_OF_MEMORY')
    return new Problem(413, 'too-large', houseSay('refusal.this-wants-more-memory-than'));
  if (message?.includes('queue is at limit'))
    return new Problem(503, 'busy', houseSay('refusal.too-much-being-worked-out'));
  return error;
}

/** Hears what is still on its way: the outcome travels by another channel and may overtake it. */
function hearTheRest(port: MessagePort, onShare: (share: number) => void): void {
  for (;;) {
    const late = receiveMessageOnPort(port);
    if (!late) return;
    onShare(late.message as number);
  }
}

export interface HowDone {
  mostMs?: number;
  onShare?: (share: number) => void;
  /** Other threads than the server's own. */
  threads?: Piscina;
}

/**
 * Does a piece of heavy work in a thread of its own, so that the server goes on answering. Takes
 * the task's name and its arguments, which must be data; gives what the task gives, after `onShare`
 * heard the last share of it.
 *
 * @throws What the task threw, `took-too-long` after `mostMs`, `too-large` where it wants more
 * memory than a thread has.
 */
export async function inThread<K extends TaskName>(
  task: K,
  args: Parameters<Tasks[K]>,
  { mostMs = MOST_MS, onShare, threads = householdThreads() }: HowDone = {},
): Promise<Awaited<ReturnType<Tasks[K]>>> {
  const channel = onShare ? new MessageChannel() : null;
  channel?.port1.on('message', onShare!);
  const order: Order = { task, args, progress: channel?.port2 ?? null };
  const ended = new AbortController();
  const late = setTimeout(() => ended.abort(), mostMs);
  try {
    const outcome = (await threads.run(order, {
      signal: ended.signal,
      transferList: channel ? [channel.port2] : [],
    })) as Outcome;
    if ('problem' in outcome) {
      const { status, code, says, path } = outcome.problem;
      throw new Problem(status, code, says, path);
    }
    if ('badInput' in outcome) {
      const { message, path } = outcome.badInput;
      throw new BadInput(message, path);
    }
    return outcome.value as Awaited<ReturnType<Tasks[K]>>;
  } catch (error) {
    throw inWords(error, mostMs);
  } finally {
    clearTimeout(late);
    if (channel) hearTheRest(channel.port1, onShare!);
    channel?.port1.close();
  }
}

/** Lets every thread go: when the server stops. */
export async function endThreads(): Promise<void> {
  const ending = pool;
  pool = null;
  await ending?.destroy();
}
