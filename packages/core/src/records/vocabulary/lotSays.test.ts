import { describe, expect, it } from 'vitest';
import { asWritten } from '../../say/say.js';
import {
  calledAfter,
  flowSay,
  isCalled,
  lotItself,
  lotNamed,
  lotSay,
  wentFor,
  whyLost,
} from './lotSays.js';

const honey = lotNamed('Ipê', lotSay('lot.honey'));
const withPollen = lotSay('lot.with-pollen', { honey });

describe('what a lot is called', () => {
  it.each([
    ['by its key', honey, lotNamed('Ipê light', lotSay('lot.honey'))],
    [
      'with pollen in it',
      withPollen,
      lotSay('lot.with-pollen', { honey: lotNamed('Ipê light', lotSay('lot.honey')) }),
    ],
    ['as it was written before', asWritten('Ipê, honey'), asWritten('Ipê light, honey')],
    ['of another harvest', lotNamed('Araucária', lotSay('lot.comb')), null],
    ['whose name only begins so', asWritten('Ipê velho, honey'), null],
  ])('follows its harvest’s new name: %s', (_, name, after) =>
    expect(calledAfter(name, 'Ipê', 'Ipê light')).toEqual(after ?? name),
  );
  it.each([
    [honey, lotSay('lot.honey')],
    [withPollen, lotSay('lot.with-pollen', { honey: lotSay('lot.honey') })],
    [asWritten('Ipê, wet wax'), asWritten('wet wax')],
    [asWritten('Ours'), asWritten('Ours')],
  ])('is told without its harvest too', (name, itself) => expect(lotItself(name)).toEqual(itself));
  it('tells pollen in it, whenever that was written', () => {
    expect(isCalled(withPollen, 'lot.with-pollen')).toBe(true);
    expect(isCalled(asWritten('Ipê, honey, with pollen'), 'lot.with-pollen')).toBe(true);
    expect(isCalled(honey, 'lot.with-pollen')).toBe(false);
    expect(isCalled(withPollen, 'lot.honey')).toBe(true);
  });
});

describe('why mass went', () => {
  it.each([
    [flowSay('flow.lost', { why: flowSay('flow.stuck') }), flowSay('flow.stuck')],
    [asWritten('Lost: Spilled'), asWritten('Spilled')],
    [flowSay('flow.slumgum'), flowSay('flow.slumgum')],
  ])('is told without “lost” beside what was lost', (reason, why) =>
    expect(whyLost(reason)).toEqual(why),
  );
  it.each([
    [flowSay('flow.water'), 'flow.water', true],
    [asWritten('Water'), 'flow.water', true],
    [asWritten('Watered down'), 'flow.water', false],
    [flowSay('flow.pressed'), 'flow.water', false],
    [asWritten('Pressed'), 'flow.pressed', true],
  ] as const)('%j for %s: %s', (reason, why, is) => expect(wentFor(reason, why)).toBe(is));
});
