import {
  DEFAULT_RULES,
  QUESTION_WORDS,
  lookSay,
  type HeldBack as Held,
  type Hive,
} from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import HeldBack from './HeldBack.vue';
import WinterHolds from './WinterHolds.vue';

const hive = { id: 'ipe', name: 'Ipê', kind: 'top-bar' } as Hive;
const stubs = {
  WinterNeed: { template: '<form class="need" />' },
  RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' },
};
const held = (more: Partial<Held>): Held => ({
  question: 'ripe',
  name: QUESTION_WORDS.ripe.name,
  labels: ['4', '5'],
  sentence: lookSay('look.ripe.short', {
    capped: lookSay('look.ripe.capped', { capped: { percent: 62 }, need: { percent: 80 } }),
  }),
  leadsTo: 'look',
  lookAtSlot: 5,
  ...more,
});
const show = (list: Held[]) =>
  mount(HeldBack, {
    props: { held: list, hive, rules: DEFAULT_RULES, rulesVersion: 1 },
    global: { stubs },
  });

describe('where nothing may be taken', () => {
  it('names the question, the combs and why, and leads to the comb', () => {
    const line = show([held({})]).get('li');
    expect(line.text()).toContain('Ripe (4, 5): 62 % capped, house rule asks 80 %: not yet.');
    expect(line.get('a').attributes('href')).toBe('/look/ipe?comb=5');
  });

  it('leads to the rules where a rule holds, and asks for the winter need right there', () => {
    const list = show([
      held({
        question: 'season',
        name: QUESTION_WORDS.season.name,
        sentence: lookSay('look.season.dead-only'),
        leadsTo: 'rules',
      }),
      held({
        question: 'theirs',
        name: QUESTION_WORDS.theirs.name,
        sentence: lookSay('look.theirs.say-need'),
        leadsTo: 'winter-need',
      }),
    ]);
    expect(list.findAll('li')[0].get('a').attributes('href')).toBe('/rules');
    expect(list.find('.need').exists()).toBe(true);
  });

  it('counts many combs instead of naming them, and shows the inside of no saying', () => {
    const text = show([held({ labels: ['1', '2', '3', '4', '5'] })]).text();
    expect(text).toMatch(/\(.*5.*\):/);
    expect(text).not.toContain('1, 2, 3');
    expect(text).not.toMatch(/"key"|\[object Object\]|look\.ripe/);
  });
});

describe('ripe, but the winter needs it', () => {
  it('says what was read and what has to stay, in the household’s unit', () => {
    const says = mount(WinterHolds, {
      props: {
        hold: { ripe: ['7', '8'], unread: ['9'], lookAtSlot: 9, storesLowKg: 6.2, needKg: 11 },
        hive,
        rules: DEFAULT_RULES,
      },
      global: { stubs },
    });
    expect(says.text()).toMatch(/6\.2 kg/);
    expect(says.text()).toMatch(/11\.0 kg/);
    expect(says.get('a').attributes('href')).toContain('/look/ipe');
  });
});
