import type { Request, Response } from 'express';

/** Server-sent events: tells every open screen that something was written, so that it asks again. */
export class EventStream {
  private readonly open_ = new Set<Response>();

  open(request: Request, response: Response): void {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache',
      Connection: 'keep-alive',
    });
    response.write('retry: 2000\n\n');
    this.open_.add(response);
    request.on('close', () => this.open_.delete(response));
  }

  changed(): void {
    for (const response of this.open_) response.write('event: changed\ndata: {}\n\n');
  }
}
