import { DEFAULT_RULES, HIVE_KINDS, type BatchDetail, type SiteWeather } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import { useHours } from './useHours.js';

const zone = 'America/Sao_Paulo';
const harvest = (facts: object[] = [], kind: 'top-bar' | 'stingless' = 'top-bar'): BatchDetail =>
  ({
    batch: { id: 'b', zone, method: 'crush' },
    hive: {
      id: 'h',
      kind,
      geometry: HIVE_KINDS[kind].defaults,
      site: {
        zone,
        hemisphere: 'south',
        latitude: -29,
        longitude: -51,
        notes: ['plain'],
        forage: {},
      },
      colony: { id: 'k', startedOn: '2024-10-01', facts },
      boxes: [],
      bars: [],
      lastLookOn: null,
    },
  }) as unknown as BatchDetail;
const hours = (
  detail: BatchDetail | null,
  startLocal = '2026-03-15T09:30',
  weather: SiteWeather | null = null,
) =>
  useHours(
    ref(detail),
    ref(DEFAULT_RULES),
    ref(weather),
    ref(startLocal),
    ref(new Date('2026-03-14T13:00:00Z')),
  );

describe('the hours of a day at the hive', () => {
  it('are those of the site, from the day that is planned on', () => {
    const { ahead, startHour } = hours(harvest());
    expect(ahead.value[0].at).toBe('2026-03-15T03:00:00.000Z');
    expect(ahead.value).toHaveLength(240);
    expect(startHour.value?.at).toBe('2026-03-15T12:00:00.000Z');
  });

  it('leave out what is over', () => {
    const { ahead } = hours(harvest(), '2026-03-14T09:00');
    expect(ahead.value[0].at).toBe('2026-03-14T13:00:00.000Z');
  });

  it.each(['', 'tomorrow', '2026-02-30T09:00'])('none where %j is no time', (typed) => {
    const { ahead, startIso, startHour } = hours(harvest(), typed);
    expect([ahead.value, startIso.value, startHour.value]).toEqual([[], null, null]);
  });

  it('none before a harvest is there', () => expect(hours(null).ahead.value).toEqual([]));
});

describe('what the day begins with', () => {
  it('is smoke where bees live', () =>
    expect(hours(harvest()).beginsWith.value).toBe('First smoke'));
  it('is the hive itself where nothing is smoked', () => {
    const gone = { id: 'f', on: '2026-03-01', fact: { kind: 'alive', alive: false } };
    expect(hours(harvest([gone])).beginsWith.value).toBe('Begin');
    expect(hours(harvest([], 'stingless')).beginsWith.value).toBe('Begin');
  });
});
