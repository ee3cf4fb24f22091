import { describe, expect, it } from 'vitest';
import { groupHung, saysIfLeft, type SpokenLine } from './hung.js';

const NAMES: Record<string, string> = { a: 'Ipê', b: 'Cedro', c: 'Miúda' };
const line = (id: string, more: Partial<SpokenLine> = {}): SpokenLine => ({
  id,
  kind: 'look',
  stage: 'look',
  batchId: null,
  hiveId: 'a',
  title: 'Look again at Ipê',
  dueAt: '2026-03-14T12:00:00Z',
  ifLeft: 'What is ripe stays unknown.',
  urgent: false,
  ...more,
});
const group = (lines: SpokenLine[]) => groupHung(lines, (id) => NAMES[id] ?? null);

describe('what hangs from a day', () => {
  it('is said once for hives it says the same of', () => {
    const [one, ...others] = group([
      line('1'),
      line('2', { hiveId: 'b', title: 'Look again at Cedro' }),
      line('3', { hiveId: 'c', title: 'Look at Miúda for the first time' }),
    ]);
    expect([one.before, one.after]).toEqual(['Look again at ', '']);
    expect(one.names.map((n) => n.name)).toEqual(['Ipê', 'Cedro']);
    expect(others.map((g) => [g.before, g.names.map((n) => n.name), g.after])).toEqual([
      ['Look at ', ['Miúda'], ' for the first time'],
    ]);
  });
  it('keeps apart another time, another consequence, a harvest and what is done right there', () => {
    const lines = [
      line('1'),
      line('2', { hiveId: 'b', title: 'Look again at Cedro', dueAt: '2026-03-14T15:00:00Z' }),
      line('3', { hiveId: 'b', title: 'Look again at Cedro', ifLeft: 'Another.' }),
      line('4', { hiveId: 'b', title: 'Look again at Cedro', batchId: 'x' }),
      line('5', { kind: 'stir', title: 'Stir Ipê' }),
      line('6', { kind: 'stir', title: 'Stir Cedro', hiveId: 'b' }),
    ];
    expect(group(lines).map((g) => g.lines.length)).toEqual([1, 1, 1, 1, 1, 1]);
    expect(group([line('7', { hiveId: null })])[0]).toMatchObject({
      before: 'Look again at Ipê',
      names: [],
    });
  });
  it('says what is left undone once a kind', () => {
    const days = [
      { key: '14', hung: group([line('1')]) },
      { key: '15', hung: group([line('2'), line('3', { kind: 'ripe', ifLeft: 'They keep.' })]) },
    ];
    const says = saysIfLeft(days);
    expect(says.size).toBe(2);
    expect(says.has(`15 ${days[1].hung[0].key}`)).toBe(false);
  });
});
