import { mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Devices } from './devices.js';

describe('the secret of a device', () => {
  let folder: string;
  const now = { at: new Date('2026-03-14T12:00:00Z') };
  const later = (ms: number): void => void (now.at = new Date(now.at.getTime() + ms));
  const DAY = 24 * 3_600_000;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'furrow-devices-'))));
  afterEach(() => rmSync(folder, { recursive: true }));
  const fresh = () => new Devices(folder, () => now.at);

  it('lies there as a hash, in a file that nobody else reads', () => {
    const { secret } = fresh().add('household', 'Blue', 'Ana');
    const file = join(folder, 'devices.json');
    expect(readFileSync(file, 'utf8')).not.toContain(secret);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(fresh().show(secret).device?.name).toBe('Blue');
  });
  it('is changed every day; the one before is good while answers are on their way', () => {
    const devices = fresh();
    const { secret } = devices.add('household', 'Blue', 'Ana');
    later(DAY + 1);
    const shown = devices.show(secret);
    const hand = 'hand' in shown ? shown.hand : null;
    expect(hand).toBeTruthy();
    // Other requests were on their way with the old one; the new one is handed out once.
    expect(devices.show(secret)).toMatchObject({ hand: null });
    expect(devices.show(hand!).device).toBeTruthy();
    later(30_000);
    expect(devices.show(secret).device).toBeTruthy();
  });
  it('whose change was lost on its way is handed out again', () => {
    const devices = fresh();
    const { secret } = devices.add('household', 'Blue', 'Ana');
    later(DAY + 1);
    devices.show(secret);
    later(6 * 60_000);
    const again = devices.show(secret);
    expect('hand' in again && again.hand).toBeTruthy();
  });
  it('that was replaced and is shown again was copied: the device is let in no longer', () => {
    const devices = fresh();
    let gone = '';
    devices.onGone = (id) => (gone = id);
    const { secret, device } = devices.add('household', 'Blue', 'Ana');
    later(DAY + 1);
    const shown = devices.show(secret);
    const hand = 'hand' in shown ? shown.hand! : '';
    devices.show(hand);
    later(2 * 60_000);
    expect(devices.show(secret)).toEqual({ device: null, why: 'replayed' });
    expect(devices.show(hand)).toEqual({ device: null, why: 'unknown' });
    expect(gone).toBe(device.id);
  });
  it('of a helper ends with the day', () => {
    const devices = fresh();
    const { secret } = devices.add('helper', 'Red', 'Rui');
    later(DAY);
    expect(devices.show(secret)).toEqual({ device: null, why: 'over' });
    expect(devices.all()).toEqual([]);
  });
  it('is good on a disk that takes nothing; it changes once there is room', () => {
    const devices = fresh();
    const { secret } = devices.add('household', 'Blue', 'Ana');
    later(DAY + 1);
    // Where the file is to be written stands a folder.
    mkdirSync(join(folder, 'devices.json.part'));
    expect(devices.show(secret)).toMatchObject({ device: { name: 'Blue' }, hand: null });
    rmSync(join(folder, 'devices.json.part'), { recursive: true });
    later(6 * 60_000);
    const again = devices.show(secret);
    expect('hand' in again && again.hand).toBeTruthy();
  });
  it('lies in a file that was spoiled: nobody is let in, and Furrow starts', () => {
    const { secret } = fresh().add('household', 'Blue', 'Ana');
    writeFileSync(join(folder, 'devices.json'), '{ half');
    expect(fresh().show(secret)).toEqual({ device: null, why: 'unknown' });
  });
  it('that is made up is nobody’s', () => {
    expect(fresh().show('x')).toEqual({ device: null, why: 'unknown' });
  });
});
