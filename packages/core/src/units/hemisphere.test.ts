import { describe, expect, it } from 'vitest';
import { hemisphereOfZone } from './hemisphere.js';

describe('the hemisphere of a time zone', () => {
  it.each([
    ['America/Sao_Paulo', 'south'],
    ['Australia/Sydney', 'south'],
    ['Pacific/Auckland', 'south'],
    ['America/Santiago', 'south'],
    ['Europe/Berlin', 'north'],
    ['America/New_York', 'north'],
    ['Asia/Tokyo', null],
    ['Africa/Nairobi', null],
    ['no/where', null],
  ] as const)('%s: %s', (zone, expected) => expect(hemisphereOfZone(zone)).toBe(expected));
});
