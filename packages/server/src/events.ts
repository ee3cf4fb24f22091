import { houseSay } from '@furrow/words';
import type { Request, Response } from 'express';
import { Problem } from './problem.js';

/** So many streams one caller may hold open; a household's screens are fewer. */
const STREAMS_EACH = 12;
/** A line that says nothing, so that a connection that is dead is found out. */
const HEARTBEAT_MS = 15_000;

interface Listener {
  response: Response;
  /** Whose it is: a device, or an address. */
  caller: string;
}

/** A device that wrote, in words and by what its streams are known. */
export interface Writer {
  caller: string;
  /** Null at the household's own table. */
  says: string | null;
}

/**
 * Server-sent events: tells every open screen that something was written, and by whom, so that it
 * asks again.
 */
export class EventStream {
  private readonly listeners = new Set<Listener>();
  private readonly beat: NodeJS.Timeout;

  constructor(everyMs = HEARTBEAT_MS) {
    this.beat = setInterval(() => this.tell(': here\n\n'), everyMs);
    this.beat.unref();
  }

  /** Throws `too-many` where a caller holds too many open already. */
  open(request: Request, response: Response, caller: string): void {
    const own = [...this.listeners].filter((each) => each.caller === caller);
    if (own.length >= STREAMS_EACH)
      throw new Problem(429, 'too-many', houseSay('refusal.too-many-screens-this-device'));
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache',
      Connection: 'keep-alive',
    });
    response.write('retry: 2000\n\n');
    const listener = { response, caller };
    this.listeners.add(listener);
    request.on('close', () => this.listeners.delete(listener));
  }

  /** Something was written; `by` says who did, where it was a device of the house. */
  changed(by: Writer | null = null): void {
    for (const listener of this.listeners) {
      const told = by && { by: by.says, own: listener.caller === by.caller };
      this.say(listener, `event: changed\ndata: ${JSON.stringify(told ?? {})}\n\n`);
    }
  }

  /** What one does just now, for the others: which step of which harvest. Nothing of it is kept. */
  doing(by: Writer, what: object): void {
    const text = `event: doing\ndata: ${JSON.stringify({ by: by.says, ...what })}\n\n`;
    for (const listener of this.listeners)
      if (listener.caller !== by.caller) this.say(listener, text);
  }

  private tell(text: string): void {
    for (const listener of this.listeners) this.say(listener, text);
  }
  private say(listener: Listener, text: string): void {
    // Who takes nothing any more would be told more and more.
    if (listener.response.writableNeedDrain || listener.response.destroyed) this.drop(listener);
    else listener.response.write(text);
  }
  private drop(listener: Listener): void {
    this.listeners.delete(listener);
    listener.response.destroy();
  }
}
