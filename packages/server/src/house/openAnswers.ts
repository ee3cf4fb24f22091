import type { Response } from 'express';

/**
 * Answers on their way to each device, streams among them: so that all of them end when it is
 * removed.
 */
export class OpenAnswers {
  private readonly byDevice = new Map<string, Set<Response>>();

  add(deviceId: string, response: Response): void {
    const open = this.byDevice.get(deviceId) ?? new Set();
    this.byDevice.set(deviceId, open.add(response));
    response.on('close', () => {
      open.delete(response);
      if (!open.size) this.byDevice.delete(deviceId);
    });
  }
  /** Ends every answer to a device at once. */
  end(deviceId: string): void {
    for (const response of this.byDevice.get(deviceId) ?? []) response.destroy();
  }
}
