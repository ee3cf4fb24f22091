import { PLAIN_READER } from '../words.js';
import { US_UNITS, asWritten, readySay } from '@furrow/core';
import type { TimetableStep } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { timetableCalendar } from './calendar.js';

const step = {
  harvestId: 'h1',
  id: 'drain',
  harvestName: 'Ipê',
  title: asWritten('Drain'),
  note: readySay('ready.benchTasks.by-kitchens-by-day-and', {
    dayC: { temperatureC: 18 },
    nightC: { temperatureC: 12 },
  }),
  startsAt: '2026-03-16T18:00:00Z',
  endsAt: '2026-03-17T18:00:00Z',
  where: 'bench',
  handsOnMinutes: 0,
  conflicts: [],
} as unknown as TimetableStep;
const now = new Date('2026-03-14T12:00:00Z');

describe('a calendar of the household', () => {
  it('speaks in the units of the household', () => {
    expect(timetableCalendar('Furrow', [step], { now, reader: PLAIN_READER })).toContain(
      '18 °C by day and',
    );
    const imperial = timetableCalendar('Furrow', [step], {
      now,
      reader: { ...PLAIN_READER, units: US_UNITS },
    });
    expect(imperial).toContain('64 °F by day and');
    expect(imperial).not.toMatch(/\d (kg|°C)/);
  });
  it('speaks the language of the household', () => {
    const reader = { ...PLAIN_READER, language: 'pt-BR' } as const;
    const said = timetableCalendar('Furrow', [step], { now, reader });
    expect(said).toContain('18 °C de dia e');
    expect(said).toContain('PT-BR');
  });
});
