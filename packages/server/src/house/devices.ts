import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { DateTime } from 'luxon';
import { z } from 'zod';
import { log } from '../log.js';
import { notFound } from '../problem.js';
import { readPrivateData, writePrivate } from './privateFiles.js';

/** A helper's device sees what is done at the hive and at the bench, and only today. */
export const DEVICE_KINDS = ['household', 'helper'] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

const deviceSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  person: z.string(),
  kind: z.enum(DEVICE_KINDS),
  pairedAt: z.string(),
  lastSeenAt: z.string(),
  /** A helper's ends with the day it was paired on; null: until it is removed. */
  endsAt: z.string().nullable(),
  /**
   * Hashes of its secrets: the one it shows, the one it was handed and has not shown yet, the one
   * before.
   */
  secret: z.string(),
  next: z.string().nullable(),
  former: z.string().nullable(),
  /** When it began to show `secret`. */
  since: z.string(),
  nextSince: z.string().nullable(),
});
export type Device = z.infer<typeof deviceSchema>;
const fileSchema = z.strictObject({ devices: z.array(deviceSchema) });

/** A secret is shown for so long before the next one is handed out. */
const ROTATE_MS = 24 * 3_600_000;
/** An answer that carried a new secret may be lost: it is handed out again after so long. */
const AGAIN_MS = 5 * 60_000;
/** Requests that were on their way while a secret changed still carry the one before. */
const GRACE_MS = 60_000;
/** How exact "last seen" is kept. */
const SEEN_MS = 60_000;

export const hashOf = (secret: string): string =>
  createHash('sha256').update(secret).digest('base64url');
const newSecret = (): string => randomBytes(32).toString('base64url');

/** What a secret that was shown is worth. */
export type Shown =
  | { device: Device; /** The secret to show from now on; null: the same. */ hand: string | null }
  | { device: null; why: 'unknown' | 'over' | 'replayed' };

/**
 * The devices that were let into this house. They belong to this machine and lie beside its
 * certificate, never in a backup: a device that was removed does not come back with an older book.
 */
export class Devices {
  private list: Device[];
  private readonly file: string;
  /** Who listens when a device is let in no longer. */
  onGone: (deviceId: string) => void = () => undefined;

  constructor(
    folder: string,
    private readonly now: () => Date,
  ) {
    this.file = join(folder, 'devices.json');
    this.list = readPrivateData(this.file, fileSchema)?.devices ?? [];
  }

  private save(): void {
    writePrivate(this.file, JSON.stringify({ devices: this.list }, null, 1));
  }
  /**
   * What only moves on is kept in memory where the disk takes nothing: a full one shuts nobody out.
   */
  private change(device: Device, changes: Partial<Device>): { device: Device; kept: boolean } {
    const changed = { ...device, ...changes };
    this.list = this.list.map((each) => (each.id === device.id ? changed : each));
    try {
      this.save();
      return { device: changed, kept: true };
    } catch (error) {
      log.error(error, 'what is known of a device could not be written');
      return { device: changed, kept: false };
    }
  }

  /** Those that may come in now, the last seen first. */
  all(): Device[] {
    return this.list
      .filter((device) => !this.isOver(device))
      .sort((a, b) => b.lastSeenAt.localeCompare(a.lastSeenAt));
  }
  private isOver(device: Device): boolean {
    return device.endsAt !== null && this.now().toISOString() >= device.endsAt;
  }

  /**
   * Lets a device in. Gives it with the secret that it shows from now on: nobody sees that again.
   */
  add(kind: DeviceKind, name: string, person: string): { device: Device; secret: string } {
    const secret = newSecret();
    const at = this.now().toISOString();
    const endOfDay = DateTime.fromJSDate(this.now()).endOf('day').toUTC().toISO();
    const device: Device = {
      id: randomUUID(),
      ...{ name, person, kind, pairedAt: at, lastSeenAt: at },
      endsAt: kind === 'helper' ? endOfDay : null,
      ...{ secret: hashOf(secret), next: null, former: null, since: at, nextSince: null },
    };
    this.list = [...this.list.filter((each) => !this.isOver(each)), device];
    this.save();
    return { device, secret };
  }

  /**
   * Lets a device in no longer.
   *
   * @throws `not-found`.
   */
  remove(id: string): void {
    if (!this.list.some((device) => device.id === id)) throw notFound('device');
    this.list = this.list.filter((device) => device.id !== id);
    this.save();
    this.onGone(id);
  }

  /**
   * Whose secret this is. A secret that was replaced and is shown again later was copied by
   * somebody: the device is let in no longer, whoever holds it.
   */
  show(secret: string): Shown {
    const hash = hashOf(secret);
    const device = this.list.find((d) => [d.secret, d.next, d.former].includes(hash));
    if (!device) return { device: null, why: 'unknown' };
    if (this.isOver(device)) {
      this.remove(device.id);
      return { device: null, why: 'over' };
    }
    if (hash === device.next) return { device: this.promoted(device), hand: null };
    if (hash === device.former && hash !== device.secret) return this.late(device);
    return this.current(device);
  }
  private promoted(device: Device): Device {
    const at = this.now().toISOString();
    return this.move(device, {
      secret: device.next!,
      former: device.secret,
      ...{ next: null, since: at, nextSince: null, lastSeenAt: at },
    });
  }
  private move(device: Device, changes: Partial<Device>): Device {
    return this.change(device, changes).device;
  }
  private late(device: Device): Shown {
    if (this.msSince(device.since) <= GRACE_MS) return { device, hand: null };
    this.remove(device.id);
    return { device: null, why: 'replayed' };
  }
  private current(device: Device): Shown {
    const isDue = device.nextSince
      ? this.msSince(device.nextSince) > AGAIN_MS
      : this.msSince(device.since) > ROTATE_MS;
    const at = this.now().toISOString();
    if (!isDue) {
      const seen = this.msSince(device.lastSeenAt) > SEEN_MS;
      return { device: seen ? this.move(device, { lastSeenAt: at }) : device, hand: null };
    }
    const hand = newSecret();
    const next = { next: hashOf(hand), nextSince: at, lastSeenAt: at };
    const { device: changed, kept } = this.change(device, next);
    // A secret that is not written down would be nobody's after the next start.
    return { device: changed, hand: kept ? hand : null };
  }
  private msSince(at: string): number {
    return this.now().getTime() - Date.parse(at);
  }
}
