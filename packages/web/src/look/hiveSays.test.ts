import { lookSay, type SuperForecast } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import HiveSays from './HiveSays.vue';

const forecast: SuperForecast = {
  state: 'uneven',
  beforeFlowEnds: 'perhaps',
  finishedBy: null,
  sentence: lookSay('look.super.filled', {
    filled: { percent: { low: 40, high: 90 } },
    when: lookSay('look.super.when.perhaps'),
  }),
  doNext: [lookSay('look.super.turn'), lookSay('look.super.full-outward', { full: 3, light: 8 })],
};
const nothing = {
  scan: null,
  scanBack: '',
  lastBar: null,
  nextRipe: [],
  boxes: [],
  supers: [],
};

describe('what the hive as a whole tells', () => {
  it('says how a super gets on and what to do, in order', () => {
    const says = mount(HiveSays, { props: { ...nothing, supers: [{ number: 2, forecast }] } });
    expect(says.text()).toContain('40–90 % filled, perhaps finished before the flow ends.');
    expect(says.text()).toContain(
      'Turn the super round: the light end comes over the nest. Frame 3 outward, frame 8 to the middle.',
    );
  });

  it('says the scan from the back, and when to come back where none passes', () => {
    const scan = { first: null, sentence: lookSay('look.scan.none') };
    const says = mount(HiveSays, {
      props: { ...nothing, scan, scanBack: 'Look again in 7 days.' },
    });
    expect(says.get('.scan').text()).toBe(
      'From the back none passes: none is taken, all go back in order. Look again in 7 days.',
    );
  });

  it('says a box with what holds it', () => {
    const sentence = lookSay('look.judgeBox.brood', { combs: { and: ['11', '12', '13'] } });
    const says = mount(HiveSays, {
      props: { ...nothing, boxes: [{ number: 1, sentence, kg: '8 kg' }] },
    });
    expect(says.text()).toContain('Brood in 11, 12 and 13: the box stays.');
    expect(says.text()).not.toMatch(/"key"|\[object Object\]|look\.judgeBox/);
  });
});
