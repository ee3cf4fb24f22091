import { lookSay, type DueItem } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import DueList from './DueList.vue';

const item = (more: Partial<DueItem>): DueItem => ({
  id: 'hole',
  what: lookSay('look.due.hole', { bars: { and: [4, 6] } }),
  why: lookSay('look.due.hole.why'),
  dueOn: null,
  overdueDays: 0,
  ...more,
});

describe('what is due at a hive', () => {
  it('begins each line with a large letter, and says why below', () => {
    const list = mount(DueList, { props: { items: [item({})] } });
    expect(list.get('li b').text()).toBe('Close the gap at bar 4 and 6: slide the bars up');
    expect(list.get('.why').text()).toMatch(/^An empty bar between combs cuts the stores off/);
  });

  it('says how late it is, else its day, else nothing', () => {
    const list = mount(DueList, {
      props: {
        items: [
          item({ id: 'a', dueOn: '2026-03-10', overdueDays: 4 }),
          item({ id: 'b', dueOn: '2026-03-20' }),
          item({ id: 'c' }),
        ],
      },
    });
    const [late, later, whenever] = list.findAll('li');
    expect(late.get('.rust').text()).toMatch(/4 days/);
    expect(later.get('.sub').text()).toMatch(/20 Mar/);
    expect(whenever.find('.sub').exists()).toBe(false);
  });

  it('is no section where nothing is due', () => {
    expect(
      mount(DueList, { props: { items: [] } })
        .find('section')
        .exists(),
    ).toBe(false);
  });

  it('never shows the inside of a saying', () => {
    const text = mount(DueList, { props: { items: [item({})] } }).text();
    expect(text).not.toMatch(/"key"|\[object Object\]|look\.due/);
  });
});
