import fc from 'fast-check';
import { DateTime, IANAZone } from 'luxon';
import { describe, expect, it } from 'vitest';
import { rememberedZone } from './rememberedZone.js';

const ZONES = [
  'America/Sao_Paulo',
  'Europe/London',
  'Australia/Lord_Howe',
  'Asia/Kathmandu',
  'America/St_Johns',
  'Pacific/Chatham',
];

describe('a zone that remembers its offsets', () => {
  it('has the offset of the zone it is, at any instant since 1980', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ZONES),
        fc.integer({ min: Date.UTC(1980, 0), max: Date.UTC(2037, 0) }),
        (name, ms) => {
          const asked = [ms, ms + 60_000, ms];
          for (const at of asked)
            expect(rememberedZone(name).offset(at)).toBe(IANAZone.create(name).offset(at));
        },
      ),
    );
  });

  it.each([
    ['Europe/London', '2026-03-29T01:00:00Z'],
    ['Australia/Lord_Howe', '2026-04-04T15:00:00Z'],
    ['America/St_Johns', '2026-11-01T04:30:00Z'],
  ])('changes its offset in %s at the second it is changed', (name, instant) => {
    const ms = Date.parse(instant);
    const zone = rememberedZone(name);
    const offsets = [ms - 1, ms].map((at) => zone.offset(at));
    expect(offsets).toEqual([ms - 1, ms].map((at) => IANAZone.create(name).offset(at)));
    expect(offsets[0]).not.toBe(offsets[1]);
  });

  it('reads and writes dates as any zone does', () => {
    const there = DateTime.fromISO('2026-03-14T09:30', { zone: rememberedZone('Asia/Kathmandu') });
    expect(there.toISO()).toBe('2026-03-14T09:30:00.000+05:45');
    expect(there.zoneName).toBe('Asia/Kathmandu');
  });

  it('is not valid where there is no such place, and says so as luxon does', () => {
    expect(rememberedZone('Nowhere/Atall').isValid).toBe(false);
    expect(DateTime.fromMillis(0, { zone: rememberedZone('Nowhere/Atall') }).isValid).toBe(false);
  });

  it('goes on when it has more hours than it keeps', () => {
    const zone = rememberedZone('Pacific/Chatham');
    const start = Date.UTC(2026, 0);
    for (let day = 0; day < 5000; day++) {
      const at = start + day * 3_600_000;
      expect(zone.offset(at)).toBe(IANAZone.create('Pacific/Chatham').offset(at));
    }
  });
});
