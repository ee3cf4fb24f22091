import { EventEmitter } from 'node:events';
import type { Request, Response } from 'express';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { EventStream } from './events.js';

/** A screen that listens: what it was told, and whether it still takes anything. */
class Screen extends EventEmitter {
  readonly told: string[] = [];
  writableNeedDrain = false;
  destroyed = false;
  writeHead = vi.fn();
  write = (text: string): boolean => this.told.push(text) > 0;
  destroy = (): void => void (this.destroyed = true);
  /** What it heard, by the name of the event. */
  heard(event: string): unknown[] {
    return this.told
      .filter((text) => text.startsWith(`event: ${event}\n`))
      .map((text) => JSON.parse(text.split('data: ')[1]) as unknown);
  }
}

let stream: EventStream;
beforeEach(() => {
  vi.useFakeTimers();
  stream = new EventStream(1000);
});
afterEach(() => vi.useRealTimers());
function listens(caller: string): Screen {
  const screen = new Screen();
  stream.open(screen as unknown as Request, screen as unknown as Response, caller);
  return screen;
}

describe('screens that listen', () => {
  it('hear that something was written, and by whom; the writer hears that it was its own', () => {
    const [phone, table] = [listens('phone'), listens('table')];
    stream.changed({ caller: 'phone', says: 'Ana, Blue phone' });
    expect(table.heard('changed')).toEqual([{ by: 'Ana, Blue phone', own: false }]);
    expect(phone.heard('changed')).toEqual([{ by: 'Ana, Blue phone', own: true }]);
  });
  it('hear of a write at the table without a name', () => {
    const phone = listens('phone');
    stream.changed();
    expect(phone.heard('changed')).toEqual([{}]);
  });
  it('hear what another one does, not what they do themselves', () => {
    const [phone, table] = [listens('phone'), listens('table')];
    stream.doing({ caller: 'phone', says: 'Ana' }, { step: 'take' });
    expect(table.heard('doing')).toEqual([{ by: 'Ana', step: 'take' }]);
    expect(phone.heard('doing')).toEqual([]);
  });
  it('are told that the house is there, so that a dead connection is found out', () => {
    const phone = listens('phone');
    const before = phone.told.length;
    vi.advanceTimersByTime(3000);
    expect(phone.told.slice(before)).toEqual([': here\n\n', ': here\n\n', ': here\n\n']);
  });
  it('are told nothing more once they went', () => {
    const phone = listens('phone');
    phone.emit('close');
    stream.changed();
    expect(phone.heard('changed')).toEqual([]);
  });
  it('are let go where they take nothing any more, and the others hear on', () => {
    const [stuck, table] = [listens('phone'), listens('table')];
    stuck.writableNeedDrain = true;
    stream.changed();
    expect(stuck.destroyed).toBe(true);
    expect(stuck.heard('changed')).toEqual([]);
    expect(table.heard('changed')).toHaveLength(1);
  });
  it('are twelve of one device at most, and another device may still come', () => {
    for (let i = 0; i < 12; i++) listens('phone');
    expect(() => listens('phone')).toThrow('Too many screens');
    expect(() => listens('table')).not.toThrow();
  });
});
