import { describe, expect, it } from 'vitest';
import { said } from '../../fixtures/said.js';
import { harvestMark as markOf } from './harvestName.js';

const harvestMark = (...of: Parameters<typeof markOf>): string => said(markOf(...of));

const batch = (id: string, change: Partial<Parameters<typeof markOf>[0]> = {}) => ({
  id,
  hiveId: 'h',
  date: '2026-03-14',
  method: 'crush' as const,
  lotName: null,
  createdAt: `2026-03-14T0${id}:00:00Z`,
  ...change,
});

describe('what tells harvests of one hive on one day apart', () => {
  it('is nothing where there is one', () => {
    const other = batch('2', { hiveId: 'other' });
    const before = batch('3', { date: '2026-03-13' });
    expect(harvestMark(batch('1'), [batch('1'), other, before])).toBe('');
  });
  it('is the name its lot was given, wherever it stands', () => {
    const dark = batch('1', { lotName: 'dark, last autumn' });
    expect(harvestMark(dark, [dark])).toBe('dark, last autumn');
    expect(harvestMark(batch('2'), [dark, batch('2')])).toBe(
      'way.lettered {way: way.crush.in, letter: B}',
    );
  });
  it('is the way, and a letter in the order they were begun where the way is the same', () => {
    const all = [batch('2'), batch('1'), batch('3', { method: 'press' })];
    expect(all.map((b) => harvestMark(b, all))).toEqual([
      'way.lettered {way: way.crush.in, letter: B}',
      'way.lettered {way: way.crush.in, letter: A}',
      'way.press.in',
    ]);
  });
  it('keeps the order of the list, newest first, among lots chosen in one act', () => {
    const at = { createdAt: '2026-03-14T09:00:00Z' };
    const all = [batch('3', at), batch('9', at), batch('1', at)];
    expect(all.map((b) => harvestMark(b, all).at(-2))).toEqual(['C', 'B', 'A']);
  });
});
