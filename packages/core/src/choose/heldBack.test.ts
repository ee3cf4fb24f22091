import { asWritten } from '../say/say.js';
import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { comb } from '../../fixtures/chooser.js';
import { heldBack, winterHold } from './heldBack.js';

const held = (id: string, decidedBy: 'theirs' | 'ripe' | 'healthy', verdict: 'test' | 'leave') =>
  comb(id, 1, { verdict: { verdict, decidedBy, headline: asWritten(`${id} ${decidedBy}.`) } });

describe('what holds a hive back', () => {
  it('says nothing where something may be taken', () =>
    expect(heldBack([comb('a', 1), held('b', 'ripe', 'leave')])).toEqual([]));
  it('names the finding that holds most first, and leads to where it is answered', () => {
    const groups = heldBack([
      held('a', 'ripe', 'leave'),
      held('b', 'theirs', 'test'),
      held('c', 'theirs', 'test'),
      held('d', 'theirs', 'leave'),
    ]);
    expect(groups.map((g) => [g.question, g.labels, g.leadsTo])).toEqual([
      ['theirs', ['b', 'c'], 'winter-need'],
      ['ripe', ['a'], 'look'],
      ['theirs', ['d'], 'rules'],
    ]);
    expect(groups[0].sentence).toBe('as-written {text: b theirs.}');
  });
  it('leads to looking where the need is said and combs are not read', () => {
    const unit = held('a', 'theirs', 'test');
    const theirs = unit.findings.find((f) => f.question === 'theirs');
    const others = unit.findings.filter((f) => f !== theirs);
    const waits = {
      ...unit,
      findings: [...others, { ...theirs!, question: 'theirs' as const, limit: 12 }],
    };
    expect(heldBack([waits])[0].leadsTo).toBe('look');
  });
  it('leads to what is not read yet, not to what waits for it', () => {
    const waits = { ...held('a', 'theirs', 'test'), slots: [408] };
    const notRead = {
      verdict: 'not-read',
      decidedBy: 'seen',
      headline: asWritten('Not read.'),
    } as const;
    const unread = [307, 308].map((slot) =>
      comb(`u${slot}`, 0, { slots: [slot], verdict: notRead }),
    );
    expect(heldBack([waits, ...unread]).map((g) => g.lookAtSlot)).toEqual([308, 308]);
    expect(heldBack([waits])[0].lookAtSlot).toBe(408);
  });
});

describe('ripe combs that the winter needs', () => {
  const storesKg = (low: number) => ({ low, mid: low + 1, high: low + 2 });
  const winter = (needKg: number | null) => ({ needKg, hardKg: null, months: [], flowKg: 0 });
  const unread = comb('b', 0, {
    verdict: { verdict: 'not-read', decidedBy: 'seen', headline: asWritten('Not read.') },
    storesKg: storesKg(0),
  });
  const ripe = comb('a', 1, { storesKg: storesKg(5) });
  const hold = (needKg: number | null, storesLowKg: number, units = [ripe, unread]) =>
    winterHold({ units, storesLowKg, winter: winter(needKg) });

  it('names what is ripe, what stays, and what is not read', () =>
    expect(hold(12, 14)).toEqual({
      ripe: ['a'],
      unread: ['b'],
      lookAtSlot: unread.slots[0],
      storesLowKg: 14,
      needKg: 12,
    }));
  it('counts what only the need keeps among the ripe', () => {
    const asked = held('c', 'theirs', 'test');
    const others = asked.findings.filter((f) => f.question !== 'theirs' && f.question !== 'ripe');
    const byNeed = {
      ...asked,
      storesKg: storesKg(5),
      findings: [
        ...others,
        { ...asked.findings[0], question: 'theirs' as const, limit: 12, unit: 'kg' as const },
        { ...asked.findings[0], question: 'ripe' as const, answer: 'yes' as const },
      ],
    };
    expect(hold(12, 14, [byNeed, unread])).toMatchObject({ ripe: ['c'], unread: ['b'] });
    const unripe = { ...byNeed, findings: byNeed.findings.filter((f) => f.question !== 'ripe') };
    expect(hold(12, 14, [unripe, unread])).toBeNull();
  });
  it.each([
    ['one can be spared', 9, 14, undefined],
    ['exactly one can be spared', 9, 14.0, undefined],
    ['no winter is counted', null, 2, undefined],
    ['nothing is ripe', 12, 2, [unread]],
  ] as const)('is silent where %s', (_what, needKg, storesKgLow, units) =>
    expect(hold(needKg, storesKgLow, units ? [...units] : undefined)).toBeNull(),
  );
});
