import { asWritten } from '@furrow/core';
import type { BringLine, Caution, TimetableStep } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import BringList from './BringList.vue';
import DayLine from './DayLine.vue';
import Timetable from './Timetable.vue';

const zone = 'America/Sao_Paulo';
const step = (
  id: string,
  from: string,
  to: string,
  more: Partial<TimetableStep> = {},
): TimetableStep => ({
  harvestId: 'a',
  harvestName: 'Ipê',
  id,
  title: asWritten(id),
  note: asWritten(''),
  where: 'bench',
  startsAt: from,
  endsAt: to,
  handsOnMinutes: 20,
  people: 1,
  vessels: [],
  moved: false,
  conflicts: [],
  ...more,
});
const steps = [
  step('crush', '2026-03-14T14:00:00.000Z', '2026-03-14T14:20:00.000Z'),
  step('drain', '2026-03-14T14:20:00.000Z', '2026-03-15T14:20:00.000Z', { handsOnMinutes: 0 }),
];
const cautions = new Map<string, Caution[]>([
  [
    'a',
    [
      {
        id: 'knife',
        step: 'crush',
        text: asWritten('Tool away from the hand.'),
        ask: asWritten('A doctor.'),
      },
    ],
  ],
]);
const times = (list = steps) =>
  mount(Timetable, {
    props: { steps: list, cautions, several: false, zone },
    attachTo: document.body,
  });

describe('the timetable', () => {
  it('moves a step by the keys a quarter of an hour or an hour, quick presses adding up, and back by Delete', async () => {
    const wrapper = times();
    const bar = wrapper.findAll('[role=slider]')[0];
    await bar.trigger('keydown', { key: 'ArrowRight' });
    await bar.trigger('keydown', { key: 'ArrowDown' });
    await bar.trigger('keydown', { key: 'Delete' });
    expect(wrapper.emitted('move')!.map((e) => e[1])).toEqual([
      '2026-03-14T11:15',
      '2026-03-14T12:15',
      null,
    ]);
    expect(wrapper.find('time').text()).toBe('Sat 12:15');
  });
  it('says what is wrong with a step in its row, and its caution one touch away', async () => {
    const wrapper = times([
      step('crush', steps[0].startsAt, steps[0].endsAt, {
        moved: true,
        conflicts: [{ rule: 'hours', sentence: asWritten('Outside your working hours.') }],
      }),
      steps[1],
    ]);
    expect(wrapper.find('li.bad .conflict').text()).toBe('Outside your working hours.');
    expect(wrapper.text()).not.toContain('Ask: A doctor.');
    await wrapper.find('.care').trigger('click');
    expect(wrapper.text()).toContain('Ask: A doctor.');
    await wrapper.find('[aria-label="crush: back to where it was"]').trigger('click');
    expect(wrapper.emitted('move')!.at(-1)![1]).toBeNull();
  });
  it('tells hands from waiting', () => {
    const bars = times().findAll('.bar');
    expect(bars.map((b) => b.classes('hands'))).toEqual([true, false]);
  });
});

describe('the list', () => {
  const lines: BringLine[] = [
    {
      id: 'knife',
      where: 'hive',
      text: asWritten('Long knife'),
      serves: asWritten('freeing combs'),
      short: 0,
      ifMissing: asWritten('A bread knife.'),
    },
    {
      id: 'jar',
      where: 'bench',
      text: asWritten('10 jars'),
      serves: asWritten('Ipê'),
      short: 3,
      ifMissing: asWritten('3 short: buy them.'),
    },
  ];
  it('is ticked, noted as missing, and says what to do instead; what is short says so at once', async () => {
    const wrapper = mount(BringList, {
      props: { lines, ticks: [{ id: 't', batchId: 'a', line: 'knife', state: 'missing' }] },
    });
    expect(wrapper.text()).toContain('A bread knife.');
    expect(wrapper.find('.instead.rust').text()).toBe('3 short: buy them.');
    await wrapper.findAll('input')[1].setValue(true);
    await wrapper.findAll('.missing')[0].trigger('click');
    expect(wrapper.emitted('tick')!.map((e) => e[1])).toEqual(['have', 'open']);
  });
});

describe('the days', () => {
  const scores = Array.from({ length: 48 }, (_, i) => ({
    at: new Date(Date.UTC(2026, 2, 15, 3 + i)).toISOString(),
    score: i % 24 > 8 && i % 24 < 13 ? 80 : 40,
    fit: i % 24 > 8 && i % 24 < 13 ? ('good' as const) : ('possible' as const),
    reasons: [],
    weatherKnown: true,
    practice: false,
  }));
  it('the hour is chosen by the keys, by the hour and by the day, and the best is offered', async () => {
    const wrapper = mount(DayLine, { props: { scores, zone, start: '2026-03-15T10:00' } });
    const slider = wrapper.get('[role=slider]');
    expect(slider.attributes('aria-valuetext')).toBe('Sunday 15 March at 10:00');
    await slider.trigger('keydown', { key: 'ArrowRight' });
    await slider.trigger('keydown', { key: 'ArrowDown' });
    await wrapper.get('.best').trigger('click');
    expect(wrapper.emitted('choose')!.map((e) => e[0])).toEqual([
      '2026-03-15T11:00',
      '2026-03-16T10:00',
      '2026-03-15T09:00',
    ]);
  });
});
