import { houseSay } from '@furrow/words';
import { randomInt, timingSafeEqual } from 'node:crypto';
import { Problem } from '../problem.js';
import { hashOf, type DeviceKind } from './devices.js';

/** Letters that no eye takes for another, and that make no word. */
const LETTERS = 'BCDFGHJKLMNPQRSTVWXZ';
const LENGTH = 8;
const GOOD_MS = 10 * 60_000;
const TRIES = 5;

/** A code that lets one device in. */
export interface PairingCode {
  code: string;
  kind: DeviceKind;
  expiresAt: string;
}

const newCode = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
/** As it was read aloud or typed: small letters, gaps and strokes mean nothing. */
const plain = (code: string): string => code.toUpperCase().replace(/[^A-Z]/g, '');
const same = (a: string, b: string): boolean =>
  timingSafeEqual(Buffer.from(hashOf(a)), Buffer.from(hashOf(b)));

const noCode = (): Problem =>
  new Problem(403, 'no-code', houseSay('refusal.this-code-not-good-any'), 'code');

/** One code at a time, good once, for ten minutes and five tries; it is nowhere but in memory. */
export class Pairings {
  private open: (PairingCode & { triesLeft: number }) | null = null;
  constructor(private readonly now: () => Date) {}

  /** A new code; the one before is good no longer. */
  begin(kind: DeviceKind): PairingCode {
    const expiresAt = new Date(this.now().getTime() + GOOD_MS).toISOString();
    this.open = { code: newCode(), kind, expiresAt, triesLeft: TRIES };
    return this.current()!;
  }
  /** The code that is good now; null where none is. */
  current(): PairingCode | null {
    if (this.open && this.now().toISOString() >= this.open.expiresAt) this.open = null;
    if (!this.open) return null;
    const { triesLeft: _triesLeft, ...code } = this.open;
    return code;
  }
  end(): void {
    this.open = null;
  }
  /**
   * Uses a code up.
   *
   * @throws `no-code` where none is open, `wrong-code` where it is another one.
   */
  use(code: string): DeviceKind {
    if (!this.current()) throw noCode();
    if (!same(plain(code), this.open!.code)) return this.wrong();
    const { kind } = this.open!;
    this.open = null;
    return kind;
  }
  private wrong(): never {
    this.open!.triesLeft--;
    if (this.open!.triesLeft === 0) {
      this.open = null;
      throw noCode();
    }
    throw new Problem(403, 'wrong-code', houseSay('refusal.these-are-not-eight-letters'), 'code');
  }
}
