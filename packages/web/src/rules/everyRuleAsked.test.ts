import { DEFAULT_RULES, SCHOOL_QUESTIONS } from '@furrow/core';
import { describe, expect, it } from 'vitest';

const PAGES = import.meta.glob<string>('./*.vue', {
  query: '?raw',
  import: 'default',
  eager: true,
});
const pages = Object.values(PAGES).join('\n');
const schools = new Set<string>(SCHOOL_QUESTIONS.map((question) => question.rule));

describe('a house rule', () => {
  it.each(Object.keys(DEFAULT_RULES))('%s is asked under Rules', (rule) => {
    const isOnPage = new RegExp(`\\b${rule}\\b`).test(pages);
    expect(isOnPage || schools.has(rule)).toBe(true);
  });
  it('is asked by a school only where there is such a rule', () => {
    expect([...schools].filter((rule) => !(rule in DEFAULT_RULES))).toEqual([]);
  });
});
