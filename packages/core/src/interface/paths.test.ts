import { describe, expect, expectTypeOf, it } from 'vitest';
import type { Hive } from '../records/hiveViews.js';
import type { Meant, Params, Plain, Spoken } from './paths.js';
import { OWN_READS, READS, type AnswerTo, type QueryOf } from './reads.js';
import { WRITES, type MethodTo, type PayloadTo, type WritePath, type WrittenTo } from './writes.js';

describe('a path of the interface, as a type', () => {
  it('is spoken with something in each of its places', () => {
    expectTypeOf<Spoken<'/sites'>>().toEqualTypeOf<'/sites'>();
    expectTypeOf<Spoken<'/harvests/:id'>>().toEqualTypeOf<`/harvests/${string}`>();
    expectTypeOf<
      Spoken<'/sites/:id/tasks/:taskId/done'>
    >().toEqualTypeOf<`/sites/${string}/tasks/${string}/done`>();
  });
  it('names its places', () => {
    expectTypeOf<Params<'/sites/:id/tasks/:taskId/done'>>().toEqualTypeOf<
      Record<'id' | 'taskId', string>
    >();
  });
  it('means the entry of its own shape, not the one that would take it too', () => {
    expectTypeOf<Meant<WritePath, '/cutBoards/plans'>>().toEqualTypeOf<'/cutBoards/plans'>();
    expectTypeOf<
      Meant<WritePath, `/cutBoards/${string}/plan`>
    >().toEqualTypeOf<'/cutBoards/:id/plan'>();
    expectTypeOf<Meant<WritePath, '/nowhere'>>().toEqualTypeOf<never>();
  });
  it('is found without what is asked behind it', () => {
    expectTypeOf<Plain<`/traces?lot=${string}`>>().toEqualTypeOf<'/traces'>();
  });
});

describe('what the interface says of a path', () => {
  it('is the answer of a read', () => {
    expectTypeOf<AnswerTo<`/hives/${string}`>>().toEqualTypeOf<Hive>();
    expectTypeOf<AnswerTo<`/hives?limit=${number}`>['items']>().toEqualTypeOf<Hive[]>();
  });
  it('is what may be asked with a read', () => {
    expectTypeOf<QueryOf<'/traces'>['direction']>().toEqualTypeOf<'back' | 'forward'>();
  });
  it('is the payload of a command, each field null as long as nothing was said', () => {
    expectTypeOf<PayloadTo<'/weighings'>['grossG']>().toEqualTypeOf<number | null>();
  });
  it('is the method and the answer of a command', () => {
    expectTypeOf<MethodTo<`/hives/${string}`>>().toEqualTypeOf<'patch'>();
    expectTypeOf<WrittenTo<'/hives'>>().toEqualTypeOf<{ hive: Hive }>();
  });
});

describe('the lists', () => {
  /** A path with its places made alike: two that are the same could not be told apart. */
  const shape = (path: string): string => path.replace(/:\w+/g, ':');
  it.each([
    ['reads', Object.keys({ ...READS, ...OWN_READS })],
    ['writes', Object.keys(WRITES)],
  ])('of %s name each path once', (_what, paths) => {
    expect(new Set(paths.map(shape)).size).toBe(paths.length);
  });
  it('say of every read what it tells, in words', () => {
    for (const { says } of Object.values({ ...READS, ...OWN_READS }))
      expect(says).toMatch(/^[A-Z].*[^.]$/);
  });
});
